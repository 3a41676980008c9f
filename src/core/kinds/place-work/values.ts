/** What is done to a place that has no designator. */
export const PLACE_ACTIONS = [
  "cleaned",
  "lubricated",
  "adjusted",
  "repaired",
  "replaced",
  "renewed",
  "painted",
  "glued",
  "removed",
  "left",
] as const;
export type PlaceAction = (typeof PLACE_ACTIONS)[number];
