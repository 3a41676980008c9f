import { type PartSpec, format } from "../quantity";
import { freeOf, specOf, type StockItem, type StockKind } from "../stock";
import { findPairs, type Pair } from "./combine";
import { lacks } from "./fits";
import type { PlanNeed } from "./needs";
import { KINDS, type Kind } from "./rules";

/** Kinds of stock that do for a kind asked for, the best first. */
const SERVES: Record<Kind, readonly StockKind[]> = {
  electrolytic: ["electrolytic"],
  film: ["film"],
  // A Y part is tested harder than an X part and may take its place; never the other way round (IEC 60384-14).
  X: ["X", "Y"],
  Y: ["Y"],
  "low-loss": ["mica", "C0G"],
  buffer: ["buffer"],
  resistor: ["resistor"],
};

/**
 * An electrolytic that lay longer than this is reformed before use, years. Shop rule.
 * @example made in 2009 and taken in 2026: “reform it before use”
 */
export const SHELF_YEARS = 5;
/**
 * A rating above this many times what is needed is more bulk than use. Shop rule.
 * @example 2 kV where 250 V are needed is eight times: “check that it fits”
 */
const AMPLE = 7;

/**
 * A value is told beside the one asked for where it is further off than this share of it, with room for binary fractions.
 * Shop rule.
 * @example 56 nF for 50 nF is told, 55 nF is not
 */
const SAID_FROM = 0.1 + 1e-9;
/** So many choices are offered for a place. */
const OFFERED = 4;

export type Stocked = { item: StockItem; spec: PartSpec; value: number };

export type Choice = {
  /** one part, or the two of a pair */
  items: StockItem[];
  pair?: Pair;
  value: number;
  /** off the value aimed at, as a fraction */
  off: number;
  /** rating over what is needed; undefined where nothing is needed */
  margin?: number;
  /** price of all of it, minor units; null when a part has none */
  price: number | null;
  /** what speaks for and against it */
  remarks: string[];
  /** the smaller, the better */
  score: number;
};

/** Stock by the kinds that it serves, each shelf by value: read once for many needs. */
export type Shelves = Readonly<Record<Kind, readonly Stocked[]>>;

/** Reads the stock lines that have one value. */
export function readStock(items: readonly StockItem[]): Shelves {
  const stocked = items.flatMap((item): Stocked[] => {
    const spec = specOf(item);
    return spec?.sections.length === 1 ? [{ item, spec, value: spec.sections[0] ?? 0 }] : [];
  });
  stocked.sort((a, b) => a.value - b.value);
  const shelf = (kind: Kind) => stocked.filter(({ item }) => SERVES[kind].includes(item.kind));
  return Object.fromEntries(KINDS.map((kind) => [kind, shelf(kind)])) as Record<Kind, Stocked[]>;
}

/** The same shelves for a visit: what is set aside for it is free to it. @param reserved pieces by stock line */
export function reshelved(shelves: Shelves, reserved: ReadonlyMap<string, number>): Shelves {
  if (reserved.size === 0) return shelves;
  const mine = (one: Stocked): Stocked => {
    const reservedHere = reserved.get(one.item.id);
    return reservedHere ? { ...one, item: { ...one.item, reservedHere } } : one;
  };
  return Object.fromEntries(KINDS.map((kind) => [kind, shelves[kind].map(mine)])) as unknown as Shelves;
}

/** The part of a shelf whose values lie in a window. */
function within(shelf: readonly Stocked[], [low, high]: readonly [number, number]): readonly Stocked[] {
  let from = 0;
  let to = shelf.length;
  while (from < to) {
    const middle = (from + to) >> 1;
    if ((shelf[middle]?.value ?? 0) < low * (1 - 1e-9)) from = middle + 1;
    else to = middle;
  }
  const end = shelf.findIndex(({ value }, index) => index >= from && value > high * (1 + 1e-9));
  return shelf.slice(from, end < 0 ? undefined : end);
}

const priceOf = (items: readonly StockItem[]): number | null =>
  items.reduce<number | null>(
    (sum, { priceMinor }) => (sum === null || priceMinor === null ? null : sum + priceMinor),
    0,
  );

function remarksOf(
  need: PlanNeed,
  items: readonly StockItem[],
  value: number,
  margin: number | undefined,
  year: number,
) {
  const remarks: string[] = [];
  const old = items.find(
    ({ kind, madeIn }) => kind === "electrolytic" && madeIn !== null && year - madeIn > SHELF_YEARS,
  );
  if (old) remarks.push(`Made ${old.madeIn}: reform it before use.`);
  if (margin !== undefined && margin > AMPLE) remarks.push("Rated far above what is needed: check that it fits.");
  if (Math.abs(value / need.value - 1) > SAID_FROM)
    remarks.push(`${format(value, need.quantity)} for ${format(need.value, need.quantity)}.`);
  if (items.some(({ kind }) => kind === "Y") && need.kind === "X") remarks.push("A Y part in an X place: allowed.");
  return remarks;
}

/** Weighs a choice: distance in value first, then too much rating, kind, age and price. Shop rule. */
function weigh(
  need: PlanNeed,
  items: readonly StockItem[],
  value: number,
  margin: number | undefined,
  year: number,
): number {
  const off = Math.abs(Math.log(value / need.value));
  const bulk = margin === undefined ? 0 : 0.05 * Math.max(margin - 1, 0);
  const kinds = SERVES[need.kind];
  const kind = 0.15 * Math.max(...items.map((item) => kinds.indexOf(item.kind)));
  const age = items.some(
    (item) => item.madeIn !== null && item.kind === "electrolytic" && year - item.madeIn > SHELF_YEARS,
  )
    ? 0.3
    : 0;
  const price = 0.0004 * (priceOf(items) ?? 0);
  // What is set aside for this set already is what was picked before.
  const picked = items.every(({ reservedHere }) => reservedHere > 0) ? -0.5 : 0;
  return off + bulk + kind + age + price + picked + (items.length > 1 ? 0.4 : 0);
}

/** How the two of a pair divide what they bear. */
export function sharesText(
  need: Pick<PlanNeed, "quantity" | "volts" | "watts">,
  pair: Pair,
  a: number,
  b: number,
): string {
  const { quantity, volts, watts } = need;
  const [first, second] = [format(a, quantity), format(b, quantity)];
  if (pair.way === "parallel" && quantity === "capacitance")
    return `${first} beside ${second}; each bears the whole voltage.`;
  const bears = (share: number) =>
    quantity === "capacitance" && volts
      ? format(share * volts, "voltage")
      : quantity === "resistance" && watts
        ? format(share * watts, "power", 2)
        : format(share, "percent", 2);
  const joined = pair.way === "series" ? `${first} in series with ${second}` : `${first} beside ${second}`;
  return `${joined}: they bear ${bears(pair.shares[0])} and ${bears(pair.shares[1])}.`;
}

/**
 * What the stock offers for a need, the best first: single parts that fit; where there are none, pairs.
 *
 * @param need value window, least rating, kind
 * @param stock read with `readStock`
 * @param year now, for the age of electrolytics
 * @param taken pieces that other lines of the plan have been promised already, by item
 */
export function choose(
  need: PlanNeed,
  stock: Shelves,
  year: number,
  taken: ReadonlyMap<string, number> = new Map(),
): Choice[] {
  const left = (item: StockItem) => freeOf(item) - (taken.get(item.id) ?? 0);
  const shelf = stock[need.kind];
  const singles = within(shelf, need.window)
    .filter(({ item, spec, value }) => left(item) > 0 && lacks(need, spec, value).length === 0)
    .map(({ item, spec, value }): Choice => {
      const margin = need.volts
        ? (spec.volts ?? 0) / need.volts
        : need.watts
          ? (spec.watts ?? 0) / need.watts
          : undefined;
      return {
        items: [item],
        value,
        off: value / need.value - 1,
        ...(margin === undefined ? {} : { margin }),
        price: priceOf([item]),
        remarks: [],
        score: weigh(need, [item], value, margin, year),
      };
    });
  // Words are found for those that are shown only.
  if (singles.length > 0 || need.mains)
    return singles
      .sort((a, b) => a.score - b.score)
      .slice(0, OFFERED)
      .map((choice) => ({ ...choice, remarks: remarksOf(need, choice.items, choice.value, choice.margin, year) }));
  const halves = shelf.map(({ item, spec, value }) => ({
    item,
    value,
    volts: spec.volts,
    watts: spec.watts,
    count: left(item),
  }));
  // Electrolytics in series want equalising resistors and double the leakage: only parallel pairs are offered.
  const pairs = findPairs(need, halves, 6).filter(
    ({ pair }) => need.kind !== "electrolytic" || pair.way === "parallel",
  );
  return pairs
    .map(({ a, b, pair }): Choice => {
      const items = [a.item, b.item];
      const margin = need.volts
        ? (pair.volts ?? 0) / need.volts
        : need.watts
          ? (pair.watts ?? 0) / need.watts
          : undefined;
      return {
        items,
        pair,
        value: pair.value,
        off: pair.value / need.value - 1,
        ...(margin === undefined ? {} : { margin }),
        price: priceOf(items),
        remarks: [sharesText(need, pair, a.value, b.value), ...remarksOf(need, items, pair.value, margin, year)],
        score: weigh(need, items, pair.value, margin, year),
      };
    })
    .sort((a, b) => a.score - b.score);
}
