export const CHECK_STATES = ["done", "na", "trouble"] as const;
export type CheckState = (typeof CHECK_STATES)[number];

/** Lists that are ticked line by line: before hands go in, and before the set goes out. */
export const CHECK_LISTS = ["make-safe", "hand-back"] as const;

/** The line of the make-safe list that is measured and never ticked. */
export const RESIDUAL = "residual";
