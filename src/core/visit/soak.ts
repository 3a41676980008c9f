import { ofKind, type ContentOf, type Settled } from "../kinds";
import type { Quantity } from "../quantity";

/** How far a reading may drift once it is warm; the shop's terms have these figures. */
export type DriftRules = { warmMinutes: number; driftVolts: number; driftAmps: number; driftOther: number };

export type DriftPoint = { minutes: number; value: number; entry: string };

/** One point over a soak: where it began once warm, and how far it went from there. */
export type Drift = {
  point: string;
  quantity: Quantity;
  taken: DriftPoint[];
  /** the first reading after warm-up */
  reference?: DriftPoint;
  /** last against reference, as a share; and the reading that lay furthest off */
  share?: number;
  worst?: number;
  limit: number;
  verdict: "steady" | "drifts" | "too-few";
};

export type Soak = {
  id: string;
  state: "running" | "paused" | "ended";
  hours: number;
  lineVolts?: number;
  startedAt: string;
  /** time under power */
  elapsedMinutes: number;
  leftMinutes: number;
  /** a clock was set back: that stretch counts as nothing */
  clockWentBack: boolean;
  drifts: Drift[];
};

type SoakEntry = { at: string; payload: ContentOf<"soak">["payload"] };
type Stretch = { from: number; to: number };

const MINUTE = 60_000;

/** The stretches under power, in milliseconds; the last one reaches to now while it runs. */
function stretches(entries: readonly SoakEntry[], now: number): Stretch[] {
  const found: Stretch[] = [];
  let from: number | undefined;
  for (const { at, payload } of entries) {
    const on = payload.state === "start" || payload.state === "resume";
    if (on && from === undefined) from = Date.parse(at);
    if (!on && from !== undefined) {
      found.push({ from, to: Date.parse(at) });
      from = undefined;
    }
  }
  return from === undefined ? found : [...found, { from, to: now }];
}

const lengthOf = ({ from, to }: Stretch) => Math.max(0, to - from);

/** Minutes under power up to a moment. */
const minutesTo = (all: readonly Stretch[], moment: number): number =>
  all.reduce((sum, { from, to }) => sum + Math.max(0, Math.min(to, moment) - from), 0) / MINUTE;

function limitOf(quantity: Quantity, rules: DriftRules): number {
  if (quantity === "voltage" || quantity === "ac-voltage") return rules.driftVolts;
  return quantity === "current" ? rules.driftAmps : rules.driftOther;
}

/** How a point drifted. @param taken its readings in the order of their minutes under power */
export function driftOf(point: string, quantity: Quantity, taken: DriftPoint[], rules: DriftRules): Drift {
  const limit = limitOf(quantity, rules);
  const warm = taken.filter(({ minutes }) => minutes >= rules.warmMinutes);
  const [reference] = warm;
  const last = warm.at(-1);
  const base = { point, quantity, taken, limit };
  if (!reference || !last || warm.length < 2 || reference.value === 0)
    return { ...base, ...(reference ? { reference } : {}), verdict: "too-few" };
  const off = (one: DriftPoint) => one.value / reference.value - 1;
  const worst = warm.map(off).reduce((most, share) => (Math.abs(share) > Math.abs(most) ? share : most), 0);
  return {
    ...base,
    reference,
    share: off(last),
    worst,
    verdict: Math.abs(worst) > limit ? "drifts" : "steady",
  };
}

/**
 * The last soak of a visit, folded from the log: the clock is in the entries, so it outlives any page. Instants are
 * UTC, so summer time changes nothing; a clock that was set back adds nothing.
 * @param now ISO instant of the present
 */
export function soakOf(settled: readonly Settled[], visitId: string, now: string, rules: DriftRules): Soak | undefined {
  // In the order of writing: a clock that was set back must not put the end before the start.
  const all = ofKind(settled, "soak")
    .filter(({ entry }) => entry.visitId === visitId)
    .sort((a, b) => (a.entry.id < b.entry.id ? -1 : 1));
  const begin = all.findLastIndex(({ content }) => content.payload.state === "start");
  const first = all[begin];
  if (!first) return undefined;
  const entries = all.slice(begin).map(({ at, content }) => ({ at, payload: content.payload }));
  const lines = stretches(entries, Date.parse(now));
  const last = entries.at(-1)?.payload.state;
  const state = last === "end" ? "ended" : last === "pause" ? "paused" : "running";
  const elapsedMinutes = lines.reduce((sum, line) => sum + lengthOf(line), 0) / MINUTE;
  const hours = first.content.payload.hours ?? 0;
  const { lineVolts } = first.content.payload;
  return {
    id: first.entry.id,
    state,
    hours,
    ...(lineVolts === undefined ? {} : { lineVolts }),
    startedAt: first.at,
    elapsedMinutes,
    leftMinutes: Math.max(0, hours * 60 - elapsedMinutes),
    clockWentBack: lines.some(({ from, to }) => to < from),
    drifts: driftsOf(settled, visitId, first.at, lines, rules),
  };
}

function driftsOf(
  settled: readonly Settled[],
  visitId: string,
  since: string,
  lines: readonly Stretch[],
  rules: DriftRules,
): Drift[] {
  const points = new Map<string, { quantity: Quantity; taken: DriftPoint[] }>();
  for (const { entry, at, content } of ofKind(settled, "reading")) {
    const { phase, point, quantity, measured } = content.payload;
    if (entry.visitId !== visitId || phase !== "soak" || Date.parse(at) < Date.parse(since)) continue;
    const one = points.get(point) ?? { quantity, taken: [] };
    one.taken.push({ minutes: minutesTo(lines, Date.parse(at)), value: measured.value, entry: entry.id });
    points.set(point, one);
  }
  return [...points].map(([point, { quantity, taken }]) =>
    driftOf(
      point,
      quantity,
      taken.sort((a, b) => a.minutes - b.minutes),
      rules,
    ),
  );
}
