import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { chartTolerance, compareParts, judge, judgeTest } from ".";
import { parsePart } from "../quantity";

describe("judge", () => {
  it("finds a drifted anode load: 612 kΩ where 470 kΩ ±20 % belongs", () => {
    const result = judge({
      quantity: "resistance",
      measured: 612e3,
      expected: { value: 470e3, tolerance: 0.2 },
      inCircuit: true,
    });
    expect(result.verdict).toBe("high");
    expect(result.ratio).toBeCloseTo(1.302, 3);
    expect(result.reasons.join(" ")).toContain("+30 %");
    expect(result.reasons.join(" ")).toContain("proves the drift");
  });

  it("lets a low resistance in circuit prove nothing, and out of circuit count", () => {
    const reading = { quantity: "resistance", measured: 220e3, expected: { value: 470e3, tolerance: 0.2 } } as const;
    expect(judge({ ...reading, inCircuit: true }).verdict).toBe("no-proof");
    expect(judge(reading).verdict).toBe("low");
  });

  it("scales the chart with the line: 117 V chart on a 122 V line is × 1.043", () => {
    const result = judge({
      quantity: "voltage",
      measured: 260,
      expected: { value: 250, tolerance: 0.1, lineVolts: 117 },
      lineVolts: 122,
    });
    expect(result.corrected).toBeCloseTo(250 * 1.0427, 1);
    expect(result.verdict).toBe("good");
    expect(result.reasons.join(" ")).toContain("becomes 261 V");
  });

  it("compares negative bias by its size and notices a wrong sign", () => {
    const expected = { value: -12.5, tolerance: 0.2 };
    expect(judge({ quantity: "voltage", measured: -11.8, expected }).verdict).toBe("good");
    expect(judge({ quantity: "voltage", measured: 1.5, expected })).toMatchObject({
      verdict: "low",
      reasons: [expect.stringContaining("sign")],
    });
  });

  it("asks about the set-up when nothing at all is read", () => {
    expect(
      judge({ quantity: "voltage", measured: 0, expected: { value: 250, tolerance: 0.1 } }).reasons.join(),
    ).toContain("set-up");
  });

  it("has no verdict without an expectation or against zero", () => {
    expect(judge({ quantity: "voltage", measured: 3 }).verdict).toBe("none");
    expect(judge({ quantity: "voltage", measured: 3, expected: { value: 0, tolerance: 0.1 } }).verdict).toBe("none");
  });

  it("in circuit, never calls a resistance low; without tolerance crossed, always good", () => {
    const positive = fc.double({ min: 1, max: 1e7, noNaN: true });
    fc.assert(
      fc.property(positive, positive, fc.double({ min: 0.01, max: 0.5, noNaN: true }), (measured, value, tolerance) => {
        const { verdict, ratio = 0 } = judge({
          quantity: "resistance",
          measured,
          expected: { value, tolerance },
          inCircuit: true,
        });
        expect(verdict).not.toBe("low");
        expect(verdict === "good").toBe(Math.abs(ratio - 1) <= tolerance + 1e-9);
      }),
    );
  });
});

it("allows old charts twice the tolerance", () => {
  expect([chartTolerance(1937), chartTolerance(1953), chartTolerance()]).toEqual([0.2, 0.1, 0.1]);
});

describe("judgeTest", () => {
  it("sorts tubes at 80 and 60 % of nominal", () => {
    expect(judgeTest(1450, 1600, "share")).toMatchObject({ verdict: "good", reasons: ["91 % of nominal."] });
    expect(judgeTest(1100, 1600, "share").verdict).toBe("watch");
    expect(judgeTest(900, 1600, "share").verdict).toBe("bad");
  });

  it("holds floors and ceilings", () => {
    expect(judgeTest(2.1, 3, "at-least").verdict).toBe("bad");
    expect(judgeTest(12, 15, "at-most").verdict).toBe("good");
    expect(judgeTest(12, undefined, "at-most").verdict).toBe("none");
  });
});

describe("compareParts", () => {
  const part = (text: string) => {
    const parsed = parsePart(text);
    if (!parsed.ok) throw new Error(text);
    return parsed.value;
  };
  it("is silent about a near value with a better rating", () => {
    expect(compareParts(part("0.05µ/400"), [part("47n/630")])).toEqual([]);
  });
  it("speaks up about a lower rating, a smaller wattage, a far value, another kind", () => {
    expect(compareParts(part("0.05µ/400"), [part("47n/250")])).toEqual([expect.stringContaining("Rated 250 V")]);
    expect(compareParts(part("470k 1W"), [part("470k 0.5W")])).toEqual([expect.stringContaining("dissipation")]);
    expect(compareParts(part("8µF 450V"), [part("22µF 450V")])).toEqual([expect.stringContaining("+175 %")]);
    expect(compareParts(part("0.05µ"), [part("470k")])).toHaveLength(1);
  });
});
