/** The steps of a visit, in working order. */
export const STEPS = [
  "take-in",
  "make-safe",
  "first-power",
  "baseline",
  "find",
  "fix",
  "modify",
  "align",
  "prove",
  "hand-back",
] as const;
export type Step = (typeof STEPS)[number];

export const STEP_NAMES: Record<Step, string> = {
  "take-in": "Take in",
  "make-safe": "Make safe",
  "first-power": "First power",
  baseline: "Baseline",
  find: "Find",
  fix: "Fix",
  modify: "Modify",
  align: "Align",
  prove: "Prove",
  "hand-back": "Hand back",
};
