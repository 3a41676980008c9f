import { parsePart, format, formatPart, quantityOfDesignator, type PartSpec, type Quantity } from "../quantity";
import { NEEDS_REASON, judgeReading, type Action, type Fitted, type OldPart } from "../history";
import { compareParts, UNMARKED_PART_TOLERANCE } from "../readings";
import { partRules } from "../model";
import { draftOf } from "./check";
import { testOfPart } from "./test-line";
import { got, notUnderstood, stop, type LineContext, type LineResult, type Step } from "./types";
import { markingAt, measuredAt, piece, textOf, type Piece } from "./values";

/** `C14`, `C14!` (yes, it is in this set), `C1+C2` at the start of a line. */
const HEAD = /^\s*([A-Za-z]{1,3}\d{1,3}[A-Za-z]?)(!?)((?:\s*[+,]\s*[A-Za-z]{1,3}\d{1,3}[A-Za-z]?!?)*)(?=\s|:|=|$)/;

const ACTION_WORDS: [RegExp, Action][] = [
  [/\brestuff(?:ed)?\b/i, "restuffed"],
  [/\breplaced?\b/i, "replaced"],
  [/\breflow(?:ed)?\b/i, "reflowed"],
  [/\bclean(?:ed)?\b/i, "cleaned"],
  [/\blub(?:e|ed|ricated?)\b/i, "lubricated"],
  [/\badjust(?:ed)?\b/i, "adjusted"],
  [/\brepair(?:ed)?\b/i, "repaired"],
  [/\b(?:left|leave)\b/i, "left"],
  [/\bremoved?\b/i, "removed"],
  [/\bdisconnect(?:ed)?\b/i, "disconnected"],
];

const OLD_WORDS: Record<string, OldPart> = {
  "in bag": "bag",
  bag: "bag",
  kept: "kept",
  discarded: "discarded",
  "in shell": "in-shell",
};
const OLD_CLAUSE = /\s+old (in bag|bag|kept|discarded|in shell)\s*$/i;

export type Head = { designators: string[]; confirmed: boolean; end: number };

/** The designators that a line begins with, if it does. */
export function headOf(line: string): Head | undefined {
  const found = HEAD.exec(line);
  if (!found) return undefined;
  const [whole, first = "", mark = "", more = ""] = found;
  const others = more.split(/[+,]/).map((text) => text.trim()).filter(Boolean);
  const all = [first + mark, ...others];
  return {
    designators: all.map((text) => text.replace("!", "").toUpperCase()),
    confirmed: all.some((text) => text.endsWith("!")),
    end: whole.length,
  };
}

/** A designator that the set does not have is a question, not a refusal. */
export function unknownDesignator(line: string, head: Head, context: LineContext): LineResult | undefined {
  const stranger = head.designators.find((designator) => !context.known.has(designator));
  if (context.known.size === 0 || head.confirmed || !stranger) return undefined;
  const letters = stranger.replace(/\d.*$/, "");
  const near = [...context.known].filter((designator) => designator.replace(/\d.*$/, "") === letters && designator !== stranger);
  const digits = Number(stranger.replace(/\D/g, ""));
  const distance = (designator: string) => Math.abs(Number(designator.replace(/\D/g, "")) - digits);
  const suggestions = near.sort((a, b) => distance(a) - distance(b)).slice(0, 2);
  const swap = (designator: string) => line.replace(new RegExp(stranger, "i"), designator);
  return {
    kind: "question",
    question: `${stranger} is not on this model's parts list. Is it really in this set?`,
    choices: [
      { label: `Yes, ${stranger} is in this set`, text: swap(`${stranger}!`) },
      ...suggestions.map((designator) => ({ label: `I meant ${designator}`, text: swap(designator) })),
    ],
  };
}

type Before = { was?: string; spec?: PartSpec; found?: string; measured?: { text: string; value: number; quantity: Quantity }; inCircuit: boolean };

/** What stands left of the arrow or the action: was, `= measured`, and a word on its state. */
function readBefore(where: Piece, designator: string, context: LineContext): Step<Before> {
  const rules = partRules(context.sheet, designator);
  const quantity = quantityOfDesignator(designator);
  const text = textOf(where);
  const equals = text.indexOf("=");
  const left = piece(where.line, where.start, equals < 0 ? where.end : where.start + equals);
  const before: Before = { inCircuit: true };
  const leftText = textOf(left);
  if (leftText !== "") {
    const marking = /^[\d.,½¼¾µ]|^[Rnp]\d/.test(leftText) && quantity ? markingAt(left, rules) : undefined;
    if (marking && !marking.ok) return marking;
    if (marking) Object.assign(before, { was: marking.value.text, spec: marking.value.value, ...(marking.value.rest ? { found: marking.value.rest } : {}) });
    else before.found = leftText;
  }
  if (equals < 0) return got(before);
  if (!quantity) return stop(notUnderstood(where.start + equals, `${designator} has no single value to measure: name what was measured, like V3 plate 240.`));
  const right = piece(where.line, where.start + equals + 1, where.end);
  const value = measuredAt(right, quantity, rules);
  if (!value.ok) return value;
  const circuit = /^(?:(in circuit)|(lifted|out))(?=\s|$)\s*/i.exec(value.value.rest);
  const rest = value.value.rest.slice(circuit?.[0].length ?? 0);
  if (rest) before.found = [before.found, rest].filter(Boolean).join(" ");
  before.measured = { text: value.value.text, value: value.value.value, quantity };
  before.inCircuit = !circuit?.[2];
  return got(before);
}

/** What stands right of the arrow: one part, or several joined by ` + `, each with a designator of its own if it has one. */
function readNow(where: Piece, designator: string, context: LineContext): Step<{ fitted: Fitted[]; specs: PartSpec[] }> {
  const fitted: Fitted[] = [];
  const specs: PartSpec[] = [];
  let start = where.start;
  const pieces = textOf(where).split(/\s\+\s(?=[A-Za-z])/);
  for (const text of pieces) {
    const own = /^\s*([A-Za-z]{1,3}\d{1,3}[A-Za-z]?)\s+/.exec(text);
    const isDesignator = own !== null && own[1] !== undefined && quantityOfDesignator(own[1]) === quantityOfDesignator(designator) && own[1].replace(/\d.*$/, "").toUpperCase() === designator.replace(/\d.*$/, "");
    const name = isDesignator ? (own?.[1] ?? designator).toUpperCase() : designator;
    const valuePiece = piece(where.line, start + (isDesignator ? (own?.[0].length ?? 0) : 0), start + text.length);
    start += text.length + 3;
    const shown = textOf(valuePiece);
    if (shown === "") return stop(notUnderstood(valuePiece.start, "Say what goes in: value and rating, like 0.047/630."));
    const rules = partRules(context.sheet, designator);
    if (!rules.quantity) {
      fitted.push({ designator: name, text: shown });
      continue;
    }
    const marking = markingAt(valuePiece, rules);
    if (!marking.ok) return marking;
    fitted.push({ designator: name, text: marking.value.text, ...(marking.value.rest ? { note: marking.value.rest } : {}) });
    specs.push(marking.value.value);
  }
  return got({ fitted, specs });
}

function readingDraft(designator: string, before: Before, context: LineContext, at: number): LineResult {
  const measured = before.measured;
  if (!measured) return notUnderstood(at, `${designator}: write = and the measured value.`);
  const base = context.base?.kind === "reading" && context.base.payload.point === designator ? context.base.payload : undefined;
  const component = context.sheet.components.find((item) => item.designator === designator);
  const drawn = component ? parsePart(component.drawn, partRules(context.sheet, designator)) : undefined;
  const spec = before.spec ?? (drawn?.ok ? drawn.value : undefined);
  const [nominal] = spec && spec.sections.length === 1 ? spec.sections : [];
  const expected =
    nominal !== undefined && nominal > 0
      ? { text: before.was ?? component?.drawn ?? "", value: nominal, tolerance: spec?.tolerance ?? UNMARKED_PART_TOLERANCE }
      : undefined;
  const keep = base?.expected && (!before.was || base.expected.text === before.was) ? base.expected : expected;
  const inCircuit = measured.quantity === "resistance" && before.inCircuit;
  const payload = {
    v: 1 as const,
    phase: base?.phase ?? context.phase,
    point: designator,
    designator,
    quantity: measured.quantity,
    measured: { text: measured.text, value: measured.value },
    ...(keep ? { expected: keep } : {}),
    ...(inCircuit ? { inCircuit } : {}),
    ...(base?.meter ? { meter: base.meter } : {}),
  };
  const hints = [...judgeReading(payload).reasons, ...(inCircuit ? ["Taken as in circuit; write “lifted” behind it when one end is off."] : [])];
  if (nominal === undefined && spec) hints.push("A can of several sections: name the section to judge it.");
  return draftOf({ kind: "reading", payload }, at, hints);
}

const EXAMPLES = "add -> and the new value, = and a measured value, or what was done (cleaned, left: why)";

/** A line that begins with a designator: work on a part, a reading of it, or a test of a tube. */
export function parsePartLine(line: string, head: Head, context: LineContext): LineResult {
  const [designator = ""] = head.designators;
  const stranger = unknownDesignator(line, head, context);
  const old = OLD_CLAUSE.exec(line);
  const end = old ? old.index : line.length;
  const colon = /:(?=\s|$)/.exec(line.slice(0, end))?.index;
  const bodyEnd = colon ?? end;
  const why = colon === undefined ? "" : line.slice(colon + 1, end).trim();
  const body = line.slice(0, bodyEnd);
  const arrow = /->|→/.exec(body);
  const action = ACTION_WORDS.map(([pattern, name]) => {
    const match = pattern.exec(body.slice(head.end, arrow?.index));
    return match ? { name, at: head.end + match.index, length: match[0].length } : undefined;
  }).find((match) => match !== undefined);

  const test = testOfPart(piece(line, head.end, line.length), designator, context);
  if (test && !arrow && !action) return stranger ?? test;
  if (!arrow && !action) {
    if (why) return notUnderstood(colon ?? 0, `What was done to ${designator} is missing before the colon: ${EXAMPLES}.`);
    const before = readBefore(piece(line, head.end, bodyEnd), designator, context);
    if (!before.ok) return before.result;
    if (before.value.measured) return stranger ?? readingDraft(designator, before.value, context, head.end);
    return notUnderstood(line.length, `${head.designators.join("+")}: ${EXAMPLES}.`);
  }

  const beforePiece = piece(line, head.end, Math.min(arrow?.index ?? bodyEnd, action?.at ?? bodyEnd));
  const before = readBefore(beforePiece, designator, context);
  if (!before.ok) return before.result;
  const between = action ? body.slice(action.at + action.length, arrow?.index ?? bodyEnd).trim() : "";
  const name: Action = action?.name ?? "replaced";
  const now = arrow ? readNow(piece(line, arrow.index + arrow[0].length, bodyEnd), designator, context) : got({ fitted: [] as Fitted[], specs: [] as PartSpec[] });
  if (!now.ok) return now.result;
  const { was, spec, found, measured } = before.value;
  // `R9 left within tolerance` gives its reason without a colon; elsewhere such words say what was found.
  const reason = why || (NEEDS_REASON.includes(name) ? between : "");
  const remark = [found, NEEDS_REASON.includes(name) ? "" : between].filter(Boolean).join(" ");
  const content = {
    kind: "part-work",
    payload: {
      v: 1,
      designators: head.designators,
      action: name,
      ...(was ? { was } : {}),
      ...(remark ? { found: remark } : {}),
      ...(measured ? { measured } : {}),
      now: now.value.fitted,
      ...(reason ? { why: reason } : {}),
      ...(old ? { oldPart: OLD_WORDS[(old[1] ?? "").toLowerCase()] } : {}),
    },
  };
  const drawn = context.sheet.components.find((item) => item.designator === designator)?.drawn;
  const drawnPart = drawn ? parsePart(drawn, partRules(context.sheet, designator)) : undefined;
  const compared = spec ?? (drawnPart?.ok ? drawnPart.value : undefined);
  const hints = compared && now.value.specs.length > 0 ? compareParts(compared, now.value.specs) : [];
  if (was && drawnPart?.ok && spec && formatPart({ ...spec, sections: spec.sections }) !== formatPart(drawnPart.value) && spec.sections[0] !== drawnPart.value.sections[0])
    hints.push(`The drawing has ${format(drawnPart.value.sections[0] ?? 0, drawnPart.value.quantity)} at ${designator}.`);
  const checked = draftOf(content, name === "replaced" && !arrow ? line.length : head.end, hints);
  return checked.kind === "draft" && stranger ? stranger : checked;
}

