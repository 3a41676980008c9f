import { USUAL_TERMS } from "@/core/handback";
import type { Entry } from "@/core/kinds";
import { atOf, entry, note, PERSON, replace, SET, SHEET, VISIT } from "@/core/fixtures";
import type { ReportInput, ReportKind } from "./input";

/** A made-up set for tests of reports. */
export const inputOf = (kind: ReportKind, entries: Entry[]): ReportInput => ({
  kind,
  set: { id: SET, serial: "H-20417" },
  owner: "Marguerite Osei",
  model: { id: "m", maker: "Halvane", designation: "537", nickname: "Lantern", year: 1937, version: 1, sheet: SHEET },
  visits: [{ id: VISIT, setId: SET, job: 1187, openedAt: atOf(0) }],
  entries,
  visitId: VISIT,
  people: [{ id: PERSON, name: "Wren Okafor" }],
  shop: { name: "Saltmarsh Wireless Repair", currency: "EUR" },
  terms: USUAL_TERMS,
  head: "0".repeat(64),
  url: "http://127.0.0.1/sets/1",
  now: atOf(9000),
});

/** A long log: notes and work in turn. */
export const longLog = (count: number): Entry[] =>
  Array.from({ length: count }, (_, index) =>
    entry(
      index + 1,
      index % 3 === 0
        ? replace(`C${(index % 90) + 1}`, "47n/630")
        : note(`entry ${index}: a word on what was seen and done at this point of the work`),
    ),
  );
