import { BAND } from "./several";

/** Pieces of the patterns that turn a line round. */

/** A pattern, and the line in its place. */
export type Turn = readonly [RegExp, string];

export const FIGURE = "(?=[-−+]?[\\d.,])";

export const SO_LONG = "\\d[\\d.,]*\\s?(?:h|hours?|hrs?|min|minutes?)(?:\\s?\\d+\\s?(?:min|minutes?)?)?";
/** A band or a mode that a test was made on. */
export const MODE = `(?:MW|LW|SW\\s?\\d?|FM|AM|SSB|CW|USB|LSB|${BAND})`;
export const lines = (pattern: string) => new RegExp(`^${pattern}$`, "i");
export const begins = (pattern: string) => new RegExp(`^${pattern}`, "i");
