import { readFileSync, readdirSync } from "node:fs";
import path from "node:path";
import Papa from "papaparse";
import { v7 } from "uuid";
import { format } from "@/core/quantity";
import { priceListTable, stockFieldsSchema, type StockKind, type StockRow } from "@/core/stock";
import { readRows } from "@/core/tables";
import { nominalGm, tubeType } from "@/core/tubes";
import type { Db } from "@/db/client";
import { replaceOffers } from "@/db/offers";
import { addStockTest, importStock, stockItems } from "@/db/stock";

/** The drawers of the demo shop: what a restoration bench keeps, in bins that run through the alphabet. */

const COMPONENTS = "Harbour Components";
const TUBES = "Salt Lane Tubes";

type Line = Partial<StockRow> & { kind: StockKind; marking: string };
const line = (fields: Line): StockRow => {
  const { onHand, ...rest } = fields;
  return { ...stockFieldsSchema.parse(rest), ...(onHand === undefined ? {} : { onHand }) };
};

const bin = (letter: string, index: number) => `${letter}-${String(index + 1).padStart(2, "0")}`;
/** A count that looks like a drawer and is the same every time. */
const some = (index: number, least: number, most: number) => least + ((index * 7 + 3) % (most - least + 1));

const farads = (value: number) => format(value, "capacitance");
const ohms = (value: number) => format(value, "resistance");

const E6 = [1, 1.5, 2.2, 3.3, 4.7, 6.8];
const E12 = [1, 1.2, 1.5, 1.8, 2.2, 2.7, 3.3, 3.9, 4.7, 5.6, 6.8, 8.2];
const spread = (steps: readonly number[], from: number, to: number): number[] => {
  const values: number[] = [];
  for (let decade = from; decade <= to * 1.001; decade *= 10)
    for (const step of steps) if (step * decade <= to * 1.001) values.push(Number((step * decade).toPrecision(3)));
  return values;
};

const FILM: StockRow[] = spread(E6, 1e-9, 1e-6).map((value, index) =>
  line({
    kind: "film",
    marking: `${farads(value)} 630 V polypropylene`,
    bin: bin("B", index),
    onHand: some(index, 4, 22),
    priceMinor: 30 + index * 9,
    reorderAt: 5,
    supplier: COMPONENTS,
    partNumber: `F630-${index + 1}`,
    batch: index % 6 === 0 ? "2411" : "2502",
    size: value < 50e-9 ? "18 × 7 mm axial" : "31 × 15 mm axial",
    madeIn: 2025,
    warrantyMonths: 24,
  }),
);
const FILM_HIGH: StockRow[] = spread(E6, 1e-9, 47e-9).map((value, index) =>
  line({
    kind: "film",
    marking: `${farads(value)} 1.6 kV polypropylene`,
    bin: bin("C", index),
    onHand: some(index, 2, 9),
    priceMinor: 85 + index * 14,
    reorderAt: 3,
    supplier: COMPONENTS,
    partNumber: `F1600-${index + 1}`,
    madeIn: 2024,
    warrantyMonths: 24,
  }),
);
const FILM_LOW: StockRow[] = [100e-9, 220e-9, 470e-9, 1e-6, 2.2e-6].map((value, index) =>
  line({
    kind: "film",
    marking: `${farads(value)} 250 V polyester`,
    bin: bin("D", index),
    onHand: some(index, 3, 12),
    priceMinor: 28 + index * 11,
    supplier: COMPONENTS,
    madeIn: 2023,
  }),
);
const ELECTROLYTIC: StockRow[] = [
  ...[4.7, 8.2, 10, 15, 22, 33, 47].map((micro, index) => [micro, 500, 120 + index * 35, 2025] as const),
  ...[10, 22, 47, 68, 100].map((micro, index) => [micro, 450, 95 + index * 40, index === 4 ? 2014 : 2024] as const),
  ...[10, 47, 100].map((micro, index) => [micro, 350, 80 + index * 30, 2023] as const),
  ...[4.7, 10, 22, 47, 100, 220].map((micro, index) => [micro, 63, 18 + index * 6, 2024] as const),
  ...[22, 33, 47, 100, 220, 470, 1000].map(
    (micro, index) => [micro, 25, 14 + index * 6, index < 2 ? 2012 : 2025] as const,
  ),
  ...[10, 47, 100, 470].map((micro, index) => [micro, 16, 12 + index * 5, 2025] as const),
].map(([micro, volts, price, made], index) =>
  line({
    kind: "electrolytic",
    marking: `${farads(micro * 1e-6)} ${volts} V`,
    bin: bin("E", index),
    onHand: some(index, 2, 14),
    priceMinor: price,
    reorderAt: 3,
    supplier: COMPONENTS,
    partNumber: `EL${volts}-${micro}`,
    size: volts > 100 ? "axial" : "radial",
    madeIn: made,
    warrantyMonths: 24,
  }),
);
const SAFETY: StockRow[] = [
  ...[10e-9, 22e-9, 47e-9, 100e-9, 220e-9].map((value) => ["X", `${farads(value)} 275 V X2`] as const),
  ...[1e-9, 2.2e-9, 3.3e-9, 4.7e-9].map((value) => ["Y", `${farads(value)} 300 V Y2`] as const),
].map(([kind, marking], index) =>
  line({
    kind,
    marking,
    bin: bin("M", index),
    onHand: some(index, 3, 10),
    priceMinor: 45 + index * 8,
    reorderAt: 4,
    supplier: COMPONENTS,
    partNumber: `${kind}2-${index + 1}`,
    madeIn: 2025,
    warrantyMonths: 24,
  }),
);
const MICA: StockRow[] = spread(E6, 10e-12, 1e-9).map((value, index) =>
  line({
    kind: "mica",
    marking: `${farads(value)} 500 V ±2% silver mica`,
    bin: bin("G", index),
    onHand: some(index, 1, 8),
    priceMinor: 110 + index * 5,
    supplier: COMPONENTS,
    provenance: index % 4 === 0 ? "new old stock, tested" : "",
  }),
);
const C0G: StockRow[] = [100e-12, 120e-12, 220e-12, 330e-12, 390e-12, 470e-12].map((value, index) =>
  line({
    kind: "C0G",
    marking: `${farads(value)} 1 kV ±5% C0G`,
    bin: bin("H", index),
    onHand: some(index, 4, 20),
    priceMinor: 22,
    supplier: COMPONENTS,
  }),
);
const BUFFER: StockRow[] = [5e-9, 10e-9].map((value, index) =>
  line({
    kind: "buffer",
    marking: `${farads(value)} 1.6 kV ±5%`,
    bin: bin("N", index),
    onHand: 2 + index,
    priceMinor: 240,
    supplier: COMPONENTS,
  }),
);
const RESISTORS: StockRow[] = spread(E12, 10, 10e6).map((value, index) =>
  line({
    kind: "resistor",
    marking: `${ohms(value)} 1 W ±5% metal film`,
    bin: bin("R", index),
    onHand: some(index, 6, 40),
    priceMinor: 9,
    reorderAt: index % 3 === 0 ? 8 : 5,
    supplier: COMPONENTS,
    madeIn: 2024,
  }),
);
const POWER_RESISTORS: StockRow[] = [
  ...[100, 150, 220, 240, 270, 470, 1e3, 2.2e3, 4.7e3, 10e3, 22e3, 27e3, 33e3, 47e3].map(
    (value) => `${ohms(value)} 3 W metal oxide`,
  ),
  ...[47, 100, 220, 470, 1e3, 1.5e3, 2.2e3, 4.7e3, 10e3, 12e3, 15e3, 22e3].map(
    (value) => `${ohms(value)} 10 W wire-wound`,
  ),
].map((marking, index) =>
  line({
    kind: "resistor",
    marking,
    bin: bin("S", index),
    onHand: some(index, 2, 9),
    priceMinor: 35 + (index > 13 ? 60 : 0),
    reorderAt: 2,
    supplier: COMPONENTS,
  }),
);

/** Tubes lie each in its own box: type, share of new at its last test, where it came from, price, days since the test. */
const TUBE_STOCK: [type: string, share: number | null, provenance: string, price: number, days: number][] = [
  ["6V6", 0.98, "new old stock", 2400, 40],
  ["6V6", 0.91, "pulled, matched with the next", 1400, 40],
  ["6V6", 0.71, "pulled", 600, 40],
  ["6K8", 0.94, "new old stock", 1800, 210],
  ["6K7", 1.02, "new old stock", 900, 210],
  ["6Q7", 0.88, "pulled", 700, 210],
  ["6F6", 0.96, "new old stock", 1700, 300],
  ["6AQ5", 0.99, "new old stock", 900, 60],
  ["6AQ5", 0.84, "pulled", 400, 60],
  ["6BA6", 1.04, "new old stock", 600, 60],
  ["6BA6", 0.97, "new old stock", 600, 60],
  ["6BA6", 0.83, "pulled", 300, 60],
  ["6BE6", 0.92, "pulled", 400, 60],
  ["12AX7", 0.95, "new, made this decade", 1500, 90],
  ["12AX7", 0.89, "pulled, low noise", 2200, 90],
  ["12AT7", 0.93, "new old stock", 900, 90],
  ["6X4", 0.9, "new old stock", 500, 90],
  ["5Y3GT", 0.97, "new old stock", 1600, 150],
  ["5Y3GT", 0.81, "pulled", 700, 150],
  ["5Z4", 0.94, "new old stock", 1900, 150],
  ["GZ34", 0.99, "new, made this decade", 2600, 150],
  ["80", 0.86, "pulled", 1200, 400],
  ["6U5", null, "new old stock, display only", 4500, 0],
  ["UL41", 0.87, "pulled", 1100, 120],
  ["UCH42", 0.93, "new old stock", 900, 120],
  ["UBC41", 0.9, "new old stock", 800, 120],
  ["UY41", 0.85, "pulled", 700, 120],
  ["EL84", 0.97, "new, made this decade", 1300, 80],
  ["EF41", 0.95, "new old stock", 700, 120],
  ["DK96", 0.92, "new old stock", 800, 30],
  ["DL96", 0.88, "new old stock", 700, 30],
  ["807", 0.96, "new old stock, military box", 1500, 220],
  ["807", 0.93, "new old stock, military box", 1500, 220],
  ["807", 0.74, "pulled", 500, 220],
  ["6L6GC", 0.98, "matched with the next", 2300, 100],
  ["6L6GC", 0.95, "matched with the one before", 2300, 100],
  ["6146", 0.91, "pulled", 1900, 500],
  ["5R4GY", 0.94, "new old stock", 2100, 220],
  ["0A2", null, "new old stock", 500, 0],
  ["811A", 0.9, "new, made this decade", 5900, 70],
];
const TUBE_LINES: StockRow[] = TUBE_STOCK.map(([type, , provenance, price], index) =>
  line({
    kind: "tube",
    marking: type,
    bin: bin("T", index),
    onHand: 1,
    priceMinor: price,
    supplier: TUBES,
    provenance,
    warrantyMonths: provenance.startsWith("new") ? 12 : 3,
  }),
);
const ODDS: StockRow[] = [
  line({
    kind: "tube",
    marking: "UF41",
    bin: "T-90",
    onHand: 0,
    priceMinor: 900,
    supplier: TUBES,
    reorderAt: 0,
    provenance: "on order",
  }),
  ...["100 mA slow", "250 mA slow", "500 mA slow", "1 A slow", "2 A slow"].map((marking, index) =>
    line({ kind: "fuse", marking, bin: bin("U", index), onHand: 10 + index * 3, priceMinor: 25, reorderAt: 5 }),
  ),
  ...["6.3 V 0.15 A bayonet", "6.3 V 0.3 A bayonet", "6.3 V 0.1 A screw"].map((marking, index) =>
    line({ kind: "lamp", marking, bin: bin("V", index), onHand: 4 + index, priceMinor: 90, reorderAt: 3 }),
  ),
  ...["germanium PNP, mixer", "germanium PNP, IF", "germanium PNP, output pair"].map((marking, index) =>
    line({
      kind: "transistor",
      marking,
      bin: bin("W", index),
      onHand: 3,
      priceMinor: 350,
      provenance: "new old stock",
    }),
  ),
  ...["sleeving 2 mm, m", "rubber grommet 10 mm", "shellac, 100 ml", "fabric mains lead, m"].map((marking, index) =>
    line({
      kind: "hardware",
      marking,
      bin: bin("Z", index),
      onHand: 5 + index * 4,
      priceMinor: 60 + index * 90,
      reorderAt: 2,
    }),
  ),
];

export const STOCK: StockRow[] = [
  ...FILM,
  ...FILM_HIGH,
  ...FILM_LOW,
  ...ELECTROLYTIC,
  ...SAFETY,
  ...MICA,
  ...C0G,
  ...BUFFER,
  ...RESISTORS,
  ...POWER_RESISTORS,
  ...TUBE_LINES,
  ...ODDS,
];

const LISTS = path.join(import.meta.dirname, "price-lists");

/** The suppliers' price lists that ship with the demo: made up, as their names are. */
export function priceLists(): { supplier: string; cells: string[][] }[] {
  return readdirSync(LISTS)
    .filter((name) => name.endsWith(".csv"))
    .sort()
    .map((name) => ({
      supplier: name
        .replace(/\.csv$/, "")
        .split("-")
        .map((word) => word[0]?.toUpperCase() + word.slice(1))
        .join(" "),
      cells: Papa.parse<string[]>(readFileSync(path.join(LISTS, name), "utf8"), { skipEmptyLines: true }).data,
    }));
}

/** Fills the drawers, writes the tubes' tests, reads the price lists; tells the label of every bin. */
export async function fillDrawers(db: Db, by: string, daysAgo: (days: number) => Date): Promise<Map<string, string>> {
  await importStock(db, STOCK, by);
  const items = await stockItems(db);
  for (const [index, [type, share, , , days]] of TUBE_STOCK.entries()) {
    const item = items.find((one) => one.bin === bin("T", index));
    const known = tubeType(type);
    if (!item || share === null || !known) continue;
    const gm = nominalGm(known);
    const nominal = gm ? Math.round(gm * 1e6) : 100;
    await addStockTest(
      db,
      {
        id: v7(),
        partId: item.id,
        test: gm ? "gm" : "emission",
        measured: Math.round(nominal * share),
        nominal,
        unit: gm ? "µS" : "%",
        shorts: "none",
        gas: "none",
        setup: gm ? "mutual-conductance tester" : "emission tester",
        at: daysAgo(days).toISOString(),
      },
      by,
    );
  }
  for (const { supplier, cells } of priceLists()) {
    const read = readRows(priceListTable(supplier, "EUR"), cells, {});
    if (read.bad > 0)
      throw new Error(
        `the price list of ${supplier} cannot be read: ${JSON.stringify(read.rows.find((row) => !row.row))}`,
      );
    await replaceOffers(
      db,
      supplier,
      read.rows.flatMap(({ row }) => (row ? [row] : [])),
    );
  }
  return new Map(items.map(({ bin: at, code }) => [at, code]));
}
