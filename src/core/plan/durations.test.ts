import { describe, expect, it } from "vitest";
import { ENOUGH, spreadOf, timesOf, USUAL_TIMES, type PastVisit } from "./durations";

const visit = (
  labour: PastVisit["labour"],
  parts = 0,
  setClass: PastVisit["setClass"] = "mains receiver",
): PastVisit => ({
  setClass,
  labour,
  parts,
});

describe("times of the shop", () => {
  it("are the usual ones until there are ten cases, and by the kind of set", () => {
    const times = timesOf(Array.from({ length: ENOUGH - 1 }, () => visit({ prove: 200 })));
    expect(times["mains receiver"].prove).toEqual({ takes: USUAL_TIMES.prove, cases: 0 });
    expect(times["transmitter or amplifier"].prove.takes.median).toBeCloseTo(USUAL_TIMES.prove.median * 1.5, 9);
  });

  it("are the shop's own from the tenth on, of that kind of set alone", () => {
    const times = timesOf(Array.from({ length: ENOUGH }, () => visit({ prove: 50 })));
    expect(times["mains receiver"].prove).toMatchObject({ cases: ENOUGH });
    expect(times["mains receiver"].prove.takes.median).toBeCloseTo(50, 9);
    expect(times["AC/DC receiver"].prove.cases).toBe(0);
  });

  it("go by the part for Fix, and leave out visits without one", () => {
    const past = [...Array.from({ length: ENOUGH }, () => visit({ fix: 120 }, 8)), visit({ fix: 300 }, 0)];
    expect(timesOf(past)["mains receiver"].fix).toMatchObject({ cases: ENOUGH });
    expect(timesOf(past)["mains receiver"].fix.takes.median).toBeCloseTo(15, 9);
  });

  it("by hand: the middle of 30, 60 and 120 minutes is 60, on the scale of ratios", () => {
    // Logs are even around ln 60; the deviation is ln 2, so nine of ten lie below 60 · 2^1.2816.
    const { median, p90 } = spreadOf([30, 60, 120]);
    expect(median).toBeCloseTo(60, 9);
    expect(p90).toBeCloseTo(60 * 2 ** 1.2815515655, 6);
  });
});
