import { asBuilt, describe, ofKind, printPart, settle, type Entry, type Visit } from "../history";
import type { Sheet } from "../model";
import { format } from "../quantity";

/** A table of a set's file as rows of text, its heading first. */
export type Rows = string[][];

type File = { entries: readonly Entry[]; visits: readonly Visit[]; sheet: Sheet; names: ReadonlyMap<string, string> };

export const FILE_TABLES = ["entries", "parts", "readings", "tests"] as const;
export type FileTable = (typeof FILE_TABLES)[number];

/** The tables of a set's file: the log as it reads now, the parts record of today, readings, tests. */
export function fileTable(table: FileTable, { entries, visits, sheet, names }: File, now: string): Rows {
  const { settled } = settle(entries);
  const job = new Map(visits.map((visit) => [visit.id, String(visit.job)]));
  const jobOf = (visitId: string) => job.get(visitId) ?? "";
  switch (table) {
    case "entries":
      return [
        ["at", "job", "by", "kind", "subject", "text", "verdict", "withdrawn", "amended", "id"],
        ...settled.map(({ entry, at, content, amendments }) => {
          const line = describe(
            content ?? ({ kind: entry.kind, payload: entry.payload } as Parameters<typeof describe>[0]),
          );
          return [
            at,
            jobOf(entry.visitId),
            names.get(entry.by) ?? "",
            entry.kind,
            line.subject,
            line.text,
            line.verdict ?? "",
            content ? "" : "yes",
            amendments.length > 0 ? "yes" : "",
            entry.id,
          ];
        }),
      ];
    case "parts":
      return [
        ["designator", "stage", "role", "drawn", "state", "there now", "why", "worked on last", "modification"],
        ...asBuilt(settled, sheet, now).map((place) => [
          place.designator,
          place.stage ?? "",
          place.role ?? "",
          place.drawn ?? "",
          place.state,
          place.parts.map((part) => `${part.designator} ${printPart(part.text, part.designator)}`).join(" + "),
          place.why ?? "",
          place.lastWorkAt ?? "",
          place.modification?.name ?? "",
        ]),
      ];
    case "readings":
      return [
        ["at", "job", "phase", "point", "measured", "SI value", "quantity", "expected", "line V", "meter"],
        ...ofKind(settled, "reading").map(({ entry, at, content: { payload } }) => [
          at,
          jobOf(entry.visitId),
          payload.phase,
          payload.point,
          payload.measured.text,
          String(payload.measured.value),
          payload.quantity,
          payload.expected ? format(payload.expected.value, payload.quantity) : "",
          payload.lineVolts === undefined ? "" : String(payload.lineVolts),
          payload.meter ?? "",
        ]),
      ];
    case "tests":
      return [
        ["at", "job", "phase", "designator", "test", "condition", "measured", "unit", "limit", "sense", "set-up"],
        ...ofKind(settled, "test-result").map(({ entry, at, content: { payload } }) => [
          at,
          jobOf(entry.visitId),
          payload.phase,
          payload.designator ?? "",
          payload.test,
          payload.condition ?? "",
          payload.measured.text,
          payload.unit ?? "",
          payload.nominal?.text ?? "",
          payload.sense,
          payload.setup ?? "",
        ]),
        ...ofKind(settled, "tube-test").map(({ entry, at, content: { payload } }) => [
          at,
          jobOf(entry.visitId),
          payload.phase,
          payload.designator,
          payload.strength?.test ?? "shorts",
          "",
          payload.strength?.measured.text ?? payload.shorts,
          payload.strength?.unit ?? "",
          payload.strength?.nominal.text ?? "",
          "share",
          payload.tester ?? "",
        ]),
      ];
  }
}
