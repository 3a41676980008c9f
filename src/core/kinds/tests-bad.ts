import type { LogView, StandingOf } from "./kind";
import type { OpenPoint } from "./open";

type Judged = { verdict: string; reasons: string[] };

/** The last test of a component or tube, where it was bad; open while nobody has worked on its place since. */
export function testsBad<K extends string, P extends { designator: string }, J extends Judged>(
  mine: readonly StandingOf<K, P, J>[],
  { workedSince }: LogView,
): OpenPoint[] {
  const last = new Map(mine.map((item) => [item.content.payload.designator, item]));
  return [...last].flatMap(([designator, item]): OpenPoint[] => {
    const { verdict, reasons } = item.judged;
    if (verdict !== "bad" || workedSince(designator, item)) return [];
    const text = `${designator} tests bad: ${reasons[0] ?? ""}`;
    return [{ id: item.entry.id, visitId: item.entry.visitId, kind: "reading", text, blocks: true, designator }];
  });
}
