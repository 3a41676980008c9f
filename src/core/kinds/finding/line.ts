import { faultName } from "../../diagnosis";
import {
  notUnderstood,
  onTape,
  payloadOf,
  piece,
  readAs,
  refer,
  textOf,
  type LineContext,
  type LineReading,
  type NumberOf,
  type Piece,
  type ReadContext,
} from "../../shorthand";
import type { KindLine } from "../kind";
import type { Finding } from "./payload";

/** `found output.coupling-leaky: words; mended: …`, `found C14: …` where only one fault of that part comes into question. */
export function readFinding(rest: Piece, context: ReadContext, word: string): LineReading {
  const text = textOf(rest);
  const about = /^#(\d+)[:\s]*/.exec(text);
  if (word === "reopen" || about) return laterFinding(rest, context, word, about);
  const found = /^([A-Za-z0-9.@-]+)\s*:?\s*(.*)$/s.exec(text);
  const { system } = context.searched();
  const [, name = "", cause = ""] = found ?? [];
  const exact = system.faults.find(({ id }) => id.toLowerCase() === name.toLowerCase());
  const base = payloadOf<Finding>(context.base, "finding");
  if (!exact && base?.fault.toLowerCase() === name.toLowerCase())
    // The circuit has changed since: the fault that was found stays what it was.
    return readAs({ v: 1, fault: base.fault, state: "found", ...causeIn(cause, base.cause) }, rest.end);
  const alike = exact ? [exact] : system.faults.filter(({ designator }) => designator === name.toUpperCase());
  if (alike.length === 0)
    return notUnderstood(
      rest.start,
      "Name the part or the fault that was found: found C14: leaks, the grid falls to zero with it lifted.",
    );
  // The words tell which one, where only one of them fails in that way: `leaks`, `open`, `shorted`.
  const lastWord = (mode: string) => mode.trim().split(/\s+/).at(-1)?.toLowerCase() ?? "";
  const told = alike.filter(({ mode }) =>
    cause
      .toLowerCase()
      .split(/[^a-z]+/)
      .includes(lastWord(mode.name)),
  );
  const one = alike.length === 1 ? alike[0] : told.length === 1 ? told[0] : undefined;
  if (!one)
    return {
      kind: "question",
      question: `What is wrong with ${name.toUpperCase()}?`,
      choices: alike
        .slice(0, 4)
        .map((fault) => ({ label: faultName(fault), text: `found ${fault.id}: ${cause || fault.mode.name}` })),
    };
  return readAs({ v: 1, fault: one.id, state: "found", ...causeIn(cause, faultName(one)) }, rest.end, [faultName(one)]);
}

/** `leaks; mended: C14 replaced`: the cause, and what mended it. */
function causeIn(text: string, otherwise: string): Pick<Finding, "cause" | "mended"> {
  const [what = "", mended] = text.split(/;\s*mended:?\s*/i);
  return { cause: what.trim() || otherwise, ...(mended?.trim() ? { mended: mended.trim() } : {}) };
}

const GONE = /(?:^|;\s*)gone\s+((?:#\d+[,\s]*)+)/i;

/** `found #12 mended: C14 replaced; gone #18`, `reopen #12 hum is still there`: a later word on a finding. */
function laterFinding(rest: Piece, context: LineContext, word: string, about: RegExpExecArray | null): LineReading {
  const target = onTape(about?.[1], context);
  const named = payloadOf<Finding>(target?.content, "finding");
  if (!about || !target || !named)
    return notUnderstood(rest.start, "Say which finding, by its number on the tape: reopen #12 hum is still there.");
  const root = named.about ?? target.id;
  const base = payloadOf<Finding>(context.base, "finding");
  // The last word on the finding is what this one adds to. A correction says what it changes.
  const before = base
    ? { v: 1, fault: base.fault, cause: base.cause }
    : context.tape.reduce((last, { id, content }) => {
        const one = payloadOf<Finding>(content, "finding");
        return one && (id === root || one.about === root) ? one : last;
      }, named);
  const said = textOf(piece(rest.line, rest.start + about[0].length, rest.end)).trim();
  const made = { ...before, about: root };
  if (word === "reopen") return readAs({ ...made, state: "reopened", gone: [], why: said || undefined }, rest.end);
  const numbers = [...(GONE.exec(said)?.[1] ?? "").matchAll(/#(\d+)/g)].map(([, n]) => n);
  const shown = numbers.map((n) => onTape(n, context)?.id);
  const lost = numbers.find((_, index) => !shown[index]);
  if (lost) return notUnderstood(rest.end, `#${lost} is not on the tape.`);
  const mended = said
    .replace(GONE, "")
    .replace(/^mended:?\s*/i, "")
    .trim();
  return readAs(
    { ...made, state: "found", ...(mended ? { mended } : {}), ...(shown.length > 0 ? { gone: shown } : {}) },
    rest.end,
  );
}

export function writeFinding({ fault, cause, state, mended, gone, about, why }: Finding, numberOf: NumberOf): string {
  const n = about ? numberOf(about) : undefined;
  if (state === "reopened") return `reopen #${n ?? "?"} ${why ?? ""}`.trim();
  const shown = gone.flatMap((one) => refer(one, numberOf) || []).join(" ");
  if (n !== undefined)
    return `found #${n}${mended ? ` mended: ${mended}` : ""}${shown ? `${mended ? ";" : ""} gone ${shown}` : ""}`;
  return `found ${fault}: ${cause}${mended ? `; mended: ${mended}` : ""}`;
}

export const line: KindLine<Finding> = {
  words: [{ begins: /^(found|reopen)(?=\s)\s*/i, read: readFinding }],
  write: writeFinding,
  examples: [
    { line: "found C14: leaks, grid falls with it lifted", says: "the fault is found" },
    { line: "found #12 mended: C14 replaced; gone #18", says: "what mended it, and what shows it gone" },
    { line: "reopen #12 hum is still there", says: "the search goes on" },
  ],
};
