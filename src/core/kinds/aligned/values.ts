/** What was done with an adjuster. */
export const OUTCOMES = ["moved", "right", "skipped"] as const;
/** Where the chassis was. */
export const CABINETS = ["in", "out"] as const;
