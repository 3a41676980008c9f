import { lacksOfParts, needsOf, rulesOf } from "../../components";
import type { Fitted } from "../../log";
import { partRules, sectionTrouble, type Component } from "../../model";
import { behindKind, formatPart, parsePart, quantityOfDesignator, type Parsed, type PartSpec } from "../../quantity";
import { compareParts, parseMeasured } from "../../readings";
import {
  asRemark,
  got,
  headOf,
  longest,
  notUnderstood,
  piece,
  textOf,
  unknownDesignator,
  type Head,
  type LineContext,
  type LineReading,
  type Piece,
} from "../../shorthand";
import type { KindLine } from "../kind";
import { drawnAt, readPartReading } from "../reading/part-line";
import { readPartTest } from "../test-result/line";
import { actionIn } from "./action";
import { readPartMeasure, readTubeWords } from "./measures";
import type { PartWork } from "./payload";
import { BEGINS_A_MARKING, readBefore, readNow, WHERE_MEASURED } from "./pieces";
import { askNow, askState, drawnHere, EXAMPLES } from "./state";
import { ACTIONS, NEEDS_REASON, PUTS_IN, type OldPart } from "./values";

const OLD_WORDS: Record<string, OldPart> = {
  "in bag": "bag",
  bag: "bag",
  "to owner": "bag",
  kept: "kept",
  discarded: "discarded",
  "in shell": "in-shell",
  "to supplier": "supplier",
};
const OLD_CLAUSE = /\s+old (in bag|bag|to owner|to supplier|kept|discarded|in shell)\s*$/i;

/** What must not go into a role: at the mains what would not be chosen there, and an electrolytic that couples. */
function roleTrouble(
  component: Component,
  fitted: readonly PartSpec[],
  { sheet, year, policy }: LineContext,
): string[] {
  const { designator, role } = component;
  const capacitors = fitted.filter(({ quantity }) => quantity === "capacitance");
  const needs = needsOf(component, { sheet, year, policy, switches: {}, rules: rulesOf() }).filter(
    ({ mains }) => mains,
  );
  if (needs.length > 0 && capacitors.length > 0)
    return lacksOfParts(needs, capacitors).map(({ lack }) => `${designator} sits in a mains role: ${lack.text}.`);
  if (role === "coupling" && capacitors.some(({ construction }) => /electrolytic|tantalum/.test(construction ?? "")))
    return [`${designator} couples: an electrolytic leaks by its nature and lifts the next grid. Film goes in there.`];
  return [];
}

const OTHER = /^\s*(,|&|and\b)?\s*([A-Z]{1,3}\d{1,3}[A-Z]?)(?![\w/])/i;
const lettersOf = (name: string) => name.replace(/\d.*$/, "");

/**
 * Other parts that follow the first one at once: `C3 C4 C5 replaced`, `C3 and C4 leaky`. One that the set lacks is a part
 * only behind a comma or “and”, and with the same letter: `V4 EL84` is a tube and its type.
 */
function othersBehind(first: string, text: string, { known }: LineContext): { names: string[]; length: number } {
  const names: string[] = [];
  let length = 0;
  for (let found = OTHER.exec(text); found; found = OTHER.exec(text.slice(length))) {
    const [whole, joined, typed = ""] = found;
    const name = typed.toUpperCase();
    if (!known.has(name) && !(joined && lettersOf(name) === lettersOf(first))) break;
    names.push(name);
    length += whole.length;
  }
  return { names, length };
}

/** Where free words begin behind the part: after its value, and after what it measured. */
function freeFrom(where: Piece, designator: string, context: LineContext): number {
  const quantity = quantityOfDesignator(designator);
  const text = textOf(where);
  const equals = text.indexOf("=");
  const value = equals < 0 ? where : piece(where.line, where.start + equals + 1, where.end);
  if (!quantity || (equals < 0 && !BEGINS_A_MARKING.test(text))) return value.start;
  const rules = partRules(context.sheet, designator);
  const read = longest(value, (figure) =>
    equals < 0 ? parsePart(figure, rules) : (parseMeasured(figure, quantity, rules) as Parsed<unknown>),
  );
  if (!read.ok) return value.start;
  return value.end - read.value.rest.replace(WHERE_MEASURED, "").length;
}

/** A line that begins with a designator: work on a part, a reading of it, or a test of a tube. */
export function readPartLine(typed: string, head: Head, context: LineContext): LineReading {
  const read = readSeveral(typed, head, context);
  // Words that became a sign left blanks behind it.
  return read.kind === "question"
    ? { ...read, choices: read.choices.map(({ label, text }) => ({ label, text: text.replaceAll(/ {2,}/g, " ") })) }
    : read;
}

/** One part, or several that stand at the beginning: work may be done on all of them, a figure belongs to one. */
function readSeveral(typed: string, head: Head, context: LineContext): LineReading {
  const [first = ""] = head.designators;
  const line = asSigns(typed, head.end, quantityOfDesignator(first) !== undefined);
  const others = othersBehind(first, line.slice(head.end), context);
  const parts = [...head.designators, ...others.names];
  if (parts.length === 1) return readAsPart(line, head, context);
  const rest = line.slice(head.end + others.length);
  const listed = head.listed || others.names.length > 0;
  const each = listed ? askEach(parts, rest) : undefined;
  if (each) return each;
  const joined = `${parts.join("+")}${head.confirmed ? "!" : ""}${rest.startsWith(":") ? "" : " "}${rest.trimStart()}`;
  const all = headOf(joined);
  const read = all && readAsPart(joined, all, context);
  if (read?.kind === "payload" && read.of === "part-work") return read;
  // The place of a fault is one of the line as it was joined.
  if (read?.kind === "not-understood") return { ...read, at: Math.min(read.at, typed.length) };
  const choices = read?.kind === "question" ? read.choices.filter(({ text }) => namesAll(text, parts)) : [];
  if (read?.kind === "question" && choices.length > 0) return { ...read, choices };
  return notUnderstood(
    head.end,
    `${parts.join(", ")}: a figure or a fault belongs to one part. Write one line for each, or say what was done to all of them: cleaned, left: why, -> and the new value.`,
  );
}

const namesAll = (text: string, parts: readonly string[]): boolean => {
  const words = text.toUpperCase().split(/[^A-Z0-9]+/);
  return parts.every((part) => words.includes(part));
};

/** `C8 and C9 -> 47n/630`: one part in the place of both, or one in each? */
function askEach(parts: readonly string[], rest: string): LineReading | undefined {
  const arrow = /->|→/.exec(rest);
  if (!arrow) return undefined;
  const behind = rest.slice(arrow.index + arrow[0].length);
  const end = Math.min(
    /:(?=\s|$)/.exec(behind)?.index ?? behind.length,
    OLD_CLAUSE.exec(behind)?.index ?? behind.length,
  );
  const [fresh, tail] = [behind.slice(0, end).trim(), behind.slice(end)];
  const named = parts.some((part) => fresh.toUpperCase().startsWith(`${part} `));
  if (fresh === "" || named || / \+ /.test(fresh)) return undefined;
  const before = `${parts.join("+")} ${rest.slice(0, arrow.index).trim()}`.trim();
  return {
    kind: "question",
    question: `${parts.join(", ")}: does “${fresh}” go in at each of them, or is it one part in place of all?`,
    choices: [
      { label: "One at each", text: `${before} -> ${parts.map((part) => `${part} ${fresh}`).join(" + ")}${tail}` },
      { label: "One part in place of all", text: `${before} -> ${fresh}${tail}` },
    ],
  };
}

/** @param line with its words as signs */
function readAsPart(line: string, head: Head, context: LineContext): LineReading {
  const [designator = ""] = head.designators;
  const measures = readTubeWords(line, head, context) ?? readPartMeasure(line, head, context);
  if (measures) return measures;
  const start = line.length - line.trimStart().length;
  const stranger = unknownDesignator(piece(line, start, line.length), head, context);
  const old = OLD_CLAUSE.exec(line);
  const end = old ? old.index : line.length;
  const colon = /:(?=\s|$)/.exec(line.slice(0, end))?.index;
  const bodyEnd = colon ?? end;
  const why = colon === undefined ? "" : line.slice(colon + 1, end).trim();
  const body = line.slice(0, bodyEnd);
  const arrow = /->|→/.exec(body);
  const before = line.slice(head.end, arrow?.index ?? bodyEnd);
  const free = freeFrom(piece(line, head.end, head.end + before.length), designator, context) - head.end;
  const found = actionIn(before, free, arrow !== null, colon !== undefined);

  const now = arrow || !quantityOfDesignator(designator) ? undefined : askNow(line, head.end, bodyEnd);
  if (now) return stranger ?? now;
  const test = readPartTest(piece(line, head.end, line.length), designator, context);
  if (test && !arrow && !found) return stranger ?? test;
  if (found?.action === "unclear") return stranger ?? askLeft(line, head.end + before.search(/\b(?:left|leave)\b/i));
  if (!arrow && !found) {
    if (why)
      return notUnderstood(colon ?? 0, `What was done to ${designator} is missing before the colon: ${EXAMPLES}.`);
    const read = readBefore(piece(line, head.end, bodyEnd), designator, context);
    if (!read.ok) return read.result;
    const { measured } = read.value;
    if (measured)
      return (
        stranger ??
        readPartReading(
          {
            designator,
            was: read.value.was,
            spec: read.value.spec,
            quantity: measured.quantity,
            text: measured.text,
            at: measured.at,
            lifted: read.value.lifted,
            remark: read.value.found,
          },
          context,
        )
      );
    const { was, spec, found: state } = read.value;
    return stranger ?? askState(piece(line, head.end, bodyEnd), head, spec && !state ? was : undefined, context);
  }

  const action = found?.action ?? "replaced";
  const wordAt = found ? head.end + found.at : undefined;
  const beforeEnd = Math.min(arrow?.index ?? bodyEnd, wordAt ?? bodyEnd);
  const read = readBefore(piece(line, head.end, beforeEnd), designator, context);
  if (!read.ok) return read.result;
  const between = found
    ? body
        .slice((wordAt ?? 0) + found.length, arrow?.index ?? bodyEnd)
        .replace(/^[:\s]+/, "")
        .trim()
    : "";
  const fresh = arrow
    ? readNow(piece(line, arrow.index + arrow[0].length, bodyEnd), designator, context)
    : got({ fitted: [] as Fitted[], specs: [] as PartSpec[] });
  if (!fresh.ok) return fresh.result;
  const { was, spec, measured } = read.value;
  // `R9 left within tolerance` gives its reason without a colon; elsewhere such words say what was found.
  const reason = why || (NEEDS_REASON.includes(action) ? between : "");
  const remark = [read.value.found?.replace(/[\s,;]+$/, ""), NEEDS_REASON.includes(action) ? "" : between]
    .filter(Boolean)
    .join(" ");
  const payload = {
    v: 1,
    designators: head.designators,
    action,
    ...(was ? { was } : {}),
    ...(remark ? { found: remark } : {}),
    ...(measured ? { measured: { text: measured.text, value: measured.value, quantity: measured.quantity } } : {}),
    now: fresh.value.fitted,
    ...(reason ? { why: reason } : {}),
    ...(old ? { oldPart: OLD_WORDS[(old[1] ?? "").toLowerCase()] } : {}),
  };
  const drawn = drawnAt(designator, context)?.spec;
  const compared = spec ?? drawn;
  const hints = compared && fresh.value.specs.length > 0 ? compareParts(compared, fresh.value.specs) : [];
  if (spec && drawn && spec.sections.join() !== drawn.sections.join())
    hints.push(
      `The drawing has ${formatPart({ quantity: drawn.quantity, sections: drawn.sections })} at ${designator}.`,
    );
  const part = context.sheet.components.find((one) => one.designator === designator);
  const sections = part ? sectionTrouble(part) : undefined;
  if (sections) hints.unshift(sections.text);
  hints.unshift(...(part ? roleTrouble(part, fresh.value.specs, context) : []));
  if (context.warning && action !== "left") hints.push(context.warning);
  const missing = PUTS_IN.includes(action) && !arrow;
  if (stranger) return stranger;
  const same = missing && head.designators.length === 1 ? drawnHere(designator, context) : undefined;
  // `R9 replaced 220k 1W`: what stands behind is what went in.
  const wentIn = missing && /^\S*\d/.test(between);
  if (same || wentIn)
    return {
      kind: "question",
      question: `Say what was put in at ${head.designators.join(", ")}: its value and rating, or its type.`,
      choices: [
        ...(wentIn
          ? [
              {
                label: `${between} was put in`,
                text: `${line.slice(0, wordAt).trimEnd()} -> ${between}${line.slice(bodyEnd)}`,
              },
            ]
          : []),
        ...(same
          ? [
              {
                label: `The same again: ${same}`,
                text: `${line.slice(0, bodyEnd).trimEnd()} -> ${same}${line.slice(bodyEnd)}`,
              },
            ]
          : []),
      ],
    };
  return { kind: "payload", of: "part-work", payload, at: missing ? line.length : head.end, hints };
}

/**
 * `R7 470k measured 612k` is `R7 470k = 612k`, `C14 replaced with 47n/630` is `C14 -> 47n/630`; places in the line stay
 * where they are.
 */
function asSigns(line: string, from: number, measurable: boolean): string {
  const done = WHY.exec(line.slice(from));
  // Behind “repaired:” stands why, in free words.
  const end = done ? from + done.index + done[0].length : line.length;
  return line.slice(0, from) + signsIn(line.slice(from, end), line, measurable) + line.slice(end);
}

const WHY = new RegExp(`\\b(?:${ACTIONS.join("|")})\\s*:(?=\\s)`, "i");

const signsIn = (text: string, line: string, measurable: boolean): string =>
  text
    .replace("=>", "->")
    .replace(INSTEAD, (words, at: number, whole: string) =>
      /->|→/.test(line) ||
      (!BEGINS_WITH_A_FIGURE.test(behindKind(whole.slice(at + words.length))) &&
        (measurable || !/\swith\s*$/i.test(words)))
        ? words
        : " ->".padEnd(words.length),
    )
    .replace(MEASURED, (word) => (measurable || /meas|reads/i.test(word) ? ` =`.padEnd(word.length) : word))
    // A comma behind a figure ends it: `R4 drifted to 142k, replaced`.
    .replace(/(=\s*[\d.,½¼¾][^\s,]*),(?=\s)/, "$1 ");

/** What was measured follows these words: `R9 went high, 330k`. */
const MEASURED =
  /,?\s(?:measured|measures|reads|is|was|(?:has\s+|is\s+)?(?:went|gone|risen|drifted|climbed|fallen|dropped|up|down|high|low)(?:\s+(?:up|down|high|low))?(?:\s*,|\s+to|\s+at)?)(?=\s+(?:[\d.,½¼¾]|open$|o\.?l\b|∞))(?!\s+[\d.,]+\s*%|\s+\S*\/)/i;

/** What goes in follows these words. */
const INSTEAD =
  /^\s+new(?=\s)|[,;]\s+new(?:\s+one)?(?=\s+\S*\d)|,?\s(?:(?:replaced\s+(?:with|by|to)|(?:renewed|changed|exchanged|swapped)\s+(?:with|by|for))(?:\s+an?)?|renewed)(?=\s)/i;
const BEGINS_WITH_A_FIGURE =
  /^\s*(?:(?:nos|n\.o\.s\.|new old stock|used|tested|known good|good|matched|another)\s+)*\S*\d/i;

/** “Left” as what was done, or as a side? */
function askLeft(line: string, at: number): LineReading {
  const word = /^\S+/.exec(line.slice(at))?.[0] ?? "left";
  const rest = line.slice(at + word.length).trim();
  return {
    kind: "question",
    question: `Was it left as it is, or is “${word} ${rest}” what was found?`,
    choices: [
      { label: `Left, because: ${rest}`, text: `${line.slice(0, at)}left: ${rest}` },
      { label: "A note", text: `note ${line.trim()}` },
    ],
  };
}

const OLD_CLAUSES: Record<OldPart, string> = {
  bag: "old in bag",
  kept: "old kept",
  discarded: "old discarded",
  "in-shell": "old in shell",
  supplier: "old to supplier",
};

const join = (...parts: (string | false | undefined)[]): string => parts.filter(Boolean).join(" ");

function write(work: PartWork): string {
  const [first] = work.designators;
  const own = (designator: string) => work.now.length > 1 || designator !== first;
  const now = work.now
    .map((part) =>
      join(
        own(part.designator) && part.designator,
        part.text,
        part.note && asRemark(part.note),
        part.stock ? `from ${part.stock.code}` : part.source && "from owner",
      ),
    )
    .join(" + ");
  const behind = work.was || work.measured;
  const found = work.found && (behind ? asRemark(work.found) : work.found);
  const line = join(
    work.designators.join("+"),
    work.was,
    !work.measured && found,
    work.measured && `= ${work.measured.text}`,
    work.measured && found,
    work.action !== "replaced" && work.action,
    now && `-> ${now}`,
  );
  return join(line + (work.why ? `: ${work.why}` : ""), work.oldPart && OLD_CLAUSES[work.oldPart]);
}

export const line: KindLine<PartWork> = {
  words: [],
  write,
  examples: [
    { line: "C14 .05/400 leaky -> 0.047/630", says: "a part replaced: what it was, what was found, what went in" },
    { line: "C1 restuffed -> 22µ/450 old in shell", says: "restuffed; also cleaned, reflowed, adjusted, removed" },
    { line: "C1 2x16µ -> C1A 16µ/450 + C1B 16µ/450", says: "one original by several new parts" },
    { line: "R9 left: within twice the tolerance", says: "left, and why" },
    {
      line: "V4 6V6 substituted -> 6F6: put back a 6V6",
      says: "found with another in its place, and how to put it back",
    },
    { line: "C14 found fitted -> 0.05/600", says: "renewed by an earlier hand" },
    {
      line: "C14 -> 0.047/630 from owner old to owner",
      says: "the owner brought it; the old one: bag, kept, discarded, to supplier",
    },
  ],
};
