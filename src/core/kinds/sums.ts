import { parseMoney, type Money } from "../quantity";

/** A sum of a clause, with its currency; one that names none is in the shop's. A sum of nothing counts. */
export function readSum(text: string, currency: string): Money | undefined {
  const none = /^\s*0(?:[.,]0+)?\s*([A-Za-z]{3})?\s*$/.exec(text);
  if (none) return { minor: 0, currency: (none[1] ?? currency).toUpperCase() };
  return parseMoney(text, currency);
}
