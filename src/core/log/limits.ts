/** Longest text of an entry. A longer story belongs into several notes. */
export const LONGEST_TEXT = 2000;
/** A letter that no database and no file takes: NUL, or one half of a pair (an emoji that was cut through). */
export const UNSTORABLE = /[\0\p{Surrogate}]/u;
/** Largest file that an entry takes, bytes. A photo of a phone is well below it. */
export const LARGEST_FILE = 12 * 1024 * 1024;
