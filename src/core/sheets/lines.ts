import { readCell } from "./cell";
import { givesOf } from "./functions";
import { COLUMN_QUANTITIES } from "./quantities";
import { testSheetSchema, type Column, type TestSheet } from "./schemas/sheet";

/** A sheet as rows of text, for the grid and for CSV: what each line is about stands in its first cell. */
export type SheetTexts = {
  name: string;
  columns: { name: string; quantity: string; unit: string; word: string; choices: string }[];
  rows: string[][];
  limits: { column: string; sense: string; value: string; row: string }[];
};

const PLACE = { ohms: 50, dial: "terminated" } as const;
const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** A column that may be limited: measured, or worked out. */
function limitable(sheet: Pick<TestSheet, "columns" | "worked">): Column[] {
  const unit = { decibel: "dB", percent: "%", power: "W" } as Partial<Record<string, string>>;
  return [
    ...sheet.columns,
    ...sheet.worked.map(({ key, name, by }): Column => ({
      ...{ key, name, word: key, signed: true },
      ...{ quantity: givesOf(by), unit: unit[givesOf(by)] ?? "" },
    })),
  ];
}

/** What of a sheet a shop changes, as texts. */
export const textsOf = (sheet: TestSheet): SheetTexts => ({
  name: sheet.name,
  columns: sheet.columns.map(({ name, quantity, unit, word, choices = [] }) => ({
    ...{ name, quantity, unit, word },
    choices: choices.join(" / "),
  })),
  rows: sheet.rows.map((row) => [...row]),
  limits: sheet.limits.map(({ column, sense, text, row = "" }) => ({
    column: limitable(sheet).find(({ key }) => key === column)?.name ?? column,
    sense: sense === "at-most" ? "at most" : "at least",
    value: text,
    row,
  })),
});

const slug = (text: string) =>
  text
    .normalize("NFKD")
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, "-")
    .replaceAll(/^[^a-z]+|-+$/g, "")
    .slice(0, 31);

export type SheetRead =
  | {
      ok: true;
      sheet: TestSheet;
      /** worked-out columns that went because what they are worked out from went */ gone: string[];
    }
  | { ok: false; problems: string[] };

/**
 * Reads a shop's sheet from its texts.
 * @param base the sheet that it was copied from, or as it was before @param key of the new one
 */
export function readSheet(base: TestSheet, key: string, texts: SheetTexts): SheetRead {
  const problems: string[] = [];
  const columns = texts.columns.flatMap((one, index): Column[] => {
    const before = base.columns.find(({ name }) => same(name, one.name)) ?? base.columns[index];
    const quantity = COLUMN_QUANTITIES.find((word) => same(word, one.quantity));
    if (one.name.trim() === "") return [];
    if (!quantity) {
      problems.push(`${one.name}: “${one.quantity}” is none of: ${COLUMN_QUANTITIES.join(", ")}.`);
      return [];
    }
    const choices = one.choices
      .split("/")
      .map((part) => part.trim())
      .filter(Boolean);
    const kept = before && same(before.name, one.name) ? before.key : slug(one.name);
    return [
      {
        ...{ key: kept || `column-${index + 1}`, name: one.name.trim(), quantity, unit: one.unit.trim() },
        word: one.word.trim() || slug(one.name).slice(0, 12),
        ...(before?.signed && same(before.name, one.name) ? { signed: true } : {}),
        ...(choices.length > 0 ? { choices } : {}),
      },
    ];
  });
  const keys = new Set([...base.rowBy, ...columns].map((one) => one.key));
  const has = (ref: string) => ref.startsWith("=") || keys.has(ref.replace(/^[@^]/, ""));
  const worked = base.worked.filter(({ from }) => Object.values(from).every(has));
  const gone = base.worked.filter((one) => !worked.includes(one)).map(({ name }) => name);
  const rows = texts.rows.map((row) => row.map((cell) => cell.trim())).filter((row) => row.some(Boolean));
  for (const row of rows)
    base.rowBy.forEach((column, n) => {
      const read = row[n] ? readCell(column, row[n], PLACE) : undefined;
      if (read && !read.ok) problems.push(`Row “${row.join(", ")}”: ${read.message}`);
    });
  const all = limitable({ columns, worked });
  const limits = texts.limits.flatMap(({ column, sense, value, row }): TestSheet["limits"] => {
    if ([column, value, row].every((cell) => cell.trim() === "")) return [];
    const of = all.find((one) => same(one.name, column) || same(one.key, column));
    if (!of) {
      problems.push(`The limit of “${column}”: the sheet has ${all.map((one) => one.name).join(", ")}.`);
      return [];
    }
    const read = readCell(of, value, PLACE);
    if (!read.ok || read.value === undefined) {
      problems.push(`The limit of ${of.name}: ${read.ok ? "a figure is needed." : read.message}`);
      return [];
    }
    return [
      {
        ...{
          column: of.key,
          sense: same(sense, "at most") ? "at-most" : "at-least",
          text: read.text,
          value: read.value,
        },
        ...(row.trim() ? { row: row.trim() } : {}),
      },
    ];
  });
  if (problems.length > 0) return { ok: false, problems };
  const curve =
    base.curve && [base.curve.x, base.curve.y].every((one) => keys.has(one) || worked.some(({ key: of }) => of === one))
      ? base.curve
      : undefined;
  const { curve: _curve, main, ...rest } = base;
  const told = main !== undefined && (keys.has(main) || worked.some(({ key: of }) => of === main)) ? { main } : {};
  const read = testSheetSchema.safeParse({
    ...rest,
    ...{ key, name: texts.name, columns, rows, worked, limits },
    ...(curve ? { curve } : {}),
    ...told,
  });
  return read.success
    ? { ok: true, sheet: read.data, gone }
    : { ok: false, problems: [...new Set(read.error.issues.map(({ message }) => message))] };
}

/** A sheet as lines of CSV. */
export const sheetCsv = ({ name, columns, rows, limits }: SheetTexts): string[][] => [
  ["sheet", name],
  ...columns.map((one) => ["column", one.name, one.quantity, one.unit, one.word, one.choices]),
  ...rows.map((row) => ["row", ...row]),
  ...limits.map((one) => ["limit", one.column, one.sense, one.value, one.row]),
];

/** Reads lines of CSV as texts of a sheet; lines of another kind are named. */
export function readSheetCsv(lines: readonly (readonly string[])[]): { texts: SheetTexts; strange: string[] } {
  const texts: SheetTexts = { name: "", columns: [], rows: [], limits: [] };
  const strange: string[] = [];
  for (const [what = "", ...cells] of lines) {
    const [a = "", b = "", c = "", d = "", e = ""] = cells.map((cell) => cell.trim());
    if (same(what, "sheet")) texts.name = a;
    else if (same(what, "column")) texts.columns.push({ name: a, quantity: b, unit: c, word: d, choices: e });
    else if (same(what, "row")) texts.rows.push(cells.map((cell) => cell.trim()));
    else if (same(what, "limit")) texts.limits.push({ column: a, sense: b, value: c, row: d });
    else if (what.trim() !== "") strange.push(what.trim());
  }
  return { texts, strange };
}
