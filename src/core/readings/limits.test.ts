import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  asksAboutSetup,
  calibrationOf,
  chartTolerance,
  correctedFor,
  judge,
  judgeSisters,
  judgeTest,
  likelyBehind,
  loaded,
  loadingFactor,
  OPEN_OHMS,
  parseMeasured,
  parseMeterLoad,
  preflight,
  printMeasured,
  printMeterLoad,
  rangeFor,
  type Expectation,
  type ReadingToJudge,
} from ".";
import { SUPPLIES } from "../model";
import type { Quantity } from "../quantity";
import { judgeColdHeater, judgeWinding } from "./cold";
import { loadingReason } from "./loading";

/** The rules of readings at their limits, and the sentences that come with a verdict. */

const voltage = (measured: number, expected?: Partial<Expectation>, more: Partial<ReadingToJudge> = {}) =>
  judge({
    quantity: "voltage",
    measured,
    ...(expected ? { expected: { value: 250, tolerance: 0.1, ...expected } } : {}),
    ...more,
  });
const ohms = (measured: number, inCircuit = false, value = 1000) =>
  judge({ quantity: "resistance", measured, expected: { value, tolerance: 0.2 }, inCircuit });

describe("a verdict", () => {
  it("is good up to the tolerance, on both sides", () => {
    expect([274.9, 275, 275.1, 225, 224.9].map((volts) => voltage(volts, {}).verdict)).toEqual([
      "good",
      "good",
      "high",
      "good",
      "low",
    ]);
    expect(voltage(275, {}).reasons).toEqual(["+10 %, inside ±10 %."]);
    expect(voltage(300, {}).reasons).toEqual(["+20 %, outside ±10 %."]);
    expect(voltage(200, {}).reasons).toEqual(["−20 %, outside ±10 %."]);
  });
  it("asks for the set-up where nothing is read, and for the leads where the sign is wrong", () => {
    expect(voltage(0, {})).toMatchObject({ verdict: "low", ratio: 0 });
    expect(voltage(0, {}).reasons).toHaveLength(2);
    expect(voltage(0, {}).reasons[1]).toMatch(/^Exactly nothing: look at the set-up first/);
    expect(voltage(-250, {})).toEqual({
      verdict: "low",
      ratio: -1,
      corrected: 250,
      reasons: ["The sign is the other way round: check the leads, then the polarity."],
    });
    expect(voltage(-12, { value: -12 })).toMatchObject({ verdict: "good" });
  });
  it("is none without anything to compare with", () => {
    expect(voltage(12)).toEqual({
      verdict: "none",
      reasons: ["No expected value: it is kept, and there is nothing to compare it with."],
    });
    expect(voltage(OPEN_OHMS).verdict).toBe("none");
    expect(voltage(3, { value: 0, asFound: true })).toEqual({
      verdict: "none",
      corrected: 0,
      reasons: [
        "The chart states no meter: judged as found.",
        "The expected value is zero, so there is no ratio: judge it yourself.",
      ],
    });
  });
  it("calls an open circuit open, expected or not, and no voltage ever", () => {
    expect(judge({ quantity: "resistance", measured: OPEN_OHMS })).toEqual({
      verdict: "high",
      reasons: ["Open: no path at all. If one belongs here, that is the fault."],
    });
    expect(judge({ quantity: "resistance", measured: OPEN_OHMS - 1 }).verdict).toBe("none");
    expect(ohms(OPEN_OHMS)).toEqual({ verdict: "high", corrected: 1000, reasons: ["Open."] });
    expect(voltage(OPEN_OHMS, {}).reasons[0]).not.toBe("Open.");
  });
  it("lets a parallel path lower a resistance in circuit, and nothing else", () => {
    expect(ohms(900, true).verdict).toBe("good");
    expect(ohms(700, true)).toMatchObject({ verdict: "no-proof", ratio: 0.7, corrected: 1000 });
    expect(ohms(700, true).reasons).toEqual([
      "−30 % in circuit proves nothing: a parallel path can lower it. Lift one end and measure again.",
    ]);
    expect(ohms(700).verdict).toBe("low");
    expect(ohms(1300, true).reasons).toEqual([
      "+30 %, outside ±20 %.",
      "Above tolerance in circuit: parallel paths only lower a reading, so this proves the drift.",
    ]);
    expect(ohms(1300).reasons).toHaveLength(1);
    expect(voltage(200, {}, { inCircuit: true }).verdict).toBe("low");
    expect(voltage(300, {}, { inCircuit: true }).reasons).toHaveLength(1);
  });
});

describe("the expectation here and now", () => {
  const at = (expected: Partial<Expectation>, now: Partial<ReadingToJudge>, quantity: Quantity = "voltage") =>
    correctedFor({ value: 250, tolerance: 0.1, ...expected }, quantity, now);
  it("goes with the line where the chart says so", () => {
    expect(at({ lineVolts: 230 }, { lineVolts: 207 })).toEqual({
      value: 225,
      reasons: ["The chart's 250 V at 230 V becomes 225 V at 207 V line."],
    });
    expect(at({}, { lineVolts: 207 })).toEqual({ value: 250, reasons: [] });
    expect(at({ lineVolts: 230 }, {})).toEqual({ value: 250, reasons: [] });
  });
  it("goes with the line over the tap on another tap, which is named", () => {
    expect(at({ lineVolts: 220, tapVolts: 220 }, { lineVolts: 110, tapVolts: 110 })).toEqual({
      value: 250,
      reasons: [],
    });
    expect(at({ lineVolts: 220, tapVolts: 220 }, { lineVolts: 99, tapVolts: 110 })).toEqual({
      value: 225,
      reasons: ["The chart's 250 V at 220 V becomes 225 V at 99 V line on the 110 V tap."],
    });
    expect(at({ lineVolts: 220, tapVolts: 220 }, { lineVolts: 198, tapVolts: 220 }).reasons).toEqual([
      "The chart's 250 V at 220 V becomes 225 V at 198 V line.",
    ]);
    // Of one tap only nothing can be made.
    expect(at({ lineVolts: 220, tapVolts: 220 }, { lineVolts: 198 }).value).toBe(225);
    expect(at({ lineVolts: 220 }, { lineVolts: 198, tapVolts: 110 })).toMatchObject({ value: 225 });
    expect(at({ lineVolts: 220 }, { lineVolts: 198, tapVolts: 110 }).reasons[0]).not.toContain("tap");
  });
  it("goes with the meter at a voltage that is fed through a resistance, and nowhere else", () => {
    const meters = { sourceOhms: 100e3, chartOhms: 250e3 };
    expect(at(meters, { meterOhms: 10e6 }).value).toBeCloseTo(346.5, 1);
    expect(at(meters, { meterOhms: 10e6 }).reasons).toEqual([
      "Fed through 100 kΩ: the chart's meter (250 kΩ) read 250 V, this one (10 MΩ) should read 347 V.",
    ]);
    expect(at(meters, { meterOhms: 10e6 }, "current")).toEqual({ value: 250, reasons: [] });
    expect(at({ chartOhms: 250e3 }, { meterOhms: 10e6 })).toEqual({ value: 250, reasons: [] });
  });
  it("allows an old chart more", () => {
    expect([1945, 1946, undefined].map(chartTolerance)).toEqual([0.2, 0.1, 0.1]);
  });
});

describe("a meter on the point", () => {
  it("loads it by V·R/(R + Rs), and not at all where there is no source", () => {
    expect(loaded(250, 0, 1e6)).toBe(250);
    expect(loaded(250, 1e6, 1e6)).toBe(125);
    expect(() => loaded(250, -1, 1e6)).toThrow(RangeError);
    expect(() => loaded(250, 1, 0)).toThrow(RangeError);
    expect(loadingFactor({ sourceOhms: -5, chartOhms: 1e3, meterOhms: 1e6 })).toBe(1);
    expect(loadingFactor({ sourceOhms: 1e3, chartOhms: 1e3 })).toBe(1);
  });
  it("is spoken of where it counts for half a per cent or more", () => {
    const reason = (chartOhms?: number, meterOhms?: number, sourceOhms = 1e3) =>
      loadingReason(100, { sourceOhms, chartOhms, meterOhms });
    expect(reason(undefined, 1e6)).toBeUndefined();
    expect(reason(1e6, undefined)).toBeUndefined();
    expect(reason(1e6, 10e6)).toBeUndefined();
    expect(reason(100e3, 10e6)).toContain("should read 101 V");
    expect(reason(10e6, 100e3)).toContain("should read 99 V");
  });
  it("stands on the smallest range that holds the voltage", () => {
    expect([2.5, 2.6, -40, 6000].map((volts) => rangeFor(volts))).toEqual([2.5, 10, 50, 5000]);
    expect(rangeFor(60, [500, 100, 50])).toBe(100);
    expect(rangeFor(60, [])).toBe(60);
  });
  it("says what it is to the circuit, and reads back", () => {
    expect(parseMeterLoad(" 20 kΩ/V ")).toEqual({ ohmsPerVolt: 20_000 });
    expect(parseMeterLoad("1000 GΩ")).toEqual({ inputOhms: 1e12 });
    expect(parseMeterLoad("1001 GΩ")).toBeUndefined();
    expect(printMeterLoad({ ohmsPerVolt: 1000 })).toBe("1000 Ω/V");
    expect(printMeterLoad({ ohmsPerVolt: 10_000 })).toBe("10 kΩ/V");
    expect(printMeterLoad({ inputOhms: 11e6 })).toBe("11 MΩ");
    expect(printMeterLoad({})).toBe("");
  });
  it("is due for calibration a month ahead, to the day, whatever the hour", () => {
    const state = (today: string) => calibrationOf("2026-01-31", 1, today);
    expect(state("2026-01-29T12:00:00.000Z")).toEqual({ state: "soon", due: "2026-02-28" });
    expect(state("2026-01-28T23:59:00.000Z").state).toBe("good");
    expect(state("2026-02-28T23:59:00.000Z").state).toBe("soon");
    expect(state("2026-03-01").state).toBe("overdue");
  });
  it("shows an open circuit in words, and no negative resistance", () => {
    expect(parseMeasured(" O.L ", "resistance")).toEqual({ ok: true, value: OPEN_OHMS });
    expect(parseMeasured("0", "resistance")).toMatchObject({ ok: true, value: 0 });
    expect(parseMeasured("-3", "resistance")).toMatchObject({ ok: false });
    expect(printMeasured(OPEN_OHMS, "resistance")).toBe("open");
    expect(printMeasured(1e12, "frequency")).not.toBe("open");
  });
});

describe("cold checks", () => {
  const winding = (measured: number) => judgeWinding(measured, { value: 100, tolerance: 0.15 });
  it("of a winding: inside its tolerance it is continuous, and no more", () => {
    expect([115, 115.1, 85, 84.9].map((value) => winding(value).verdict)).toEqual(["good", "high", "good", "low"]);
    expect(winding(120)).toMatchObject({
      ratio: 1.2,
      corrected: 100,
      reasons: ["+20 %, ±15 % allowed.", "A poor joint in series, green spot, or rewound with thinner wire."],
    });
    expect(winding(60).reasons).toEqual([
      "−40 %, ±15 % allowed.",
      "Shorted layers, or a path beside it: disconnect one end and read again.",
    ]);
    expect(winding(OPEN_OHMS).verdict).toBe("high");
  });
  it("of B+ to chassis: at least so much, open is fine", () => {
    const least = (measured: number) =>
      judge({ quantity: "resistance", measured, expected: { value: 10e3, tolerance: 1, rule: "at-least" } });
    expect(least(10e3)).toEqual({
      verdict: "good",
      ratio: 1,
      corrected: 10e3,
      reasons: ["At least 10 kΩ, as it should be."],
    });
    expect(least(5e3)).toMatchObject({ verdict: "low", ratio: 0.5 });
    expect(least(OPEN_OHMS)).toEqual({ verdict: "good", corrected: 10e3, reasons: ["Open; at least 10 kΩ."] });
  });
  it("of a heater: about 1/7 to 1/5 of what it is when hot", () => {
    // 1/7 less a quarter is 0.107, 1/5 and a quarter 0.25
    const heater = (share: number) => judgeColdHeater(share * 140, 140);
    expect([0.106, 0.108, 0.25, 0.251, 0.69, 0.7].map((share) => heater(share).verdict)).toEqual([
      "low",
      "good",
      "good",
      "high",
      "high",
      "high",
    ]);
    expect(heater(0.15)).toMatchObject({ corrected: 140 / 6, ratio: expect.closeTo(0.9, 9) });
    expect(heater(0.15).reasons[0]).toBe(
      "This is a cold value, 0.15 of the 140 Ω when hot: never size a dropper from it.",
    );
    expect(heater(0.05).reasons[0]).toMatch(/^Low for a cold heater/);
    expect(heater(0.4).reasons[0]).toMatch(/^High for a cold heater/);
    expect(heater(0.8).reasons[0]).toMatch(/^That is the hot value/);
    expect(judgeColdHeater(OPEN_OHMS, 140)).toMatchObject({ verdict: "high", corrected: 140 / 6 });
  });
  it("of windings that are made alike: within a tenth of the larger, open ones left out", () => {
    const sisters = (...values: number[]) =>
      judgeSisters(values.map((value, index) => ({ name: `T1 ${index + 1}`, group: "halves", ohms: value })));
    expect(sisters(100, 90)[0]).toMatchObject({ apart: false });
    expect(sisters(100, 89.9)[0]).toMatchObject({ apart: true });
    expect(sisters(95, 80, 100)).toEqual([
      {
        group: "halves",
        apart: true,
        text: "halves: 80 Ω (T1 2) and 100 Ω (T1 3) differ by 20 %; they count as alike within 10 %. The lower one may have shorted turns.",
      },
    ]);
    expect(sisters(100)).toEqual([]);
    expect(sisters(OPEN_OHMS, OPEN_OHMS)).toEqual([]);
    expect(sisters(100, OPEN_OHMS)).toEqual([]);
  });
});

describe("a test against its limit", () => {
  it("of levels in decibels are compared by their difference, below zero too", () => {
    expect(judgeTest(-107, -101, "at-most", "dBm")).toEqual({
      verdict: "good",
      reasons: ["Meets its limit: 6.0 dB below the limit."],
    });
    expect(judgeTest(-95, -101, "at-most", "dBm")).toMatchObject({
      verdict: "bad",
      reasons: ["6.0 dB above the limit."],
    });
    expect(judgeTest(60, 60, "at-least", "dBµV").verdict).toBe("good");
    expect(judgeTest(38, 40, "at-least", "dB").verdict).toBe("bad");
  });
  it("on the limit has reached it, whatever binary fractions make of it; just below has not, and says so", () => {
    // 0.8 · 4100 is 3280.0000000000005 to the machine
    expect(judgeTest(3280, 4100, "share").verdict).toBe("good");
    expect(judgeTest(0.3, 0.1 + 0.2, "at-least").verdict).toBe("good");
    expect(judgeTest(3279, 4100, "share")).toMatchObject({
      verdict: "watch",
      reasons: [expect.stringMatching(/^79\.9 %/)],
    });
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 100_000 }), (nominal) => {
        expect(judgeTest(nominal * 0.8, nominal, "share").verdict).toBe("good");
        expect(judgeTest(nominal * 0.6, nominal, "share").verdict).toBe("watch");
      }),
    );
  });
  const words = (measured: number, sense: "at-least" | "at-most") => judgeTest(measured, 50, sense).reasons[0];
  it("says how far it lies from it, and on which side", () => {
    expect([50, 49.9, 40, 60, 500, 499].map((value) => words(value, "at-least"))).toEqual([
      "Exactly at the limit.",
      "Just below the limit.",
      "20 % below the limit.",
      "Meets its limit: 20 % above the limit.",
      "Meets its limit: 10 times the limit.",
      "Meets its limit: 898 % above the limit.",
    ]);
    expect([50, 50.1, 40, 60, 725].map((value) => words(value, "at-most"))).toEqual([
      "Exactly at the limit.",
      "Just above the limit.",
      "Meets its limit: 20 % below the limit.",
      "20 % above the limit.",
      "15 times the limit.",
    ]);
  });
  it("is met at the limit itself", () => {
    expect(judgeTest(50, 50, "at-least").verdict).toBe("good");
    expect(judgeTest(50, 50, "at-most").verdict).toBe("good");
    expect(judgeTest(49.9, 50, "at-least").verdict).toBe("bad");
    expect(judgeTest(50.1, 50, "at-most").verdict).toBe("bad");
  });
  it("of a tube: good from 80 %, replaced below 60 %", () => {
    expect([80, 79.9, 60, 59.9].map((value) => judgeTest(value, 100, "share").verdict)).toEqual([
      "good",
      "watch",
      "watch",
      "bad",
    ]);
    expect(judgeTest(70, 100, "share").reasons).toEqual(["70 % of nominal: watch it (good from 80 %)."]);
  });
  it("is none without a limit above zero", () => {
    for (const limit of [undefined, 0, -1])
      expect(judgeTest(5, limit, "at-least")).toEqual({
        verdict: "none",
        reasons: ["No limit given: it is kept without a verdict."],
      });
  });
});

describe("the set-up", () => {
  it.each(SUPPLIES)("is looked at before a pass: %s", (supply) => {
    const list = (chart?: object) => preflight({ supply, chart: chart as never }).map(({ text }) => text);
    expect(list().join("\n")).toMatchSnapshot();
    const stated = list({ signal: "1 kHz", controls: "volume full" });
    expect(stated).toEqual(expect.arrayContaining(["Signal as the chart has it: 1 kHz", "Controls: volume full"]));
  });
  it("is the first suspect where nothing, or next to nothing, or thrice as much is read", () => {
    const asks = (ratio: number | undefined, verdict: "low" | "high" | "good" | "no-proof" | "none" = "low") =>
      asksAboutSetup({ verdict, reasons: [], ...(ratio === undefined ? {} : { ratio }) }, 1);
    expect([0.049, 0.05, 3, 3.01].map((ratio) => asks(ratio))).toEqual([true, false, false, true]);
    expect([asks(0.01, "good"), asks(0.01, "no-proof"), asks(5, "no-proof"), asks(undefined)]).toEqual([
      false,
      false,
      false,
      false,
    ]);
    expect(asksAboutSetup({ verdict: "none", reasons: [] }, 0)).toBe(true);
  });
});

describe("what lies behind a reading", () => {
  const seen = (others: Record<string, "high" | "low" | "good">) =>
    new Map(Object.entries(others).map(([point, verdict]) => [point, { verdict, value: 1 }]));
  const behind = (
    point: string,
    verdict: "high" | "low" | "good",
    others: Record<string, "high" | "low" | "good"> = {},
    value = 100,
    rail?: number,
  ) => likelyBehind(point, { verdict, value }, seen(others), rail)[0] ?? "";

  it("is nothing where the reading is good, or its name says nothing", () => {
    expect(behind("V4 plate", "good")).toBe("");
    expect(behind("tag 7", "high")).toBe("");
  });
  it("of a plate goes by its own cathode, whatever the letters, and not by another tube's", () => {
    expect(behind("V4 plate", "high", { "v4 cathode": "low" })).toBe(
      "V4 does not conduct: emission, cathode resistor, screen volts.",
    );
    expect(behind("V4 plate", "high", { "V5 cathode": "low" })).toBe("V4 draws too little.");
    expect(behind("V4 plate", "high", { "V4 cathode": "high" })).toBe("V4 draws too little.");
    expect(behind("V4 anode", "low", { "tag 1": "low", "V4 cathode": "high" })).toBe(
      "V4 conducts too hard: look at the grid (leaky coupling capacitor, open grid leak).",
    );
    expect(behind("V4 plate", "low", { "V4 cathode": "low" })).toMatch(/^V4 is starved/);
    expect(behind("V4 plate", "low", { "V4 cathode": "good" })).toBe(
      "V4 draws too much, or its load resistor is high.",
    );
    expect(behind("V4 plate", "high", { "V4 screen": "low" })).toBe("V4 draws too little.");
  });
  it("of a collector goes by its emitter", () => {
    expect(behind("Q2 collector", "high", { "Q2 emitter": "low" })).toBe(
      "Q2 does not conduct: emission, emitter resistor, base bias.",
    );
    expect(behind("Q2 collector", "low", { "Q2 emitter": "high" })).toBe("Q2 conducts too hard: look at the base.");
    expect(behind("Q2 collector", "high", { "Q2 cathode": "low" })).toBe("Q2 draws too little.");
  });
  it("of a plate within 3 % of B+ is no current at all", () => {
    const at = (value: number) => behind("V4 plate", "high", {}, value, 100);
    expect([at(97), at(103)].every((text) => text.startsWith("V4 plate stands at B+"))).toBe(true);
    expect([at(96.9), at(103.1)]).toEqual(["V4 draws too little.", "V4 draws too little."]);
  });
  it("of a screen is its supply below a tenth of B+", () => {
    expect(behind("V4 screen", "low", {}, 9.9, 100)).toMatch(/^No screen volts/);
    expect(behind("V4 g2", "low", {}, 10, 100)).toMatch(/^Screen resistor drifted/);
    expect(behind("V4 screen", "high", {}, 99, 100)).toMatch(/^The screen draws too little/);
    expect(behind("V4 screen", "low", {}, 1)).toMatch(/^Screen resistor drifted/);
  });
  it.each([
    ["V4 cathode", "high", 100, "V4 conducts too hard (look at the grid), or its cathode resistor is high."],
    [
      "Q1 emitter",
      "low",
      100,
      "Q1 conducts too little, or the bypass capacitor across its emitter resistor is shorted.",
    ],
    ["V4 grid", "high", 0.1, "Positive volts on a grid"],
    ["V4 g1", "low", 0, "Bias supply or grid leak"],
    ["V4 grid", "low", -9, "Bias supply or grid leak"],
    ["TR3 base", "low", 0.2, "Bias resistors, a leaky coupling capacitor, or the transistor itself."],
    ["V4 heater", "high", 7, "Line tap, or a string out of balance."],
    ["V4 heater", "low", 5, "Poor contact, line tap, or a string out of balance."],
    ["B+", "high", 300, "Too little is drawn"],
    ["B+", "low", 200, "Rectifier weak"],
    ["Heaters", "high", 7, "Line tap, or a tube missing"],
    ["Heaters", "low", 5, "Line tap, poor contacts"],
    ["Line current", "high", 1, "Something draws too much"],
    ["Line current", "low", 0.1, "A stage or a heater does not draw"],
    ["AVC", "high", 1, "Too much control"],
    ["AGC", "low", 1, "Leaky AVC capacitor"],
    ["Battery", "high", 10, "Supply set too high"],
    ["Battery", "low", 8, "Supply sags"],
  ] as const)("of %s, %s, at %d V", (point, verdict, value, text) => {
    expect(behind(point, verdict, {}, value)).toContain(text);
  });
});
