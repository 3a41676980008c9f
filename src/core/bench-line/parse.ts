import { knownOf } from "../diagnosis";
import {
  contentSchema,
  describe,
  isBareRow,
  isNamedTest,
  ALL_LINES,
  placeOf,
  pointOf,
  readPartLine,
  readPlace,
  readPoint,
  readRow,
  readTest,
  type Amendment,
  type Content,
} from "../kinds";
import {
  asWords,
  headOf,
  notUnderstood,
  onTape,
  piece,
  type LineContext,
  type LineQuestion,
  type LineDraftOf,
  type LineReading,
  type LineResultOf,
  type ReadContext,
} from "../shorthand";
import { describeItem, freeOf, readScan } from "../stock";
import { beginsWithWord } from "./begins-with-word";
import { corrected, lineOf } from "./correct";
import { manyAtOnce, partNamed } from "./part-named";
import { dialRead } from "./dial-read";
import { ofABand } from "./of-a-band";
import { peakToPeakRead } from "./peak-to-peak";
import { ratedOrRead } from "./rated";
import { plainly, withUnits } from "./plainly";
import { powerWords } from "./power-words";
import { safeWords } from "./safe-words";
import { searchWords } from "./search-words";
import { workedFrom } from "./worked-from";
import { BAND, oneAfterTheOther, severalApart } from "./several";
import { placeIn, tidied } from "./tidy";
import { turnedAround } from "./turned";

export type LineDraft = LineDraftOf<Content>;
export type LineResult = LineResultOf<Content>;

/** Longest line that is read. Longer stories are notes of their own. */
export const LONGEST_LINE = 2000;

const AMEND = /^\s*(amend|withdraw)(?=\s|$)\s*(?:#(\d+))?\s*/i;

/** `amend #12 R7 470k = 621k because misread`, `withdraw #12 because double`. */
function parseAmendLine(line: string, context: LineContext): LineResult | undefined {
  const head = AMEND.exec(line);
  if (!head) return undefined;
  const [whole, word = "", n] = head;
  const target = onTape(n, context);
  if (!n || !target) return notUnderstood(whole.length, "Name the entry by its number on the tape, like #12.");
  const before = target.content as Content | null;
  if (!before) return notUnderstood(whole.length, `#${n} is withdrawn already: undo that on the tape.`);
  const because = line.toLowerCase().lastIndexOf(" because");
  const reason = because < 0 ? "" : line.slice(because + " because".length).trim();
  if (!reason) return notUnderstood(line.length, "Say why, after “because”.");
  const withdraws = word.toLowerCase() === "withdraw";
  if (withdraws) return amendment(target.id, { v: 1, action: "withdraw", reason }, `#${n} ${describe(before).subject}`);
  const offset = whole.length;
  const inner = parseCorrection(line.slice(offset, because), before, context);
  if (inner.kind === "question")
    return {
      ...inner,
      choices: inner.choices.map((choice) => ({
        ...choice,
        text: line.slice(0, offset) + choice.text + line.slice(because),
      })),
    };
  if (inner.kind === "not-understood") return { ...inner, at: inner.at + offset };
  if (inner.kind === "empty" || inner.draft.type !== "content")
    return notUnderstood(offset, "Write what the entry should say, as it would be typed anew.");
  const made = amendment(target.id, { v: 1, action: "correct", reason, content: inner.draft.content }, inner.line.text);
  return { ...made, line: inner.line, hints: [`Corrects #${n}: ${reason}`, ...inner.hints] };
}

const amendment = (amends: string, payload: Amendment, text: string): LineResult & { kind: "draft" } => ({
  kind: "draft",
  draft: { type: "amendment", amends, amendment: payload },
  line: { subject: payload.action === "withdraw" ? "Withdraws" : "Corrects", text },
  hints: [],
});

/**
 * Reads a line as the correction of an entry: what the line changes is changed, all else stays as it was.
 * @param before what the entry says now
 */
export function parseCorrection(line: string, before: Content, context: LineContext): LineResult {
  const within = { ...context, base: before };
  // Also an entry that no line of today can make is left as it is by a line that was not edited.
  if (line === lineOf(before, context))
    return { kind: "draft", draft: { type: "content", content: before }, line: describe(before), hints: [] };
  const after = parseContent(tidied(line), within);
  if (after.kind !== "draft" || after.draft.type !== "content") return after;
  const content = corrected(before, after.draft.content, within, (text) => {
    const read = parseContent(text, within);
    return read.kind === "draft" && read.draft.type === "content" ? read.draft.content : undefined;
  });
  const checked = contentSchema.safeParse(content);
  if (!checked.success)
    return notUnderstood(line.length, checked.error.issues[0]?.message ?? "This is not a complete entry.");
  return { ...after, draft: { type: "content", content: checked.data }, line: describe(checked.data) };
}

/** A label that was scanned into the line: what it is, and how it is used here. */
function labelLine(line: string, context: LineContext): LineResult | undefined {
  if (!/^\s*J[PT][0-9A-Z]+\s*$/i.test(line)) return undefined;
  const scan = readScan(line);
  if (scan.kind === "job") return notUnderstood(0, `That is the tag of job ${scan.job}, not a part.`);
  if (scan.kind !== "part") return notUnderstood(0, scan.message);
  const item = context.stock?.find(({ code }) => code === scan.code);
  return notUnderstood(
    line.length,
    item
      ? `${describeItem(item)}${item.bin ? ` from bin ${item.bin}` : ""}, ${freeOf(item)} free. Say where it goes: C14 -> ${item.marking} from ${item.code}`
      : `${scan.code} is a label of ours, but its line is not in the stock list.`,
  );
}

/** A line that begins with a word of one of the kinds. */
function readWord(line: string, context: ReadContext): { kind: string; reading: LineReading } | undefined {
  const lead = line.length - line.trimStart().length;
  const text = line.slice(lead);
  for (const [kind, { words }] of Object.entries(ALL_LINES))
    for (const { begins, read } of words) {
      const found = begins.exec(text);
      if (!found) continue;
      const rest = piece(line, lead + found[0].length, line.length);
      return { kind, reading: read(rest, context, (found[1] ?? "").toLowerCase()) };
    }
  return undefined;
}

const POWER = "([\\d.,]+\\s?[km]?W(?:atts?)?)";
const OUT = "(?:(?:rf\\s+)?(?:power|out(?:put)?)\\s+(?:power\\s+)?(?:(?:on|at)\\s+)?)?";
/** `80 m: 62 W`, `62 W on 80 m`, as the test that it is. */
function powerOnBand(text: string): string | undefined {
  const first = new RegExp(`^${OUT}(${BAND})\\s*[:=]?\\s+${POWER}(?:\\s+out)?$`, "i").exec(text);
  const last = new RegExp(`^${OUT}${POWER}\\s+(?:out\\s+)?(?:on|at)\\s+(${BAND})$`, "i").exec(text);
  const [band, power] = first ? [first[1], first[2]] : [last?.[2], last?.[1]];
  return band && power ? `test output at ${band} ${power}` : undefined;
}

/** Whatever the line begins with: a word, a point of the set, a part, any name before a figure. */
function readLine(line: string, context: ReadContext): { kind: string; reading: LineReading } | undefined {
  const worded = readWord(line, context);
  if (worded) return worded;
  // Figures by the words of the columns of the run in hand: `80 m drive 6 out 62`.
  if (isBareRow(line, context)) return { kind: "measured-row", reading: readRow(piece(line, 0, line.length), context) };
  const place = placeOf(line);
  if (place) return { kind: "place-work", reading: readPlace(line, place, context) };
  const known = pointOf(line, context, false);
  if (known) return { kind: "reading", reading: readPoint(line, known, context) };
  const head = headOf(line);
  if (head) return { kind: "part-work", reading: readPartLine(line, head, context) };
  const power = powerOnBand(line.trim());
  if (power) return { kind: "test-result", reading: readTest(piece(power, "test ".length, power.length), context) };
  if (isNamedTest(line)) return { kind: "test-result", reading: readTest(piece(line, 0, line.length), context) };
  const named = pointOf(line, context, true);
  return named ? { kind: "reading", reading: readPoint(line, named, context) } : undefined;
}

const HOW_IT_BEGINS =
  "Begin with a designator (C14 …), a point (B+ 248), ? for a symptom, or a word like note, todo, test, done.";
const TIME = /^\d[\d.,]*\s*(?:h|hours?|hrs?|min|minutes?)\b|^\d+h\d/i;
const IN_WORDS: readonly (readonly [RegExp, string])[] = [
  [/^(?:an?\s+|one\s+)?quarter\s+of\s+an\s+hour\b/i, "15 min"],
  [/^(?:an?\s+)?half\s+(?:an?\s+)?hour\b/i, "30 min"],
  [/^(?:an|one)\s+hour\s+and\s+a\s+half\b/i, "1 h 30 min"],
  [/^(?:an|one)\s+hour\b/i, "1 h"],
  [/^two\s+hours\b/i, "2 h"],
  [/^three\s+hours\b/i, "3 h"],
];
/** `half an hour cleaning` as `30 min cleaning`. */
const timeFirst = (text: string): string => {
  const [words, time] = IN_WORDS.find(([one]) => one.test(text)) ?? [];
  return words && time ? text.replace(words, time) : text;
};

/** Words that no kind begins with are kept: what they are is asked. */
function askWords(text: string): LineResult {
  const timed = timeFirst(text);
  const time = TIME.test(timed);
  if (!time && !/^[a-z]{3,}$|^(?=.*[a-z]).*\S\s+\S/i.test(text)) return notUnderstood(0, HOW_IT_BEGINS);
  return {
    kind: "question",
    question: "What is this? A line begins with a part (C14 …), a point (B+ 248) or a word like ?, note, todo, test.",
    // A time is no symptom.
    choices: time ? [{ label: "Labour", text: `labour ${timed}` }, ...asWords(text).slice(1)] : asWords(text),
  };
}

/** Holds what was read against the schema of its kind. */
function parseContent(line: string, context: LineContext): LineResult {
  const found = readLine(line, { ...context, searched: () => knownOf(context.sheet) });
  if (!found) return askWords(line.trim());
  const { reading } = found;
  if (reading.kind !== "payload") return reading;
  const kind = reading.of ?? found.kind;
  const parsed = contentSchema.safeParse({ kind, payload: reading.payload });
  if (!parsed.success)
    return notUnderstood(reading.at, parsed.error.issues[0]?.message ?? "This is not a complete entry.");
  const content = parsed.data;
  return { kind: "draft", draft: { type: "content", content }, line: describe(content), hints: reading.hints };
}

/** What has to be asked about, whatever the set: figures that mean another one. */
const ASKED = [dialRead, peakToPeakRead, ratedOrRead, ofABand, workedFrom] as const;

/** What was looked at while Make safe is open, as ticks of its list. */
function madeSafe(line: string, context: LineContext): LineResult | undefined {
  const ticks = safeWords(line, context) ?? [];
  const [only = ""] = ticks;
  return ticks.length > 1 ? oneAfterTheOther(line, ticks) : only === "" ? undefined : parseContent(only, context);
}

/** What one of several lines is, by what each of them says. */
function askWhichLine(question: string, ways: readonly string[], read: readonly LineResult[]): LineQuestion {
  const choices = ways.map((text, at) => {
    const one = read[at];
    return { label: one?.kind === "draft" ? one.line.text : text, text };
  });
  return { kind: "question", question, choices };
}

/** Volts and amperes while First power is open, as a step of the power-up. */
function poweredUp(line: string, context: LineContext): LineResult | undefined {
  const ways = powerWords(line, context);
  const read = ways.map((way) => parseContent(way, context));
  return ways.length > 1 ? askWhichLine("Which step of the power-up is it?", ways, read) : read[0];
}

/** What is work elsewhere, and a trial while Find is open. */
const ON_TRIAL = /^(?:swap|pull) /;
/** What was tried to find the fault, as tests of the search. */
function searched(line: string, context: LineContext): LineResult | undefined {
  if (context.step === "make-safe" || context.step === "hand-back") return undefined;
  const ways = searchWords(line).filter((way) => context.step === "find" || !ON_TRIAL.test(way));
  const read = ways.map((way) => parseContent(way, context));
  const [first] = read;
  // Where nothing of this set is meant the line is something else.
  if (!first || read.some(({ kind }) => kind !== "draft" && kind !== "question")) return undefined;
  return read.length === 1 ? first : askWhichLine("What is left of it?", ways, read);
}

/** Work and figures: of these a line may hold several. */
const BY_ITSELF: readonly string[] = [
  "reading",
  "test-result",
  "tube-test",
  "component-test",
  "part-work",
  "place-work",
] satisfies Content["kind"][];
/** More than these are a story. */
const MOST_APART = 8;

/** `B+ 265, C14 -> 47n/630`: where every part of a line is an entry by itself, it holds several. */
function eachByItself(line: string, context: LineContext): LineQuestion | undefined {
  const parts = line.split(/[,;]\s+(?:and\s+)?/).map((one) => one.trim());
  if (parts.length < 2 || parts.length > MOST_APART || beginsWithWord(line)) return undefined;
  const whole = parts.every((one) => {
    // Any words before a figure would be a point: only what the set has begins an entry here.
    if (!headOf(one) && !pointOf(one, context, false) && !placeOf(one)) return false;
    const read = turned(one, context) ?? parseContent(one, context);
    return read.kind === "draft" && read.draft.type === "content" && BY_ITSELF.includes(read.draft.content.kind);
  });
  return whole ? oneAfterTheOther(line, parts) : undefined;
}

/**
 * Reads the bench line: shorthand into a typed entry. Total: any text gives a draft, a question with choices, or a
 * plain "not understood" with the place.
 *
 * @param line as typed; the grammar is told by the examples of the kinds, and by `write`, which writes what this reads
 * @param context the set, its points and designators, and what is on the tape
 * @example parseLine("C14 .05/400 leaky -> 0.047/630", context) // a draft of part work
 */
export function parseLine(line: string, context: LineContext): LineResult {
  const text = tidied(line);
  const read = parseTidied(text, context);
  return read.kind === "not-understood" && text !== line ? { ...read, at: placeIn(line, read.at) } : read;
}

function parseTidied(typed: string, context: LineContext): LineResult {
  if (typed === "") return { kind: "empty" };
  if (typed.length > LONGEST_LINE)
    return notUnderstood(
      LONGEST_LINE,
      `A line holds ${LONGEST_LINE} characters; this one has ${typed.length}. Split it into several notes.`,
    );
  const own = labelLine(typed, context) ?? parseAmendLine(typed, context);
  if (own) return own;
  const line = plainly(typed, context);
  const read = readAnyUnits(line, context);
  return line === typed ? read : asTyped(read, line, typed);
}

/** A line that is kept as words is kept as it was typed; and the place of a fault would be one of the plain line. */
function asTyped(read: LineResult, line: string, typed: string): LineResult {
  if (read.kind !== "question" && read.kind !== "not-understood") return read;
  const words = new Map(asWords(line).map(({ text }, at) => [text, asWords(typed)[at]?.text]));
  const choices = read.choices?.map((choice) => ({ ...choice, text: words.get(choice.text) ?? choice.text }));
  if (read.kind === "question") return { ...read, choices: choices ?? [] };
  return { ...read, at: typed.length, ...(choices ? { choices } : {}) };
}

/** What does not read with the units as they are typed may read with today's signs. */
function readAnyUnits(line: string, context: LineContext): LineResult {
  const read = parsePlain(line, context);
  const modern = withUnits(line);
  if (read.kind === "draft" || modern === line) return read;
  const again = parsePlain(modern, context);
  return again.kind === "draft" ? again : read;
}

function parsePlain(line: string, context: LineContext): LineResult {
  return (
    madeSafe(line, context) ??
    poweredUp(line, context) ??
    searched(line, context) ??
    byItsName(line, context) ??
    manyAtOnce(line) ??
    severalApart(line, context.sheet) ??
    typeFirst(line, context) ??
    ASKED.reduce<LineQuestion | undefined>((found, asked) => found ?? asked(line), undefined) ??
    keptAnyway(line, turned(line, context) ?? eachByItself(line, context) ?? parseContent(line, context))
  );
}

/**
 * Sentences begin with words of kinds and names of points too: “power meter reads 10 % high”. Three words and none of the
 * line's own signs can be kept as words, whatever is missing for an entry of that kind.
 */
function keptAnyway(line: string, read: LineResult): LineResult {
  const words = line.match(/(?<![\p{L}\d])\p{L}[\p{L}'’-]+(?![\p{L}\d])/gu) ?? [];
  return read.kind === "not-understood" && words.length >= 3 && !/[;=→]|->/.test(line)
    ? { ...read, choices: asWords(line) }
    : read;
}

/** A part that is called by what it does: the draft says which one it is. */
function byItsName(line: string, context: LineContext): LineResult | undefined {
  const read = partNamed(line, context);
  return typeof read === "string" ? parseTidied(read, context) : read;
}

const OF_A_TUBE =
  /^\s+(?:weak|dead|bad|new|good|gassy|soft|low|open|replaced|swapped|removed|tests?|tested|emission|->|→)(?=\s|$)/i;
/** A tube called by its type: `6V6 weak -> 6V6GT` is `V4 weak -> 6V6GT`, where the set has one of them. */
function typeFirst(line: string, context: LineContext): LineResult | undefined {
  const [whole, type = ""] = /^\s*([a-z0-9]*\d[a-z0-9]*)(?=\s)/i.exec(line) ?? [];
  if (!whole || context.known.has(type.toUpperCase())) return undefined;
  // `80` is a tube, and the number of many other things.
  if (/^\d+$/.test(type) && !OF_A_TUBE.test(line.slice(whole.length))) return undefined;
  const places = context.sheet.tubes.filter((tube) => tube.type.toUpperCase() === type.toUpperCase());
  const [only, another] = places;
  if (!only) return undefined;
  const at = (position: string) => `${position}${line.slice(whole.length)}`;
  if (!another) return parseTidied(at(only.position), context);
  return {
    kind: "question",
    question: `Which ${type.toUpperCase()}?`,
    choices: places.slice(0, 6).map(({ position, work }) => ({
      label: work ? `${position}, ${work}` : position,
      text: at(position),
    })),
  };
}

/** `replaced C14 with 47n/630` is read as `C14 -> 47n/630`. */
function turned(line: string, context: LineContext): LineResult | undefined {
  const turned = turnedAround(line);
  if (turned === undefined) return undefined;
  const read = parseContent(turned, context);
  // The place of a fault would be one of the line as it was turned.
  return read.kind === "not-understood" ? { ...read, at: line.length } : read;
}
