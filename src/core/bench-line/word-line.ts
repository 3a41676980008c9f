import { WAITS } from "../history";
import { STEP_NAMES, STEPS } from "../model";
import { draftOf } from "./check";
import { clauses } from "./clauses";
import { readApproved, readBack, readEstimate, readLabour, readLoan, readMod, readSoak, readTick } from "./job-line";
import { readMeasure } from "./measure-line";
import { readPlan } from "./plan-line";
import { readPower } from "./power-line";
import { readSafe } from "./safe-line";
import { readFinding, readSearch } from "./search-line";
import { readSetup } from "./setup-line";
import { readTakeIn } from "./take-in-line";
import { parseTestLine } from "./test-line";
import { readTube } from "./tube-line";
import { notUnderstood, type LineContext, type LineResult } from "./types";
import { piece, textOf, type Piece } from "./values";

type Reader = (rest: Piece, context: LineContext, word: string) => LineResult;

const readHandBack: Reader = (rest, context) => {
  if (context.barred?.length && context.base?.kind !== "hand-back")
    return notUnderstood(
      rest.start,
      `Not yet: ${context.barred.join("; ")}. Do it, waive it with its reason (tick … skipped: why), take it out (back #12), look at it (final screws ok), or write down the owner's answer (approved 90 EUR; by …; how phone).`,
    );
  const { first, named } = clauses(rest);
  const payload: Record<string, unknown> = { v: 1, summary: first, oldParts: "none" };
  for (const { word, value, at } of named) {
    if (word === "left" || word === "watch") payload[word] = value;
    else if (word === "next") payload.nextService = value;
    else if (word === "use") payload.instructions = value;
    else if (word === "warranty") payload.warrantyMonths = Number.parseInt(value, 10);
    else if (word === "old" && /^parts (returned|kept|none)$/.test(value)) payload.oldParts = value.slice(6);
    else
      return notUnderstood(
        at,
        `“${word}” is not known here: left, watch, use, old parts returned / kept / none, warranty and months, or next and a date.`,
      );
  }
  return draftOf({ kind: "hand-back", payload }, rest.start);
};

const readSymptom: Reader = (rest, context, word) => {
  const state = word === "gone" || word === "changed" ? word : "present";
  const about = /^#(\d+)\s*/.exec(textOf(rest));
  const target = about ? context.tape.find((item) => item.n === Number(about[1])) : undefined;
  if (about && target?.content?.kind !== "symptom")
    return notUnderstood(rest.start, `#${about[1]} is not a symptom on the tape.`);
  const what =
    textOf(rest)
      .slice(about?.[0].length ?? 0)
      .trim() || (target?.content?.kind === "symptom" ? target.content.payload.what : "");
  const payload = { v: 1, what, state, ...(target ? { about: target.id } : {}) };
  return draftOf({ kind: "symptom", payload }, rest.start);
};

const note = (rest: Piece, extra: object): LineResult =>
  draftOf({ kind: "note", payload: { v: 1, text: textOf(rest), open: false, closes: [], ...extra } }, rest.start);

const readWait: Reader = (rest) => {
  const found = /^(?:for\s+)?(parts|owner|process)\b[:\s]*/i.exec(textOf(rest));
  const waits = WAITS.find((name) => name === found?.[1]?.toLowerCase());
  if (!found || !waits)
    return notUnderstood(rest.start, `Say what it waits for: wait ${WAITS.join(", wait ")}, and a word about it.`);
  return note(piece(rest.line, rest.start + found[0].length, rest.end), { open: true, waits });
};

const readClose: Reader = (rest, context) => {
  const found = /^#(\d+)[:\s]*/.exec(textOf(rest));
  const target = context.tape.find((item) => item.n === Number(found?.[1]));
  if (!found || !target)
    return notUnderstood(
      rest.start,
      "Say which open point is settled, by its number on the tape: settled #12 and how.",
    );
  const body = piece(rest.line, rest.start + found[0].length, rest.end);
  return textOf(body) === "" ? notUnderstood(rest.end, "Say how it was settled.") : note(body, { closes: [target.id] });
};

const readStep: Reader = (rest, _context, word) => {
  const text = textOf(rest).toLowerCase();
  const found = STEPS.find((step) => text.startsWith(step) || text.startsWith(STEP_NAMES[step].toLowerCase()));
  if (!found)
    return notUnderstood(
      rest.start,
      `Name the step: ${STEPS.map((step) => STEP_NAMES[step].toLowerCase()).join(", ")}.`,
    );
  const reason = textOf(rest)
    .slice(found.length)
    .replace(/^[:\s]+/, "")
    .trim();
  const state = word === "done" ? "passed" : "overridden";
  return draftOf({ kind: "step", payload: { v: 1, step: found, state, ...(reason ? { reason } : {}) } }, rest.end);
};

const WORDS: [RegExp, Reader][] = [
  [/^(\?)/, readSymptom],
  [/^(gone|changed)(?=\s|$)[:\s]*/i, readSymptom],
  [/^(note)(?=\s|:|$)[:\s]*/i, (rest) => note(rest, {})],
  [/^(todo)(?=\s|:|$)[:\s]*/i, (rest) => note(rest, { open: true })],
  [/^(waits?)(?=\s|$)[:\s]*/i, readWait],
  [/^(settled)(?=\s|$)\s*/i, readClose],
  [/^(done|pass)(?=\s|$)\s*/i, readStep],
  [/^(test)(?=\s|$)\s*/i, parseTestLine],
  [/^(measure)(?=\s|$)\s*/i, readMeasure],
  [/^(tube)(?=\s|$)\s*/i, readTube],
  [/^(inject|trace|look|tap|swap|check|works)(?=\s)\s*/i, readSearch],
  // These words are also names of points: an equals sign makes them a test.
  [/^(play|listen|output|hum|noise|steady|dial|bands|warm)(?=\s*(?:tx|transmit|down)?\s*=)\s*/i, readSearch],
  [/^(found|reopen)(?=\s)\s*/i, readFinding],
  [/^(plan)(?=\s|$)\s*/i, readPlan],
  [/^(take[ -]in)(?=\s|:|$)[:\s]*/i, readTakeIn],
  [/^(safe|final)(?=\s|$)\s*/i, readSafe],
  [/^(mod)(?=\s|:|$)[:\s]*/i, readMod],
  [/^(tick)(?=\s|$)\s*/i, readTick],
  [/^(loan)(?=\s|$)\s*/i, readLoan],
  [/^(back)(?=\s+#)\s*/i, readBack],
  [/^(soak)(?=\s|$)\s*/i, readSoak],
  [/^(labour)(?=\s|$)\s*/i, readLabour],
  [/^(estimate)(?=\s|$)\s*/i, readEstimate],
  [/^(approved)(?=\s|$)\s*/i, readApproved],
  [/^(power)(?=\s|$)\s*/i, readPower],
  [/^(setup|set-up)(?=\s|$)\s*/i, readSetup],
  [/^(hand[ -]back)(?=\s|:|$)[:\s]*/i, readHandBack],
];

/** A line that begins with one of the line's words. Undefined when it does not. */
export function parseWordLine(line: string, context: LineContext): LineResult | undefined {
  const lead = line.length - line.trimStart().length;
  for (const [pattern, read] of WORDS) {
    const found = pattern.exec(line.slice(lead));
    if (found) return read(piece(line, lead + found[0].length, line.length), context, (found[1] ?? "").toLowerCase());
  }
  return undefined;
}
