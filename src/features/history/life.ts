import type { ContentKind, Settled } from "@/core/history";

/** The lanes of a set's life, from what was seen to what was done. */
export const LANES = ["symptoms", "findings", "parts", "modifications", "tests", "notes"] as const;
export type Lane = (typeof LANES)[number];
export const LANE_NAMES: Record<Lane, string> = {
  symptoms: "Symptoms",
  findings: "Findings",
  parts: "Parts",
  modifications: "Modifications",
  tests: "Readings, tests",
  notes: "Notes, in and out",
};

const LANE_OF: Partial<Record<ContentKind, Lane>> = {
  symptom: "symptoms",
  finding: "findings",
  "fault-test": "findings",
  "part-work": "parts",
  modification: "modifications",
  reading: "tests",
  "test-result": "tests",
  "component-test": "tests",
  "tube-test": "tests",
  "power-step": "tests",
  soak: "tests",
  note: "notes",
  "take-in": "notes",
  "hand-back": "notes",
  estimate: "notes",
  approval: "notes",
  loan: "parts",
  unknown: "notes",
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
    const lane = item.content ? LANE_OF[item.content.kind] : undefined;
    if (!lane || !lanes.has(lane)) continue;
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

export type Span = readonly [from: number, to: number];

const HOUR = 3_600_000;

/** A stretch of time around what lies in it; never of no length. */
export function spanOf(times: readonly number[]): Span {
  const [from, to] = [Math.min(...times), Math.max(...times)];
  const margin = Math.max((to - from) * 0.04, HOUR);
  return [from - margin, to + margin];
}

/** Zooms a span about a moment by a factor, within the whole and not below an hour. */
export function zoomed([from, to]: Span, about: number, factor: number, whole: Span): Span {
  const length = Math.min(Math.max((to - from) * factor, HOUR), whole[1] - whole[0]);
  const share = (about - from) / (to - from);
  const start = Math.min(Math.max(about - share * length, whole[0]), whole[1] - length);
  return [start, start + length];
}

/** Moves a span by a share of its length, within the whole. */
export function moved([from, to]: Span, share: number, whole: Span): Span {
  const length = to - from;
  const start = Math.min(Math.max(from + share * length, whole[0]), whole[1] - length);
  return [start, start + length];
}
