import { LOTS, sentencesOf, type Sentence } from "./sentences";

/**
 * How alike sentences are: by their words without endings, by pairs of words that follow one another, and by groups of
 * letters, for slips of typing. What is rare in the sentences that are known counts more (tf-idf, cosine).
 */

/** What a pair of words and a group of letters count beside a word. Tried on sentences that were not read. */
const PAIR = 0.7;
const LETTERS = 0.25;
/** Letters in a group. */
const GROUP = 4;

const stemOf = (word: string) => word.replace(/(ings?|edly|ed|ly|es|s)$/, "");

type Features = ReadonlyMap<string, number>;

function featuresOf(text: string): Features {
  const words = text
    .toLowerCase()
    .replaceAll(/n['’]t\b/g, " not")
    .match(/[a-z]+/g);
  const found = new Map<string, number>();
  (words ?? []).map(stemOf).forEach((word, at, all) => {
    found.set(word, 1);
    if (at > 0) found.set(`${all[at - 1]} ${word}`, PAIR);
    for (let from = 0; from + GROUP - 1 <= word.length; from += 1)
      found.set(`~${word.slice(from, from + GROUP)}`, LETTERS);
  });
  return found;
}

type Known = { sentence: Sentence; vector: Features };
type Corpus = { known: readonly Known[]; weigh: (features: Features) => Features };

function corpusOf(sentences: readonly Sentence[]): Corpus {
  const all = sentences.map((sentence) => ({ sentence, features: featuresOf(sentence.text) }));
  const holds = new Map<string, number>();
  for (const { features } of all) for (const key of features.keys()) holds.set(key, (holds.get(key) ?? 0) + 1);
  const weigh = (features: Features): Features => {
    const weighed = [...features].flatMap(([key, weight]): [string, number][] => {
      const often = holds.get(key);
      return often === undefined ? [] : [[key, weight * Math.log(all.length / often)]];
    });
    const length = Math.hypot(...weighed.map(([, weight]) => weight)) || 1;
    return new Map(weighed.map(([key, weight]) => [key, weight / length]));
  };
  return { known: all.map(({ sentence, features }) => ({ sentence, vector: weigh(features) })), weigh };
}

let made: Corpus | undefined;
const corpus = (): Corpus => (made ??= corpusOf(LOTS.flat().flatMap(([, , lines]) => sentencesOf(lines))));

/** So many of the sentences that are most alike have a say. */
const NEIGHBOURS = 12;

/**
 * What sentences that are most like this one mean, each with its weight: the squares of how alike they are, 0 to 1.
 * @example meaningsAlike("knob turns without resistance") // knob slips first
 */
export function meaningsAlike(text: string): Map<string, number> {
  const { known, weigh } = corpus();
  const own = weigh(featuresOf(text));
  const near = known
    .map(({ sentence, vector }) => {
      let alike = 0;
      for (const [key, weight] of own) alike += weight * (vector.get(key) ?? 0);
      return { sentence, alike };
    })
    .filter(({ alike }) => alike > 0)
    .sort((a, b) => b.alike - a.alike)
    .slice(0, NEIGHBOURS);
  const votes = new Map<string, number>();
  for (const { sentence, alike } of near)
    for (const one of sentence.means) votes.set(one, (votes.get(one) ?? 0) + alike ** 2);
  return votes;
}
