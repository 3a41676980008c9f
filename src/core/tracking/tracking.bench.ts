import { bench, describe } from "vitest";
import { whistlesOf } from "../frequencies";
import type { ModelBand } from "../model";
import { adviseMoves, circuitNow, drawnCircuit, fitDial, gangAt, oscillatorFor, signalFor, tunes } from ".";

const BAND: ModelBand = { name: "MW", from: 550e3, to: 1600e3, side: "above", mid: 465e3 };
const made = drawnCircuit(BAND);
if (!made.ok) throw new Error(made.trouble);
const { tuned, band } = made.drawn;
const now = { ...tuned, padder: (tuned.padder ?? 0) * 0.8, trimmer: tuned.trimmer * 1.2 };
const points = [600e3, 800e3, 1000e3, 1200e3, 1400e3, 1550e3].map((dial) => ({
  dial,
  truth: signalFor(tunes(now, gangAt(tuned, oscillatorFor(dial, band)) ?? 0), band),
}));

describe("the dial's errors", () => {
  bench("fitted, and what turning can do (aim: under 10 ms)", () => {
    const fit = fitDial(tuned, band, points);
    const [best] = fit.explanations;
    if (best)
      adviseMoves(
        tuned,
        circuitNow(tuned, best),
        band,
        points.map(({ dial }) => dial),
        ["l", "trimmer"],
      );
  });
});

const bands = Array.from({ length: 10 }, (_, n): ModelBand => ({
  ...{ name: `band ${n}`, from: 0.5e6 * 1.5 ** n, to: 0.8e6 * 1.5 ** n, side: "above", mid: 1.65e6, mid2: 110e3 },
  bfo: 110e3,
}));

describe("the frequency plan", () => {
  bench("whistles of ten bands to the fifth harmonic (aim: under 100 ms)", () => {
    for (const one of bands) whistlesOf(one);
  });
});
