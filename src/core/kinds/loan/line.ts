import { clause, clauses, escaped, notUnderstood, onTape, payloadOf, readAs, refer, textOf } from "../../shorthand";
import type { FaultTest } from "../fault-test/payload";
import type { KindLine, Reader } from "../kind";
import type { LoanPayload } from "./payload";

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

export const line: KindLine<LoanPayload> = {
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
};
