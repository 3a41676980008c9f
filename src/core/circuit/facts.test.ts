import { describe, expect, it } from "vitest";
import { AMPLIFIER } from "../fixtures";
import type { Sheet } from "../model";
import { circuitFacts } from "./facts";
import { proposeNet } from "./propose/index";
import { answerCircuit } from "./question";
import { ratingsOf } from "./ratings";

const NET: Sheet = { ...AMPLIFIER, net: proposeNet(AMPLIFIER).rows.map(({ reason: _, ...row }) => row) };
const facts = (question: Partial<Parameters<typeof circuitFacts>[0]> = {}) => {
  const found = circuitFacts({ sheet: NET, ...question });
  if (!found) throw new Error("no facts");
  return found;
};
const of = <T>(list: readonly (T & { part?: string; tube?: string; node?: string })[], name: string): T => {
  const found = list.find(({ part, tube, node }) => [part, tube, node].includes(name));
  if (!found) throw new Error(`nothing of ${name}`);
  return found;
};

describe("what follows from a circuit", () => {
  it("is not known without a net", () => {
    expect(circuitFacts({ sheet: AMPLIFIER })).toBeUndefined();
  });

  it("gives a cathode resistor the watts of its volts, and a tube the amperes of that resistor", () => {
    const { loads, tubes } = facts();
    const bias = of(loads, "R5");
    expect(bias.watts).toBeCloseTo(bias.volts ** 2 / 270, 6);
    const tube = of(tubes, "V2");
    // All that leaves the cathode flows through its resistor.
    expect(tube.plateAmps + tube.screenAmps).toBeCloseTo(bias.volts / 270, 4);
    expect(tube.bias).toBeCloseTo(-bias.volts, 1);
    expect(tube.plateWatts).toBeLessThan(tube.plateLimit ?? 0);
  });

  it("says what a tired tube draws: less current, less bias, a higher B+", () => {
    const [fresh, tired] = [facts(), facts({ strengths: [["V2", 0.6]] })];
    expect(of(tired.tubes, "V2").plateAmps).toBeLessThan(0.9 * of(fresh.tubes, "V2").plateAmps);
    // Cathode bias makes up for a part of it.
    expect(of(tired.tubes, "V2").plateAmps).toBeGreaterThan(0.6 * of(fresh.tubes, "V2").plateAmps);
    expect(of(tired.loads, "C1").volts).toBeGreaterThan(of(fresh.loads, "C1").volts);
  });

  it("has B+ on the way up: the peak while the tubes are cold, less when they draw", () => {
    const { rise, rail } = facts({ fractions: [0.5, 0.75, 1] });
    expect(rail).toBe("B+");
    expect(rise.map(({ fraction }) => fraction)).toEqual([0.5, 0.75, 1]);
    for (const one of rise) {
      expect(one.loaded).toBeLessThan(one.cold);
      expect(one.cold).toBeCloseTo(260 * Math.SQRT2 * one.fraction, -1);
    }
    const [half, , full] = rise;
    expect(half?.loaded).toBeLessThan(full?.loaded ?? 0);
    const tubes = facts().tubes.reduce((sum, { plateAmps, screenAmps }) => sum + plateAmps + screenAmps, 0);
    expect(full?.amps).toBeCloseTo(tubes, 3);
  });

  it("has the gain of a resistance-coupled stage, less without its cathode bypass", () => {
    const gain = (sheet: Sheet) => facts({ sheet }).gains;
    const [first, ...rest] = gain(NET);
    // 6J5: µ 20 on 47 kΩ beside the next grid's 470 kΩ, its plate resistance about 10 kΩ.
    expect(first).toMatchObject({ stage: "V1", hertz: 400 });
    expect(first?.gain).toBeGreaterThan(13);
    expect(first?.gain).toBeLessThan(18);
    // The output stage drives a transformer, whose load the net does not know.
    expect(rest).toEqual([]);
    const bare = gain({ ...NET, net: (NET.net ?? []).filter(({ part }) => part !== "C3") })[0]?.gain ?? 0;
    expect(bare).toBeLessThan(0.75 * (first?.gain ?? 0));
  });

  it("takes both sections of a double triode as cold, and as tested", () => {
    const rows = (NET.net ?? []).map((row) => ({ ...row, from: row.from.replace("V1.", "V1a."), to: row.to.replace("V1.", "V1a.") })); // prettier-ignore
    const tubes = NET.tubes.map((tube) => (tube.position === "V1" ? { ...tube, type: "12AX7" } : tube));
    const sheet: Sheet = { ...NET, tubes, net: rows };
    const { rise, highest } = facts({ sheet, fractions: [1] });
    // Nothing draws while all are cold: the plate stands at the peak of the supply, line high.
    expect(rise[0]?.cold).toBeCloseTo(260 * Math.SQRT2, 0);
    expect(new Map(highest).get("C4")).toBeCloseTo(260 * Math.SQRT2 * 1.1, 0);
    const plate = (strengths: [string, number][]) => of(facts({ sheet, strengths }).tubes, "V1a").plateAmps;
    expect(plate([["V1", 0.5]])).toBeLessThan(plate([]));
  });

  it("has the ohms that belong from each electrode to chassis with all in its place", () => {
    const { ohms } = facts();
    expect(of(ohms, "V2.grid").plus).toBeCloseTo(470e3, -3);
    expect(of(ohms, "V2.cathode").plus).toBeCloseTo(270, 0);
    // Nothing bleeds B+ in this amplifier.
    expect(of(ohms, "V1.plate").plus).toBe(Infinity);
  });

  it("holds a part against what it is made for: volts at their highest, watts as it plays", () => {
    const sheet: Sheet = {
      ...NET,
      components: NET.components.map(
        (one) =>
        one.designator === "C4" ? { ...one, drawn: ".05/200" } : one.designator === "R5" ? { ...one, drawn: "270 1/4W" } : one, // prettier-ignore
      ),
    };
    const { loads, highest } = facts({ sheet });
    const ratings = ratingsOf(sheet, loads, new Map(highest));
    expect(of(ratings, "C4")).toMatchObject({ over: ["volts"], ratedVolts: 200 });
    expect(of(ratings, "R5").over).toEqual(["watts"]);
    expect(of(ratings, "C1").over).toEqual([]);
    // Warm it is within its rating; cold, on a high line, it is not.
    expect(of(ratings, "C4").volts).toBeLessThan(200);
  });
});

describe("a chart that disagrees with its circuit", () => {
  const charted = (sheet: Sheet, change: Record<string, number> = {}): Sheet => {
    const answer = answerCircuit({ sheet, values: [], readings: [] });
    if (!answer.ok) throw new Error(answer.why);
    const points = sheet.points.map((point) => {
      const volts = answer.points.find((one) => one.point === point.point)?.volts ?? point.expected;
      return { ...point, expected: change[point.point] ?? volts };
    });
    return { ...sheet, points };
  };
  const asks = (sheet: Sheet) => answerCircuit({ sheet, values: [], readings: [], reconcile: true });

  it("names nothing where they agree", () => {
    expect(asks(charted(NET))).not.toHaveProperty("reconciles");
  });

  it("names the part whose row is wrong", () => {
    // The chart was made with 47 kΩ; the table of parts has 470 kΩ.
    const chart = charted(NET).points;
    const sheet: Sheet = {
      ...NET,
      points: chart,
      components: NET.components.map((one) => (one.designator === "R3" ? { ...one, drawn: "470k" } : one)),
    };
    const answer = asks(sheet);
    expect(answer.ok && answer.reconciles).toMatchObject({ part: "R3", way: "low" });
    const ohms = answer.ok ? answer.reconciles?.severity : undefined;
    expect(ohms).toBeGreaterThan(35e3);
    expect(ohms).toBeLessThan(60e3);
  });
});
