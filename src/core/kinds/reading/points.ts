import { ELECTRODES } from "../../model";
import { PHASES, type PointRow } from "../../readings";
import type { Quantity } from "../../quantity";
import type { LineContext } from "../../shorthand";

/** Words that make a point out of a device's designator: `V4 plate`, `V2 pin 6`. */
const NAMES = ["anode", "grid\\s?\\d?", "g\\d", "filament", "pin\\s?\\d{1,2}", ...ELECTRODES].join("|");
const DEVICE_POINT = new RegExp(`^((?:V|Q|TR)\\d{1,2}\\s+(?:${NAMES}))(?=\\s)`, "i");
/** A rail that is called by its volts: `12V rail`. */
const RAIL = /^(\d+(?:[.,]\d+)?\s?V\s+(?:rail|line|supply|winding))(?=\s+[-−+]?[\d.,])/i;
const ANY_NAME = /^([A-Za-z][A-Za-z0-9+\-−/ ]*?)\s+(?=[-−+]?[\d.,])/;

/** Points where a figure without a unit is volts: electrodes, rails, bias, heaters, control voltages. */
const VOLTS = new RegExp(
  `(?:\\b(?:${NAMES}|heaters|filaments|rail|supply|bias|battery|avc|agc|ht|lt)|\\bb\\s?[+-](?:\\s?\\d)?)$`,
  "i",
);
const AMPS = /\bcurrent$/i;

/** Hyphen, minus and dash are one sign; capitals do not matter. The length stays the same. */
const plain = (text: string) => text.replace(/[−–‐]/g, "-").toLowerCase();

/** A winding's row may be called without its designator and pins: `T1 HT secondary, 3 to 4` is also `HT secondary`. */
const shortName = (point: string): string => plain(point.replace(/^[A-Z]{1,3}\d{1,3}\s+/, "").replace(/,\s.*$/, ""));

const startsWith = (line: string, name: string) => line.startsWith(name) && /^\s/.test(line.slice(name.length));

export type PointHead = {
  point: string;
  end: number;
  /** the row of the set's tables, where it is one of theirs */
  row?: PointRow;
  /** several rows go by the name that was typed */
  several?: PointRow[];
};

/**
 * The measuring point that a line begins with.
 * @param anyName takes any name before a number, too
 */
export function pointOf(line: string, context: LineContext, anyName: boolean): PointHead | undefined {
  const lead = line.length - line.trimStart().length;
  const text = plain(line.slice(lead));
  const rows = context.points.filter((row) => !row.designator);
  const longest = (names: readonly { row: PointRow; name: string }[]) => {
    const fits = names.filter(({ name }) => name && startsWith(text, name));
    const most = Math.max(0, ...fits.map(({ name }) => name.length));
    return fits.filter(({ name }) => name.length === most);
  };
  const [whole] = longest(rows.map((row) => ({ row, name: plain(row.point) })));
  if (whole) return { point: whole.row.point, end: lead + whole.name.length, row: whole.row };
  const short = longest(rows.map((row) => ({ row, name: shortName(row.point) })));
  const [only] = short;
  if (only)
    return short.length === 1
      ? { point: only.row.point, end: lead + only.name.length, row: only.row }
      : { point: only.name, end: lead + only.name.length, several: short.map(({ row }) => row) };
  const source = line.slice(lead);
  const found = DEVICE_POINT.exec(source) ?? RAIL.exec(source) ?? (anyName ? ANY_NAME.exec(source) : null);
  if (!found?.[1]) return undefined;
  const point = found[1].trim().replace(/^[a-z]+\d/i, (name) => name.toUpperCase());
  return { point, end: lead + found[1].length };
}

/** What belongs at a point by its name alone; undefined where the name does not tell. */
export function quantityByName(point: string): Quantity | undefined {
  if (AMPS.test(point)) return "current";
  return VOLTS.test(plain(point)) ? "voltage" : undefined;
}

export const PHASE_WORDS = PHASES.join("|");
