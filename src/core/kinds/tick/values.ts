export const TICK_LISTS = ["prerequisite", "read", "step", "verify", "recalibrate"] as const;
export type TickList = (typeof TICK_LISTS)[number];

export const TICK_STATES = ["done", "na", "unmet", "skipped"] as const;
export type TickState = (typeof TICK_STATES)[number];
