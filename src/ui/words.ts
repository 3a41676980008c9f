/** Text that begins with a capital, as a heading or a line of a list does. */
export const capital = (text: string): string => `${text.slice(0, 1).toUpperCase()}${text.slice(1)}`;

/** The lines of a text that say something, without blanks around them. */
export const linesOf = (text: string): string[] =>
  text
    .split("\n")
    .map((line) => line.trim())
    .filter(Boolean);

/** A test before its outcome: a question needs no colon. */
export const asked = (name: string): string => (name.endsWith("?") ? name : `${name}:`);
