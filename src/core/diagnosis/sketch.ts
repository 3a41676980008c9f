import type { Circuit, Stage, StageKind } from "../model";
import type { Hazard, TestNeed } from "./data/parts";
import type { Fault, OutcomeFacts, Shows, Test } from "./types";

/** What a fault does in a test: its outcomes and how surely each; undefined where the test does not touch it. */
export type Effect = Readonly<Record<string, number>> | undefined;

export type Sketch = Omit<Test, "response" | "effects" | "outcomes" | "slip"> & {
  outcomes: readonly OutcomeFacts[];
  /** share of results that are wrong whatever the set does */
  slip?: number;
  effect: (fault: Fault) => Effect;
};

/**
 * The share of results that are wrong whatever the set does: the ear errs, the probe slips, the scale is misread. Shop's
 * estimate.
 * @example of ten times that somebody listens for hum, one is written down wrong
 */
const USUAL_SLIP = 0.1;

/**
 * A fault of one band, or one that warmth changes, is not there each time that one listens. Shop's estimates.
 * @example a fault of one band that is heard 60 times of 100, for the set was on another one in the others
 */
const SHOWS_ON_OTHER_BANDS = 0.6;
const SHOWS_WHEN_COLD = 0.75;

/** Turns a sketch into a test: the few different effects, and for each fault which one it has. */
export function finish({ effect, outcomes, slip, ...sketch }: Sketch, faults: readonly Fault[]): Test {
  const effects: Test["effects"][number][] = [outcomes.map(() => 0)];
  const byShares = new Map<string, number>();
  const response = Uint8Array.from(faults, (fault) => {
    const seen = effect(fault);
    if (!seen) return 0;
    const shares = outcomes.map(({ key }, index) => (index === 0 ? 0 : Math.round((seen[key] ?? 0) * 20) / 20));
    if (shares.every((share) => share <= 0)) return 0;
    const key = shares.join();
    const known = byShares.get(key) ?? effects.push(shares) - 1;
    byShares.set(key, known);
    return known;
  });
  const wrong = slip ?? USUAL_SLIP;
  return {
    ...sketch,
    outcomes,
    slip: Math.min(1, (wrong * outcomes.length) / (outcomes.length - 1)),
    response,
    effects,
  };
}

/** How surely a fault shows at a given moment: less so as far as it is one of a band, or of warmth. */
export const showing = ({ shows }: Fault["mode"], share: number) =>
  share * (1 - (1 - SHOWS_ON_OTHER_BANDS) * (shows.band ?? 0)) * (1 - (1 - SHOWS_WHEN_COLD) * (shows.warm ?? 0));

export const signalIn =
  (stages: ReadonlySet<string>) =>
  ({ seat, mode }: Fault): Effect =>
    mode.signal && stages.has(seat)
      ? Object.fromEntries(Object.entries(mode.signal).map(([effect, share]) => [effect, showing(mode, share)]))
      : undefined;

export const showsIn =
  (show: Shows, outcome: string, stages: ReadonlySet<string>) =>
  ({ seat, mode }: Fault): Effect => {
    const share = mode.shows[show];
    return share && stages.has(seat) ? { [outcome]: share } : undefined;
  };

export const either =
  (...effects: ((fault: Fault) => Effect)[]) =>
  (fault: Fault): Effect => {
    const seen = effects.map((one) => one(fault)).filter((one) => one !== undefined);
    return seen.length > 0 ? Object.assign({}, ...seen) : undefined;
  };

/**
 * Volts above which nobody holds a probe to anything: the set's own meters, or nothing. Shop rule.
 * @example a plate at 1200 V is read on the set's own meter; one at 800 V by a probe that was clipped on with the power off
 */
export const NO_PROBE_ABOVE = 1000;
/**
 * Volts below which a live point is no danger by itself. IEC 61140: 60 V of ripple-free direct current.
 * @example the 12 V rail of a transceiver is no danger by itself, the 700 V of its cage are
 */
const TOUCHABLE = 60;

/** How a set is worked on under power. */
export type Live = {
  volts: number;
  open: readonly TestNeed[];
  /** the danger of a probe in a stage */
  at: (stage: Stage) => Hazard;
  /** may a probe or a hand go into a stage under power at all? */
  allowed: (stage: Stage) => boolean;
};

/** Stages that carry the high voltage of a transmitter or an amplifier, by kind. */
const CAGE: ReadonlySet<StageKind> = new Set([
  "rectifier",
  "high-voltage",
  "pa",
  "amplifier",
  "tank",
  "modulator",
  "driver",
]);

/**
 * What goes under power and how dangerous it is: a board with 12 V on it is not the cage with the high voltage, and
 * above NO_PROBE_ABOVE nothing is measured by probe.
 * @param volts the highest voltage inside, V
 * @param low stages that work at low voltage, with nothing high beside them
 */
export function liveOf(volts: number, low: ReadonlySet<string> = new Set()): Live {
  const high = volts > 600;
  return {
    volts,
    open: ["open", "power"],
    at: (stage) => {
      if (volts <= TOUCHABLE || low.has(stage.id)) return 1;
      return high && CAGE.has(stage.kind) ? 3 : 2;
    },
    allowed: (stage) => volts <= NO_PROBE_ABOVE || low.has(stage.id) || !CAGE.has(stage.kind),
  };
}

/** Stages of transistors on a board of their own: their rail is low, and the high voltage is elsewhere. */
export const lowVoltage = ({ stages }: Circuit): Set<string> =>
  new Set(
    stages.filter(({ device, board, kind }) => (device === "solid" && board) || kind === "rails").map(({ id }) => id),
  );
