import type { SettledOf } from "../../log";
import type { FaultTest } from "../fault-test/payload";
import { noRow, nothing, silent, standing, unchanged, unjudged, type KindOf } from "../kind";
import type { LoanPayload } from "./payload";

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

/** A board, tube or part that sits in the set for a test only, and its way out again. */
export const loan: KindOf<"loan", LoanPayload, undefined> = {
  kind: "loan",
  fields: { what: "what", place: "place", from: "from", state: "state", about: "which loan" },
  about: ({ what }) => what,
  tied: [],
  judge: unjudged,
  describe: ({ what, place, from, state }) => ({
    subject: state === "in" ? "On loan" : "Taken out again",
    text: [what, place && `at ${place}`, from && `from ${from}`].filter(Boolean).join(", "),
  }),
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
};
