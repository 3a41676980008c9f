import type { Fitted } from "@/core/history";
import { parsePart, quantityOfDesignator } from "@/core/quantity";
import { freeOf, fromStockOf, quantityOfKind, type StockItem } from "@/core/stock";
import { tubeType } from "@/core/tubes";

/** Two markings name the same part: the same type of tube, or the same value with at least the rating. */
function sameMarking(wanted: string, designator: string, item: StockItem): boolean {
  if (item.kind === "tube") return tubeType(wanted) !== undefined && tubeType(wanted) === tubeType(item.marking);
  const quantity = quantityOfDesignator(designator);
  if (!quantity || quantity !== quantityOfKind(item.kind))
    return item.marking.trim().toLowerCase() === wanted.trim().toLowerCase();
  const [a, b] = [parsePart(wanted, { quantity }), parsePart(item.marking, { quantity })];
  if (!a.ok || !b.ok) return false;
  const [x, y] = [a.value, b.value];
  return (
    x.sections.length === y.sections.length &&
    x.sections.every((value, index) => Math.abs(value / (y.sections[index] ?? Number.NaN) - 1) < 1e-6) &&
    (y.volts ?? Infinity) >= (x.volts ?? 0) &&
    (y.watts ?? Infinity) >= (x.watts ?? 0)
  );
}

/** The stock line that a part of a modification is taken from: one that is set aside for it, else one that is free. */
export function stockFor(
  { designator, text }: Pick<Fitted, "designator" | "text">,
  stock: readonly StockItem[],
): StockItem | undefined {
  const same = stock.filter((item) => sameMarking(text, designator, item));
  return same.find(({ reservedHere }) => reservedHere > 0) ?? same.find((item) => freeOf(item) > 0);
}

/** The parts as they are fitted: those that are set aside come out of stock with their labels. */
export const fittedFrom = (parts: readonly Fitted[], stock: readonly StockItem[]): Fitted[] =>
  parts.map((part) => {
    const item = stockFor(part, stock);
    return item && item.reservedHere > 0 ? { ...part, stock: fromStockOf(item) } : part;
  });
