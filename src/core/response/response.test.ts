import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { candidates, crossings, edgesAt, fitSource, levelled, predict, thin, TONE_FIT_POOR } from ".";

const HERTZ = [50, 100, 200, 400, 700, 1000, 1500, 2000, 3000, 5000, 7000, 10_000];

/** A single capacitor behind a resistance, in volts: the independent way, by complex numbers. */
const through = (f: number, ohms: number, farads: number) => {
  const [re, im] = [1, 2 * Math.PI * f * ohms * farads];
  return 1 / Math.hypot(re, im);
};
const run = (ohms: number, farads: number, shape: (f: number) => number = () => 1) => ({
  farads,
  points: HERTZ.map((x) => ({ x, y: 2 * through(x, ohms, farads) * shape(x) })),
});

describe("a response", () => {
  const points = [
    { x: 100, y: 0.5 },
    { x: 1000, y: 1 },
    { x: 10_000, y: 0.25 },
  ];
  it("is levelled against the frequency that is nearest to the reference", () => {
    const levels = levelled(points, 900);
    expect(levels.map(({ y }) => Math.round(y * 100) / 100)).toEqual([-6.02, 0, -12.04]);
  });
  it("counts a frequency that was measured twice with its last figure, and leaves out what is zero", () => {
    expect(levelled([{ x: 1000, y: 9 }, ...points, { x: 5000, y: 0 }], 1000)).toHaveLength(3);
    expect(levelled([{ x: 1000, y: 9 }, ...points], 1000)[1]).toEqual({ x: 1000, y: 0 });
    expect(levelled([], 1000)).toEqual([]);
  });
  it("is −3 dB where a line over the logarithm of the frequency is", () => {
    // From 100 Hz at −6.02 dB to 1 kHz at 0 dB: −3.01 dB is half of the way, at √(100·1000) = 316 Hz.
    const { low, high } = edgesAt(levelled(points, 1000), -3.0103, 1000);
    expect(low).toBeCloseTo(316.2, 0);
    // To 10 kHz at −12.04 dB: a quarter of the way, 1000·10^0.25 = 1778 Hz.
    expect(high).toBeCloseTo(1778.3, 0);
    expect(edgesAt(levelled(points, 1000), -20, 1000)).toEqual({});
  });
  it("crosses a height as often as it passes it, over zero too", () => {
    const zigzag = [-2, -1, 0, 1, 2].map((x) => ({ x, y: Math.abs(x) }));
    expect(crossings(zigzag, 1.5)).toEqual([-1.5, 1.5]);
  });
});

describe("the tone capacitor", () => {
  it("tells the source resistance from two runs: 40 kΩ with 10 and 47 nF", () => {
    const fit = fitSource(run(40e3, 10e-9), run(40e3, 47e-9));
    expect(fit?.ohms).toBeCloseTo(40e3, -1);
    expect(fit?.rms).toBeLessThan(0.001);
  });
  it("is found within 3 % where readings are off by up to 0.1 dB, for any resistance that shapes the band", () => {
    fc.assert(
      fc.property(
        fc.double({ min: Math.log(5e3), max: Math.log(200e3), noNaN: true }),
        fc.array(fc.double({ min: -0.1, max: 0.1, noNaN: true }), { minLength: 24, maxLength: 24 }),
        (log, noise) => {
          const ohms = Math.exp(log);
          const off = (n: number) => 10 ** ((noise[n] ?? 0) / 20);
          const noisy = (farads: number, from: number) => ({
            farads,
            points: run(ohms, farads).points.map(({ x, y }, n) => ({ x, y: y * off(from + n) })),
          });
          const fit = fitSource(noisy(10e-9, 0), noisy(47e-9, 12));
          expect(Math.abs((fit?.ohms ?? 0) / ohms - 1)).toBeLessThan(0.06);
          expect(fit?.rms).toBeLessThan(0.15);
        },
      ),
    );
  });
  it("does not depend on what else shapes the response, nor on the order of the runs", () => {
    const shape = (f: number) => 1 / Math.hypot(1, 200 / f);
    const [a, b] = [run(68e3, 4.7e-9, shape), run(68e3, 22e-9, shape)];
    expect(fitSource(a, b)?.ohms).toBeCloseTo(68e3, -1);
    expect(fitSource(b, a)?.ohms).toBeCloseTo(68e3, -1);
  });
  it("predicts a third value as it is then measured", () => {
    const [a, b, truth] = [run(40e3, 10e-9), run(40e3, 47e-9), run(40e3, 22e-9)];
    const fit = fitSource(a, b);
    for (const [n, { y }] of predict(b, fit?.ohms ?? 0, 22e-9).entries())
      expect(20 * Math.log10(y / (truth.points[n]?.y ?? 1))).toBeCloseTo(0, 2);
    // Without any capacitor, the set is as loud as it would be without the loss.
    expect(predict(a, 40e3, 0).every(({ y }) => Math.abs(y - 2) < 1e-9)).toBe(true);
  });
  it("is a poor fit where something else changed between the runs", () => {
    const other = run(40e3, 47e-9, (f) => (f > 2000 ? 0.5 : f < 200 ? 1.6 : 1));
    expect(fitSource(run(40e3, 10e-9), other)?.rms).toBeGreaterThan(TONE_FIT_POOR);
  });
  it("is uncertain where the frequencies do not reach its corner", () => {
    const low = (one: ReturnType<typeof run>) => ({ ...one, points: one.points.slice(0, 3) });
    expect(fitSource(low(run(1e3, 1e-9)), low(run(1e3, 2e-9)))?.factor).toBeGreaterThan(10);
    expect(fitSource(run(40e3, 10e-9), run(40e3, 47e-9))?.factor).toBeLessThan(1.2);
  });
  it("needs two capacitors and three common frequencies", () => {
    expect(fitSource(run(40e3, 10e-9), run(40e3, 10e-9))).toBeUndefined();
    expect(fitSource(run(40e3, 10e-9), { farads: 47e-9, points: run(40e3, 47e-9).points.slice(0, 2) })).toBeUndefined();
  });
  it("has candidates around what was measured: those of the drawer, and preferred ones", () => {
    const found = candidates([10e-9, 47e-9], [25e-9, 10.02e-9, 8e-6]);
    expect(found[0]?.farads).toBeCloseTo(2.2e-9, 15);
    expect(found.at(-1)?.farads).toBeCloseTo(220e-9, 15);
    expect(found.filter(({ inDrawer }) => inDrawer).map(({ farads }) => farads)).toEqual([10.02e-9, 25e-9]);
    expect(found.some(({ farads }) => farads === 10e-9)).toBe(false);
  });
});

describe("a curve with very many points", () => {
  it("is thinned for the chart and keeps its lowest and its highest point", () => {
    const many = Array.from({ length: 200_000 }, (_, x) => ({
      x,
      y: x === 123_456 ? 99 : x === 7 ? -99 : Math.sin(x),
    }));
    const few = thin(many, 1000);
    expect(few.length).toBeLessThanOrEqual(1000);
    expect(Math.max(...few.map(({ y }) => y))).toBe(99);
    expect(Math.min(...few.map(({ y }) => y))).toBe(-99);
    expect(few.every(({ x }, n) => n === 0 || x > (few[n - 1]?.x ?? 0))).toBe(true);
    expect(thin(many.slice(0, 5), 1000)).toHaveLength(5);
  });
});
