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
 * What the probe is waited for at a point, before its readings belong there.
 * - `left`: it is still where the last figure was taken; another figure is of this point
 * - `lift`: the last figure was taken while it moved, and may go on to move: the probe has to be lifted once
 * - `put`: it is at some other point, after a slip or a point left out: it has to be lifted, or the foot-switch says that
 *   it was put
 */
export type Waits = "left" | "lift" | "put";

/** A walk with the probe from point to point. */
export type Walk = {
  points: readonly WalkPoint[];
  at: number;
  /** what is to be done before it is measured; none: it is measured */
  stage?: Stage;
  readings: readonly Timed[];
  /** none: what is read belongs to this point */
  waits?: Waits;
  /** what is read while it waits */
  seen?: number;
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
});

function atPoint(walk: Walk, at: number, waits: Waits | undefined): Walk {
  const { stage: _stage, over: _over, range: _range, waits: _waits, seen: _seen, ...rest } = walk;
  return { ...rest, at, ...before(walk.points, at), readings: [], ...(waits ? { waits } : {}) };
}

function taken(walk: Walk, value: number, waits: Waits = "left"): WalkDone {
  const point = walk.points[walk.at]?.point ?? "";
  return {
    walk: atPoint({ ...walk, last: { at: walk.at, value } }, walk.at + 1, waits),
    take: { point, value, ...(walk.range === undefined ? {} : { range: walk.range }) },
  };
}

const inAir = (value: number) => Math.abs(value) < AIR;

/** Has the probe come to this point, by what is read now? */
function arrived({ waits, last }: Walk, value: number): boolean {
  if (waits === undefined || inAir(value)) return true;
  const before = last?.value ?? value;
  return waits === "left" && Math.abs(value - before) > Math.max(AIR, LEFT * Math.abs(before));
}

function withReading(
  walk: Walk,
  { range, ...reading }: Timed & { range?: number | undefined },
  criterion: Criterion,
): WalkDone {
  if (walk.stage !== undefined || walk.at >= walk.points.length) return { walk };
  const { over: _over, range: _range, ...rest } = walk;
  const before = range === undefined ? rest : { ...rest, range };
  if (!arrived(walk, reading.value)) return { walk: { ...before, seen: reading.value } };
  const { waits: _waits, seen: _seen, ...here } = before;
  const readings = [...walk.readings, reading].slice(-KEPT);
  const { value } = steadyOf(readings, criterion);
  // Leads in the air stand still too: nothing is taken of them but by the foot-switch.
  return value === undefined || inAir(value) ? { walk: { ...here, readings } } : taken({ ...here, readings }, value);
}

/** What the foot-switch takes. While the probe has not left the last point, it takes that point's figure for no other. */
const asItStands = ({ readings, over, waits, seen }: Walk): number | undefined =>
  readings.at(-1)?.value ?? (over ? Number.POSITIVE_INFINITY : waits === "put" ? seen : undefined);

/** After a point is left out: a probe that has come to it has to leave it. */
function waitsAfterSkip({ readings, waits, last }: Walk): Waits | undefined {
  const here = readings.at(-1);
  if (here) return inAir(here.value) ? undefined : "put";
  return waits ?? (last ? "left" : undefined);
}

/** Goes on with a walk. @param criterion when a reading stands still */
export function walkOn(walk: Walk, event: WalkEvent, criterion: Criterion): WalkDone {
  switch (event.kind) {
    case "reading":
      return withReading(walk, { at: event.at, value: event.value, range: event.range }, criterion);
    case "over": {
      if (walk.stage !== undefined) return { walk };
      const { waits: _waits, seen: _seen, ...here } = walk;
      return { walk: { ...here, readings: [], over: true } };
    }
    case "next": {
      if (walk.stage !== undefined) {
        const stages = walk.points[walk.at]?.stages ?? [];
        const next = stages[stages.indexOf(walk.stage) + 1];
        const { stage: _stage, waits: _waits, ...rest } = walk;
        return { walk: { ...rest, ...(next ? { stage: next } : {}), readings: [] } };
      }
      const now = asItStands(walk);
      if (now === undefined || walk.at >= walk.points.length) return { walk };
      // What is taken by hand has mostly not come to stand still: it goes on to move at the same point.
      const still = walk.over || inAir(now) || steadyOf(walk.readings, criterion).value !== undefined;
      return taken(walk, now, still ? "left" : "lift");
    }
    case "skip":
      return { walk: walk.at < walk.points.length ? atPoint(walk, walk.at + 1, waitsAfterSkip(walk)) : walk };
    case "back": {
      if (!walk.last) return { walk };
      const { last, ...rest } = walk;
      const point = walk.points[last.at]?.point ?? "";
      const here = walk.readings.at(-1);
      return {
        walk: atPoint(rest, last.at, walk.over || (here && inAir(here.value)) ? undefined : "put"),
        takeBack: { point },
      };
    }
  }
}
