import type { DesignTrouble } from "@/core/tracking";

/** Why there is no oscillator that tracks a band. */
export const TROUBLE_TEXTS: Record<DesignTrouble, string> = {
  "upside-down": "The band is upside down: its lower end comes first.",
  "if-inside": "The IF lies inside the band: no oscillator tracks across it.",
  gang: "A gang of this capacity cannot cover the band: look at its least and largest capacity.",
  "no-padder": "No padder makes these three points: an oscillator below the signal, or points too close together.",
};
