import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { afterStop, DANGERS, judgeStep, looksLikeMilliamps, type StepReading } from ".";

const expected = { fullVolts: 230, fullAmps: 0.33, bplus: 255, ceiling: 380, warm: true, heaters: 6.3 };
const read = (extra: Partial<StepReading>) => judgeStep({ stage: "rectifier-in", fraction: 0.75, expected, ...extra });
const rules = (extra: Partial<StepReading>) => read(extra).reasons.map((reason) => reason.rule);

describe("the stop rules", () => {
  it("end a step above 1.5 times its share: 0.38 A where 0.2475 A belongs", () => {
    expect(read({ amps: 0.38, bplus: 150 })).toMatchObject({ verdict: "stop", reasons: [{ rule: "over-step" }] });
    expect(read({ amps: 0.36, bplus: 150 }).verdict).not.toBe("stop");
  });
  it("end everything above 1.25 times full line", () => {
    expect(rules({ amps: 0.42, bplus: 150 })).toEqual(["over-full"]);
    expect(rules({ fraction: 1, amps: 0.42, bplus: 250 })).toEqual(["over-full"]);
  });
  it("end a hold in which the current grows", () => {
    expect(rules({ amps: 0.22, endAmps: 0.26, bplus: 150 })).toEqual(["grows"]);
    expect(rules({ amps: 0.22, endAmps: 0.235, bplus: 150 })).toEqual([]);
    expect(rules({ amps: 0.22, endAmps: 0.2, bplus: 150 })).toEqual([]);
    // a needle's width at the bottom of the scale is no growth
    expect(rules({ amps: 0.01, endAmps: 0.012, bplus: 150 })).not.toContain("grows");
  });
  it("end a rise without B+ by three quarters of the line, not before and not with the rectifier out", () => {
    expect(rules({ amps: 0.1, bplus: 3 })).toContain("no-bplus");
    expect(rules({ fraction: 0.5, amps: 0.1, bplus: 3 })).not.toContain("no-bplus");
    expect(rules({ stage: "rectifier-out", amps: 0.1, bplus: 0 })).not.toContain("no-bplus");
    expect(rules({ amps: 0.1 })).not.toContain("no-bplus");
  });
  it("end on anything seen, heard or smelt, whatever the meters say", () => {
    for (const danger of DANGERS) expect(rules({ amps: 0.2, bplus: 150, seen: [danger] })).toEqual([danger]);
  });
  it("do not depend on the order in which things were seen", () => {
    fc.assert(
      fc.property(fc.shuffledSubarray([...DANGERS], { minLength: 1 }), (seen) => {
        const sorted = (list: readonly (string | undefined)[]) => [...list].sort();
        expect(sorted(rules({ amps: 0.5, seen }))).toEqual(sorted(rules({ amps: 0.5, seen: seen.toReversed() })));
      }),
    );
  });
  it("never let more current pass where less was stopped", () => {
    const amps = fc.double({ min: 0, max: 2, noNaN: true });
    fc.assert(
      fc.property(amps, amps, fc.constantFrom(0.25, 0.5, 0.75, 1), (a, b, fraction) => {
        const [low, high] = a < b ? [a, b] : [b, a];
        if (read({ amps: low, fraction, bplus: 200 }).verdict === "stop")
          expect(read({ amps: high, fraction, bplus: 200 }).verdict).toBe("stop");
      }),
    );
  });
});

describe("what is odd, but no stop", () => {
  it("is hardly any current, B+ outside its band, heaters off", () => {
    expect(read({ amps: 0.02, bplus: 150 }).reasons[0]?.text).toContain("Hardly any current");
    expect(read({ fraction: 1, amps: 0.3, bplus: 420 }).reasons[0]?.text).toContain("above its band");
    expect(read({ fraction: 1, amps: 0.3, bplus: 150 }).reasons[0]?.text).toContain("below its band");
    expect(read({ fraction: 1, amps: 0.3, bplus: 250, heaters: 5.2 }).reasons[0]?.text).toContain("Heaters are −17 %");
  });
  it("is nothing when all is well, and no verdict without a current", () => {
    expect(read({ fraction: 1, amps: 0.33, bplus: 252, heaters: 6.3 })).toEqual({ verdict: "go", reasons: [] });
    expect(read({ fraction: 1, bplus: 252 }).verdict).toBe("none");
  });
  it("judges no B+ behind a lamp, and heaters by the line as it is", () => {
    expect(read({ fraction: 1, amps: 0.2, bplus: 90, lamp: true }).verdict).toBe("go");
    expect(read({ amps: 0.25, bplus: 150, heaters: 5, lineVolts: 180 }).verdict).toBe("go");
  });
});

describe("amperes or milliamperes", () => {
  it("is asked only where the figure cannot be and its thousandth can", () => {
    expect(looksLikeMilliamps(340, 0.33)).toBe(true);
    expect(looksLikeMilliamps(0.34, 0.33)).toBe(false);
    expect(looksLikeMilliamps(1.2, 0.33)).toBe(false);
    expect(looksLikeMilliamps(250, undefined)).toBe(true);
    expect(looksLikeMilliamps(3, undefined)).toBe(false);
  });
});

describe("after a stop", () => {
  it("begins with off, unplug, discharge, measure, and goes on in order", () => {
    for (const rule of ["over-step", "grows", "no-bplus", "smoke", "red-plate", "other"] as const)
      expect(afterStop([rule], "rectifier-in")[0]).toContain("unplug");
    expect(afterStop(["no-bplus"], "rectifier-in")[2]).toContain("field coil");
    expect(afterStop(["over-step"], "rectifier-out")[1]).toContain("Pull all tubes");
    const both = afterStop(["over-step", "over-full"], "rectifier-in");
    expect(new Set(both).size).toBe(both.length);
  });
});
