import { formatMoney, formatPart, parseMoney } from "../quantity";
import { Row, type Table } from "../tables";
import { specOf, STOCK_KINDS, stockFieldsSchema, type StockFields } from "./item";

/** What a supplier offers. */
export type Offer = Pick<StockFields, "kind" | "marking" | "maker" | "currency"> & {
  supplier: string;
  orderNumber: string;
  /** of one piece */
  priceMinor: number;
  /** sold in packs of so many pieces */
  pack: number;
};

const MOST_IN_PACK = 10_000;

/**
 * A supplier's price list as a table.
 * @param supplier whose list it is @param currency of the shop; a list in another one is refused, not converted
 */
export const priceListTable = (supplier: string, currency: string): Table<Offer> => ({
  name: "prices",
  title: "Price list",
  one: "article",
  columns: [
    {
      key: "orderNumber",
      title: "order number",
      also: ["article", "sku", "part number", "no"],
      required: true,
      hint: "E-1047",
    },
    {
      key: "kind",
      title: "kind",
      also: ["category", "type of part"],
      required: true,
      hint: "film",
      choices: STOCK_KINDS,
    },
    {
      key: "marking",
      title: "marking",
      also: ["value", "description", "part"],
      required: true,
      hint: "0.047 µF 630 V",
    },
    { key: "price", title: "price of one", also: ["price", "unit price", "each"], required: true, hint: "0.45 EUR" },
    { key: "pack", title: "sold in packs of", also: ["pack", "pack size", "moq", "multiple"], hint: "10" },
    { key: "maker", title: "maker", also: ["manufacturer", "brand"], hint: "" },
  ],
  read(raw) {
    const row = new Row(raw);
    const orderNumber = row.text("orderNumber");
    if (orderNumber === "") row.problem("orderNumber", "The order number is missing.");
    const kind = row.choice("kind", STOCK_KINDS);
    if (!kind && row.cells.kind?.raw === "") row.problem("kind", "The kind is missing.");
    const marking = row.text("marking");
    const spec = kind ? specOf({ kind, marking }) : undefined;
    if (spec) row.shown("marking", formatPart(spec));
    const typed = row.text("price");
    const price = parseMoney(typed, currency);
    if (!price) row.problem("price", `“${typed}” is not a price above zero: write it like 0.45 ${currency}.`);
    else if (price.currency !== currency)
      row.problem(
        "price",
        `Priced in ${price.currency}; the shop works in ${currency}. Ask for the list in ${currency}: no rate is guessed here.`,
      );
    else row.shown("price", formatMoney(price));
    const written = row.text("pack");
    const pack = written === "" ? 1 : Number(written);
    if (!Number.isInteger(pack) || pack < 1 || pack > MOST_IN_PACK)
      row.problem("pack", `“${written}” is not a number of pieces: write 10, or leave it empty for single pieces.`);
    const maker = row.text("maker");
    const priceMinor = price?.minor ?? 0;
    const offered = stockFieldsSchema.transform((part): Offer => ({
      kind: part.kind,
      marking: part.marking,
      maker: part.maker,
      supplier,
      orderNumber,
      priceMinor,
      currency,
      pack,
    }));
    return row.finish(offered, { kind, marking, maker, currency, priceMinor });
  },
  write: (offer) => ({
    orderNumber: offer.orderNumber,
    kind: offer.kind,
    marking: offer.marking,
    price: formatMoney({ minor: offer.priceMinor, currency: offer.currency }),
    pack: offer.pack > 1 ? String(offer.pack) : "",
    maker: offer.maker,
  }),
  keyOf: ({ orderNumber }) => orderNumber,
});
