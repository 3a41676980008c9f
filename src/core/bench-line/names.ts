/** How parts are called on a line, as pieces of patterns. */

export const ONE = "[A-Za-z]{1,3}\\d{1,3}[A-Za-z]?!?";
export const PART = `(${ONE})`;
/** One part or several: `C8 and C9`. */
export const PARTS = `(${ONE}(?:(?:\\s*[,&+/]\\s*|\\s+and\\s+)${ONE})*)`;
export const THE = "(?:the\\s+)?";
