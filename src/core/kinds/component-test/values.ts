/** Where a component was measured. */
export const WHERES = ["in-circuit", "lifted", "out"] as const;
export type Where = (typeof WHERES)[number];
