import { scaleLinear } from "d3";
import type { Settled } from "@/core/kinds";
import type { Visit } from "@/core/history";

/** A visit as a stretch of time, milliseconds. */
export type Era = { visit: Visit; from: number; to: number };

/** A gap between visits takes this share of the room of a visit, however many years it lasts. */
const GAP = 0.16;
const HOUR = 3_600_000;

/** The visits as stretches, each at least an hour, none over another. */
export function erasOf(settled: readonly Settled[], visits: readonly Visit[]): Era[] {
  let free = -Infinity;
  return [...visits]
    .sort((a, b) => Date.parse(a.openedAt) - Date.parse(b.openedAt))
    .map((visit): Era => {
      const mine = settled.filter(({ entry }) => entry.visitId === visit.id).map(({ at }) => Date.parse(at));
      const opened = Math.min(Date.parse(visit.openedAt), ...mine);
      const from = Math.max(opened, free);
      // A set that waits in the shop has nothing to show for the waiting.
      const to = Math.max(from + HOUR, ...mine);
      free = to + 1;
      return { visit, from, to };
    });
}

/**
 * A scale from time to a place between 0 and 1 on which every visit has the same room and the years between them take
 * little: what happened is in the visits. Without visits, time runs evenly.
 */
export function eraScale(eras: readonly Era[], now: string) {
  const [first] = eras;
  if (!first) return scaleLinear([Date.parse(now) - HOUR, Date.parse(now)], [0, 1]).clamp(true);
  const total = eras.length + (eras.length - 1) * GAP;
  const domain: number[] = [];
  const range: number[] = [];
  for (const [index, { from, to }] of eras.entries()) {
    const start = index * (1 + GAP);
    domain.push(from, to);
    range.push(start / total, (start + 1) / total);
  }
  return scaleLinear(domain, range).clamp(true);
}

/** A stretch of years or days in words, for the gap between two visits. */
export function gapWords(ms: number): string {
  const days = ms / 86_400_000;
  if (days >= 700) return `${Math.round(days / 365.2425)} years`;
  if (days >= 60) return `${Math.round(days / 30.44)} months`;
  return `${Math.max(1, Math.round(days))} ${Math.round(days) <= 1 ? "day" : "days"}`;
}
