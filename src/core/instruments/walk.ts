import { steadyOf, type Criterion, type Timed } from "./steady";

/** A point of a walk: where the probe goes, and what has to be done before it does, in this order. */
export type WalkPoint = { point: string; stages: readonly Stage[] };

/** Before ohms are read: once, before the first point. */
export const COLD_STAGES: readonly Stage[] = ["off", "discharged"];

/** From so many volts on no hand is near a probe while the set is on. Shop rule. @example 600 V B+: off, clip on, on */
export const HANDS_AWAY = 500;

/** What somebody does before a point that no hand may be near, in this order. */
export const STAGES = ["off", "discharged", "clip", "away", "on"] as const;
export type Stage = (typeof STAGES)[number];
export const STAGE_WORDS: Record<Stage, string> = {
  off: "Switch the set off and pull the plug.",
  discharged: "Discharge the reservoir, and measure that it is: below 50 V.",
  clip: "Clip the probe on.",
  away: "Hands away, nobody near the set.",
  on: "Switch the set on.",
};

/**
 * A walk with the probe from point to point.
 * - `lifted`: the probe has left the last point: what is read from then on belongs to this one
 */
export type Walk = {
  points: readonly WalkPoint[];
  at: number;
  /** what is to be done before it is measured; none: it is measured */
  stage?: Stage;
  readings: readonly Timed[];
  lifted: boolean;
  /** the last that was shown is more than the range */
  over?: boolean;
  /** the range that the meter is on, as it said itself, full scale */
  range?: number;
  /** what was taken last, and at which point */
  last?: { at: number; value: number };
};

export type WalkEvent =
  | { kind: "reading"; at: number; value: number; range?: number | undefined }
  /** more than it can show: of ohms, leads in the air or no path at all */
  | { kind: "over" }
  /** the foot-switch or the key: the step is done, or the figure is taken as it stands */
  | { kind: "next" }
  | { kind: "skip" }
  /** the last figure was a slip: back to its point */
  | { kind: "back" };

/** What a walk asks for beside its next state: a figure is written down, or the last one is taken back. */
export type WalkDone = {
  walk: Walk;
  take?: { point: string; value: number; range?: number };
  takeBack?: { point: string };
};

/** A reading that has left the last one by so much is of another point, or of leads in the air. */
const LEFT = 0.05;
/** So few volts are leads in the air. */
const AIR = 0.05;
/** Readings that are kept to see whether they stand still. */
const KEPT = 40;

function before(points: readonly WalkPoint[], at: number): { stage?: Stage } {
  const stage = points[at]?.stages[0];
  return stage ? { stage } : {};
}

/** A walk at its first point. */
export const walkOf = (points: readonly WalkPoint[], from = 0): Walk => ({
  points,
  at: from,
  ...before(points, from),
  readings: [],
  lifted: true,
});

const atPoint = (walk: Walk, at: number): Walk => {
  const { stage: _stage, over: _over, range: _range, ...rest } = walk;
  return { ...rest, at, ...before(walk.points, at), readings: [], lifted: walk.last === undefined };
};

function taken(walk: Walk, value: number): WalkDone {
  const point = walk.points[walk.at]?.point ?? "";
  const next = atPoint({ ...walk, last: { at: walk.at, value } }, walk.at + 1);
  return {
    walk: { ...next, lifted: false },
    take: { point, value, ...(walk.range === undefined ? {} : { range: walk.range }) },
  };
}

function withReading(
  walk: Walk,
  { range, ...reading }: Timed & { range?: number | undefined },
  criterion: Criterion,
): WalkDone {
  if (walk.stage !== undefined || walk.at >= walk.points.length) return { walk };
  const last = walk.last?.value;
  const left =
    last === undefined ||
    Math.abs(reading.value) < AIR ||
    Math.abs(reading.value - last) > Math.max(AIR, LEFT * Math.abs(last));
  const lifted = walk.lifted || left;
  if (!lifted) return { walk };
  const { over: _over, range: _range, ...rest } = walk;
  const before = range === undefined ? rest : { ...rest, range };
  const readings = [...walk.readings, reading].slice(-KEPT);
  const { value } = steadyOf(readings, criterion);
  // Leads in the air stand still too: nothing is taken of them but by the foot-switch.
  return value === undefined || Math.abs(value) < AIR
    ? { walk: { ...before, lifted, readings } }
    : taken({ ...before, lifted, readings }, value);
}

/** Goes on with a walk. @param criterion when a reading stands still */
export function walkOn(walk: Walk, event: WalkEvent, criterion: Criterion): WalkDone {
  switch (event.kind) {
    case "reading":
      return withReading(walk, { at: event.at, value: event.value, range: event.range }, criterion);
    case "over":
      return walk.stage === undefined ? { walk: { ...walk, lifted: true, readings: [], over: true } } : { walk };
    case "next": {
      if (walk.stage !== undefined) {
        const stages = walk.points[walk.at]?.stages ?? [];
        const next = stages[stages.indexOf(walk.stage) + 1];
        const { stage: _stage, ...rest } = walk;
        return { walk: { ...rest, ...(next ? { stage: next } : {}), readings: [], lifted: true } };
      }
      const now = walk.readings.at(-1)?.value ?? (walk.over ? Number.POSITIVE_INFINITY : undefined);
      return now !== undefined && walk.at < walk.points.length ? taken(walk, now) : { walk };
    }
    case "skip":
      return { walk: walk.at < walk.points.length ? atPoint(walk, walk.at + 1) : walk };
    case "back": {
      if (!walk.last) return { walk };
      const { last, ...rest } = walk;
      const point = walk.points[last.at]?.point ?? "";
      return { walk: { ...atPoint(rest, last.at), lifted: true }, takeBack: { point } };
    }
  }
}
