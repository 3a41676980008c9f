import { kindOf, LANES, type Lane, type Settled } from "@/core/kinds";

export { LANES, type Lane };
export const LANE_NAMES: Record<Lane, string> = {
  symptoms: "Symptoms",
  findings: "Findings",
  parts: "Parts",
  modifications: "Modifications",
  tests: "Readings, tests",
  notes: "Notes, in and out",
};

/** Entries that lie so close together that they are one mark. */
export type Mark = { key: string; lane: Lane; x: number; items: Settled[] };

/** Marks stand at least so far apart, in pixels of the chart. */
export const APART = 17;

/**
 * Puts entries on their lanes. Those closer than a mark's width share one, which tells how many it holds.
 * @param place the pixel of an instant, undefined outside what is shown
 */
export function marksOf(
  settled: readonly Settled[],
  lanes: ReadonlySet<Lane>,
  place: (at: string) => number | undefined,
): Mark[] {
  const marks: Mark[] = [];
  const last = new Map<Lane, Mark>();
  for (const item of settled) {
    const lane = item.content ? kindOf(item.content).lane : "none";
    if (lane === "none" || !lanes.has(lane)) continue;
    const x = place(item.at);
    if (x === undefined) continue;
    const before = last.get(lane);
    if (before && x - before.x < APART) {
      before.items.push(item);
      continue;
    }
    const mark = { key: item.entry.id, lane, x, items: [item] };
    last.set(lane, mark);
    marks.push(mark);
  }
  return marks;
}

/** What is in sight of a whole that reaches from 0 to 1. */
export type Span = readonly [from: number, to: number];
export const WHOLE: Span = [0, 1];

/** The nearest that one can look: a thousandth of the whole. */
const NEAREST = 0.001;

/** A span within the whole, as long as it was. */
const within = (start: number, length: number): Span => {
  const from = Math.min(Math.max(start, 0), 1 - length);
  return [from, from + length];
};

/** Zooms a span about a place by a factor. */
export function zoomed([from, to]: Span, about: number, factor: number): Span {
  const length = Math.min(Math.max((to - from) * factor, NEAREST), 1);
  return within(about - ((about - from) / (to - from)) * length, length);
}

/** Moves a span by a share of its length. */
export const moved = ([from, to]: Span, share: number): Span => within(from + share * (to - from), to - from);

/** A stretch of the whole with a little room around it. */
export const around = (from: number, to: number): Span => zoomed([from, to], (from + to) / 2, 1.06);
