/** A pattern over small letters, and what stands in its place. */
export type Rewrite = readonly [RegExp, string];
