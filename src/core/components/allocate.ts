import type { StockItem } from "../stock";
import { choose, readStock, type Choice, type Shelves } from "./choose";
import type { PlanNeed } from "./needs";
import type { PlanLine } from "./propose";

/** A need of the plan with what the stock offers for it, and what is taken. */
export type Filled = { need: PlanNeed; choices: Choice[]; chosen?: Choice };
export type FilledLine = PlanLine & { filled: Filled[] };

/** What the technician picked for a place, as ids of stock lines; without a pick the best choice is taken. */
export type Picks = ReadonlyMap<string, readonly string[]>;

const sameItems = (choice: Choice, ids: readonly string[]) =>
  choice.items.length === ids.length && [...choice.items.map(({ id }) => id)].sort().join() === [...ids].sort().join();

const wants = (line: PlanLine) => line.action === "replace" || line.action === "restuff";

/**
 * Fills a plan from stock, line after line, so that no piece is promised twice.
 * @param items the lines, or the shelves where they were read before
 * @param year now, for the age of electrolytics
 * @param taken pieces that others have been promised; those of this plan are added
 */
export function allocate(
  lines: readonly PlanLine[],
  items: readonly StockItem[] | Shelves,
  year: number,
  picks: Picks = new Map(),
  taken: Map<string, number> = new Map(),
): FilledLine[] {
  const stock = Array.isArray(items) ? readStock(items as readonly StockItem[]) : (items as Shelves);
  return lines.map((line) => {
    if (!wants(line)) return { ...line, filled: [] };
    const filled = line.needs.map((need): Filled => {
      const choices = choose(need, stock, year, taken);
      const picked = picks.get(need.designator);
      const chosen = (picked && choices.find((choice) => sameItems(choice, picked))) ?? choices[0];
      for (const { id } of chosen?.items ?? []) taken.set(id, (taken.get(id) ?? 0) + 1);
      return { need, choices, ...(chosen ? { chosen } : {}) };
    });
    return { ...line, filled };
  });
}

/** Pieces of each stock line that a filled plan takes. */
export function piecesOf(lines: readonly FilledLine[]): Map<string, { item: StockItem; count: number }> {
  const pieces = new Map<string, { item: StockItem; count: number }>();
  for (const item of lines.flatMap(({ filled }) => filled.flatMap(({ chosen }) => chosen?.items ?? [])))
    pieces.set(item.id, { item, count: (pieces.get(item.id)?.count ?? 0) + 1 });
  return pieces;
}

/** Needs that the stock cannot fill. */
export const shortages = (lines: readonly FilledLine[]): PlanNeed[] =>
  lines.flatMap(({ filled }) => filled.flatMap(({ need, chosen }) => (chosen ? [] : [need])));

export type PlanCost = { parts: number; unpriced: number; toOrder: number };

/** What a plan costs in parts from stock, minor units, and how many of them have no price. */
export function costOf(lines: readonly FilledLine[]): PlanCost {
  const chosen = lines.flatMap(({ filled }) => filled.flatMap((one) => one.chosen ?? []));
  return {
    parts: chosen.reduce((sum, { price }) => sum + (price ?? 0), 0),
    unpriced: chosen.filter(({ price }) => price === null).length,
    toOrder: shortages(lines).length,
  };
}
