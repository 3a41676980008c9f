/** How a modification stands on a set. */
export const MOD_STATES = ["planned", "found", "fitted", "kept", "undone", "dropped"] as const;
export type ModState = (typeof MOD_STATES)[number];
export const MOD_STATE_WORDS: Record<ModState, string> = {
  planned: "planned",
  found: "found",
  fitted: "fitted",
  kept: "kept",
  undone: "put back",
  dropped: "not done",
};
/** States in which it is in the set. */
export const MOD_THERE: readonly ModState[] = ["found", "fitted", "kept"];

export const TAP_KINDS = ["signal", "rail", "heater", "control", "ground"] as const;
export type TapKind = (typeof TAP_KINDS)[number];

export const CHASSIS = ["none", "existing-hole", "drilled"] as const;
export type Chassis = (typeof CHASSIS)[number];
export const CHASSIS_WORDS: Record<Chassis, string> = {
  none: "chassis as it was",
  "existing-hole": "uses an existing hole",
  drilled: "a hole is drilled",
};
