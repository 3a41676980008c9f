/** What a step of an alignment goes for. */
export const AIMS = ["maximum", "minimum", "zero", "zero-beat", "figure"] as const;
export type Aim = (typeof AIMS)[number];
export const AIM_WORDS: Record<Aim, string> = {
  maximum: "maximum",
  minimum: "minimum",
  zero: "zero",
  "zero-beat": "zero beat",
  figure: "the figure",
};

/** What is turned: a part, and which core or section of it where it has several. `T3 top`, `C12`, `L4 bottom`. */
export const ADJUSTER = /^[A-Z]{1,3}\d{1,3}[A-Z]?(?: [a-z][a-z0-9 -]{0,19})?$/;

/** Is the step at the end of a band where the trimmer acts, or at the one where padder or core act? */
export const ENDS = ["high", "low"] as const;
export type End = (typeof ENDS)[number];

/** The part of an adjuster: `T3` of `T3 top`. */
export const partOf = (adjust: string): string => adjust.split(" ")[0] ?? adjust;
