import { PUTS_IN, type Action } from "./values";

const WORDS: [RegExp, Action][] = [
  [/\bfound\s+fitted\b/gi, "found fitted"],
  [/\brestuff(?:ed)?\b/gi, "restuffed"],
  [/\b(?:replaced?|swapped|exchanged|renewed)\b/gi, "replaced"],
  [/\breflow(?:ed)?\b/gi, "reflowed"],
  [/\bclean(?:ed)?\b/gi, "cleaned"],
  [/\blub(?:e|ed|ricated?)\b/gi, "lubricated"],
  [/\badjust(?:ed)?\b/gi, "adjusted"],
  [/\brepair(?:ed)?\b/gi, "repaired"],
  [/\b(?:left|leave)\b/gi, "left"],
  [/\bremoved?\b/gi, "removed"],
  [/\bdisconnect(?:ed)?\b/gi, "disconnected"],
  [/\bsubstituted?\b/gi, "substituted"],
];

/** Words after `left` that begin a reason: `left within tolerance`. */
const BEGINS_A_REASON =
  /^(?:within|as|because|for|since|in|until|alone|it|still|no|not|good|sound|owner|works?|untouched|original|ok)\b/i;

export type FoundAction = {
  action: Action;
  /** where its word stands, and how long it is */
  at: number;
  length: number;
};

type Found = FoundAction | { action: "unclear" } | undefined;

/**
 * The action of a line, where an action can stand: behind the part, its value or what it measured, or as the last word
 * before an arrow, a colon or the end. Anywhere else such a word is a word of what was found: `C14 left leg leaky`,
 * `was repaired before`, `removed from board`.
 *
 * @param text what stands between the part and the arrow or colon
 * @param free where free words begin in it: behind the value and the measured figure
 * @param arrow something goes in: only an action that puts something in can stand there
 * @param colon a reason follows
 */
export function actionIn(text: string, free: number, arrow: boolean, colon: boolean): Found {
  const end = text.trimEnd().length;
  const start = free + (text.slice(free).length - text.slice(free).trimStart().length);
  const found = WORDS.flatMap(([pattern, action]) =>
    [...text.matchAll(pattern)].map((match) => ({ action, at: match.index, length: match[0].length })),
  )
    .filter(({ action }) => !arrow || PUTS_IN.includes(action))
    .filter(({ at, length }) => at === start || at + length === end)
    // The last word before the arrow or colon says more than the first one.
    .sort((a, b) => b.at - a.at);
  const [last] = found;
  const first = found.find(({ at }) => at === start);
  const one = last && last.at + last.length === end ? last : first;
  if (!one) return undefined;
  const behind = text.slice(one.at + one.length, end).trim();
  // “Left” is a side as well: without a colon its words have to begin a reason.
  if (one.action === "left" && behind && !colon && !behind.startsWith(":") && !BEGINS_A_REASON.test(behind))
    return { action: "unclear" };
  return one;
}
