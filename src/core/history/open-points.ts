import { ALL_KINDS, type LogView, type OpenPoint, type Settled } from "../kinds";
import { upTo } from "../log";

/** When each place was worked on last: its place in the order of the log. */
function lastWork(settled: readonly Settled[]): Map<string, number> {
  const last = new Map<string, number>();
  for (const [index, { content }] of settled.entries()) {
    if (!content) continue;
    for (const designator of ALL_KINDS[content.kind]?.works(content.payload) ?? []) last.set(designator, index);
  }
  return last;
}

/** Everything that a set still asks for at a moment, kind by kind. A closing note settles any of them. */
export function openPoints(settled: readonly Settled[], moment: string): OpenPoint[] {
  const past = upTo(settled, moment);
  const worked = lastWork(past);
  const place = new Map<unknown, number>(past.map((item, index) => [item, index]));
  const view: LogView = {
    settled: past,
    workedSince: (designator, item) => (worked.get(designator) ?? -1) > (place.get(item) ?? -1),
  };
  const byKind = new Map<string, Settled[]>();
  for (const item of past) {
    if (!item.content) continue;
    const mine = byKind.get(item.content.kind);
    if (mine) mine.push(item);
    else byKind.set(item.content.kind, [item]);
  }
  const closed = new Set(past.flatMap(({ content }) => (content?.kind === "note" ? content.payload.closes : [])));
  return (
    Object.entries(ALL_KINDS)
      .flatMap(([kind, { open }]) => open((byKind.get(kind) ?? []) as never, view))
      // What waits for a lead is confirmed, and never settled by a note.
      .filter((point) => point.line !== undefined || point.kind === "confirm" || !closed.has(point.id))
  );
}
