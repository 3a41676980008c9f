/** When a reading was taken: cold (unplugged), before anything was changed, in between, to prove, or while it soaks. */
export const PHASES = ["cold", "baseline", "check", "prove", "soak"] as const;
export type Phase = (typeof PHASES)[number];

export const PHASE_NAMES: Record<Phase, string> = {
  cold: "Cold checks",
  baseline: "Baseline",
  check: "In between",
  prove: "Prove",
  soak: "Soak",
};
