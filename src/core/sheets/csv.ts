import { figureText } from "./cell";
import type { TypedRow } from "./make";
import type { RunTable } from "./run";
import type { Column, TestSheet } from "./schemas/sheet";

/** Most rows of a list that become rows of a run. @example an analyser's trace of 200,000 points is kept as a file and thinned to these */
export const MOST_READ = 400;

export type Mapped = {
  /** for each column of the list the key of the sheet's column; undefined: not used */
  columns: (string | undefined)[];
  /** unit that a bare figure of a column is in, from the head of the list */
  units: (string | undefined)[];
  /** first line with figures */
  from: number;
  /** the head, as one text: by it the mapping is known again */
  head: string;
};

const plain = (text: string) => text.toLowerCase().replaceAll(/[^a-z0-9µμ+]/g, "");
/** `Frequency (kHz)`, `Volts [mV]`, `Output, W`: name and unit. */
const HEAD = /^(.*?)\s*(?:[([]\s*([^)\]]{1,8})\s*[)\]]|,\s*(\S{1,8}))?\s*$/;
const FIGURE = /^[-−+]?\s*(?:\d|[.,]\d)/;

/** Words that lists of instruments use for a column. */
const ALSO: Readonly<Record<string, readonly string[]>> = {
  frequency: ["freq", "f", "hz", "frequenz"],
  volts: ["v", "vrms", "voltage", "amplitude", "level", "rms"],
  output: ["po", "pout", "power", "watts"],
  time: ["t", "min", "minutes", "seconds"],
  level: ["in", "input", "uv", "µv"],
};

function columnFor(text: string, columns: readonly Column[]): Column | undefined {
  const wanted = plain(text);
  if (!wanted) return undefined;
  const names = ({ key, name, word }: Column) => [key, name, word, ...(ALSO[key] ?? [])].map(plain);
  return (
    columns.find((one) => names(one).includes(wanted)) ??
    columns.find((one) => plain(one.name).startsWith(wanted) && wanted.length > 2)
  );
}

/**
 * Which column of a pasted list is which of the sheet: by the head of the list, wherever in its first lines that is; a
 * list without a head is taken in the order of the sheet.
 * @param known a mapping that was chosen before for a list with this head
 */
export function mapColumns(
  sheet: Pick<TestSheet, "rowBy" | "columns">,
  lines: readonly (readonly string[])[],
  known: Readonly<Record<string, (string | undefined)[]>> = {},
): Mapped {
  const columns = [...sheet.rowBy, ...sheet.columns];
  let best: Mapped | undefined;
  let score = 0;
  for (const [index, line] of lines.slice(0, 40).entries()) {
    const heads = line.map((cell) => HEAD.exec(cell.trim()) ?? []);
    const found = heads.map(([, name = ""]) => columnFor(name, columns)?.key);
    const hits = found.filter(Boolean).length;
    if (hits > score && !line.every((cell) => FIGURE.test(cell.trim()))) {
      score = hits;
      const once = found.map((key, at) => (key && found.indexOf(key) === at ? key : undefined));
      best = {
        columns: once,
        units: heads.map(([, , a, b]) => a ?? b),
        from: index + 1,
        head: line.map(plain).join("|"),
      };
    }
  }
  const first = lines.findIndex(
    (line) => line.filter((cell) => FIGURE.test(cell.trim())).length >= Math.min(2, line.length) && line.length > 0,
  );
  const mapped = best ?? {
    columns: columns.map(({ key }) => key),
    units: [],
    from: Math.max(0, first),
    head: "",
  };
  const chosen = known[mapped.head];
  // A second head line often has the units.
  const units = lines[mapped.from];
  if (best && units && units.every((cell) => !FIGURE.test(cell.trim())))
    return {
      ...mapped,
      columns: chosen ?? mapped.columns,
      units: mapped.units.map((unit, at) => unit ?? (units[at]?.replaceAll(/[()[\]]/g, "").trim() || undefined)),
      from: mapped.from + 1,
    };
  return { ...mapped, columns: chosen ?? mapped.columns };
}

/** The rows of a list as they would be typed. Lines without a figure are left out. */
export function typedRows(lines: readonly (readonly string[])[], { columns, units, from }: Mapped): TypedRow[] {
  return lines.slice(from).flatMap((line) => {
    const cells = columns.flatMap((key, at) => {
      const text = (line[at] ?? "").trim();
      if (!key || text === "") return [];
      const unit = units[at];
      return [
        [
          key,
          unit && /^[-−+]?[\d.,]+(?:e[-+]?\d+)?$/i.test(text) ? `${exponent(text)} ${unit}` : exponent(text),
        ] as const,
      ];
    });
    return cells.length > 0 ? [Object.fromEntries(cells)] : [];
  });
}

/** `1.25E-3` as a plain number: lists of instruments have such figures. */
function exponent(text: string): string {
  const found = /^([-−+]?[\d.,]+e[-+]?\d+)\s*(.*)$/i.exec(text);
  const value = found ? Number((found[1] ?? "").replace("−", "-").replace(",", ".")) : Number.NaN;
  return Number.isFinite(value)
    ? `${Number(value.toPrecision(9))
        .toFixed(12)
        .replace(/\.?0+$/, "")} ${found?.[2] ?? ""}`.trim()
    : text;
}

/** So many rows of a long list: the first, the last, and others at equal steps between. */
export function thinRows<T>(rows: readonly T[], most = MOST_READ): readonly T[] {
  if (rows.length <= most) return rows;
  return Array.from({ length: most }, (_, n) => rows[Math.round((n * (rows.length - 1)) / (most - 1))] as T);
}

/** A run as lines of a list: its label, every column with its unit in the cell, and why a row is void. */
export function runLines(table: RunTable): string[][] {
  return [
    ["Row", ...table.columns.map(({ name }) => name), "Void"],
    ...table.rows.map(({ label, shown, void: reason }) => [
      label,
      ...table.columns.map(({ key }) => {
        const cell = shown.find((one) => one.key === key);
        if (!cell) return "";
        return cell.value === undefined || cell.quantity === "text"
          ? (cell.text ?? "")
          : figureText(cell.value, cell.quantity, cell.unit).replace("−", "-");
      }),
      reason ?? "",
    ]),
  ];
}
