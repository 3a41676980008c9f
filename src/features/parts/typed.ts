import { nearestTypes, tubeType } from "@/core/tubes";
import { STOCK_TABLE, type StockItem, type StockRow } from "@/core/stock";

/** The fields of a stock line as typed. */
export type TypedStock = Record<string, string>;

export const EMPTY_STOCK: TypedStock = Object.fromEntries(STOCK_TABLE.columns.map(({ key }) => [key, ""]));

/** A stock line as its form shows it; what is on hand is changed by moves, not here. */
export const typedOf = (item: StockItem): TypedStock => {
  const texts = STOCK_TABLE.write(item);
  return { ...texts, onHand: "" };
};

export type ReadStock = { ok: true; value: StockRow } | { ok: false; problems: Record<string, string> };

/**
 * Reads a form of a stock line; its sentences by field.
 * @param currency of the shop, for a price that names none
 */
export function readStock(typed: TypedStock, currency: string): ReadStock {
  const read = STOCK_TABLE.read(typed, { currency });
  if (read.row) return { ok: true, value: read.row };
  const problems = Object.fromEntries(
    Object.entries(read.cells).flatMap(([key, { problem }]) => (problem ? [[key, problem]] : [])),
  );
  return { ok: false, problems };
}

/** What a value is understood as, for the hint below its field. */
export const understood = (typed: TypedStock): string | undefined => {
  const type = typed.marking?.trim() ?? "";
  if (typed.kind === "tube" && type && !tubeType(type)) {
    const near = nearestTypes(type);
    return `not in the tube table${near.length > 0 ? `; near it: ${near.join(", ")}` : ""}`;
  }
  const { cells } = STOCK_TABLE.read(typed, {});
  const { raw, shown, problem } = cells.marking ?? {};
  return !problem && shown && shown !== raw ? `understood as ${shown}` : undefined;
};

/** Does a line of the list answer to what is looked for? Every word has to stand somewhere. */
export function matches(item: StockItem, query: string): boolean {
  const text = [
    item.code,
    item.kind,
    item.marking,
    item.bin,
    item.maker,
    item.partNumber,
    item.batch,
    item.supplier,
    item.provenance,
  ]
    .join(" ")
    .toLowerCase();
  return query
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word));
}
