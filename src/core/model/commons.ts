/** Where the common lead of a part with several sections can be. */
export const COMMONS = ["chassis", "b-minus", "b-plus", "signal", "line"] as const;
export type Common = (typeof COMMONS)[number];

export const COMMON_WORDS: Record<Common, string> = {
  chassis: "chassis",
  "b-minus": "B−, apart from chassis",
  "b-plus": "a B+ rail",
  signal: "a signal node (plate, grid or cathode)",
  line: "the mains line",
};
