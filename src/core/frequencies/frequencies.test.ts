import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { ModelBand } from "../model";
import {
  airOf,
  ALLOCATIONS,
  crystalRanges,
  crystalsFor,
  gapsOf,
  HIGHEST_HARMONIC,
  imageRange,
  loadedFrequency,
  oscillatorRange,
  overlapsWith,
  planOf,
  pulledBy,
  readBox,
  readKilohertz,
  scaleDoubts,
  whistlesAt,
  whistlesOf,
} from ".";

const MW: ModelBand = { name: "MW", from: 550e3, to: 1600e3, side: "above", mid: 465e3 };

describe("oscillator and image", () => {
  it("lie one and two IFs above the signal", () => {
    expect(oscillatorRange(MW)).toEqual({ from: 1015e3, to: 2065e3 });
    expect(imageRange(MW)).toEqual({ from: 1480e3, to: 2530e3 });
  });
  it("lie below it where the oscillator does", () => {
    const sw: ModelBand = { ...MW, name: "SW", from: 6e6, to: 18e6, side: "below" };
    expect(oscillatorRange(sw)).toEqual({ from: 5535e3, to: 17535e3 });
    expect(imageRange(sw)).toEqual({ from: 5070e3, to: 17070e3 });
  });
  // A crystal of 10.5 MHz below the band 14.0–14.5 with an IF tuned 3.5–4.0: the image is 2·10.5 − 14 … = 6.5–7.0.
  it("are a mirror about a crystal", () => {
    const band: ModelBand = {
      name: "20 m",
      from: 14e6,
      to: 14.5e6,
      side: "below",
      mid: 3.5e6,
      midTo: 4e6,
      crystal: 10.5e6,
    };
    expect(oscillatorRange(band)).toEqual({ from: 10.5e6, to: 10.5e6 });
    expect(imageRange(band)).toEqual({ from: 6.5e6, to: 7e6 });
  });
  it("are missing in a set without conversion", () => {
    expect(imageRange({ name: "MW", from: 550e3, to: 1500e3, side: "none" })).toBeUndefined();
  });
});

describe("whistles", () => {
  it("of a usual set are at twice and three times its IF", () => {
    const at = whistlesOf(MW).map((one) => one.at);
    expect(at).toContain(930e3);
    expect(at).toContain(1395e3);
    const [first] = whistlesAt([MW], 930e3);
    expect(first).toMatchObject({ m: 0, n: 2, source: "if", order: 2 });
    // A figure read off a dial is near, not exact.
    expect(whistlesAt([MW], 935e3)[0]?.at).toBe(930e3);
    expect(whistlesAt([MW], 700e3).every(({ at: one }) => Math.abs(one - 700e3) <= 7e3)).toBe(true);
  });
  const bandOf = fc
    .record({
      from: fc.integer({ min: 150, max: 20_000 }),
      ratio: fc.double({ min: 1.2, max: 3, noNaN: true }),
      mid: fc.constantFrom(110, 455, 465, 1650, 9000),
      side: fc.constantFrom("above" as const, "below" as const),
      bfo: fc.boolean(),
    })
    .map(({ from, ratio, mid, side, bfo }): ModelBand => ({
      ...{ name: "band", from: from * 1e3, to: Math.round(from * ratio) * 1e3, mid: mid * 1e3, side },
      ...(bfo ? { bfo: mid * 1e3 + 700 } : {}),
    }));
  it("each satisfy their equation", () => {
    fc.assert(
      fc.property(bandOf, (band) => {
        for (const { at, m, n, sign, of, order } of whistlesOf(band)) {
          const oscillator = band.side === "above" ? at + (band.mid ?? 0) : at - (band.mid ?? 0);
          const made = m === 0 ? n * of : m * oscillator + sign * n * of;
          expect(Math.abs(made - at)).toBeLessThan(1);
          expect(order).toBe(m + n);
          expect(at).toBeGreaterThanOrEqual(band.from);
          expect(at).toBeLessThanOrEqual(band.to);
        }
      }),
    );
  });
  it("are all found: a search through the band by small steps finds no other", () => {
    fc.assert(
      fc.property(bandOf, (band) => {
        const known = whistlesOf(band).map(({ at }) => at);
        const shift = band.side === "above" ? (band.mid ?? 0) : -(band.mid ?? 0);
        const sources = [band.mid ?? 0, ...(band.bfo ? [band.bfo] : [])];
        for (const of of sources)
          for (let n = 1; n <= HIGHEST_HARMONIC; n += 1)
            for (let m = 0; m <= HIGHEST_HARMONIC; m += 1)
              for (const sign of [1, -1]) {
                if (m === 1) continue;
                // What m and n make less what is tuned to: a zero of this line over the band is a whistle.
                const off = (hertz: number) => (m === 0 ? n * of : m * (hertz + shift) + sign * n * of) - hertz;
                const [low, high] = [off(band.from), off(band.to)];
                if (low * high > 0) continue;
                const zero = band.from - (low * (band.to - band.from)) / (high - low);
                expect(known.some((at) => Math.abs(at - zero) < 2)).toBe(true);
              }
      }),
      { numRuns: 40 },
    );
  });
});

describe("a band's plan", () => {
  const { allocations } = airOf({});
  it("says that a set does not receive its own IF", () => {
    const sw: ModelBand = { name: "SW1", from: 1.5e6, to: 4e6, side: "above", mid: 1.65e6 };
    expect(planOf(sw, allocations, 1).blocked).toEqual([{ from: 1.64e6, to: 1.66e6 }]);
    expect(planOf(MW, allocations, 1).blocked).toEqual([]);
  });
  it("names broadcasting in the image", () => {
    const names = planOf({ name: "SW", from: 5e6, to: 5.4e6, side: "above", mid: 465e3 }, allocations, 1).imageOn;
    expect(names.map(({ name }) => name)).toContain("49 m");
  });
  it("names the gaps between bands", () => {
    expect(gapsOf([MW, { from: 150e3, to: 350e3 }, { from: 6e6, to: 18e6 }])).toEqual([
      { from: 350e3, to: 550e3 },
      { from: 1600e3, to: 6e6 },
    ]);
  });
  it("asks about a factor of a thousand", () => {
    expect(scaleDoubts([{ name: "MW", from: 550, to: 1600 }]).map(({ instead }) => instead)).toEqual([1000]);
    expect(scaleDoubts([{ name: "MW", from: 550e3, to: 1600e6 }])).toHaveLength(1);
    expect(scaleDoubts([MW])).toEqual([]);
    expect(scaleDoubts([{ name: "MW", from: 550e3, to: 1.6e6, mid: 465e6 }])).toHaveLength(1);
    expect(scaleDoubts([{ name: "all", from: 500e3, to: 30e6, mid: 1.65e6 }])).toEqual([]);
  });
});

describe("allocations", () => {
  it("tell the regions apart", () => {
    const forty = (region: 1 | 2 | 3) =>
      overlapsWith({ from: 7e6, to: 7.5e6 }, ALLOCATIONS, region).find(({ name }) => name === "40 m")?.width;
    expect([forty(1), forty(2), forty(3)]).toEqual([200e3, 300e3, 200e3]);
  });
  it("tell how much of one lies in a stretch", () => {
    const [twenty] = overlapsWith({ from: 14.175e6, to: 15e6 }, ALLOCATIONS, 1);
    expect(twenty).toMatchObject({ name: "20 m", from: 14.175e6, to: 14.35e6, width: 175e3, share: 0.5 });
  });
  it("hold a single frequency, and not one beside them", () => {
    expect(overlapsWith({ from: 7.1e6, to: 7.1e6 }, ALLOCATIONS, 1).map(({ name }) => name)).toEqual(["40 m"]);
    expect(overlapsWith({ from: 8e6, to: 8e6 }, ALLOCATIONS, 1)).toEqual([]);
    expect(overlapsWith({ from: 7.2e6, to: 7.3e6 }, ALLOCATIONS, 1).map(({ name }) => name)).toEqual(["41 m"]);
  });
  it("lie in order and never upside down", () => {
    for (const { from, to } of ALLOCATIONS) expect(from).toBeLessThan(to);
  });
});

describe("crystals", () => {
  const VFO = { from: 5e6, to: 5.5e6 };
  // 9 MHz with 5.0–5.5: 14.0–14.5 by the sum, 3.5–4.0 by the difference with the dial reversed.
  it("give both sides, and the harmonics", () => {
    const ranges = crystalRanges(9e6, VFO, ALLOCATIONS, 1);
    expect(ranges[0]).toMatchObject({ harmonic: 1, side: "sum", from: 14e6, to: 14.5e6, reversed: false });
    expect(ranges[1]).toMatchObject({ harmonic: 1, side: "crystal-less-tuning", from: 3.5e6, to: 4e6, reversed: true });
    expect(ranges[0]?.allocations.find(({ name }) => name === "20 m")?.width).toBe(350e3);
    expect(ranges.some(({ harmonic, from }) => harmonic === 3 && from === 32e6)).toBe(true);
  });
  it("that are ordered give what was wanted", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1800, max: 50_000 }), fc.integer({ min: 50, max: 500 }), (kilohertz, width) => {
        const wanted = { from: kilohertz * 1e3, to: (kilohertz + width) * 1e3 };
        for (const { crystal, harmonic, side } of crystalsFor(wanted, VFO)) {
          const made = crystalRanges(crystal, VFO, [], 1).find((one) => one.harmonic === harmonic && one.side === side);
          expect(Math.abs((made?.from ?? 0) - wanted.from)).toBeLessThan(1);
        }
      }),
    );
    const [first] = crystalsFor({ from: 28.85e6, to: 29.35e6 }, VFO);
    expect(first?.crystal).toBe(23.85e6);
  });
  it("are warned of where a harmonic falls into the tuned range, and where it does not reach", () => {
    const third = crystalsFor({ from: 12.95e6, to: 13.4e6 }, VFO).find(
      ({ harmonic, side }) => harmonic === 3 && side === "sum",
    );
    // 7.95/3 = 2.65 MHz: its second harmonic is 5.3 MHz, in the tuned range.
    expect(third?.crystal).toBeCloseTo(2.65e6, 0);
    expect(third?.warn.join(" ")).toContain("harmonic 2");
    expect(crystalsFor({ from: 28e6, to: 29.7e6 }, VFO)[0]?.warn.join(" ")).toContain("500 kHz");
  });
  // f·C1/(2·(C0 + CL)): 8 MHz · 0.02/(2·35) = 2286 Hz at 30 pF; 0.02/(2·20) = 4000 Hz at 15 pF: 1714 Hz apart.
  it("are pulled upwards by a capacitor in series", () => {
    expect(loadedFrequency(8e6, 30e-12) - 8e6).toBeCloseTo(2285.7, 0);
    expect(pulledBy(8e6, 30e-12, 30e-12)).toBeCloseTo(1714, -1);
    fc.assert(
      fc.property(fc.double({ min: 5, max: 500, noNaN: true }), (series) => {
        expect(pulledBy(8e6, 30e-12, series * 1e-12)).toBeGreaterThan(0);
      }),
    );
  });
});

it("a figure of a dial is in kilohertz, unless it has its unit", () => {
  expect(["930", "7.1 MHz", "1,5 Mc", "0", "", "loud"].map(readKilohertz)).toEqual([
    930e3,
    7.1e6,
    1.5e6,
    undefined,
    undefined,
    undefined,
  ]);
});

describe("a box of crystals", () => {
  it("reads a list as people write it, and says what it cannot", () => {
    const lines = readBox("X1 8000 kHz\n7.35 MHz\n6125\nFT-243 3,750\nnonsense\n99999 MHz\n27.125");
    expect(lines.map((line) => ("hertz" in line ? Math.round(line.hertz) : line.problem))).toEqual([
      8e6,
      7.35e6,
      6.125e6,
      3.75e6,
      "No frequency in this line.",
      "No crystal has this frequency: 10 kHz to 250 MHz.",
      27.125e6,
    ]);
    expect(lines[0]?.label).toBe("X1");
  });
  it("never throws and keeps every line", () => {
    fc.assert(
      fc.property(fc.array(fc.string({ maxLength: 30 }), { maxLength: 60 }), (texts) => {
        expect(readBox(texts.join("\n")).length).toBeLessThanOrEqual(500);
      }),
    );
  });
});
