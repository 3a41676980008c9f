import { describe, expect, it } from "vitest";
import { topologyOf } from "../circuit";
import { said } from "./said";
import { LOTS, sentencesOf } from "./sentences";

/**
 * The same complaint in other words: what stands around it, slips of the pen, articles that are left out. Each way is
 * tried on a share of all sentences that are known, another share for each.
 */

const SETS: Record<string, string> = {
  table: "superhet",
  communications: "dual-conversion",
  amfm: "am-fm",
};
const ALL = LOTS.flat().flatMap(([set, , lines]) => sentencesOf(lines).map((one) => ({ ...one, set })));

function readOf(text: string, set: string): string[] {
  const circuit = topologyOf(SETS[set] ?? set)?.circuit;
  if (!circuit) throw new Error(set);
  return said(text, circuit)
    .outcomes.map(({ test, outcome }) => `${test} ${outcome}`)
    .sort();
}

type Way = (text: string) => string | undefined;
const where =
  (pattern: RegExp, instead: string): Way =>
  (text) =>
    pattern.test(text) ? text.replace(pattern, instead) : undefined;

/** The sentences that are read otherwise when they are put so, of one share of all. */
function otherwise(way: Way, share: number, of: number): { tried: number; others: string[] } {
  const tried = ALL.filter((_, at) => at % of === share).flatMap(({ text, means, set }) => {
    const put = way(text);
    return put === undefined || put === text ? [] : [{ put, set, means: [...means].sort() }];
  });
  const others = tried.filter(({ put, set, means }) => readOf(put, set).join() !== means.join());
  return { tried: tried.length, others: others.map(({ put }) => put) };
}

const AROUND: [string, Way][] = [
  ["customer says …", (text) => `customer says ${text}`],
  ["the owner reports that …", (text) => `the owner reports that ${text}`],
  ["I think …", (text) => `I think ${text}`],
  ["hello, …", (text) => `hello, ${text}`],
  ["… any ideas?", (text) => `${text}, any ideas?`],
  ["… please help", (text) => `${text}. please help`],
  ["… thanks", (text) => `${text} thanks`],
  ["… today", (text) => `${text} today`],
  ["… since last week", (text) => `${text} since last week`],
  ["… !!", (text) => `${text}!!`],
  ["unfortunately …", (text) => `unfortunately ${text}`],
  ["another matter before it", (text) => `bought it at a flea market. ${text}`],
  ["another matter behind it", (text) => `${text}, was recapped two years ago`],
  ["IN CAPITALS", (text) => text.toUpperCase()],
];

describe("what stands around a complaint changes nothing", () => {
  it.each(AROUND)("%s", (name, way) => {
    const share = AROUND.findIndex(([one]) => one === name);
    const { tried, others } = otherwise(way, share, AROUND.length);
    expect(tried).toBeGreaterThan(300);
    expect(others).toEqual([]);
  });
});

const PUT: [string, Way][] = [
  ["an old radio of mine", where(/^(it|the set) /, "my old radio ")],
  ["does not", where(/\b(do|does|did|is|are|was|has|have)n't\b/, "$1 not")],
  ["doesnt", where(/\b(do|does|did|is|are|was|has|have)n't\b/, "$1nt")],
  ["whenever", where(/\bwhen (?=(?:it|the|I|you) )/, "every time ")],
  ["minutes as min", where(/\bminutes\b/, "min")],
  ["a couple of minutes", where(/\b(?:ten|five|a few|twenty)(?= minutes)/, "a couple of")],
  ["thirty minutes", where(/\b(?:ten|five|a few|twenty)(?= minutes)/, "thirty")],
  ["alright", where(/\bfine$/, "alright")],
  ["no longer works", where(/\bdoesn't work$/, "has stopped working")],
];

describe("other words for the same", () => {
  it.each(PUT)("%s", (_, way) => {
    const { tried, others } = otherwise(way, 0, 1);
    expect(tried).toBeGreaterThan(5);
    expect(others.length / tried).toBeLessThanOrEqual(0.1);
  });
});

/** Two letters of one word in the wrong order: another word and another place for each sentence. */
const slip: Way = (text) => {
  const words = [...text.matchAll(/[a-z]{7,}/g)];
  const word = words[text.length % Math.max(words.length, 1)];
  if (!word) return undefined;
  const at = word.index + 1 + (text.length % (word[0].length - 3));
  return text.slice(0, at) + text.charAt(at + 1) + text.charAt(at) + text.slice(at + 2);
};
const withoutArticles: Way = (text) => (/\bthe /.test(text) ? text.replaceAll(/\bthe /g, "") : undefined);

describe("written in a hurry", () => {
  it.each([
    ["with a slip of the pen", slip, 3],
    ["without articles", withoutArticles, 1],
  ] as const)("%s, 97 of 100 are read as before", (_, way, of) => {
    const { tried, others } = otherwise(way, 0, of);
    expect(tried).toBeGreaterThan(500);
    expect(others.length / tried).toBeLessThan(0.03);
  });
});
