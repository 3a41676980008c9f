import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  adviseMoves,
  capacityAcross,
  circuitNow,
  designTracking,
  dialWithCoil,
  drawnCircuit,
  fitDial,
  gangAt,
  oscillatorFor,
  resonance,
  signalCircuit,
  signalFor,
  surelyOff,
  trackingPoints,
  trimmedFor,
  tunes,
  type Band,
  type TrackingPart,
  type Tuned,
} from ".";

const PF = 1e-12;
const MW: Band = {
  from: 550e3,
  to: 1600e3,
  mid: 465e3,
  side: "above",
  gangMin: 12 * PF,
  gangMax: 450 * PF,
  place: "coil",
};

const designed = (band: Band = MW) => {
  const made = designTracking(band);
  if (!made.ok) throw new Error(made.trouble);
  return made.design;
};

describe("a tuned circuit", () => {
  // 100 µH and 100 pF: 1/(2π√1e-14) = 1.5915 MHz.
  it("rings at 1/(2π√LC)", () => {
    expect(resonance(1e-4, 1e-10)).toBeCloseTo(1.5915e6, -2);
  });
  // 450 and 450 in series are 225; with the trimmer of 30 across the coil 255, across the gang (480·450)/930 = 232.3.
  it("counts the trimmer where it stands", () => {
    const tuned: Tuned = { l: 1e-4, trimmer: 30 * PF, padder: 450 * PF, place: "coil" };
    expect(capacityAcross(tuned, 450 * PF) / PF).toBeCloseTo(255, 6);
    expect(capacityAcross({ ...tuned, place: "gang" }, 450 * PF) / PF).toBeCloseTo(232.258, 2);
    expect(capacityAcross({ l: 1e-4, trimmer: 30 * PF, place: "coil" }, 450 * PF) / PF).toBeCloseTo(480, 6);
  });
  it("tells the gang's capacity back from the frequency, wherever the trimmer stands", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 600, noNaN: true }),
        fc.double({ min: 2, max: 100, noNaN: true }),
        fc.double({ min: 150, max: 5000, noNaN: true }),
        fc.constantFrom("coil" as const, "gang" as const),
        fc.boolean(),
        (gang, trimmer, padder, place, without) => {
          const tuned: Tuned = { l: 9e-5, trimmer: trimmer * PF, place, ...(without ? {} : { padder: padder * PF }) };
          const back = gangAt(tuned, tunes(tuned, gang * PF));
          expect((back ?? 0) / PF / gang).toBeCloseTo(1, 6);
        },
      ),
    );
  });
  it("knows no gang for a frequency that it cannot tune to", () => {
    const tuned: Tuned = { l: 9e-5, trimmer: 50 * PF, padder: 480 * PF, place: "coil" };
    expect(gangAt(tuned, 50e6)).toBeUndefined();
    expect(gangAt(tuned, 100e3)).toBeUndefined();
  });
});

describe("three-point tracking", () => {
  it("takes the usual points: the middle, and 0.866 of the half band beside it", () => {
    const [low, middle, high] = trackingPoints(550e3, 1600e3);
    expect([low, middle, high].map((hertz) => Math.round(hertz / 1e3))).toEqual([620, 1075, 1530]);
  });
  // (450 + Ct)/(12 + Ct) = (1600/550)² = 8.463, so Ct = (450 − 8.463·12)/7.463 = 46.69 pF; L = 1/((2π·550k)²·496.69 pF).
  it("makes the signal circuit from band and gang", () => {
    const signal = signalCircuit(MW);
    expect((signal?.trimmer ?? 0) / PF).toBeCloseTo(46.69, 1);
    expect((signal?.l ?? 0) * 1e6).toBeCloseTo(168.6, 0);
    expect(signalCircuit({ ...MW, to: 6e6 })).toBeUndefined();
  });
  it("agrees with the signal circuit at its three points, whatever the band", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.15, max: 12, noNaN: true }),
        fc.double({ min: 1.3, max: 3, noNaN: true }),
        fc.constantFrom(110e3, 455e3, 465e3, 1.65e6),
        fc.constantFrom("coil" as const, "gang" as const),
        (megahertz, ratio, mid, place) => {
          const from = megahertz * 1e6;
          const to = from * ratio;
          fc.pre(mid < from * 0.9 || mid > to * 1.1);
          const made = designTracking({ ...MW, from, to, mid, place });
          fc.pre(made.ok);
          if (!made.ok) return;
          const { signal, oscillator, points } = made.design;
          for (const hertz of points) {
            const gang = gangAt(signal, hertz) ?? 0;
            expect(Math.abs(signalFor(tunes(oscillator, gang), { mid, side: "above" }) - hertz) / hertz).toBeLessThan(
              1e-5,
            );
          }
        },
      ),
    );
  });
  it("stays within a few kilohertz on medium wave, for both places of the trimmer alike", () => {
    const worst = (place: Band["place"]) =>
      Math.max(...designed({ ...MW, place }).curve.map(({ off }) => Math.abs(off)));
    expect(worst("coil")).toBeLessThan(6.5e3);
    expect(worst("coil")).toBeGreaterThan(500);
    expect(worst("gang")).toBeCloseTo(worst("coil"), -1);
    const { oscillator } = designed();
    expect(oscillator.l * 1e6).toBeGreaterThan(70);
    expect(oscillator.l * 1e6).toBeLessThan(95);
    expect((oscillator.padder ?? 0) / PF).toBeGreaterThan(450);
    expect((oscillator.padder ?? 0) / PF).toBeLessThan(600);
  });
  it("says why there is no design", () => {
    const trouble = (change: Partial<Band>) => {
      const made = designTracking({ ...MW, ...change });
      return made.ok ? "none" : made.trouble;
    };
    expect(trouble({ from: 1600e3, to: 550e3 })).toBe("upside-down");
    expect(trouble({ mid: 1000e3 })).toBe("if-inside");
    expect(trouble({ gangMax: 60 * PF })).toBe("gang");
    expect(trouble({ side: "below" })).toBe("no-padder");
  });
});

const PLACES = [600e3, 800e3, 1000e3, 1300e3, 1550e3];
const pointsOf = (drawn: Tuned, now: Tuned, places: readonly number[] = PLACES) =>
  places.map((dial) => ({ dial, truth: signalFor(tunes(now, gangAt(drawn, oscillatorFor(dial, MW)) ?? 0), MW) }));
const changed = (part: TrackingPart, factor: number): Tuned => {
  const { oscillator } = designed();
  return { ...oscillator, [part]: (oscillator[part] ?? 0) * factor };
};

describe("what the dial's error says", () => {
  const drawn = designed().oscillator;
  it("names the one part that was changed, and by how much", () => {
    fc.assert(
      fc.property(
        fc.constantFrom<TrackingPart>("l", "trimmer", "padder"),
        fc.double({ min: 0.12, max: 0.4, noNaN: true }),
        fc.boolean(),
        (part, size, down) => {
          const share = part === "l" ? size / 3 : size;
          const factor = down ? 1 - share : 1 + share;
          const fit = fitDial(drawn, MW, pointsOf(drawn, changed(part, factor)), 0.001);
          expect(fit.open).toBeUndefined();
          expect(fit.explanations[0]?.changes.map((one) => one.part)).toEqual([part]);
          expect(fit.explanations[0]?.changes[0]?.change).toBeCloseTo(factor - 1, 3);
        },
      ),
      { numRuns: 60 },
    );
  });
  it("finds two parts that were changed together", () => {
    const now = { ...drawn, trimmer: drawn.trimmer * 1.3, padder: (drawn.padder ?? 0) * 0.7 };
    const [best] = fitDial(drawn, MW, pointsOf(drawn, now), 0.0005).explanations;
    const of = (part: TrackingPart) => best?.changes.find((one) => one.part === part)?.change;
    expect(best?.changes).toHaveLength(2);
    expect(of("trimmer")).toBeCloseTo(0.3, 2);
    expect(of("padder")).toBeCloseTo(-0.3, 2);
  });
  // A constant share is the coil; the trimmer errs most at the high end, the padder at the low end.
  it("has the patterns that the trade knows", () => {
    const errors = (part: TrackingPart, factor: number) => {
      const points = pointsOf(drawn, changed(part, factor));
      return points.map(({ dial, truth }) => Math.abs(dial - truth) / truth);
    };
    const [trimmer, padder] = [errors("trimmer", 1.2), errors("padder", 0.8)];
    expect(trimmer.at(-1) ?? 0).toBeGreaterThan(2 * (trimmer[0] ?? 1));
    expect(padder[0] ?? 0).toBeGreaterThan(2 * (padder.at(-1) ?? 1));
  });
  it("says that it is right when it is", () => {
    const fit = fitDial(drawn, MW, pointsOf(drawn, drawn));
    expect(fit.right).toBe(true);
    expect(fit.explanations).toEqual([]);
  });
  it("says what two points leave open", () => {
    const now = { ...drawn, l: drawn.l * 1.05, trimmer: drawn.trimmer * 0.7 };
    const fit = fitDial(drawn, MW, pointsOf(drawn, now, [600e3, 1550e3]));
    expect(fit.open).toBe("points");
    expect(fit.explanations.length).toBeGreaterThan(1);
  });
  it("says when all points lie at one end", () => {
    const fit = fitDial(drawn, MW, pointsOf(drawn, changed("padder", 0.8), [580e3, 620e3, 650e3]));
    expect(fit.open).toBe("one-end");
  });
  it("does not explain what no part does", () => {
    const fit = fitDial(drawn, MW, [
      { dial: 600e3, truth: 650e3 },
      { dial: 800e3, truth: 740e3 },
      { dial: 1000e3, truth: 1080e3 },
      { dial: 1300e3, truth: 1200e3 },
      { dial: 1550e3, truth: 1640e3 },
    ]);
    expect(fit.open).toBe("none");
    expect(fit.explanations).toEqual([]);
  });
  it("keeps its bounds honest: readings with errors stay within them nineteen times of twenty", () => {
    let held = 0;
    const runs = 200;
    let seed = 7;
    const noise = () => {
      // Sum of twelve even figures less six: near enough to a normal one.
      let sum = -6;
      for (let n = 0; n < 12; n += 1) {
        seed = (seed * 1103515245 + 12345) % 2147483648;
        sum += seed / 2147483648;
      }
      return sum;
    };
    const now = changed("padder", 0.75);
    for (let n = 0; n < runs; n += 1) {
      const points = pointsOf(drawn, now).map(({ dial, truth }) => ({ dial, truth: truth * (1 + 0.003 * noise()) }));
      const only = fitDial(drawn, MW, points, 0.003).explanations.find(
        ({ changes }) => changes.length === 1 && changes[0]?.part === "padder",
      );
      const change = only?.changes[0];
      if (!change || Math.abs(Math.log(change.now / change.drawn) - Math.log(0.75)) <= Math.log1p(change.within))
        held += 1;
    }
    expect(held / runs).toBeGreaterThan(0.9);
  });
});

describe("what turning can do", () => {
  const drawn = designed().oscillator;
  it("brings a trimmer back that was turned", () => {
    const now = changed("trimmer", 1.3);
    const advice = adviseMoves(drawn, now, MW, PLACES, ["trimmer"]);
    expect(advice.worst).toBeLessThan(1e-4);
    expect(advice.moves[0]?.to).toBeCloseTo(drawn.trimmer, 14);
  });
  it("cannot cure a wrong padder with trimmer and core, and says what remains", () => {
    const now = changed("padder", 0.7);
    const advice = adviseMoves(drawn, now, MW, PLACES, ["trimmer", "l"]);
    expect(advice.worst).toBeGreaterThan(0.002);
    expect(advice.remains).toHaveLength(PLACES.length);
    const [best] = fitDial(drawn, MW, pointsOf(drawn, now)).explanations;
    expect(best && surelyOff(best.changes[0]!)).toBe(true);
    expect(circuitNow(drawn, best!).padder).toBeCloseTo(now.padder ?? 0, 12);
  });
  // f goes with 1/√L: 5 % less inductance is 2.6 % more frequency, wherever the gang stands.
  it("moves every place of a dial alike when a loop alone tunes it", () => {
    const made = drawnCircuit({ name: "MW", from: 550e3, to: 1600e3, side: "none" });
    if (!made.ok) throw new Error(made.trouble);
    for (const { dial, truth } of dialWithCoil(made.drawn.tuned, made.drawn.band, [600e3, 1000e3, 1500e3], 0.95))
      expect(truth / dial).toBeCloseTo(1 / Math.sqrt(0.95), 6);
  });
});

it("a trimmer brings another coil back at one place, and there alone", () => {
  const made = drawnCircuit({ name: "MW", from: 550e3, to: 1600e3, side: "none" });
  if (!made.ok) throw new Error(made.trouble);
  const { tuned } = made.drawn;
  const then = trimmedFor(tuned, 0.95, 1600e3);
  if (!then) throw new Error("no trimmer");
  expect(tunes(then, gangAt(tuned, 1600e3) ?? 0)).toBeCloseTo(1600e3, 0);
  expect(tunes(then, gangAt(tuned, 600e3) ?? 0)).toBeGreaterThan(605e3);
  expect(trimmedFor(tuned, 5, 1600e3)).toBeUndefined();
});

describe("the circuit for which a dial was printed", () => {
  const band = { name: "MW", from: 550e3, to: 1600e3, side: "above" as const, mid: 465e3 };
  it("is the one that tracks best, with what was assumed named", () => {
    const made = drawnCircuit(band);
    expect(made.ok && made.drawn.assumed).toEqual(["gang", "padder"]);
    expect(made.ok && made.drawn.tuned.padder).toBeCloseTo(designed().oscillator.padder ?? 0, 13);
  });
  it("keeps to a drawn padder, and tracks with it", () => {
    const made = drawnCircuit({ ...band, gangMin: 12 * PF, gangMax: 450 * PF }, 470 * PF);
    if (!made.ok) throw new Error(made.trouble);
    expect(made.drawn.tuned.padder).toBe(470 * PF);
    const signal = signalCircuit(MW)!;
    for (const hertz of [600e3, 1000e3, 1500e3]) {
      const off = signalFor(tunes(made.drawn.tuned, gangAt(signal, hertz) ?? 0), MW) - hertz;
      expect(Math.abs(off / hertz)).toBeLessThan(0.02);
    }
  });
});
