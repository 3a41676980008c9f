/** All forms of a word: `drift~` is drift, drifts, drifted, drifting; `fade~` fade, fades, faded, fading. */
const inAllForms = (phrase: string) =>
  phrase.replaceAll(/([a-z]+)~/g, (_all, word: string) => {
    if (word.endsWith("e")) return `${word.slice(0, -1)}(?:es?|ed|ing)`;
    if (/[^aeiou]y$/.test(word)) return `${word.slice(0, -1)}(?:y|ies|ied|ying)`;
    return `${word}(?:s|es|ed|ing)?`;
  });

/** Notes leave articles out: a “the” of a phrase may be missing. */
export const withoutArticles = (phrase: string) =>
  phrase
    .replaceAll(/(?<!\w)the (?=[\w(])/g, "(?:the )?")
    .replaceAll(/\((?:\?:)?the(?:\|[\w?' ]+)*\) (?=[\w(])/g, "(?:$&)?");

/**
 * One pattern out of a list of phrases, on a line each or with ` | ` between them. A phrase is a regular expression of
 * whole words in small letters; `n't` was written out as `not` before. The longest match counts, so that “volume
 * control” is not “volume”. A piece that several phrases have in common is put in by `${…}`.
 * @example any`drift~ | moves away`.test("it drifted") // true
 */
export const any = (phrases: TemplateStringsArray, ...pieces: readonly string[]): RegExp =>
  new RegExp(
    `\\b(?:${String.raw(phrases, ...pieces)
      .split(/\n|\s\|\s/)
      .map((phrase) => withoutArticles(inAllForms(phrase.trim())))
      .filter(Boolean)
      .join("|")})\\b`,
  );
