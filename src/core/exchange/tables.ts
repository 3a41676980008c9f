import { asBuilt, type Visit } from "../history";
import { csvRowOf, CSV_COLUMNS, describe, printPart, settle, type Settled, type Entry } from "../kinds";
import type { Sheet } from "../model";

/** A table of a set's file as rows of text, its heading first. */
export type Rows = string[][];

type File = { entries: readonly Entry[]; visits: readonly Visit[]; sheet: Sheet; names: ReadonlyMap<string, string> };

export const FILE_TABLES = ["entries", "parts", "readings", "tests", "measured"] as const;
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
    case "tests":
    case "measured":
      return csvRows(table, settled, jobOf);
  }
}

/** The rows that the kinds of entries give to a table; its columns are those of its rows. */
function csvRows(
  table: "readings" | "tests" | "measured",
  settled: readonly Settled[],
  jobOf: (visitId: string) => string,
): Rows {
  const rows = settled.flatMap(({ entry, at, content }) => {
    const row = content ? csvRowOf(content) : "none";
    return row === "none" || row.table !== table ? [] : [[at, jobOf(entry.visitId), ...Object.values(row.cells)]];
  });
  return [["at", "job", ...CSV_COLUMNS[table]], ...rows];
}
