import { decibels } from "../levels";
import { decade } from "../quantity";
import type { Point } from "./curve";

/** A response measured with one capacitor: points Hz and volts. */
export type ToneRun = { farads: number; points: readonly Point[] };

/** What the capacitor sees, and how well that explains the two runs. */
export type ToneFit = {
  /** source resistance at the capacitor, Ω */
  ohms: number;
  /** root mean square of what is left between measured and fitted difference, dB */
  rms: number;
  /** the fit at every common frequency: Hz, difference of the runs as measured and as fitted, dB */
  points: { x: number; measured: number; fitted: number }[];
  /** two circuits fit nearly as well, or the frequencies do not tell: the resistance is uncertain by more than this factor */
  factor: number;
};

/** Above this rms the difference of two runs is not that of one capacitor, dB. Shop rule. @example runs that differ by a coil as well leave 1.5 dB */
export const TONE_FIT_POOR = 0.7;

/** Resistances that are tried, Ω: what a plate, a cathode or a volume control can be. */
const FROM_OHMS = 10;
const TO_OHMS = 1e7;

/** Loss by a capacitor behind a source resistance, dB: |1/(1+j·2πf·R·C)|. */
const loss = (hertz: number, ohms: number, farads: number): number =>
  -10 * Math.log10(1 + (2 * Math.PI * hertz * ohms * farads) ** 2);

type Pair = { x: number; db: number };

/** Frequencies that both runs have, with the level of the second over the first. */
function common(first: ToneRun, second: ToneRun): Pair[] {
  const of = new Map(first.points.filter(({ x, y }) => x > 0 && y > 0).map(({ x, y }) => [x, y]));
  const to = new Map(second.points.filter(({ x, y }) => x > 0 && y > 0).map(({ x, y }) => [x, y]));
  return [...of].flatMap(([x, y]) => {
    const other = to.get(x);
    return other === undefined ? [] : [{ x, db: decibels(other / y) }];
  });
}

const misfit = (pairs: readonly Pair[], c1: number, c2: number) => (logOhms: number) => {
  const ohms = Math.exp(logOhms);
  let sum = 0;
  for (const { x, db } of pairs) sum += (loss(x, ohms, c2) - loss(x, ohms, c1) - db) ** 2;
  return sum;
};

const GOLDEN = (Math.sqrt(5) - 1) / 2;

/** The lowest place of a function with one valley between two ends. */
function lowest(f: (x: number) => number, from: number, to: number): number {
  let [a, b] = [from, to];
  let [c, d] = [b - GOLDEN * (b - a), a + GOLDEN * (b - a)];
  for (let n = 0; n < 60; n += 1) {
    if (f(c) < f(d)) b = d;
    else a = c;
    [c, d] = [b - GOLDEN * (b - a), a + GOLDEN * (b - a)];
  }
  return (a + b) / 2;
}

/**
 * The source resistance at a tone capacitor from two responses of one set with two capacitors: with R, the runs differ by
 * √((1+(2πfRC₁)²)/(1+(2πfRC₂)²)). R is fitted by least squares on the decibels, over its logarithm.
 *
 * @param first and second with different capacitances (F, above 0) and at least three frequencies in common
 * @returns undefined where that cannot be done: too few frequencies in common, or the same capacitor
 * @example 0.01 and 0.047 µF behind 40 kΩ
 */
export function fitSource(first: ToneRun, second: ToneRun): ToneFit | undefined {
  const [c1, c2] = [first.farads, second.farads];
  const pairs = common(first, second);
  if (pairs.length < 3 || !(c1 > 0) || !(c2 > 0) || Math.abs(c1 / c2 - 1) < 0.01) return undefined;
  const f = misfit(pairs, c1, c2);
  // A coarse walk first: over all resistances there may be more than one valley.
  const steps = 140;
  const at = (n: number) => Math.log(FROM_OHMS) + (n / steps) * Math.log(TO_OHMS / FROM_OHMS);
  let best = 0;
  for (let n = 1; n <= steps; n += 1) if (f(at(n)) < f(at(best))) best = n;
  const log = lowest(f, at(Math.max(0, best - 1)), at(Math.min(steps, best + 1)));
  const least = f(log);
  // How far R may move until the misfit has grown by what a reading of 0.1 dB can hide.
  const room = least + pairs.length * 0.1 ** 2;
  let wide = 0;
  for (const side of [-1, 1]) {
    let step = 0;
    while (step < 5 && f(log + side * step) < room) step += 0.02;
    wide = Math.max(wide, step);
  }
  const ohms = Math.exp(log);
  return {
    ohms,
    rms: Math.sqrt(least / pairs.length),
    points: pairs.map(({ x, db }) => ({ x, measured: db, fitted: loss(x, ohms, c2) - loss(x, ohms, c1) })),
    factor: Math.exp(wide),
  };
}

/**
 * The response that another capacitor would give, from one that was measured.
 * @param run as measured @param ohms source resistance, above 0 @param farads of the other capacitor; 0 is none
 * @returns points Hz and volts
 */
export function predict(run: ToneRun, ohms: number, farads: number): Point[] {
  return run.points
    .filter(({ x, y }) => x > 0 && y > 0)
    .map(({ x, y }) => ({ x, y: y * 10 ** ((loss(x, ohms, farads) - loss(x, ohms, run.farads)) / 20) }));
}

/** Candidates reach from this share of the smaller capacitor to so many times the larger. Shop rule. @example runs with 10 and 47 nF: 2.2 nF to 220 nF */
const BELOW = 0.2;
const ABOVE = 5;

/**
 * Capacitances that are worth a look: preferred values around the two that were measured, and what the drawer has.
 * @param measured F @param drawer F @returns ascending, each once, with whether the drawer has it
 */
export function candidates(
  measured: readonly number[],
  drawer: readonly number[],
): { farads: number; inDrawer: boolean }[] {
  const [low, high] = [Math.min(...measured) * BELOW, Math.max(...measured) * ABOVE];
  const same = (a: number, b: number) => Math.abs(a / b - 1) < 0.005;
  const stocked = drawer.filter((one) => one >= low && one <= high);
  const powers = Math.ceil(Math.log10(high)) - Math.floor(Math.log10(low)) + 1;
  const preferred = Array.from({ length: powers }, (_, n) => 10 ** (Math.floor(Math.log10(low)) + n))
    .flatMap((power) => decade("E6").map((step) => Number((step * power).toPrecision(3))))
    .filter((value) => value >= low && value <= high);
  const all = [...stocked, ...preferred.filter((one) => !stocked.some((other) => same(one, other)))];
  const once = all.filter((one, index) => all.findIndex((other) => same(one, other)) === index);
  return once.sort((a, b) => a - b).map((farads) => ({ farads, inDrawer: stocked.some((one) => same(one, farads)) }));
}
