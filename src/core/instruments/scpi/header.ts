/**
 * One word of a header as a manual prints it: `VOLTage` may be written VOLT or VOLTAGE, `OUTPut<n>` with a number,
 * `[:SCALar]` may be left out.
 */
type Word = { short: string; long: string; optional: boolean; numbered: boolean };

/** A header as it is documented, ready to be compared. */
export type Pattern = { words: Word[]; query: boolean; common: boolean };

/** @param text like `MEASure[:SCALar]:VOLTage[:DC]?` */
export function patternOf(text: string): Pattern {
  const query = text.endsWith("?");
  const body = query ? text.slice(0, -1) : text;
  if (body.startsWith("*"))
    return { words: [{ short: body, long: body, optional: false, numbered: false }], query, common: true };
  const words = [...body.matchAll(/(\[)?:?([A-Za-z]+)(<n>)?\]?/g)].map(([, bracket, name = "", number]): Word => ({
    short: name.replaceAll(/[a-z]/g, ""),
    long: name.toUpperCase(),
    optional: bracket !== undefined,
    numbered: number !== undefined,
  }));
  return { words, query, common: false };
}

/** The number behind a word, 1 where there is none; undefined where it is another word. */
function numberOf(said: string, { short, long, numbered }: Word): number | undefined {
  const upper = said.toUpperCase();
  const match = /^(.*?)(\d*)$/.exec(upper);
  const [, name = "", digits = ""] = match ?? [];
  if (upper === short || upper === long) return 1;
  return numbered && digits !== "" && (name === short || name === long) ? Number(digits) : undefined;
}

/**
 * Does a header that was sent stand for this one?
 * @returns the numbers of its numbered words, or undefined
 */
export function matches(pattern: Pattern, path: readonly string[], query: boolean): number[] | undefined {
  if (pattern.query !== query) return undefined;
  if (pattern.common) return path.length === 1 && path[0] === pattern.words[0]?.long ? [] : undefined;
  const from = (word: number, at: number): number[] | undefined => {
    const wanted = pattern.words[word];
    if (!wanted) return at === path.length ? [] : undefined;
    const said = path[at];
    const number = said === undefined ? undefined : numberOf(said, wanted);
    if (number !== undefined) {
      const rest = from(word + 1, at + 1);
      if (rest) return wanted.numbered ? [number, ...rest] : rest;
    }
    if (!wanted.optional) return undefined;
    const left = from(word + 1, at);
    return left && wanted.numbered ? [1, ...left] : left;
  };
  return from(0, 0);
}
