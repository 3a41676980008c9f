import { GRADED_PARTS, GRADES, type Grade } from "../../policy";
import {
  clause,
  clauses,
  headAndTail,
  notUnderstood,
  piece,
  readAs,
  tailOf,
  type LineContext,
  type LineProblem,
  type LineReading,
} from "../../shorthand";
import type { KindLine } from "../kind";
import { OLD_PARTS, type OldPart } from "../part-work/values";
import { stockAt } from "../part-work/pieces";
import type { PlaceWork } from "./payload";
import { PLACE_ACTIONS, type PlaceAction } from "./values";

/** Parts of a set that no drawing gives a designator to. */
export const PLACES = [
  ...GRADED_PARTS,
  "tuning drive",
  "dial drive",
  "dial cord",
  "dial glass",
  "dial lamp holder",
  "knob",
  "volume control",
  "tone control",
  "band switch",
  "wave switch",
  "mains switch",
  "tuning capacitor",
  "loudspeaker",
  "speaker",
  "output transformer",
  "mains transformer",
  "fuse",
  "dial lamp",
  "pilot lamp",
  "speaker cone",
  "speaker cloth",
  "mains lead",
  "mains plug",
  "back cover",
  "front panel",
  "handle",
  "feet",
  "battery holder",
  "fuse holder",
  "aerial socket",
  "wiring",
  "lettering",
] as const;

/** What sits at a designator and is not the part itself. */
const AT_PART =
  /^\s*([A-Za-z]{1,3}\d{1,3}[A-Za-z]?)\s+(socket|holder|clip|cap|knob|shaft|bracket|screen(?:ing)? can|base pins?|pins)\b/i;
/** Other words for what is done. */
const SAME: Record<string, PlaceAction> = {
  greased: "lubricated",
  oiled: "lubricated",
  lubed: "lubricated",
  washed: "cleaned",
  wiped: "cleaned",
  dusted: "cleaned",
  tightened: "adjusted",
  retensioned: "adjusted",
  mended: "repaired",
  restrung: "repaired",
  polished: "cleaned",
  waxed: "cleaned",
  exchanged: "replaced",
  repainted: "painted",
  reglued: "glued",
  lacquered: "painted",
  varnished: "painted",
};
/** What some of these words say was used. */
const USED: Record<string, string> = { lacquered: "lacquer", varnished: "varnish", polished: "polish", waxed: "wax" };
/** “On the left” and “the left side” say where, and not that it was left. */
const LEFT =
  "(?<!\\b(?:on|at|the|upper|lower|front|rear|top|bottom|far)\\s)left(?!\\s+(?:side|hand|corner|edge|end|rear|front|top|bottom|channel))";
const DONE = [...PLACE_ACTIONS, ...Object.keys(SAME)].map((word) => (word === "left" ? LEFT : word));
const ACTION = new RegExp(`\\b(${DONE.join("|")})\\b`, "i");

const actionOf = (word: string): PlaceAction => SAME[word.toLowerCase()] ?? (word.toLowerCase() as PlaceAction);

const NAMES = [...PLACES].sort((a, b) => b.length - a.length).join("|");
/** What belongs to a place, and is a place of its own: `dial belt`, `cabinet back`. */
const ITS_OWN =
  "belt|cord|string|pointer|lamps?|bulbs?|scale|plate|light|holder|clips?|back|cloth|grille|screws?|springs?|bracket|cover|feet|legs?|trim|badge|knobs?|socket|plug|leads?|cable|wires?|contacts?|shaft|spindle|pulley|bearings?|gears?|bushing|cap|latch|hinges?";
const FIRST = new RegExp(`^(?:${NAMES})s?(?:\\s(?:${ITS_OWN})){0,2}(?![a-z0-9])`, "i");
const LAST = new RegExp(`(?:${NAMES})s?$`, "i");

/** The longest known place that a text begins with, one or several of it: `dial lamps 6.3 V`. */
export const placeAt = (text: string): string | undefined => FIRST.exec(text)?.[0].toLowerCase();

/** The longest known place that a text ends with: `a 3-core mains lead`. */
export const placeAtEnd = (text: string): string | undefined => LAST.exec(text)?.[0].toLowerCase();

export type PlaceHead = { place: string; end: number };

/**
 * The place without a designator that a line begins with: one of the known ones, what belongs to a part (`V3 socket`),
 * or any words before an action.
 */
export function placeOf(line: string): PlaceHead | undefined {
  const lead = line.length - line.trimStart().length;
  const at = AT_PART.exec(line);
  if (at) return { place: `${(at[1] ?? "").toUpperCase()} ${(at[2] ?? "").toLowerCase()}`, end: at[0].length };
  const known = placeAt(line.slice(lead));
  // What stands behind a colon says why, not what was done.
  const worked = ACTION.test(line.split(/:(?=\s|$)/)[0] ?? "") || /->|→/.test(line);
  if (known && worked) return { place: known, end: lead + known.length };
  // Any other words, where something new goes in.
  const before = /^([a-z][a-z' -]{3,40}?)\s*(?:->|→)\s*\S/i.exec(line.slice(lead))?.[1];
  if (before) return { place: before.trim(), end: lead + before.length };
  // Any other words, where what was done follows them at once.
  const any = /^([a-z][a-z' -]{1,40}?)\s+(?=(\w+)(?:\s|,|:|;|$))/i.exec(line.slice(lead));
  for (let found = any; found;) {
    const word = found[2] ?? "";
    if (ACTION.test(word) && new RegExp(`^(?:${ACTION.source})$`, "i").test(word))
      return { place: (found[1] ?? "").trim(), end: lead + (found[1] ?? "").length };
    const longer = new RegExp(`^(${found[1]}\\s+${word})\\s+(?=(\\w+)(?:\\s|,|:|;|$))`, "i").exec(line.slice(lead));
    found = longer && (longer[1] ?? "").length <= 40 ? longer : null;
  }
  return undefined;
}

const OLD_WORDS: Record<string, OldPart> = {
  bag: "bag",
  "in bag": "bag",
  "to owner": "bag",
  kept: "kept",
  discarded: "discarded",
  "to supplier": "supplier",
};

const FROM = /\s+from\s+(JP[0-9A-Z]{7})\s*$/i;

function materialIn(value: string, at: number, context: LineContext): { text: string } | LineProblem {
  const code = FROM.exec(value)?.[1]?.toUpperCase();
  const stock = code ? stockAt(code, context) : undefined;
  if (code && !stock) return notUnderstood(at, `${code} is not a label of the stock: scan it again, or leave it out.`);
  return { text: value.replace(FROM, "").trim(), ...(stock ? { stock } : {}) };
}

type Behind = { materials: string[]; loose: string[] };
const NOTHING_BEHIND: Behind = { materials: [], loose: [] };

/** What stands between and behind the actions: `cleaned with alcohol and lubricated with grease`. */
function behindActions(text: string): Behind {
  const said = text
    .split(new RegExp(ACTION.source, "i"))
    .filter((_, at) => at % 2 === 0)
    .map((one) =>
      one
        .replace(/^[\s,]*(?:(?:and|then|&)[\s,]+)*/i, "")
        .replace(/[\s,]*(?:\b(?:and|then)|&)?[\s,]*$/i, "")
        .trim(),
    )
    .filter(Boolean);
  const material = (one: string) => /^(?:with|using|in|by)\s+(?:an?\s+|the\s+)?(\S.*)$/i.exec(one)?.[1];
  // What it was polished with is said where it is said.
  const used = Object.keys(USED).filter((word) => new RegExp(`\\b${word}\\b(?! with\\b)`, "i").test(text));
  return {
    materials: [...used.flatMap((word) => USED[word] ?? []), ...said.flatMap((one) => material(one) ?? [])],
    loose: said.filter((one) => !material(one)),
  };
}

/** Words behind what was done: nothing that is typed is dropped, so what they are is asked. */
function askLoose(
  line: string,
  place: string,
  { found, actions, loose, materials }: Behind & { found: string; actions: readonly string[] },
): LineReading {
  const [what, words] = [actions.join(" and "), loose.join(", ")];
  const seen = found.replace(/[,\s]+$/, "").trim();
  const used = materials.map((one) => clause("with", one)).join("");
  return {
    kind: "question",
    question: `What is “${words}”: what was used, what was found, or the reason?`,
    choices: [
      // “At 600 kHz” was not used, nor was “waxed”.
      ...(/^(?:at|on|in|to|for|from|until|because|so|by)\s|^[a-z-]+ed$|^\(/i.test(words)
        ? []
        : [{ label: `Used: ${words}`, text: `${place} ${seen ? `${seen}, ` : ""}${what}${used}; with ${words}` }]),
      { label: `Found: ${words}`, text: `${place} ${[seen, words].filter(Boolean).join(" ")}, ${what}${used}` },
      { label: `The reason: ${words}`, text: `${place} ${seen ? `${seen}, ` : ""}${what}: ${words}${used}` },
      { label: "A note", text: `note ${line.trim()}` },
    ],
  };
}

const EXAMPLE =
  "Work on a place reads like: tuning drive gummed, cleaned and lubricated; before poor; after good; with damping grease.";

/** `tuning drive gummed, cleaned and lubricated; before poor; after good; with damping grease from JP00001A7: it slipped`. */
export function readPlace(line: string, { place, end }: PlaceHead, context: LineContext): LineReading {
  const { first, named } = clauses(piece(line, end, line.length));
  const { head, tail } = headAndTail(first);
  const arrow = /\s*(?:->|→)\s*(.*)$/.exec(head);
  const body = arrow ? head.slice(0, arrow.index) : head;
  const words = [...body.matchAll(new RegExp(ACTION.source, "gi"))];
  const [begin] = words;
  if (!begin && !arrow) return notUnderstood(end, `What was done to “${place}” is missing. ${EXAMPLE}`);
  const actions = [...new Set(words.map(([word]) => actionOf(word)))];
  const behind = begin ? behindActions(body.slice(begin.index)) : NOTHING_BEHIND;
  if (behind.loose.length > 0)
    return askLoose(line, place, { found: begin ? body.slice(0, begin.index) : "", actions, ...behind });
  const found = (begin ? body.slice(0, begin.index) : body)
    .replace(/[,\s]+$/, "")
    .replace(/\s+and$/, "")
    .trim();
  const said: Record<string, unknown> & { materials: unknown[] } = {
    v: 1,
    place,
    actions: actions.length > 0 ? actions : ["replaced"],
    materials: [],
    ...(found ? { found } : {}),
    ...(tail ? { why: tail } : {}),
  };
  const takeMaterial = (value: string, at: number) => {
    const read = materialIn(value, at, context);
    if ("message" in read) return read;
    said.materials.push(read);
    return undefined;
  };
  for (const text of [...behind.materials, ...(arrow ? [arrow[1] ?? ""] : [])]) {
    const trouble = takeMaterial(text, end);
    if (trouble) return trouble;
  }
  for (const { word, value, at } of named) {
    const grade = GRADES.find((one) => one === value.toLowerCase().replace(/\s+/g, "-"));
    if (word === "before" || word === "after") {
      if (!grade) return notUnderstood(at, `A grade is ${GRADES.join(", ")}: ${word} good.`);
      said[word] = grade satisfies Grade;
    } else if (word === "with") {
      const trouble = takeMaterial(value, at);
      if (trouble) return trouble;
    } else if (word === "why") said.why = value;
    else if (word === "old") {
      const old = OLD_WORDS[value.toLowerCase()] ?? OLD_PARTS.find((one) => one === value.toLowerCase());
      if (!old) return notUnderstood(at, "The old one is: old in bag, kept, discarded, to owner, to supplier.");
      said.oldPart = old;
    } else return notUnderstood(at, `“${word}” is not known here: before, after, with, why, old. ${EXAMPLE}`);
  }
  return { ...readAs(said, end), of: "place-work" };
}

const OLD_CLAUSES: Record<OldPart, string> = {
  bag: "in bag",
  kept: "kept",
  discarded: "discarded",
  "in-shell": "in-shell",
  supplier: "to supplier",
};

export function writePlace({ place, actions, found, before, after, materials, why, oldPart }: PlaceWork): string {
  return (
    `${place} ${found ? `${found}, ` : ""}${actions.join(" and ")}` +
    tailOf(why?.replaceAll(";", ";;")) +
    clause("before", before) +
    clause("after", after) +
    materials.map(({ text, stock }) => clause("with", `${text}${stock ? ` from ${stock.code}` : ""}`)).join("") +
    clause("old", oldPart && OLD_CLAUSES[oldPart])
  );
}

export const line: KindLine<PlaceWork> = {
  words: [],
  write: writePlace,
  examples: [
    {
      line: "tuning drive gummed, cleaned and lubricated; before poor; after good; with damping grease",
      says: "a place without a designator, graded before and after; material from stock: with … from JP…",
    },
    { line: "V3 socket loose, cleaned", says: "a socket, holder, clip or knob of a part, not the part itself" },
    { line: "dial cord replaced -> 0.8 mm braided cord; old discarded", says: "something new at such a place" },
  ],
};
