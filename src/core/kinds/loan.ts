import { z } from "zod";
import { id, short, v1, type SettledOf } from "../log";
import { clause, clauses, escaped, notUnderstood, onTape, payloadOf, readAs, refer, textOf } from "../shorthand";
import type { FaultTest } from "./fault-test/payload";
import { defineKind, unchanged, noRow, nothing, silent, standing, unjudged, type Reader } from "./kind";

const payload = z.object({
  v: v1,
  what: short("What is on loan"),
  /** the place that it sits in */
  place: short("The place").optional(),
  from: short("Where it came from").optional(),
  state: z.enum(["in", "out"]),
  /** the entry that put it in */
  about: id.optional(),
});
export type LoanPayload = z.infer<typeof payload>;

/** Something that sits in the set for a test only. */
export type Loan = { id: string; visitId: string; at: string; what: string; place?: string; from?: string };

/** Boards, tubes and parts on loan that nobody has taken out again. A swap made to find a fault is one. */
export function loansOut(settled: readonly SettledOf[]): Loan[] {
  const loans = standing<LoanPayload>(settled, "loan");
  const back = new Set(loans.flatMap(({ content: { payload: one } }) => (one.state === "out" ? [one.about] : [])));
  const lent = loans
    .filter(({ entry, content }) => content.payload.state === "in" && !back.has(entry.id))
    .map(({ entry, at, content: { payload: one } }): Loan => ({
      id: entry.id,
      visitId: entry.visitId,
      at,
      what: one.what,
      ...(one.place ? { place: one.place } : {}),
      ...(one.from ? { from: one.from } : {}),
    }));
  const swapped = standing<FaultTest>(settled, "fault-test")
    .filter(({ entry, content }) => content.payload.test.startsWith("swap:") && !back.has(entry.id))
    .map(({ entry, at, content }): Loan => ({
      id: entry.id,
      visitId: entry.visitId,
      at,
      what: `swapped in for “${content.payload.what}”`,
    }));
  return [...lent, ...swapped].sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
}

/** `loan V4 6V6GT; from drawer 3`, `loan board AF-4; at AF socket` */
const readLoan: Reader = (rest) => {
  const { first, named } = clauses(rest);
  const said: Record<string, unknown> = { v: 1, what: first, state: "in" };
  for (const { word, value, at } of named) {
    if (word === "at") said.place = value;
    else if (word === "from") said.from = value;
    else return notUnderstood(at, `“${word}” is not known here: at, from.`);
  }
  return readAs(said, rest.start);
};

/** `back #12`: what was on loan is out again. */
const readBack: Reader = (rest, context) => {
  const n = /^#(\d+)\s*/.exec(textOf(rest));
  const target = onTape(n?.[1], context);
  const what =
    payloadOf<LoanPayload>(target?.content, "loan")?.what ?? payloadOf<FaultTest>(target?.content, "fault-test")?.what;
  if (!target || !what) return notUnderstood(rest.start, "Say which loan is out again, by its number: back #12.");
  return readAs({ v: 1, what, state: "out", about: target.id }, rest.start);
};

/** A board, tube or part that sits in the set for a test only, and its way out again. */
export const loan = defineKind({
  kind: "loan",
  version: 1,
  schema: payload,
  upgrades: {},
  fields: { what: "what", place: "place", from: "from", state: "state", about: "which loan" },
  about: ({ what }) => what,
  tied: [],
  judge: unjudged,
  describe: ({ what, place, from, state }) => ({
    subject: state === "in" ? "On loan" : "Taken out again",
    text: [what, place && `at ${place}`, from && `from ${from}`].filter(Boolean).join(", "),
  }),
  words: [
    { begins: /^(loan)(?=\s|$)\s*/i, read: readLoan },
    { begins: /^(back)(?=\s+#)\s*/i, read: readBack },
  ],
  write: ({ what, place, from, state, about }, numberOf) =>
    state === "out"
      ? `back ${refer(about, numberOf)}`.trim()
      : `loan ${escaped(what)}${clause("at", place)}${clause("from", from)}`,
  examples: [
    { line: "loan spare board; at AF socket", says: "in for a test only" },
    { line: "back #12", says: "out again" },
  ],
  designators: nothing,
  works: nothing,
  changes: unchanged,
  handsInside: true,
  afterHandBack: "taken",
  takes: nothing,
  lane: "parts",
  inFile: "shown",
  csv: noRow,
  sections: nothing,
  open: (_mine, { settled }) =>
    loansOut(settled).map(({ id: entry, visitId, what, place }) => ({
      id: entry,
      visitId,
      kind: "loan",
      text: `On loan${place ? ` at ${place}` : ""}: ${what}. Take it out again, or record it as fitted`,
      blocks: true,
    })),
  evidence: silent,
});
