import { describe, expect, it } from "vitest";
import { asksAboutSetup, likelyBehind, preflight, type Seen, type Verdict } from ".";

const seen = (points: Record<string, [Verdict, number]>) =>
  new Map<string, Seen>(Object.entries(points).map(([point, [verdict, value]]) => [point, { verdict, value }]));
const behind = (point: string, points: Record<string, [Verdict, number]>, rail?: number) => {
  const all = seen(points);
  const own = all.get(point);
  if (!own) throw new Error(point);
  return likelyBehind(point, own, all, rail).join(" ");
};

describe("what usually lies behind a reading", () => {
  it("reads plate and cathode together", () => {
    expect(behind("V4 plate", { "V4 plate": ["low", 203], "V4 cathode": ["high", 19] })).toContain("leaky coupling");
    expect(behind("V4 plate", { "V4 plate": ["high", 260], "V4 cathode": ["low", 2] }, 300)).toContain(
      "does not conduct",
    );
    expect(behind("V3 plate", { "V3 plate": ["low", 40], "V3 cathode": ["low", 0.4] })).toContain("starved");
  });
  it("knows a plate that stands at B+, screens without volts, and a positive grid", () => {
    expect(behind("V3 plate", { "V3 plate": ["high", 252] }, 255)).toContain("stands at B+");
    expect(behind("V2 screen", { "V2 screen": ["low", 4] }, 255)).toContain("shorted");
    expect(behind("V2 screen", { "V2 screen": ["low", 71] }, 255)).toContain("drifted high");
    expect(behind("V4 grid", { "V4 grid": ["high", 3.9] })).toContain("coupling capacitor leaks");
  });
  it("has a word for rails and the line, and none for a good reading", () => {
    expect(behind("B+", { "B+": ["low", 198] })).toContain("Rectifier weak");
    expect(behind("Line current", { "Line current": ["high", 0.6] })).toContain("draws too much");
    expect(behind("B+", { "B+": ["good", 255] })).toBe("");
    expect(behind("somewhere", { somewhere: ["low", 1] })).toBe("");
  });
  it("does not depend on the order of the readings", () => {
    const points: [string, [Verdict, number]][] = [
      ["V4 cathode", ["high", 19]],
      ["V4 plate", ["low", 203]],
      ["V1 plate", ["good", 250]],
    ];
    const forward = behind("V4 plate", Object.fromEntries(points));
    expect(behind("V4 plate", Object.fromEntries(points.toReversed()))).toBe(forward);
  });
});

describe("the set-up before the set", () => {
  it("is asked about at zero and when a reading is wildly off", () => {
    expect(asksAboutSetup({ verdict: "low", ratio: 0, reasons: [] }, 0)).toBe(true);
    expect(asksAboutSetup({ verdict: "low", ratio: 0.02, reasons: [] }, 5)).toBe(true);
    expect(asksAboutSetup({ verdict: "high", ratio: 10, reasons: [] }, 2500)).toBe(true);
    expect(asksAboutSetup({ verdict: "low", ratio: 0.6, reasons: [] }, 150)).toBe(false);
    expect(asksAboutSetup({ verdict: "good", ratio: 1, reasons: [] }, 250)).toBe(false);
  });
  it("has a pre-flight list for each kind of set", () => {
    const keys = (supply: Parameters<typeof preflight>[0]["supply"]) => preflight({ supply }).map((item) => item.key);
    expect(keys("transformer")).toEqual(["meter-on", "minus", "signal", "load", "generator", "controls"]);
    expect(keys("high-voltage")).toContain("wattmeter");
    expect(preflight({ supply: "live-chassis" })[1]?.text).toContain("isolation transformer");
    expect(preflight({ supply: "transformer", chart: { controls: "volume full" } }).at(-1)?.text).toContain(
      "volume full",
    );
  });
});
