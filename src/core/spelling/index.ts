/** Slips of the pen: words of a trade with a letter too many, one too few, in the wrong order, or wrong. */

/** Letters of the shortest word that is corrected: shorter ones have too many neighbours that are right. Tried on word lists. */
const SHORTEST = 5;
/** Letters of a word in which a wrong one is looked for, and more: with fewer, “dropping” is “dripping”. Tried on word lists. */
const LONG = 9;

/**
 * Every word that comes of this one when a letter is left out, and of two that stand side by side each order. The first
 * letter is seldom a slip, and the last one is an ending: “chirp” is no “chirps”.
 */
function* slipped(word: string): Generator<string> {
  for (let at = 1; at < word.length; at++) {
    if (at < word.length - 1) yield word.slice(0, at) + word.slice(at + 1);
    yield word.slice(0, at - 1) + word.charAt(at) + word.charAt(at - 1) + word.slice(at + 1);
  }
}

const inner = (word: string): number[] => Array.from({ length: Math.max(0, word.length - 2) }, (_, at) => at + 1);
/** A word with each of its inner letters left out: what is typed when one is forgotten. */
const shortened = (word: string): string[] => inner(word).map((at) => word.slice(0, at) + word.slice(at + 1));
/** A long word with each of its inner letters left open. */
const opened = (word: string): string[] =>
  word.length < LONG ? [] : inner(word).map((at) => `${word.slice(0, at)}.${word.slice(at + 1)}`);

/** What each form may be a slip of; none where two words give the same. */
function formsOf(known: ReadonlySet<string>, forms: (word: string) => string[]): Map<string, string | undefined> {
  const found = new Map<string, string | undefined>();
  for (const word of known)
    for (const form of forms(word)) found.set(form, found.has(form) && found.get(form) !== word ? undefined : word);
  return found;
}

/**
 * Corrects single words in small letters: a word of five letters and more that is one slip away from one known word
 * alone. Where several would fit, it stays as it is.
 * @param known words of the trade
 * @param isRight a word that is spelled as it was meant, and stands one letter from a known one
 * @example corrector(new Set(["receives"]), () => false)("recieves") // "receives"
 */
export function corrector(known: ReadonlySet<string>, isRight: (word: string) => boolean): (word: string) => string {
  const forgotten = formsOf(known, shortened);
  const mistyped = formsOf(known, opened);
  return (word) => {
    if (word.length < SHORTEST || known.has(word) || isRight(word)) return word;
    const meant = new Set([
      ...[...slipped(word)].filter((one) => known.has(one)),
      ...[forgotten.get(word), ...opened(word).map((form) => mistyped.get(form))].filter((one) => one !== undefined),
    ]);
    const [only, other] = meant;
    return only !== undefined && other === undefined ? only : word;
  };
}
