import { ELECTRODE_NAMES } from "../../model";
import { OPEN_WORDS, PHASES, type PointRow } from "../../readings";
import type { Quantity } from "../../quantity";
import { payloadOf, type LineContext } from "../../shorthand";
import type { Reading } from "./payload";
import { byItsWork, FIGURE, otherNames, sameElectrode, spokenPoint } from "./spoken-points";

/** Words that make a point out of a device's designator: `V4 plate`, `V2 pin 6`. */
// “Grid 2 V” is two volts, “grid 2 92” the screen.
const NAMES = ["grid\\s?\\d(?=\\s+[-−+]?[\\d.,])", "grid\\d?", "g\\d", "pin\\s?\\d{1,2}", ...ELECTRODE_NAMES].join("|");
const DEVICE_POINT = new RegExp(`^((?:V|Q|TR)\\d{1,2}\\s+(?:${NAMES})(?:\\s+current)?)(?=\\s)`, "i");
/** A rail that is called by its volts: `12V rail`. */
const RAIL = /^(\d+(?:[.,]\d+)?\s?V\s+(?:rail|line|supply|winding))(?=\s+[-−+]?[\d.,])/i;
/** A winding that the sheet does not have: `T1 secondary 310 Ω`. */
const WINDING = new RegExp(
  `^((?:T|L)\\d{1,2}\\s+(?:[a-z]+\\s+){0,3}?(?:primary|secondary|winding|choke|coil|half)(?:\\s+to\\s+[a-z ]+?)?)${FIGURE}`,
  "i",
);
/** No path between two places: `B+ to B− open`. */
const BETWEEN = new RegExp(
  `^([A-Za-z][\\w+\\-−/ ]*?\\sto\\s[A-Za-z][\\w+\\-−/ ]*?)(?=\\s+${OPEN_WORDS}(?=\\s|:|$))`,
  "i",
);
const ANY_NAME = /^([A-Za-z][A-Za-z0-9+\-−/ ]*?)\s+(?=[-−+]?[\d.,])/;

/** Words of a sentence: what holds them is no point's name. */
const SENTENCE =
  /\b(?:new|order(?:ed)?|needs?|took|takes|spent|aligned|peaked|trimmed|fitted|installed|replaced|changed|removed|cleaned|runs?|reads?|says?|said|shows?|wants?|approved|works?|drops?(?!\s+across)|rises?|falls?|goes|went|was|is|are|has|have|until|then|used|bought|called|within|all|every|both|half|most|added|ran|soak(?:ed)?|brought|tested|tried|turned|put|waited|heated|warmed|switched|tuned|tapped|swapped|connected|disconnected|lifted|played|drew|pulled|dropped|rose|fell|started|stopped|came|blew|got|gave)\b|\b(?:at|to|up|of|in|on|from|by|for|with|after|before|below|above|under|through|around|about|until|between)$/i;

/** Points where a figure without a unit is volts: electrodes, rails, bias, heaters, control voltages. */
const VOLTS = new RegExp(
  `(?:\\b(?:${NAMES}|grid\\s?\\d|(?:line|mains) volt(?:s|age)|heaters|filaments|rail|supply|bias|battery|(?:avc|agc)(?:\\s(?:line|bus|voltage))?|ht|lt)|\\bb\\s?[+-](?:\\s?\\d)?)$`,
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

/** A figure, or a word for one, stands at the beginning. */
const BEGINS_WITH_FIGURE = new RegExp(`^${FIGURE}`, "i");
const beginsWithFigure = (text: string): boolean => BEGINS_WITH_FIGURE.test(text);

/** Another unit than of a resistance: such a figure is none of a winding's row. */
const isNoResistance = (text: string): boolean =>
  /^\s+[-+]?[\d.,]+\s*(?:%|db|(?:[kmµu]?(?:v|a|w|hz|h|f|°?c)|volts?|amps?|watts?)(?![a-zω]))/.test(text);

type Named = { row: PointRow; name: string };

function longest(said: string, names: readonly Named[]): Named[] {
  const fits = names.filter(({ name }) => name && startsWith(said, name));
  const most = Math.max(0, ...fits.map(({ name }) => name.length));
  return fits.filter(({ name }) => name.length === most);
}

/** One row, or the question which of several. */
const headFor = (name: string, end: number, rows: readonly PointRow[]): PointHead | undefined => {
  const [row] = rows;
  return row && (rows.length === 1 ? { point: row.point, end, row } : { point: name, end, several: [...rows] });
};

/** Words that many windings go by: they tell only what it is not. */
const ANY_WINDING = ["secondary", "winding", "coil", "transformer"];
const WINDING_WORDS = [...ANY_WINDING, "primary", "choke"];

const WINDING_SAID = new RegExp(`^((?:t|l|ch)\\d{1,2}[a-z]?(?=\\s))?\\s*((?:[a-z]+\\s+)*?[a-z]+)?${FIGURE}`);

/**
 * A winding by its designator or some of its words: `T2 primary` is `T2 output primary, plate to C2`, `L4` alone is the
 * only winding of L4, `HT secondary` is each half of it.
 */
function windingOf(text: string, rows: readonly PointRow[]): { end: number; rows: PointRow[] } | undefined {
  const found = WINDING_SAID.exec(text);
  if (!found) return undefined;
  const [whole, designator, said = ""] = found;
  const words = said.split(/\s+/).filter(Boolean);
  const telling = words.filter((word) => !ANY_WINDING.includes(word));
  if (!designator && (telling.length === 0 || !words.some((word) => WINDING_WORDS.includes(word)))) return undefined;
  const fits = rows.filter(({ point, quantity, phase }) => {
    const [first = "", ...others] = plain(point).split(/[\s,]+/);
    const own = designator ? first === designator : /^(?:t|l|ch)\d/.test(first);
    const primary = others.includes("primary") && words.includes("secondary");
    return (
      quantity === "resistance" && phase === "cold" && own && !primary && telling.every((word) => others.includes(word))
    );
  });
  return fits.length > 0 && !isNoResistance(text.slice(whole.length)) ? { end: whole.length, rows: fits } : undefined;
}

/** “B+ voltage”, “screen voltage of V4” */
const VOLTAGE_OF = /(?<=\S\s+)volt(?:age|s)(?=\s+(?:(?:of|at|on)\s+)?(?:(?:V|Q|TR)\d{1,2}\s+)?[-−+]?[\d.,])/i;
const namedExactly = (line: string, { points }: LineContext) =>
  points.some(({ point }) => startsWith(plain(line.trimStart()), plain(point)) && /volt/i.test(point));

/**
 * The measuring point that a line begins with.
 * @param anyName takes any name before a number, too
 */
export function pointOf(line: string, context: LineContext, anyName: boolean): PointHead | undefined {
  // “B+ voltage 265” is “B+ 265”, where that is a point and no row is called so.
  const shorter = line.replace(VOLTAGE_OF, (word) => " ".repeat(word.length));
  const named = shorter === line ? undefined : pointOf(shorter, context, false);
  if (named?.row?.quantity !== "voltage" || namedExactly(line, context)) return headOf(line, context, anyName);
  const word = VOLTAGE_OF.exec(line);
  return { ...named, end: Math.max(named.end, word ? word.index + word[0].length : 0) };
}

function headOf(line: string, context: LineContext, anyName: boolean): PointHead | undefined {
  const lead = line.length - line.trimStart().length;
  const text = plain(line.slice(lead));
  const rows = context.points.filter((row) => !row.designator);
  // A correction speaks of the point that its reading has, whatever that would be read as today.
  const base = payloadOf<Reading>(context.base, "reading");
  if (base && !base.designator && startsWith(text, plain(base.point))) {
    const row = rows.find(({ point }) => point === base.point);
    return { point: base.point, end: lead + base.point.length, ...(row ? { row } : {}) };
  }
  const whole = rows.map((row) => ({ row, name: plain(row.point) }));
  const [exact] = longest(text, whole);
  // Another name of the same thing, where it says more: `HT to ground` is a row, `HT` alone is another one.
  const [other] = otherNames(text)
    .flatMap(({ text: said, longer }) =>
      longest(said, whole)
        .filter(({ name }) => beginsWithFigure(said.slice(name.length)))
        .map(({ row, name }) => ({ row, length: name.length - longer })),
    )
    .sort((a, b) => b.length - a.length);
  if (other && other.length > (exact?.name.length ?? 0))
    return { point: other.row.point, end: lead + other.length, row: other.row };
  const source = line.slice(lead);
  // `B+ to B−` is another point than B+, also where no row has it.
  const longer = ANY_NAME.exec(source)?.[1]?.length ?? 0;
  const behind = text.slice(exact?.name.length ?? 0);
  if (exact && (beginsWithFigure(behind) || (longer <= exact.name.length && /\d|^\s*$/.test(behind))))
    return { point: exact.row.point, end: lead + exact.name.length, row: exact.row };
  const spoken = spokenPoint(source) ?? byItsWork(source, context.sheet.tubes);
  if (spoken) return atDevice(spoken.name, lead + spoken.length, rows);
  const short = longest(
    text,
    rows.map((row) => ({ row, name: shortName(row.point) })),
  ).filter(({ row, name }) => {
    const rest = text.slice(name.length);
    return beginsWithFigure(rest) && !(row.quantity === "resistance" && isNoResistance(rest));
  });
  const shortly = headFor(
    short[0]?.name ?? "",
    lead + (short[0]?.name.length ?? 0),
    short.map(({ row }) => row),
  );
  if (shortly) return shortly;
  const winding = windingOf(text, rows);
  if (winding) return headFor(source.slice(0, winding.end), lead + winding.end, winding.rows);
  const found =
    DEVICE_POINT.exec(source) ??
    WINDING.exec(source) ??
    RAIL.exec(source) ??
    (anyName ? (BETWEEN.exec(source) ?? ANY_NAME.exec(source)) : null);
  if (!found?.[1] || SENTENCE.test(found[1])) return undefined;
  const point = found[1].trim().replace(/^[a-z]+\d/i, (name) => name.toUpperCase());
  return atDevice(point, lead + found[1].length, rows);
}

/** A point of a device is the row of its electrode, whatever that is called. */
function atDevice(point: string, end: number, rows: readonly PointRow[]): PointHead {
  // What flows there is another point than the volts.
  if (AMPS.test(point)) return { point, end };
  const [row, another] = rows.filter((one) => sameElectrode(one.point, point) && one.quantity === "voltage");
  return row && !another ? { point: row.point, end, row } : { point, end };
}

/** What belongs at a point by its name alone; undefined where the name does not tell. */
export function quantityByName(point: string): Quantity | undefined {
  if (AMPS.test(point)) return "current";
  return VOLTS.test(plain(point)) ? "voltage" : undefined;
}

export const PHASE_WORDS = PHASES.join("|");
