import { MOD_STATE_WORDS, MOD_STATES, TICK_LISTS, WAYS, type ContentOf } from "../history";
import { readPart, readTap, writeTap } from "../modifications";
import { STEP_NAMES, STEPS } from "../model";
import { format, formatMoney, parseMoney, parseQuantity, type Money } from "../quantity";
import { draftOf } from "./check";
import { clause, clauses, escaped, type Clause } from "./clauses";
import { notUnderstood, type LineContext, type LineResult } from "./types";
import { piece, textOf, type Piece } from "./values";

/** Loans, soak, labour, estimate, approval, modifications and their ticks on the bench line. */
type Read = (rest: Piece, context: LineContext) => LineResult;
type NumberOf = (id: string) => number | undefined;

const refer = (id: string | undefined, numberOf: NumberOf) => {
  const n = id ? numberOf(id) : undefined;
  return n === undefined ? "" : `#${n}`;
};

/** `loan V4 6V6GT; from drawer 3`, `loan board AF-4; at AF socket`. */
export const readLoan: Read = (rest) => {
  const { first, named } = clauses(rest);
  const payload: Record<string, unknown> = { v: 1, what: first, state: "in" };
  for (const { word, value, at } of named) {
    if (word === "at") payload.place = value;
    else if (word === "from") payload.from = value;
    else return notUnderstood(at, `“${word}” is not known here: at, from.`);
  }
  return draftOf({ kind: "loan", payload }, rest.start);
};

/** `back #12`: what was on loan is out again. */
export const readBack: Read = (rest, context) => {
  const n = /^#(\d+)\s*/.exec(textOf(rest));
  const target = context.tape.find((item) => item.n === Number(n?.[1]));
  const { content } = target ?? {};
  const what =
    content?.kind === "loan" ? content.payload.what : content?.kind === "fault-test" ? content.payload.what : undefined;
  if (!target || !what) return notUnderstood(rest.start, "Say which loan is out again, by its number: back #12.");
  return draftOf({ kind: "loan", payload: { v: 1, what, state: "out", about: target.id } }, rest.start);
};

export function writeLoan({ what, place, from, state, about }: ContentOf<"loan">["payload"], numberOf: NumberOf) {
  if (state === "out") return `back ${refer(about, numberOf)}`.trim();
  return `loan ${escaped(what)}${clause("at", place)}${clause("from", from)}`;
}

const remark = (text: string | undefined) => (text ? `: ${text}` : "");
const split = (text: string) => {
  const [, head = "", tail] = /^([^:]*)(?::\s*([\s\S]*))?$/.exec(text) ?? [];
  return { head: head.trim(), tail: tail?.trim() || undefined };
};

/** `soak start 4 h at 230 V`, `soak pause: shop closes`, `soak end`. */
export const readSoak: Read = (rest) => {
  const { head, tail } = split(textOf(rest));
  const found = /^(start|pause|resume|end)(?:\s+(\d+(?:[.,]\d+)?)\s*h)?(?:\s+at\s+(.+))?$/i.exec(head);
  if (!found)
    return notUnderstood(rest.start, "A soak reads like: soak start 4 h at 230 V, soak pause, soak resume, soak end.");
  const [, state = "", hours, line] = found;
  const volts = line === undefined ? undefined : parseQuantity(line, "voltage");
  if (volts && !volts.ok) return notUnderstood(rest.start, `“${line ?? ""}” is no line voltage.`);
  const payload = {
    v: 1,
    state: state.toLowerCase(),
    ...(hours ? { hours: Number(hours.replace(",", ".")) } : {}),
    ...(volts?.ok ? { lineVolts: volts.value } : {}),
    ...(tail ? { remark: tail } : {}),
  };
  return draftOf({ kind: "soak", payload }, rest.start);
};

export const writeSoak = ({ state, hours, lineVolts, remark: said }: ContentOf<"soak">["payload"]) =>
  `soak ${state}${hours === undefined ? "" : ` ${hours} h`}${lineVolts === undefined ? "" : ` at ${format(lineVolts, "voltage", 4)}`}${remark(said)}`;

/** Minutes of `45 min`, `2 h`, `1 h 20 min`. */
export function readMinutes(text: string): number | undefined {
  const found = /^\s*(?:(\d+(?:[.,]\d+)?)\s*h)?\s*(?:(\d+(?:[.,]\d+)?)\s*(?:min|m)?)?\s*$/i.exec(text);
  if (!found || (found[1] === undefined && found[2] === undefined)) return undefined;
  const number = (part: string | undefined) => Number((part ?? "0").replace(",", "."));
  return number(found[1]) * 60 + number(found[2]);
}

/** `labour fix 45 min: recapping`. */
export const readLabour: Read = (rest) => {
  const { head, tail } = split(textOf(rest));
  const lower = head.toLowerCase();
  const step = STEPS.find((one) => lower.startsWith(one) || lower.startsWith(STEP_NAMES[one].toLowerCase()));
  if (!step) return notUnderstood(rest.start, "Labour belongs to a step: labour fix 45 min: recapping.");
  const minutes = readMinutes(head.slice(step.length));
  if (minutes === undefined) return notUnderstood(rest.start + step.length, "Say how long: 45 min, 1 h 20 min.");
  const payload = { v: 1, step, minutes, ...(tail ? { what: tail } : {}) };
  return draftOf({ kind: "labour", payload }, rest.start);
};

export const writeLabour = ({ step, minutes, what }: ContentOf<"labour">["payload"]) =>
  `labour ${STEP_NAMES[step].toLowerCase()} ${minutes} min${remark(what)}`;

const sum = (text: string): Money | undefined => {
  const none = /^\s*0(?:[.,]0+)?\s*([A-Za-z]{3})?\s*$/.exec(text);
  return none ? { minor: 0, currency: (none[1] ?? "EUR").toUpperCase() } : parseMoney(text);
};

/** `estimate 180 EUR; labour 2 h; parts 40 EUR; tubes not counted`. */
export const readEstimate: Read = (rest) => {
  const { first, named } = clauses(rest);
  const total = sum(first);
  if (!total)
    return notUnderstood(
      rest.start,
      "An estimate begins with its sum, tax included: estimate 180 EUR; labour 2 h; parts 40 EUR.",
    );
  const payload: Record<string, unknown> = { v: 1, total, labourMinutes: 0, parts: { ...total, minor: 0 } };
  for (const { word, value, at } of named) {
    const minutes = word === "labour" ? readMinutes(value) : undefined;
    const parts = word === "parts" ? sum(value) : undefined;
    if (minutes !== undefined) payload.labourMinutes = minutes;
    else if (parts) payload.parts = parts;
    else if (word === "remark") payload.remark = value;
    else return notUnderstood(at, `“${word} ${value}” is not known here: labour and a time, parts and a sum, remark.`);
  }
  return draftOf({ kind: "estimate", payload }, rest.start);
};

export const writeEstimate = ({ total, labourMinutes, parts, remark: said }: ContentOf<"estimate">["payload"]) =>
  `estimate ${formatMoney(total)}; labour ${labourMinutes} min; parts ${formatMoney(parts)}${clause("remark", said)}`;

/** `approved 250 EUR; by Marguerite Osei; how phone`. */
export const readApproved: Read = (rest) => {
  const { first, named } = clauses(rest);
  const limit = sum(first);
  if (!limit)
    return notUnderstood(rest.start, "An approval begins with its sum: approved 250 EUR; by whom; how phone.");
  const payload: Record<string, unknown> = { v: 1, limit, who: "", how: "phone" };
  for (const { word, value, at } of named) {
    if (word === "by") payload.who = value;
    else if (word === "how" && (WAYS as readonly string[]).includes(value.toLowerCase()))
      payload.how = value.toLowerCase();
    else if (word === "remark") payload.remark = value;
    else return notUnderstood(at, `“${word} ${value}” is not known here: by, how (${WAYS.join(", ")}), remark.`);
  }
  if (!payload.who) return notUnderstood(rest.end, "Say who approved: by and the name.");
  return draftOf({ kind: "approval", payload }, rest.start);
};

export const writeApproved = ({ limit, who, how, remark: said }: ContentOf<"approval">["payload"]) =>
  `approved ${formatMoney(limit)}${clause("by", who)}; how ${how}${clause("remark", said)}`;

const MOD_TEXTS = { why: "why", by: "askedBy", undo: "undo", use: "instructions", remark: "remark" } as const;

type Mod = Record<string, unknown> & { parts: unknown[]; taps: unknown[]; verify: string[]; recalibrate: string[] };

/** Takes one clause of a modification into its payload; gives a sentence where it does not read. */
function takeClause(mod: Mod, { word, value }: Clause, context: LineContext): string | undefined {
  const field = MOD_TEXTS[word as keyof typeof MOD_TEXTS];
  if (field) mod[field] = value;
  else if (word === "verify" || word === "recalibrate") mod[word].push(value);
  else if (word === "reversible") mod.reversible = true;
  else if (word === "permanent") mod.reversible = false;
  else if (word === "existing") mod.chassis = "existing-hole";
  else if (word === "drilled") Object.assign(mod, { chassis: "drilled", reversible: false });
  else if (word === "minutes") mod.minutes = readMinutes(value);
  else if (word === "about") {
    const target = context.tape.find((item) => `#${item.n}` === value);
    if (target?.content?.kind !== "modification") return `${value} is not a modification on the tape.`;
    mod.about = target.id;
  } else if (word === "part" || word === "tap") {
    const read = word === "part" ? readPart(value) : readTap(value);
    if (!read.ok) return read.message;
    (word === "part" ? mod.parts : mod.taps).push(read.value);
  } else
    return `“${word}” is not known here: why, by, part, tap, existing hole, drilled, reversible, permanent, undo, use, verify, recalibrate, minutes, about, remark.`;
  return undefined;
}

/** `mod found Audio outlet: a socket at the volume control; part J1 phono socket; existing hole; reversible; undo …`. */
export const readMod: Read = (rest, context) => {
  const { first, named } = clauses(rest);
  const found = /^(put back|not done|\S+)\s+([^:]+?)(?::\s*([\s\S]+))?$/i.exec(first);
  const word = (found?.[1] ?? "").toLowerCase();
  const state = MOD_STATES.find((one) => one === word || MOD_STATE_WORDS[one] === word);
  if (!found || !state)
    return notUnderstood(
      rest.start,
      `A modification reads like: mod found Audio outlet: a socket at the volume control; reversible; undo … (${MOD_STATES.map((one) => MOD_STATE_WORDS[one]).join(", ")}).`,
    );
  const name = found[2] ?? "";
  const mod: Mod = {
    v: 1,
    name,
    state,
    chassis: "none",
    reversible: true,
    parts: [],
    taps: [],
    verify: [],
    recalibrate: [],
  };
  for (const one of named) {
    const trouble = takeClause(mod, one, context);
    if (trouble) return notUnderstood(one.at, trouble);
  }
  // A later state of one that is on the tape: what is not said again stays as it was described.
  const before = context.tape.find((item) => item.id === mod.about)?.content;
  const described = before?.kind === "modification" ? before.payload : undefined;
  const kept = described ? { ...described, about: mod.about, state } : {};
  const said = Object.fromEntries(
    Object.entries(mod).filter(
      ([key, value]) =>
        !(described && (Array.isArray(value) ? value.length === 0 : ["chassis", "reversible"].includes(key))),
    ),
  );
  const payload = { ...kept, ...said, what: found[3] ?? described?.what ?? name };
  return draftOf({ kind: "modification", payload }, rest.start);
};

export function writeMod(mod: ContentOf<"modification">["payload"], numberOf: NumberOf): string {
  const about = refer(mod.about, numberOf);
  return (
    `mod ${MOD_STATE_WORDS[mod.state]} ${mod.name}: ${escaped(mod.what)}` +
    clause("why", mod.why) +
    clause("by", mod.askedBy) +
    mod.parts.map((part) => clause("part", `${part.designator} ${part.text}`)).join("") +
    mod.taps.map((tap) => clause("tap", writeTap(tap))).join("") +
    (mod.chassis === "existing-hole" ? "; existing hole" : mod.chassis === "drilled" ? "; drilled" : "") +
    (mod.chassis === "drilled" ? "" : mod.reversible ? "; reversible" : "; permanent") +
    clause("undo", mod.undo) +
    clause("use", mod.instructions) +
    mod.verify.map((text) => clause("verify", text)).join("") +
    mod.recalibrate.map((text) => clause("recalibrate", text)).join("") +
    (mod.minutes === undefined ? "" : `; minutes ${mod.minutes}`) +
    (about ? `; about ${about}` : "") +
    clause("remark", mod.remark)
  );
}

type ModContent = ContentOf<"modification">["payload"];

/** The line of a modification's lists as it is described. */
function textOfLine(mod: ModContent, list: string, key: string): string | undefined {
  const at = Number(key) - 1;
  if (list === "verify" || list === "recalibrate") return mod[list][at];
  if (list === "step") return mod.steps[at]?.text;
  if (list === "read") return "Read through once";
  return mod.needs[at]?.text;
}

/** `tick #4 prerequisite 2 done: rev D is printed on the board`, `tick #4 step 3 skipped: not fitted; out 6; back 6`. */
export const readTick: Read = (rest, context) => {
  const { first, named } = clauses(rest);
  const found = /^#(\d+)\s+(\S+)\s+(\S+)\s+(done|na|unmet|skipped)(?::\s*([\s\S]+))?$/i.exec(first);
  const target = context.tape.find((item) => item.n === Number(found?.[1]));
  const list = TICK_LISTS.find((one) => one === found?.[2]?.toLowerCase());
  if (!found || target?.content?.kind !== "modification" || !list)
    return notUnderstood(
      rest.start,
      `A tick names the modification by its number, the list (${TICK_LISTS.join(", ")}) and the line: tick #4 step 3 done.`,
    );
  const [, , , key = "", word = "", said] = found;
  const state = word.toLowerCase();
  const text = named.find((one) => one.word === "line")?.value ?? textOfLine(target.content.payload, list, key);
  if (!text) return notUnderstood(rest.start, `There is no line ${key} in that list: give its words with line …`);
  const screws = (name: string) => {
    const value = named.find((one) => one.word === name)?.value;
    return value === undefined ? {} : { [name]: Number(value) };
  };
  const words = said ? (state === "done" ? { saw: said } : { why: said }) : {};
  const about = target.content.payload.about ?? target.id;
  const payload = { v: 1, about, list, key, text, state, ...words, ...screws("out"), ...screws("back") };
  return draftOf({ kind: "tick", payload }, piece(rest.line, rest.start, rest.end).start);
};

export function writeTick(tick: ContentOf<"tick">["payload"], numberOf: NumberOf): string {
  const { list, key, state, saw, why, out, back, text, about } = tick;
  return (
    `tick ${refer(about, numberOf) || "#0"} ${list} ${key} ${state}${remark(escaped(saw ?? why ?? "") || undefined)}` +
    clause("line", text) +
    (out === undefined ? "" : `; out ${out}`) +
    (back === undefined ? "" : `; back ${back}`)
  );
}
