/**
 * A line as it would be typed with care: one blank between words, one sign for an arrow, for micro and for ohm, no
 * bullet before it, and no full stop behind a line of one sentence. So no grammar has to bear with each of these.
 */

const ARROW = /\s*(?:→|⇒|➔|=>|[-−–—]{1,2}>|[-−–—]\s+>)\s*/g;
const FULL_STOP = /[\p{L}\d)%+"”~](?:\.|[;,]|(?<!\b[A-Za-z]{1,3}\d{1,3}[A-Za-z]?)!)$/u;
/** What a line of a list begins with: a bullet, a number. */
const LISTED = /^(?:[-–—•*·]\s+|\d{1,2}[.)]\s+)(?=[\p{L}?])/u;
/** What ends in a full stop of its own. */
const ABBREVIATED = /(?:\bo\.l|\b(?:etc|approx|e\.g|i\.e|a\.m|p\.m|no|vs))\.$/i;
/** A full stop that ends another sentence before it: the last one belongs to a text. */
const SENTENCES = /[\p{Ll}\d)]{2}[.?]\s+\p{L}/u;

const SIGNS: readonly (readonly [RegExp, string])[] = [
  [ARROW, " -> "],
  [/\s+/g, " "],
  // The Greek letter stands for the sign of micro, the sign of ohm for the letter.
  [/\u03bc/g, "µ"],
  [/\u2126|\u03c9/g, "Ω"],
  [/(?<=\d) ?per ?cent\b/gi, " %"],
];

/** @example tidied("C14  leaky→47n/630.") // "C14 leaky -> 47n/630" */
export function tidied(line: string): string {
  const text = SIGNS.reduce((words, [sign, instead]) => words.replaceAll(sign, instead), line)
    .trim()
    .replace(LISTED, "");
  return FULL_STOP.test(text) && !ABBREVIATED.test(text) && !SENTENCES.test(text) ? text.slice(0, -1).trimEnd() : text;
}

/** Blanks and the signs of arrows are what a tidied line may have more or fewer of. */
const COUNTED = /[^\s\-−–—=>→⇒➔]/;

/**
 * The place in the line as it was typed of a place in the line as it is read.
 * @param at characters before it in `tidied(line)`
 * @example placeIn("C14   xyz", 4) // 6
 */
export function placeIn(line: string, at: number): number {
  const text = tidied(line);
  if (at >= text.length) return line.length;
  let before = [...text.slice(0, at)].filter((one) => COUNTED.test(one)).length;
  for (let place = 0; place < line.length; place++) {
    if (!COUNTED.test(line.charAt(place))) continue;
    if (before === 0) return place;
    before -= 1;
  }
  return line.length;
}
