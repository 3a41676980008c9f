import { z } from "zod";
import { id, text, v1 } from "../log";
import { notUnderstood, onTape, piece, readAs, textOf, type LineReading, type Piece } from "../shorthand";
import { defineKind, unchanged, noRow, nothing, silent, unjudged, type Reader } from "./kind";
import { WAIT_NAMES, WAITS, type OpenPoint, type Wait } from "./open";

const payload = z.object({
  v: v1,
  text: text("The note"),
  /** an open point stays on the run sheet until a later note closes it */
  open: z.boolean().default(false),
  waits: z.enum(WAITS).optional(),
  closes: z.array(id).max(50).default([]),
  /** it goes into the owner's record: what was found inside, what a case was painted with */
  record: z.boolean().optional(),
});
export type Note = z.infer<typeof payload>;

const noteOf = (rest: Piece, extra: object): LineReading =>
  readAs({ v: 1, text: textOf(rest), open: false, closes: [], ...extra }, rest.start);

const WAITED: Record<Wait, RegExp> = {
  parts: /^parts?\b[:\s]*/i,
  owner: /^(?:owner|customer|client)(?:['’]s (?:answer|word))?(?![a-z])[:\s]*/i,
  process: /^(?:process\b[:\s]*|(?=(?:paint|glue|lacquer|varnish|epoxy)\b))/i,
};

/** `wait parts 0.047/630 on order`, `waiting for the owner: new cloth or old?` */
const readWait: Reader = (rest) => {
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
  if (said.length === found[0].length) return notUnderstood(rest.end, `Say which: wait ${waits} and a word about it.`);
  return noteOf(piece(rest.line, rest.start + lead + found[0].length, rest.end), { open: true, waits });
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

/** Something worth keeping, an open point, something waited for, or the word that settles one. */
export const note = defineKind({
  kind: "note",
  version: 1,
  schema: payload,
  upgrades: {},
  fields: { text: "text", open: "open point", waits: "waits for", closes: "settles", record: "for the record" },
  about: () => "the set",
  tied: [],
  judge: unjudged,
  describe: ({ text: said, open, waits, closes, record }) => ({
    subject: record
      ? "Note for the record"
      : waits
        ? `Waits for ${WAIT_NAMES[waits]}`
        : open
          ? "Open point"
          : closes.length > 0
            ? "Settled"
            : "Note",
    text: said,
  }),
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
    { line: "wait parts 0.047/630 on order", says: "something waited for: parts, owner, process" },
    { line: "settled #12 new lead fitted", says: "an open point is settled; several: settled #12 #14" },
  ],
  designators: nothing,
  works: nothing,
  changes: unchanged,
  handsInside: false,
  afterHandBack: "taken",
  takes: nothing,
  lane: "notes",
  inFile: "shown",
  csv: noRow,
  sections: ({ record }) => (record ? ["notes"] : []),
  open: (mine) => {
    const closed = new Set(mine.flatMap(({ content }) => content.payload.closes));
    return mine
      .filter(({ entry, content }) => content.payload.open && !closed.has(entry.id))
      .map(({ entry, content: { payload: one } }): OpenPoint => ({
        id: entry.id,
        visitId: entry.visitId,
        kind: "note",
        text: one.text,
        blocks: true,
        ...(one.waits ? { waits: one.waits } : {}),
      }));
  },
  evidence: silent,
});
