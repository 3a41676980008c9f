/** How power is brought on. */
export const METHODS = ["variac", "lamp", "bench-supply", "eliminator"] as const;
export type Method = (typeof METHODS)[number];
export const METHOD_NAMES: Record<Method, string> = {
  variac: "Variac, in steps",
  lamp: "Series lamp",
  "bench-supply": "Current-limited bench supply",
  eliminator: "Battery eliminator, limits set",
};
