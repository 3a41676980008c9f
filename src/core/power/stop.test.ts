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
    expect(read({ fraction: 1, amps: 0.3, bplus: 410 }).reasons[0]?.text).toContain("above its band");
    expect(read({ fraction: 1, amps: 0.3, bplus: 150 }).reasons[0]?.text).toContain("below its band");
    expect(read({ fraction: 1, amps: 0.3, bplus: 250, heaters: 5.2 }).reasons[0]?.text).toContain(
      "Heaters at 5.2 V: −17 %",
    );
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

describe("the limits themselves", () => {
  const amps = (share: number) => expected.fullAmps * share;
  it("a current at its limit passes, one above it stops", () => {
    expect(rules({ amps: amps(0.75 * 1.5), bplus: 150 })).toEqual([]);
    expect(rules({ amps: amps(0.75 * 1.5) + 1e-6, bplus: 150 })).toEqual(["over-step"]);
    expect(rules({ fraction: 1, amps: amps(1.25), bplus: 250 })).toEqual([]);
    expect(rules({ fraction: 1, amps: amps(1.25) + 1e-6, bplus: 250 })).toEqual(["over-full"]);
  });
  it("a current may grow by a tenth, and by a needle's width, in a hold", () => {
    expect(rules({ amps: 0.2, endAmps: 0.2 * 1.1, bplus: 150 })).toEqual([]);
    expect(rules({ amps: 0.2, endAmps: 0.2201, bplus: 150 })).toEqual(["grows"]);
    const small = { ...expected, fullAmps: 0.04 };
    expect(rules({ fraction: 0.25, amps: 0.006, endAmps: 0.0089, expected: small })).toEqual([]);
    expect(rules({ fraction: 0.25, amps: 0.006, endAmps: 0.0091, expected: small })).toEqual(["grows"]);
    expect(rules({ endAmps: 0.2, bplus: 150 })).toEqual([]);
  });
  it("no B+ is less than a tenth of the chart's, at three quarters of the line, with every tube in too", () => {
    expect(rules({ amps: 0.2, bplus: 25.5 })).toEqual([undefined]);
    expect(rules({ amps: 0.2, bplus: 25.4 })).toEqual(["no-bplus"]);
    expect(rules({ stage: "all-in", amps: 0.2, bplus: 25.4 })).toEqual(["no-bplus"]);
    expect(rules({ stage: "filaments", amps: 0.2, bplus: 25.4 })).toEqual([]);
  });
  it("says the figures that it goes by", () => {
    const text = (extra: Partial<StepReading>) => read(extra).reasons[0]?.text;
    expect(text({ amps: 0.38, bplus: 150 })).toBe(
      "380 mA is more than 1.5 times the 248 mA that this step should draw.",
    );
    expect(text({ amps: 0.42, bplus: 150 })).toBe("420 mA is more than 1.25 times the full current of 330 mA.");
    expect(text({ amps: 0.1, endAmps: 0.42, bplus: 150 })).toBe(
      "420 mA is more than 1.25 times the full current of 330 mA.",
    );
    expect(text({ amps: 0.2, endAmps: 0.24, bplus: 150 })).toBe(
      "The current grew from 200 mA to 240 mA during the hold.",
    );
    expect(text({ amps: 0.2, bplus: 3 })).toBe("No B+ (3 V) at 75 % of the line.");
    expect(text({ amps: 0.02, bplus: 150 })).toBe(
      "Hardly any current: 20 mA of 248 mA. Fuse, switch, a broken string?",
    );
    expect(text({ fraction: 1, amps: 0.3, bplus: 150 })).toBe("B+ 150 V is below its band (from 191 V).");
  });
});

describe("what a careless step would let pass", () => {
  const bare = { fullVolts: 230 };
  it("10 A into a set without watts: the end is that of its kind, and the sheet is asked for them", () => {
    expect(rules({ expected: bare, amps: 10 })).toEqual(["over-full"]);
    // a receiver of 300 W at most: 1.3 A, at three quarters of the line 1.3 A still
    const receiver = { ...bare, assumedAmps: 300 / 230 };
    expect(rules({ expected: receiver, amps: 1.4 })).toEqual(["over-full"]);
    expect(read({ expected: receiver, amps: 0.3 })).toMatchObject({ verdict: "watch" });
    expect(read({ expected: receiver, amps: 0.3 }).reasons[0]?.text).toContain("The sheet has no watts");
  });
  it("six times the heaters' current with the rectifier out: twice is the end", () => {
    // 10.4 W of heaters and 10 % of 68 W of iron at 230 V: 75 mA at full line
    const heated = { ...expected, fullAmps: 68 / (230 * 0.9), heaterWatts: 10.4 };
    const out = (amps: number) => rules({ stage: "rectifier-out", fraction: 1, amps, expected: heated });
    expect(out(0.45)).toEqual(["over-full"]);
    expect(out(0.16)).toEqual(["over-step"]);
    expect(out(0.14)).toEqual([]);
    expect(read({ stage: "rectifier-out", fraction: 1, amps: 0.16, expected: heated }).reasons[0]?.text).toContain(
      "the heaters alone",
    );
  });
  it("B+ above what the parts are rated for, and far above its share on the way up", () => {
    expect(rules({ fraction: 1, amps: 0.3, bplus: 760 })).toEqual(["over-bplus"]);
    expect(rules({ fraction: 1, amps: 0.3, bplus: 418 })).not.toContain("over-bplus");
    expect(rules({ fraction: 1, amps: 0.3, bplus: 419 })).toEqual(["over-bplus"]);
    // half line: 1.25 · 380 / 2 = 237.5 V
    expect(rules({ fraction: 0.5, amps: 0.15, bplus: 240 })).toEqual(["over-bplus"]);
    expect(rules({ fraction: 1, amps: 0.3, bplus: 760, lamp: true })).toEqual(["over-bplus"]);
    const chartless = { fullVolts: 230, fullAmps: 0.33, ceiling: 380 };
    expect(rules({ fraction: 1, amps: 0.3, bplus: 760, expected: chartless })).toEqual(["over-bplus"]);
  });
  it("300 V of line on a set for 230 V; a tenth is the most, a fifth on a low-voltage set", () => {
    expect(rules({ fraction: 1, amps: 0.3, bplus: 250, lineVolts: 300 })).toContain("over-line");
    expect(rules({ fraction: 1, amps: 0.3, bplus: 250, lineVolts: 253 })).toEqual([]);
    const car = { fullVolts: 12, fullAmps: 1, lineOver: 0.2 };
    expect(rules({ stage: "all-in", fraction: 1, amps: 0.9, lineVolts: 13.8, expected: car })).toEqual([]);
    expect(rules({ stage: "all-in", fraction: 1, amps: 0.9, lineVolts: 15, expected: car })).toEqual(["over-line"]);
  });
  it("a step of a quarter at full line, and any step whose line went ahead of it", () => {
    expect(rules({ stage: "rectifier-out", fraction: 0.25, amps: 0.05, lineVolts: 230 })).toEqual(["over-line"]);
    expect(rules({ fraction: 0.75, amps: 0.2, bplus: 150, lineVolts: 230 })).toEqual(["over-line"]);
    expect(rules({ fraction: 0.75, amps: 0.2, bplus: 150, lineVolts: 190 })).toEqual([]);
  });
  it("twice the volts on battery filaments, at the supply or at the filaments", () => {
    const filaments = { fullVolts: 1.4, fullAmps: 0.125 };
    expect(rules({ stage: "filaments", fraction: 1, amps: 0.12, lineVolts: 2.8, expected: filaments })).toEqual([
      "over-line",
    ]);
    const plates = { fullVolts: 90, fullAmps: 0.01, heaters: 1.4, filaments: true };
    const on = (heaters: number) => rules({ stage: "all-in", fraction: 0.5, amps: 0.005, heaters, expected: plates });
    expect([on(1.4), on(1.5), on(1.6), on(2.8)]).toEqual([[], [], ["over-heaters"], ["over-heaters"]]);
  });
  it("heaters at twice their volts, whatever the current says; a fifth is the most on the mains", () => {
    expect(rules({ fraction: 1, amps: 0.3, bplus: 250, heaters: 12.6 })).toEqual(["over-heaters"]);
    expect(rules({ fraction: 1, amps: 0.3, bplus: 250, heaters: 7.5 })).toEqual([undefined]);
    expect(rules({ fraction: 1, amps: 0.3, bplus: 250, heaters: 7.6 })).toEqual(["over-heaters"]);
  });
  it("each heater winding by itself; one without a load is expected a tenth higher, and it says so", () => {
    const two = {
      ...expected,
      heaters: undefined,
      rails: [
        { name: "receiver", volts: 6.3 },
        { name: "rectifier", volts: 5, unloaded: true },
      ],
    };
    const at = (receiver: number, rectifier: number) =>
      read({
        ...{ stage: "rectifier-out", fraction: 1, amps: 0.05, expected: two },
        rails: [
          { name: "receiver", volts: receiver },
          { name: "rectifier", volts: rectifier },
        ],
      });
    // 5 V without a load: 5.5 V, ±10 % is 4.95 to 6.05 V
    expect(at(6.3, 5.5).verdict).toBe("go");
    expect(at(6.3, 6.05).verdict).toBe("go");
    expect(at(6.3, 6.1).reasons[0]?.text).toContain("10 % more counted since it has no load");
    expect(at(7.1, 5.5).reasons.map(({ text }) => text.slice(0, 18))).toEqual(["Winding “receiver”"]);
    expect(at(12.6, 5.5)).toMatchObject({ verdict: "stop", reasons: [{ rule: "over-heaters" }] });
    expect(at(6.3, 11).reasons.map(({ rule }) => rule)).toEqual(["over-heaters"]);
  });
  it("no B+ behind a lamp proves nothing", () => {
    expect(rules({ fraction: 1, amps: 0.2, bplus: 3, lamp: true })).toEqual([]);
  });
  it("a figure that was not read where a rule hangs on it", () => {
    expect(read({ amps: 0.2 }).reasons[0]?.text).toContain("B+ was not read");
    expect(read({ amps: 0.2, bplus: 150, heaters: 4.7, expected: { ...expected, heaters: undefined } })).toMatchObject({
      verdict: "watch",
      reasons: [{ text: expect.stringContaining("not known") as string }],
    });
  });
  it("is never let pass by more of anything: line, B+, heaters", () => {
    const share = fc.double({ min: 0, max: 3, noNaN: true });
    fc.assert(
      fc.property(share, share, fc.constantFrom(0.25, 0.5, 0.75, 1), (a, b, fraction) => {
        const [low, high] = a < b ? [a, b] : [b, a];
        const at = (times: number) => ({
          line: read({ fraction, amps: 0.05, bplus: 150, lineVolts: 230 * times }).reasons.some(
            (r) => r.rule === "over-line",
          ),
          bplus: read({ fraction, amps: 0.05, bplus: 380 * times }).reasons.some((r) => r.rule === "over-bplus"),
          heaters: read({ fraction, amps: 0.05, heaters: 6.3 * times }).reasons.some((r) => r.rule === "over-heaters"),
        });
        const [less, more] = [at(low), at(high)];
        for (const key of ["line", "bplus", "heaters"] as const) if (less[key]) expect(more[key]).toBe(true);
      }),
    );
  });
});

describe("what is odd, at its limits", () => {
  const odd = (extra: Partial<StepReading>) =>
    read({ fraction: 1, amps: 0.3, bplus: 250, ...extra }).reasons.map(({ text }) =>
      text.split(/[ :]/).slice(0, 2).join(" "),
    );
  it("hardly any current is less than a quarter of the step's, and is not asked with the rectifier out or a lamp in", () => {
    expect(odd({ amps: 0.0825 })).toEqual([]);
    expect(odd({ amps: 0.0824 })).toEqual(["Hardly any"]);
    expect(odd({ fraction: 0.5, amps: 0.0413, bplus: 100 })).toEqual([]);
    expect(odd({ stage: "rectifier-out", amps: 0.01 })).toEqual([]);
    expect(odd({ lamp: true, amps: 0.01 })).toEqual([]);
    expect(odd({ amps: undefined, bplus: 250 })).toEqual([]);
    expect(odd({ stage: "filaments", amps: 0.01 })).toEqual(["Hardly any"]);
  });
  it("B+ lies in its band, and 5 % above it at most, where high voltage is on", () => {
    // 380 V is the ceiling at full line; 191.25 V the least of a warm rectifier
    expect(odd({ bplus: 399 })).toEqual([]);
    expect(odd({ bplus: 399.1 })).toEqual(["B+ 399"]);
    expect(odd({ bplus: 191.25 })).toEqual([]);
    expect(odd({ bplus: 191 })).toEqual(["B+ 191"]);
    expect(odd({ stage: "all-in", bplus: 100 })).toEqual(["B+ 100"]);
    expect(odd({ stage: "rectifier-out", bplus: 100 })).toEqual([]);
    expect(odd({ stage: "filaments", bplus: 100 })).toEqual([]);
    expect(odd({ lamp: true, bplus: 100 })).toEqual([]);
    const noCeiling = { ...expected, ceiling: undefined };
    expect(odd({ bplus: 260, expected: noCeiling })).toEqual([]);
    expect(odd({ bplus: 275, expected: noCeiling })).toEqual(["B+ 275"]);
  });
  it("a line that is higher than the step's own never widens the band beyond full line", () => {
    expect(odd({ bplus: 410, lineVolts: 250 })).toEqual(["B+ 410"]);
  });
  it("heaters are within a tenth of what this line gives them", () => {
    expect(odd({ heaters: 5.67 })).toEqual([]);
    expect(odd({ heaters: 5.6 })).toEqual(["Heaters at"]);
    expect(odd({ heaters: 7 })).toEqual(["Heaters at"]);
    expect(odd({ heaters: 5, lamp: true })).toEqual([]);

    expect(odd({ fraction: 0.5, amps: 0.16, heaters: 3.15, bplus: 100 })).toEqual([]);
  });
});

describe("what to check after a stop", () => {
  const first = "Off, unplug, discharge through a resistor, and measure what is left.";
  it("begins with making it safe, names each check once, and goes by the stage", () => {
    expect(afterStop([], "all-in")).toEqual([first]);
    expect(afterStop(["over-step", "over-full", "lamp-bright"], "all-in")).toEqual([
      first,
      "B+ to chassis, cold: against what it was before.",
      "Reservoir and smoothing capacitors: polarity, leakage at voltage, a short.",
      "Output tube: grid volts positive? Lift the coupling capacitor.",
      "Rectifier: shorted, or gassy. Decoupling capacitors on each branch of B+.",
    ]);
    expect(afterStop(["over-step"], "rectifier-in")).toEqual(afterStop(["over-step"], "all-in"));
    expect(afterStop(["over-step"], "rectifier-out")[1]).toContain("Pull all tubes");
    expect(afterStop(["over-step"], "filaments")).toEqual([
      first,
      "Filament polarity and plug.",
      "A tube of another filament, or shorted: pull them one by one.",
      "Wiring and switch.",
    ]);
  });
  it.each([
    ["grows", "Feel (discharged) which part is warm", 5],
    ["no-bplus", "Rectifier: lit, seated, emission.", 5],
    ["smoke", "Find the part by eye and nose", 4],
    ["smell", "Find the part by eye and nose", 4],
    ["arcing", "Find the part by eye and nose", 4],
    ["red-plate", "Grid of that tube", 5],
    ["other", "Write down what it was", 2],
  ] as const)("%s: %s …", (rule, begins, many) => {
    const list = afterStop([rule], "all-in");
    expect(list).toHaveLength(many);
    expect(list[0]).toBe(first);
    expect(list[1]).toContain(begins);
  });
});

describe("milliamperes at the limits", () => {
  it("five times the set's current is still amperes' ground for doubt", () => {
    expect(looksLikeMilliamps(2, 0.4)).toBe(true);
    expect(looksLikeMilliamps(1.9, 0.4)).toBe(false);
    expect(looksLikeMilliamps(2000, 0.4)).toBe(true);
    expect(looksLikeMilliamps(2001, 0.4)).toBe(false);
    expect(looksLikeMilliamps(20, undefined)).toBe(true);
    expect(looksLikeMilliamps(19.9, undefined)).toBe(false);
    expect(looksLikeMilliamps(90_000, undefined)).toBe(true);
  });
});
