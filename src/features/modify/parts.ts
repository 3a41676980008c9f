import type { Fitted } from "@/core/log";
import { parsePart, quantityOfDesignator } from "@/core/quantity";
import { freeOf, fromStockOf, quantityOfKind, type StockItem } from "@/core/stock";
import { tubeType } from "@/core/tubes";

/** Two markings name the same part: the same type of tube, or the same value with at least the rating asked for. */
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
    (y.volts ?? 0) >= (x.volts ?? 0) &&
    (y.watts ?? 0) >= (x.watts ?? 0)
  );
}

/** A part of a modification with the stock line that it is taken from, if any. */
export type Shelved = { part: Fitted; item?: StockItem; reserved: boolean };

/** Where each part comes from. A piece is given once: two parts alike need two of them, set aside or free. */
export function shelved(parts: readonly Fitted[], stock: readonly StockItem[]): Shelved[] {
  const given = new Map<string, { reserved: number; free: number }>();
  const takenOf = (item: StockItem) => given.get(item.id) ?? { reserved: 0, free: 0 };
  return parts.map((part): Shelved => {
    const same = stock.filter((item) => sameMarking(part.text, part.designator, item));
    const aside = same.find((item) => item.reservedHere > takenOf(item).reserved);
    const free = same.find((item) => freeOf(item) - item.reservedHere > takenOf(item).free);
    const item = aside ?? free;
    if (!item) return { part, reserved: false };
    const before = takenOf(item);
    given.set(item.id, aside ? { ...before, reserved: before.reserved + 1 } : { ...before, free: before.free + 1 });
    return { part, item, reserved: aside !== undefined };
  });
}

/** The parts as they are fitted: those that are set aside come out of stock with their labels. */
export const fittedFrom = (parts: readonly Fitted[], stock: readonly StockItem[]): Fitted[] =>
  shelved(parts, stock).map(({ part, item, reserved }) =>
    item && reserved ? { ...part, stock: fromStockOf(item) } : part,
  );
