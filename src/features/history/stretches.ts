import { kindOf, type Settled } from "@/core/kinds";

/** A stretch of entries that are read one by one, or folded under one line. */
type Stretch = { folded: boolean; items: Settled[] };

/** Entries of kinds that come in long runs are folded with their neighbours, so that they do not bury the rest. */
export function stretchesOf(items: readonly Settled[]): Stretch[] {
  const stretches: Stretch[] = [];
  for (const item of items) {
    if (!item.content) continue;
    const how = kindOf(item.content).inFile;
    if (how === "left-out") continue;
    const folded = how === "folded";
    const last = stretches.at(-1);
    if (last?.folded === folded) last.items.push(item);
    else stretches.push({ folded, items: [item] });
  }
  return stretches;
}
