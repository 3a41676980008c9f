import { STEPS, type Step } from "../model";
import { groupedBy } from "../lists";
import { SET_CLASSES, type SetClass } from "./set-class";
import type { Spread } from "./task";

/** A visit that is over, as far as time is concerned. */
export type PastVisit = {
  setClass: SetClass;
  /** minutes of labour by step */
  labour: Partial<Record<Step, number>>;
  /** pieces of work on parts */
  parts: number;
};

/** From so many visits on, the shop's own times count, and not the usual ones. Shop rule. @example the eleventh AC/DC set goes by the ten before it */
export const ENOUGH = 10;

/**
 * The usual times of a mains receiver, minutes; for Fix by the part. Shop rule. @example make safe 25 min, in nine of ten cases under 45
 */
export const USUAL_TIMES: Record<Step, Spread> = {
  "take-in": { median: 15, p90: 25 },
  "make-safe": { median: 25, p90: 45 },
  "first-power": { median: 40, p90: 70 },
  baseline: { median: 45, p90: 80 },
  find: { median: 90, p90: 240 },
  fix: { median: 12, p90: 20 },
  modify: { median: 90, p90: 180 },
  align: { median: 75, p90: 150 },
  prove: { median: 35, p90: 60 },
  "hand-back": { median: 20, p90: 35 },
};

/**
 * The usual time of an open point, on the chassis and on the cabinet, minutes. Shop rule.
 * @example a new mains lead 25 min, a grille cloth an hour
 */
export const POINT_TIMES: { chassis: Spread; cabinet: Spread } = {
  chassis: { median: 25, p90: 60 },
  cabinet: { median: 60, p90: 150 },
};

/** How another kind of set compares with a mains receiver. Shop rule. @example a transmitter takes half as long again */
export const CLASS_FACTOR: Record<SetClass, number> = {
  "mains receiver": 1,
  "AC/DC receiver": 0.9,
  "battery portable": 0.8,
  "transistor portable": 0.8,
  "communications receiver": 1.5,
  "transmitter or amplifier": 1.5,
};

/** Deviations of the normal distribution below which nine of ten cases lie. */
const Z90 = 1.2815515655446004;

/** How long a step takes, and how many of the shop's own cases that comes from; none: the usual times. */
export type StepTime = { takes: Spread; cases: number };
export type Times = Record<SetClass, Record<Step, StepTime>>;

/** Median and 90 % point of a log-normal distribution through these times: the usual shape of times of work. */
export function spreadOf(minutes: readonly number[]): Spread {
  const logs = minutes.map((one) => Math.log(Math.max(1, one)));
  const mean = logs.reduce((sum, one) => sum + one, 0) / logs.length;
  const deviation = Math.sqrt(logs.reduce((sum, one) => sum + (one - mean) ** 2, 0) / Math.max(1, logs.length - 1));
  return { median: Math.exp(mean), p90: Math.exp(mean + Z90 * deviation) };
}

const scaled = ({ median, p90 }: Spread, factor: number): Spread => ({ median: median * factor, p90: p90 * factor });

/** Times of every step by kind of set: of the shop's own visits where there are enough, else the usual ones. */
export function timesOf(past: readonly PastVisit[]): Times {
  const byClass = groupedBy(past, ({ setClass }) => setClass);
  const timeOf = (setClass: SetClass, step: Step): StepTime => {
    const minutes = (byClass.get(setClass) ?? []).flatMap((visit) => {
      const spent = visit.labour[step] ?? 0;
      if (spent <= 0) return [];
      // Labour of Fix goes by the part: a set with forty capacitors says nothing of one with two.
      if (step !== "fix") return [spent];
      return visit.parts > 0 ? [spent / visit.parts] : [];
    });
    return minutes.length >= ENOUGH
      ? { takes: spreadOf(minutes), cases: minutes.length }
      : { takes: scaled(USUAL_TIMES[step], CLASS_FACTOR[setClass]), cases: 0 };
  };
  return Object.fromEntries(
    SET_CLASSES.map((one) => [one, Object.fromEntries(STEPS.map((step) => [step, timeOf(one, step)]))]),
  ) as Times;
}
