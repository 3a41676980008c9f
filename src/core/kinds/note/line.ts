import { dayInWords, withDay } from "../../days";
import {
  notUnderstood,
  onTape,
  payloadOf,
  piece,
  readAs,
  textOf,
  type LineReading,
  type Piece,
  type ReadContext,
} from "../../shorthand";
import type { KindLine, Reader } from "../kind";
import { WAIT_NAMES, WAITS, type Wait } from "../open";
import type { Note } from "./payload";

const noteOf = (rest: Piece, extra: object): LineReading =>
  readAs({ v: 1, text: textOf(rest), open: false, closes: [], ...extra }, rest.start);

const WAITED: Record<Wait, RegExp> = {
  parts: /^parts?\b[:\s]*/i,
  owner:
    /^(?:(?:owner|customer|client)(?:['’]s (?:answer|word|reply))?(?![a-z])[:\s]*|(?=(?:answer|reply|word) (?:of|from) (?:the )?(?:owner|customer|client)\b))/i,
  process: /^(?:process\b[:\s]*|(?=(?:paint|glue|lacquer|varnish|epoxy)\b))/i,
};

/** What is waited for, with the day of it as a date: the plan of the week goes by that. */
function waitOf(rest: Piece, waits: Wait, { today, base }: ReadContext): LineReading {
  const day = withDay(textOf(rest), today);
  // What was said on another day meant another Friday.
  const before = payloadOf<Note>(base, "note")?.text;
  if (!day || before?.includes(day.said)) return noteOf(rest, { open: true, waits });
  const [first, ...others] = day.may;
  if (!first) return notUnderstood(rest.start, `“${day.said}” is not a day of the calendar.`);
  return others.length === 0
    ? noteOf(rest, { open: true, waits, text: first.text })
    : {
        kind: "question",
        question: `Which day is “${day.said}”?`,
        choices: day.may.map(({ day: one, text }) => ({ label: dayInWords(one), text: `wait ${waits} ${text}` })),
      };
}

/** `wait parts 0.047/630 on order`, `waiting for the owner: new cloth or old?` */
const readWait: Reader = (rest, context) => {
  const lead = /^(?:(?:for|on)\s+)?(?:the\s+)?/i.exec(textOf(rest))?.[0].length ?? 0;
  const said = textOf(rest).slice(lead);
  const waits = WAITS.find((one) => WAITED[one].test(said));
  if (!waits)
    return said === ""
      ? notUnderstood(rest.start, `Say what it waits for: wait ${WAITS.join(", wait ")}, and a word about it.`)
      : {
          kind: "question",
          question: `What does it wait for with “${said}”?`,
          choices: WAITS.map((one) => ({ label: `For ${WAIT_NAMES[one]}`, text: `wait ${one} ${said}` })),
        };
  const found = WAITED[waits].exec(said) ?? [""];
  // “Waiting for parts” is all that there is to say.
  if (said.length === found[0].length && /^(?:for|on)\s/i.test(textOf(rest)))
    return noteOf(piece(rest.line, rest.start + lead, rest.end), { open: true, waits });
  if (said.length === found[0].length) return notUnderstood(rest.end, `Say which: wait ${waits} and a word about it.`);
  return waitOf(piece(rest.line, rest.start + lead + found[0].length, rest.end), waits, context);
};

/** `settled #12 new lead fitted`, `settled #12 #14 both leads are new` */
const readSettled: Reader = (rest, context) => {
  const found = /^((?:#\d+[,\s]*)+)[:\s]*/.exec(textOf(rest));
  const targets = [...(found?.[1] ?? "").matchAll(/#(\d+)/g)].map(([, n]) => onTape(n, context));
  const closes = targets.flatMap((target) => target?.id ?? []);
  if (!found || closes.length < targets.length)
    return notUnderstood(
      rest.start,
      "Say which open point is settled, by its number on the tape: settled #12 and how.",
    );
  const body = piece(rest.line, rest.start + found[0].length, rest.end);
  return textOf(body) === "" ? notUnderstood(rest.end, "Say how it was settled.") : noteOf(body, { closes });
};

export const line: KindLine<Note> = {
  words: [
    { begins: /^(note!)(?=\s|$)\s*/i, read: (rest) => noteOf(rest, { record: true }) },
    { begins: /^(note)(?=\s|:|$)[:\s]*/i, read: (rest) => noteOf(rest, {}) },
    { begins: /^(todo)(?=\s|:|$)[:\s]*/i, read: (rest) => noteOf(rest, { open: true }) },
    { begins: /^(wait(?:s|ing)?)(?=\s|$)[:\s]*/i, read: readWait },
    { begins: /^(settled)(?=\s|$)\s*/i, read: readSettled },
  ],
  write: ({ text: said, open, waits, closes, record }, numberOf) => {
    const numbers = closes.flatMap((one) => numberOf(one) ?? []);
    if (numbers.length > 0) return `settled ${numbers.map((n) => `#${n}`).join(" ")} ${said}`;
    if (waits) return `wait ${waits} ${said}`;
    return `${open ? "todo" : record ? "note!" : "note"} ${said}`;
  },
  examples: [
    { line: "note washer found inside", says: "a note" },
    { line: "note! odd crystal of 3.515 MHz in socket 4", says: "a note that goes into the owner's record" },
    { line: "todo renew the mains lead", says: "an open point" },
    {
      line: "wait parts 0.047/630 on order, by 4 Dec",
      says: "something waited for: parts, owner, process; its day also as Friday, in two weeks",
    },
    { line: "settled #12 new lead fitted", says: "an open point is settled; several: settled #12 #14" },
  ],
};
