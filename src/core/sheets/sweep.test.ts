import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { nextLevel, SHIPPED, sweepOf, type Tried } from ".";

const planOf = (key: string) => {
  const sheet = SHIPPED.find((one) => one.key === key);
  return sheet && sweepOf(sheet);
};

describe("a sheet that is filled by a generator", () => {
  it("is stepped by what its rows are", () => {
    expect(planOf("response")).toMatchObject({ drives: "hertz", reads: "volts-ac", hunts: false, offTune: false });
    expect(planOf("avc")).toMatchObject({ drives: "volts", reads: "volts-ac", hunts: false, received: true });
    expect(planOf("selectivity")).toMatchObject({ drives: "hertz", offTune: true, hunts: true, reads: "volts-ac" });
    expect(planOf("output")).toMatchObject({ drives: "volts", reads: "volts-ac" });
    expect(planOf("drive")).toMatchObject({ drives: "volts", reads: "watts", keyed: true });
    expect(planOf("hum")).toBeUndefined();
  });

  it("finds the level for the same output within a few tries, with and without AVC", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.15, max: 1, noNaN: true }),
        fc.double({ min: 1e-4, max: 1, noNaN: true }),
        (slope, passes) => {
          const out = (level: number) => (level * passes) ** slope;
          const wanted = out(1e-5 / passes);
          const tried: Tried[] = [];
          let level: number | undefined = 1e-5;
          while (level !== undefined && tried.length < 12) {
            tried.push({ level, out: out(level) });
            level = nextLevel(tried, wanted);
          }
          expect(level).toBeUndefined();
          expect((tried.at(-1)?.out ?? 0) / wanted).toBeCloseTo(1, 1);
        },
      ),
    );
  });

  it("goes up by steps where nothing is heard at all", () => {
    expect(nextLevel([{ level: 1e-5, out: 0 }], 0.5)).toBeCloseTo(3e-4, 9);
    expect(nextLevel([], 0.5)).toBeUndefined();
  });
});
