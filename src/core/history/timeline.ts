import type { Settled } from "../kinds";

export type Visit = {
  id: string;
  setId: string;
  job: number;
  openedAt: string;
  /** the other shop that it was in, where the file came from there */
  shop?: string;
};

export type VisitOfTimeline = Visit & {
  items: Settled[];
  /** when it was handed back, if it was */
  closedAt?: string;
};

/** When a visit was handed back; undefined while the set is in the shop. */
export function closedAt(settled: readonly Settled[], visitId: string): string | undefined {
  return settled.findLast((item) => item.entry.visitId === visitId && item.content?.kind === "hand-back")?.at;
}

/** The history of a set by visit, oldest first; withdrawn entries stay in their place. */
export function timeline(settled: readonly Settled[], visits: readonly Visit[]): VisitOfTimeline[] {
  return [...visits]
    .sort((a, b) => Date.parse(a.openedAt) - Date.parse(b.openedAt) || a.job - b.job)
    .map((visit) => {
      const closed = closedAt(settled, visit.id);
      const items = settled.filter((item) => item.entry.visitId === visit.id);
      return { ...visit, items, ...(closed ? { closedAt: closed } : {}) };
    });
}
