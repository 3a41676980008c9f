export const PLAN_ACTIONS = ["keep", "test", "replace", "restuff", "done"] as const;
export type PlanAction = (typeof PLAN_ACTIONS)[number];
export const PLAN_ACTION_WORDS: Record<PlanAction, string> = {
  keep: "keep",
  test: "test first",
  replace: "replace",
  restuff: "restuff",
  done: "done",
};
/** Actions that a technician may choose for a line. */
export const CHOICES = ["keep", "test", "replace", "restuff"] as const;
