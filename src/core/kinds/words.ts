import type { TapeLine } from "../shorthand";
import { judgementOf, kindOf, type Content } from "./entries";
import {
  CSV_COLUMNS,
  type CsvRow,
  type Says,
  type Searched,
  type Section,
  type TakenPart,
  type Versioned,
} from "./kind";

/** One line of any entry. */
export const describe = (content: Content): TapeLine =>
  kindOf(content).describe(content.payload as Versioned, judgementOf(content));

/** Designators that an entry speaks of. */
export const designatorsIn = (content: Content): readonly string[] =>
  kindOf(content).designators(content.payload as Versioned);

/** Parts that an entry puts in, with the stock that they came from. */
export const partsTaken = (content: Content): readonly TakenPart[] =>
  kindOf(content).takes(content.payload as Versioned);

/** Its row in a table of the set's file, with the cells in the order of the columns. */
export function csvRowOf(content: Content): CsvRow | "none" {
  const row = kindOf(content).csv(content.payload as Versioned, judgementOf(content));
  if (row === "none") return row;
  const cells = row.cells as Record<string, string>;
  return {
    table: row.table,
    cells: Object.fromEntries(CSV_COLUMNS[row.table].map((name) => [name, cells[name] ?? ""])),
  } as CsvRow;
}

/** What an entry says to the search for a fault. */
export const evidenceOf = (content: Content, set: Searched): Says =>
  kindOf(content).evidence(content.payload as Versioned, set, judgementOf(content));

/** Does an entry stand in that section of the record and the report? */
export const standsIn = (section: Section, content: Content): boolean =>
  kindOf(content)
    .sections(content.payload as Versioned)
    .includes(section);

/** What it changed in the set, in words; a proof that was taken before it may hold no longer. */
export const changeOf = (content: Content): string | undefined => kindOf(content).changes(content.payload as Versioned);
