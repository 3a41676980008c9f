import { HEARD } from "../data/heard";
import type { System } from "../types";
import { meaningsAlike } from "./likeness";
import type { Said } from "./types";

/** What a complaint may mean: an outcome of a test that needs no instrument, in words that a person may pick. */
export type Meaning = Said & { name: string; says: string };

/** All that a complaint may mean in a set, what is wrong before what is right. */
export function meaningsOf({ tests }: System): Meaning[] {
  const all = tests
    .filter(({ act }) => act === "works" || (act !== "lamp" && HEARD.includes(act)))
    .flatMap(({ id, name, outcomes }) =>
      outcomes.map(({ key, says }, at) => ({ test: id, outcome: key, name, says, bad: at > 0 })),
    );
  return all.sort((a, b) => Number(b.bad) - Number(a.bad)).map(({ bad: _bad, ...meaning }) => meaning);
}

/** More words for an outcome than its name has: only for finding it, never for reading it. */
const ALSO: Record<string, string> = {
  dead: "silent mute stopped nothing no sound quiet gone cuts out does not play",
  weak: "faint low soft insensitive deaf fading distant thin",
  distorted: "harsh rough muffled garbled rattling unclear tone speech",
  fine: "well clear good normal",
  unsteady: "whistle howl drift wander flutter station moves pitch",
  noisy: "crackle scratch hiss static pop rustle",
  line: "hum buzz low",
  double: "hum buzz",
  hot: "smell smoke burnt heat warm glow red",
  dark: "lamp light bulb tube valve heater filament",
  blown: "fuse breaker trips",
  control: "volume tone pot turn crackle scratch",
  switch: "band wave range crackle contact",
  slips: "knob dial cord pointer stiff loose tuning switch",
  reacts: "knock tap touch shake move",
  changes: "warm cold hot minutes hours time later heat",
  one: "band wave range short long medium",
  off: "dial scale frequency station place wrong",
  fails: "does not work stuck",
};

const trigrams = (word: string): Set<string> => {
  const padded = ` ${word} `;
  return new Set(Array.from({ length: Math.max(0, padded.length - 2) }, (_, at) => padded.slice(at, at + 3)));
};
const wordsOf = (text: string): string[] => text.toLowerCase().match(/[a-z]{3,}/g) ?? [];

/** How alike two words are, 0 to 1: shared groups of three letters (Dice). */
function alike(a: string, b: string): number {
  const [one, other] = [trigrams(a), trigrams(b)];
  const shared = [...one].filter((gram) => other.has(gram)).length;
  return (2 * shared) / (one.size + other.size || 1);
}

/** Words that are less alike than this have nothing to do with one another. */
const ALIKE = 0.34;

/** What the names of a meaning say, where no known sentence is like this one, counts little. */
const BY_NAME = 0.02;

/**
 * The meanings that come nearest to words which were not read, the nearest first: by sentences that are like them, then
 * by the names of the meanings. They are offered, never taken.
 * @param most how many
 */
export function nearestMeanings(text: string, system: System, most = 4): Meaning[] {
  const typed = wordsOf(text);
  const votes = meaningsAlike(text);
  // Hum of either kind is two meanings.
  const voted = ({ test, outcome }: Said) =>
    [...votes].reduce((sum, [said, weight]) => {
      const [of, which = ""] = said.split(" ");
      return of === test && which.split("|").includes(outcome) ? sum + weight : sum;
    }, 0);
  return meaningsOf(system)
    .map((meaning) => {
      const own = wordsOf(`${meaning.name} ${meaning.says} ${ALSO[meaning.outcome] ?? ""}`);
      const named = typed.reduce(
        (sum, word) => sum + Math.max(0, ...own.map((one) => alike(word, one)).filter((one) => one > ALIKE)),
        0,
      );
      return { meaning, score: voted(meaning) + BY_NAME * named };
    })
    .filter(({ score }) => score > 0)
    .sort((a, b) => b.score - a.score)
    .slice(0, most)
    .map(({ meaning }) => meaning);
}
