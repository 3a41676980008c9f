import type { Fitted } from "../../log";
import {
  asQuoted,
  clause,
  clauses,
  escaped,
  notUnderstood,
  onTape,
  payloadOf,
  readAs,
  refer,
  type Clause,
  type LineContext,
  type LineReading,
  type NumberOf,
  type Piece,
} from "../../shorthand";
import type { KindLine } from "../kind";
import { readMinutes } from "../minutes";
import { stockAt } from "../part-work/pieces";
import { MOD_STATE_WORDS, MOD_STATES } from "./values";
import type { ModPayload } from "./payload";
import { readPart, readTap, writeTap, type RecipeLine } from "./pieces";

const TEXTS = { why: "why", by: "askedBy", undo: "undo", use: "instructions", remark: "remark" } as const;

type Mod = Record<string, unknown> & { parts: unknown[]; taps: unknown[]; verify: string[]; recalibrate: string[] };

const FROM = /\s+from\s+(JP[0-9A-Z]{7})\s*$/i;
const NOTE = /\s+["“]([^"”]*)["”]\s*$/;

/** `R901 10k 0.5W "matched" from JP00001A7`: a part with its note and the label that it comes from. */
export function readStockedPart(value: string, context: LineContext): RecipeLine<Fitted> {
  const code = FROM.exec(value)?.[1]?.toUpperCase();
  const stock = code ? stockAt(code, context) : undefined;
  if (code && !stock)
    return { ok: false, message: `${code} is not a label of the stock: scan it again, or leave it out.` };
  const plain = value.replace(FROM, "");
  const note = NOTE.exec(plain)?.[1]?.trim();
  const read = readPart(plain.replace(NOTE, ""));
  return read.ok
    ? { ok: true, value: { ...read.value, ...(note ? { note } : {}), ...(stock ? { stock } : {}) } }
    : read;
}

/** The first entry of the modification that a number on the tape belongs to. */
function rootOf(n: string, context: LineContext): { id: string; payload: ModPayload } | undefined {
  const target = onTape(n, context);
  const payload = payloadOf<ModPayload>(target?.content, "modification");
  return target && payload ? { id: payload.about ?? target.id, payload } : undefined;
}

/** Takes one clause of a modification into its payload; gives a sentence where it does not read. */
function takeClause(mod: Mod, { word, value }: Clause, context: LineContext): string | undefined {
  const field = TEXTS[word as keyof typeof TEXTS];
  if (field) mod[field] = value;
  else if (word === "verify" || word === "recalibrate") mod[word].push(value);
  else if (word === "reversible") mod.reversible = true;
  else if (word === "permanent") mod.reversible = false;
  else if (word === "existing") mod.chassis = "existing-hole";
  else if (word === "drilled") Object.assign(mod, { chassis: "drilled", reversible: false });
  else if (word === "minutes") {
    const minutes = readMinutes(value);
    if (minutes === undefined || !Number.isInteger(minutes))
      return `“${value}” is not a time in whole minutes: minutes 45, minutes 1 h 20 min.`;
    mod.minutes = minutes;
  } else if (word === "about") {
    const root = rootOf(value.replace("#", ""), context);
    if (!root) return `${value} is not a modification on the tape.`;
    mod.about = root.id;
  } else if (word === "part") {
    const read = readStockedPart(value, context);
    if (!read.ok) return read.message;
    mod.parts.push(read.value);
  } else if (word === "tap") {
    const read = readTap(value);
    if (!read.ok) return read.message;
    mod.taps.push(read.value);
  } else
    return `“${word}” is not known here: why, by, part, tap, existing hole, drilled, reversible, permanent, undo, use, verify, recalibrate, minutes, about, remark.`;
  return undefined;
}

const EXAMPLE = `A modification reads like: mod found Audio outlet: a socket at the volume control; reversible; undo … (${MOD_STATES.map((one) => MOD_STATE_WORDS[one]).join(", ")}). One that is on the tape goes by its number: mod put back #12.`;

/** `mod found Audio outlet: a socket at the volume control; part J1 phono socket; existing hole; reversible; undo …`. */
export function readMod(rest: Piece, context: LineContext): LineReading {
  const { first, named } = clauses(rest);
  const found = /^(put back|not done|\S+)\s+([^:]+?)(?::\s*([\s\S]+))?$/i.exec(first);
  const word = (found?.[1] ?? "").toLowerCase();
  const state = MOD_STATES.find((one) => one === word || MOD_STATE_WORDS[one] === word);
  if (!found || !state) return notUnderstood(rest.start, EXAMPLE);
  const number = /^#(\d+)$/.exec(found[2] ?? "");
  const numbered = number ? rootOf(number[1] ?? "", context) : undefined;
  if (number && !numbered) return notUnderstood(rest.start, `#${number[1]} is not a modification on the tape.`);
  const mod: Mod = {
    v: 1,
    name: numbered?.payload.name ?? found[2] ?? "",
    state,
    chassis: "none",
    reversible: true,
    parts: [],
    taps: [],
    verify: [],
    recalibrate: [],
    ...(numbered ? { about: numbered.id } : {}),
  };
  for (const one of named) {
    const trouble = takeClause(mod, one, context);
    if (trouble) return notUnderstood(one.at, trouble);
  }
  // A later state of one that is on the tape: what is not said again stays as it was described last. A correction says
  // what it changes.
  const tape = context.base?.kind === "modification" ? [] : context.tape;
  const described = tape.reduce<ModPayload | undefined>((last, { id, content }) => {
    const payload = payloadOf<ModPayload>(content, "modification");
    return payload && mod.about !== undefined && (id === mod.about || payload.about === mod.about) ? payload : last;
  }, undefined);
  const kept = described ? { ...described, about: mod.about, state } : {};
  const said = Object.fromEntries(
    Object.entries(mod).filter(
      ([key, value]) =>
        !(described && (Array.isArray(value) ? value.length === 0 : ["chassis", "reversible"].includes(key))),
    ),
  );
  const chassis = named.some((one) => ["existing", "drilled"].includes(one.word)) ? { chassis: mod.chassis } : {};
  const reversible = named.some((one) => ["reversible", "permanent", "drilled"].includes(one.word))
    ? { reversible: mod.reversible }
    : {};
  return readAs(
    { ...kept, ...said, ...chassis, ...reversible, what: found[3] ?? described?.what ?? found[2] },
    rest.start,
  );
}

export function writeMod(mod: ModPayload, numberOf: NumberOf): string {
  const about = refer(mod.about, numberOf);
  const part = ({ designator, text, note, stock }: ModPayload["parts"][number]) =>
    clause("part", [designator, text, note && asQuoted(note), stock && `from ${stock.code}`].filter(Boolean).join(" "));
  return (
    `mod ${MOD_STATE_WORDS[mod.state]} ${mod.name}: ${escaped(mod.what)}` +
    clause("why", mod.why) +
    clause("by", mod.askedBy) +
    mod.parts.map(part).join("") +
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

export const line: KindLine<ModPayload> = {
  words: [{ begins: /^(mod)(?=\s|:|$)[:\s]*/i, read: readMod }],
  write: writeMod,
  examples: [
    {
      line: "mod found Zener regulator: two zeners in place of the tube; part D901 110V zener; reversible; undo take the strip out",
      says: "a modification: planned, found, fitted, kept, put back, not done; also tap, existing hole, drilled, verify, use",
    },
    { line: "mod put back #12", says: "another state of one that is on the tape, by its number" },
  ],
};
