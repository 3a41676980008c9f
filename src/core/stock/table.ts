import { formatMoney, formatPart, parseSum } from "../quantity";
import { Row, type Table } from "../tables";
import { specOf, STOCK_KINDS, stockFieldsSchema, type StockFields } from "./item";

/** A row of a stock list: the line, and how many were counted where the list says so. */
export type StockRow = StockFields & { onHand?: number | undefined };

const whole = (row: Row, key: string, what: string): number | undefined => {
  const text = row.text(key);
  if (text === "") return undefined;
  const value = Number(text);
  return Number.isInteger(value) && value >= 0
    ? value
    : row.problem(key, `${what} is a whole number, 0 or more; this is “${text}”.`);
};

/** Stock as a table: for CSV in and out, and for the form of one line. */
export const STOCK_TABLE: Table<StockRow> = {
  name: "stock",
  title: "Stock",
  one: "part",
  columns: [
    {
      key: "kind",
      title: "kind",
      also: ["type of part", "category"],
      required: true,
      hint: "film",
      choices: STOCK_KINDS,
    },
    {
      key: "marking",
      title: "marking",
      also: ["value", "part", "what", "description"],
      required: true,
      hint: "0.047 µF 630 V",
    },
    { key: "bin", title: "bin", also: ["drawer", "place", "location"], hint: "B-14" },
    { key: "onHand", title: "on hand", also: ["quantity", "qty", "count", "stock"], hint: "12" },
    { key: "price", title: "price", also: ["unit price", "cost"], hint: "0.45" },
    { key: "supplier", title: "supplier", also: ["vendor"], hint: "" },
    { key: "maker", title: "maker", also: ["manufacturer", "brand"], hint: "" },
    { key: "partNumber", title: "part number", also: ["mpn", "order number", "part no"], hint: "" },
    { key: "batch", title: "batch", also: ["lot"], hint: "" },
    { key: "size", title: "size", also: ["dimensions", "pitch"], hint: "26 × 11 mm" },
    { key: "reorderAt", title: "reorder at", also: ["reorder point", "minimum"], hint: "5" },
    { key: "madeIn", title: "made in", also: ["year", "date code"], hint: "2024" },
    { key: "warrantyMonths", title: "warranty months", also: ["warranty"], hint: "24" },
    { key: "provenance", title: "provenance", also: ["origin", "source", "note"], hint: "new old stock" },
  ],
  read(raw, { currency = "" }) {
    const row = new Row(raw);
    const kind = row.choice("kind", STOCK_KINDS);
    if (!kind && row.cells.kind?.raw === "")
      row.problem("kind", `The kind is missing: one of ${STOCK_KINDS.join(", ")}.`);
    const marking = row.text("marking");
    const spec = kind ? specOf({ kind, marking }) : undefined;
    if (spec) row.shown("marking", formatPart(spec));
    const typed = row.text("price");
    const sum = typed === "" ? undefined : parseSum(typed, currency);
    const price = sum && sum.minor > 0 ? sum : undefined;
    if (typed !== "" && !sum) row.problem("price", `“${typed}” is not a price: write it like 0.45 or 0.45 EUR.`);
    if (price && !price.currency) row.problem("price", `“${typed}” names no currency: write it like ${typed} EUR.`);
    else if (price) row.shown("price", formatMoney(price));
    const onHand = whole(row, "onHand", "A count");
    const reorderAt = whole(row, "reorderAt", "A reorder point");
    const madeIn = whole(row, "madeIn", "A year");
    const warrantyMonths = whole(row, "warrantyMonths", "A warranty in months");
    const fields = {
      kind,
      marking,
      bin: row.text("bin"),
      maker: row.text("maker"),
      partNumber: row.text("partNumber"),
      batch: row.text("batch"),
      supplier: row.text("supplier"),
      size: row.text("size"),
      priceMinor: sum?.minor ?? null,
      ...(price?.currency || currency ? { currency: price?.currency || currency } : {}),
      reorderAt: reorderAt ?? null,
      madeIn: madeIn ?? null,
      warrantyMonths: warrantyMonths ?? null,
      provenance: row.text("provenance"),
    };
    const read = row.finish(stockFieldsSchema, fields, (path) =>
      path === "priceMinor" || path === "currency" ? "price" : path,
    );
    return {
      ...read,
      ...(read.row ? { row: { ...read.row, ...(onHand === undefined ? {} : { onHand }) } } : {}),
    } as ReturnType<Table<StockRow>["read"]>;
  },
  write: (item) => ({
    kind: item.kind,
    marking: item.marking,
    bin: item.bin,
    onHand: item.onHand === undefined ? "" : String(item.onHand),
    price:
      item.priceMinor === null
        ? ""
        : item.priceMinor === 0
          ? "0"
          : formatMoney({ minor: item.priceMinor, currency: item.currency }),
    supplier: item.supplier,
    maker: item.maker,
    partNumber: item.partNumber,
    batch: item.batch,
    size: item.size,
    reorderAt: item.reorderAt === null ? "" : String(item.reorderAt),
    madeIn: item.madeIn === null ? "" : String(item.madeIn),
    warrantyMonths: item.warrantyMonths === null ? "" : String(item.warrantyMonths),
    provenance: item.provenance,
  }),
  keyOf: stockKey,
};

/** What makes two lines the same one: kind, marking, maker, number, batch and bin. */
export function stockKey(
  item: Pick<StockFields, "kind" | "marking" | "maker" | "partNumber" | "batch" | "bin">,
): string {
  return [item.kind, item.marking, item.maker, item.partNumber, item.batch, item.bin]
    .map((text) => text.toLowerCase())
    .join("|");
}

/** A marking in print, where it reads; a tube keeps its type. */
export function printMarking(item: Pick<StockFields, "kind" | "marking">): string {
  const spec = specOf(item);
  return spec ? formatPart(spec) : item.marking;
}

/** A line in words: its marking, and its kind where the marking does not tell it. */
export function describeItem(item: Pick<StockFields, "kind" | "marking">): string {
  const spec = specOf(item);
  const told = spec?.construction !== undefined || spec?.safety !== undefined || item.kind === "resistor" || !spec;
  return told ? printMarking(item) : `${printMarking(item)} ${item.kind}`;
}

/** Value for sorting a list: by kind, then by value. */
export function sortValue(item: Pick<StockFields, "kind" | "marking">): number {
  return specOf(item)?.sections[0] ?? 0;
}
