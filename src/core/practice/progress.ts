import { KINDS_OF_FAULT, type KindOfFault } from "./draw";

/** A practice that has ended, as far as progress goes. */
export type Ended = { at: string; kind: KindOfFault; found: boolean; points: number; minutes: number; best: number };

export type KindProgress = { kind: KindOfFault; runs: number; found: number; points: number };
export type WeekProgress = { week: string; runs: number; found: number; points: number; byKind: KindProgress[] };

const DAY_MS = 86_400_000;

/** The Monday of a day, as a date. @example mondayOf("2026-11-27T10:00:00Z") // "2026-11-23" */
export function mondayOf(at: string): string {
  const day = new Date(at);
  const since = (day.getUTCDay() + 6) % 7;
  return new Date(Date.parse(`${day.toISOString().slice(0, 10)}T00:00:00Z`) - since * DAY_MS)
    .toISOString()
    .slice(0, 10);
}

const mean = (all: readonly Ended[]): number =>
  all.length === 0 ? 0 : Math.round(all.reduce((sum, { points }) => sum + points, 0) / all.length);

const byKind = (all: readonly Ended[]): KindProgress[] =>
  KINDS_OF_FAULT.flatMap((kind) => {
    const mine = all.filter((one) => one.kind === kind);
    return mine.length === 0
      ? []
      : [{ kind, runs: mine.length, found: mine.filter(({ found }) => found).length, points: mean(mine) }];
  });

/** Somebody's practice over the weeks, the first week first, by kind of fault. Counts and means of points. */
export function progressOf(ended: readonly Ended[]): { weeks: WeekProgress[]; kinds: KindProgress[] } {
  const weeks = [...new Set(ended.map(({ at }) => mondayOf(at)))].sort();
  return {
    kinds: byKind(ended),
    weeks: weeks.map((week) => {
      const mine = ended.filter(({ at }) => mondayOf(at) === week);
      return {
        week,
        runs: mine.length,
        found: mine.filter(({ found }) => found).length,
        points: mean(mine),
        byKind: byKind(mine),
      };
    }),
  };
}
