import { describe, expect, it } from "vitest";
import { AMPLIFIER } from "../fixtures";
import { nodeNamed, type Join, type Sheet } from "../model";
import { checkNet } from "./check";
import { expectedChart, highestVolts, isSolved, loadsOf, metered, solveSheet, tubeLoads } from "./expect";
import { netOfSheet } from "./from-sheet";
import { coldCircuit, nextOhms, ohmsAt } from "./ohms";
import { proposeNet } from "./propose/index";
import { answerCircuit } from "./question";
import { voltsAt } from "./dc";

const proposed = (sheet: Sheet): Join[] => proposeNet(sheet).rows.map(({ reason: _, ...row }) => row);
const NET: Sheet = { ...AMPLIFIER, net: proposed(AMPLIFIER) };
function solved(sheet: Sheet, state = {}) {
  const one = solveSheet(sheet, state);
  if (!isSolved(one)) throw new Error("no operating point");
  return one;
}
const at = (sheet: Sheet, node: string, state = {}) => {
  const { compiled, x } = solved(sheet, state);
  return voltsAt(compiled, x, node) ?? Number.NaN;
};

describe("a net proposed from roles, stages and line-up", () => {
  it("places every part of a plain amplifier, each row with its reason", () => {
    const { rows, left } = proposeNet(AMPLIFIER);
    const ends = new Map(rows.map(({ part, from, to }) => [part, `${from} – ${to}`]));
    expect(ends.get("R3")).toBe("B+ – V1.plate");
    expect(ends.get("C4")).toBe("V1.plate – V2.grid");
    expect(ends.get("R5")).toBe("V2.cathode – gnd");
    expect(ends.get("L1 choke")).toBe("Reservoir – B+");
    expect(ends.get("T2 output primary")).toBe("B+ – V2.plate");
    expect(ends.get("wire V2.screen")).toBe("B+ – V2.screen");
    for (const { reason } of rows) expect(reason).not.toBe("");
    expect(left.map(({ part }) => part)).toEqual(["T1 HT"]);
  });

  it("says what it cannot place, and why", () => {
    const odd = {
      ...AMPLIFIER,
      components: [
        ...AMPLIFIER.components,
        { designator: "R9", role: "anode-load" as const, drawn: "10k", stage: "squelch" },
      ],
    };
    expect(proposeNet(odd).left).toContainEqual({ part: "R9", why: "No tube of the line-up does “squelch”." });
  });

  it("gives volts that a technician would expect", () => {
    const chart = expectedChart(solved(NET), NET.points, NET.chart?.meter);
    expect(chart).toHaveLength(5);
    for (const { point, volts } of chart)
      expect(Math.abs(volts / point.expected - 1), `${point.point} ${volts.toFixed(1)} V`).toBeLessThan(0.25);
  });
});

describe("checks of a net", () => {
  const problems = (net: Join[]) => checkNet({ ...AMPLIFIER, net }).map(({ part, text }) => `${part}: ${text}`);
  const without = (part: string) => (NET.net ?? []).filter((one) => one.part !== part);

  it("finds nothing wrong with a good one", () => {
    expect(checkNet(NET).filter(({ problem }) => problem)).toEqual([]);
  });
  it.each<[string, Join[], RegExp]>([
    [
      "a plate without a way to B+",
      without("R3").concat({ part: "R3", from: "far", to: "V1.plate" }),
      /plate of V1 has no way/,
    ],
    [
      "a plate that leads to chassis alone, beside a divider from B+ to chassis",
      without("R3").concat({ part: "R3", from: "gnd", to: "V1.plate" }, { part: "R4", from: "B+", to: "gnd" }),
      /plate of V1 has no way/,
    ],
    ["a capacitor across nothing", without("C3").concat({ part: "C3", from: "gnd", to: "gnd" }), /lies across nothing/],
    [
      "a part that stands in it twice",
      [...(NET.net ?? []), { part: "R3", from: "B+", to: "V1.plate" }],
      /stands in the net 2 times/,
    ],
    [
      "a part that the sheet does not have",
      [...(NET.net ?? []), { part: "R77", from: "B+", to: "gnd" }],
      /neither in the table of parts/,
    ],
    ["no supply", without("supply"), /No row joins the supply/],
    ["a screen that is joined to nothing", without("wire V2.screen"), /screen of V2 is joined to nothing/],
    [
      "a tube that is not there",
      [...(NET.net ?? []), { part: "R1", from: "V9.grid", to: "gnd" }],
      /V9 is not in the line-up/,
    ],
  ])("finds %s", (_, net, text) => {
    expect(problems(net).join("\n")).toMatch(text);
  });
  it("a node that no direct current reaches is said, and is no fault", () => {
    const floating = checkNet({ ...AMPLIFIER, net: without("R1").concat({ part: "C3", from: "V1.grid", to: "lost" }) });
    expect(floating.find(({ text }) => text.startsWith("lost floats"))).toMatchObject({ problem: false });
  });
});

describe("what a circuit says of a set", () => {
  it("a heavier output tube changes the bias, a lower line lowers everything", () => {
    const other = {
      ...NET,
      tubes: NET.tubes.map((tube) => (tube.position === "V2" ? { ...tube, type: "6L6" } : tube)),
    };
    expect(at(other, "V2.cathode")).not.toBeCloseTo(at(NET, "V2.cathode"), 0);
    expect(at(NET, "B+", { line: 207 }) / at(NET, "B+")).toBeCloseTo(0.9, 1);
  });

  it("a meter pulls a point down by what it is fed through", () => {
    const one = solved(NET);
    const [free = 0, loaded = 0] = [metered(one, "V1.plate"), metered(one, "V1.plate", 50e3)];
    expect(loaded).toBeLessThan(free * 0.95);
    expect(metered(one, "B+", 50e3)).toBeGreaterThan((metered(one, "B+") ?? 0) * 0.97);
  });

  it("values that were measured take the place of those that are drawn", () => {
    const drifted = at(NET, "V1.plate", { values: new Map([["R3", 94e3]]) });
    expect(drifted).toBeLessThan(at(NET, "V1.plate") - 20);
  });

  it("a tube out of its socket draws nothing: what it was fed through drops nothing", () => {
    expect(at(NET, "B+", { out: new Set(["V2"]) })).toBeGreaterThan(at(NET, "B+") + 20);
  });

  it("dissipation: the output tube within its limit, its cathode resistor at half a watt or so", () => {
    const one = solved(NET);
    const output = tubeLoads(one, NET.tubes).find(({ tube }) => tube === "V2");
    expect(output?.plateLimit).toBe(12);
    expect(output?.plateWatts).toBeGreaterThan(6);
    expect(output?.plateWatts).toBeLessThan(12);
    const r5 = loadsOf(one).find(({ part }) => part === "R5");
    expect(r5?.watts).toBeCloseTo((r5?.volts ?? 0) ** 2 / 270, 3);
  });

  it("the highest volts on the reservoir are the peak of a high line, tubes cold", () => {
    expect(highestVolts(NET).get("C1")).toBeCloseTo(Math.SQRT2 * 260 * 1.1, -1);
  });

  it("ohms in circuit: what belongs there with the power off", () => {
    const cold = coldCircuit(NET);
    // The plate load, the choke and nothing else lead from the plate of V1 to the reservoir: no way to chassis.
    expect(ohmsAt(cold, "V1.plate")?.plus).toBeGreaterThan(1e8);
    expect(ohmsAt(cold, "V1.plate", "Reservoir")?.plus).toBeCloseTo(47e3 + 400, -2);
    expect(ohmsAt(cold, "V2.cathode")?.plus).toBeCloseTo(270, 0);
    expect(ohmsAt(cold, "V2.grid")?.minus).toBeCloseTo(470e3, -3);
    expect(ohmsAt(cold, "nowhere")).toBeUndefined();
  });

  it("ohms tell a shorted bypass from a tube that draws too much", () => {
    const check = nextOhms(NET, {}, [{ key: "C5 shorted" }, { key: "R5 low", severity: 100 }]);
    expect(check?.node).toBe("V2.cathode");
    expect(check?.says[0]?.ohms).toBeLessThan(5);
  });
});

describe("readings of the amplifier explained", () => {
  const meterOhms = 11e6;
  const read = (values: Record<string, number>, among: readonly string[]) => {
    const one = solved(NET, { values: new Map(Object.entries(values)) });
    return answerCircuit({
      sheet: NET,
      values: [],
      readings: among.map((node) => ({ id: node, node, volts: metered(one, node, meterOhms) ?? 0, meterOhms })),
    });
  };
  const causes = (answer: ReturnType<typeof read>) => (answer.ok ? (answer.explained?.causes ?? []) : []);

  it("names a resistor that has doubled, from four points", () => {
    const [first] = causes(read({ R5: 540 }, ["B+", "V1.plate", "V2.plate", "V2.cathode"]));
    expect(first).toMatchObject({ part: "R5", way: "high" });
    expect(first?.severity).toBeGreaterThan(430);
    expect(first?.severity).toBeLessThan(650);
  });

  it("one reading that is a slip does not hide it", () => {
    const answer = read({ R3: 150e3 }, ["B+", "V1.plate", "V1.cathode", "V2.plate", "V2.cathode"]);
    if (!answer.ok) throw new Error(answer.why);
    const slip = answerCircuit({
      sheet: NET,
      values: [],
      readings: ["B+", "V1.plate", "V1.cathode", "V2.plate", "V2.cathode"].map((node) => ({
        id: node,
        node,
        meterOhms,
        volts:
          (metered(solved(NET, { values: new Map([["R3", 150e3]]) }), node, meterOhms) ?? 0) *
          (node === "V2.plate" ? 0.6 : 1),
      })),
    });
    expect(
      causes(slip)
        .slice(0, 3)
        .map(({ part }) => part),
    ).toContain("R3");
    expect(causes(answer)[0]?.part).toBe("R3");
  });

  it("without readings it gives the chart; without a net, or one that cannot be solved, a sentence", () => {
    expect(answerCircuit({ sheet: NET, values: [], readings: [] })).toMatchObject({ ok: true });
    expect(answerCircuit({ sheet: AMPLIFIER, values: [], readings: [] })).toMatchObject({
      ok: false,
      why: /no net yet/,
    });
  });

  it("readings that contradict one another are said to be strange", () => {
    const answer = answerCircuit({
      sheet: NET,
      values: [],
      readings: [
        { id: "a", node: "B+", volts: 250, meterOhms },
        { id: "b", node: "V2.plate", volts: 900, meterOhms },
        { id: "c", node: "V2.cathode", volts: 120, meterOhms },
      ],
    });
    expect(answer.ok && answer.explained?.strange.length).toBeGreaterThan(0);
  });
});

describe("names of nodes", () => {
  it.each([
    ["chassis", "gnd"],
    ["B−", "gnd"],
    ["v3 anode", "V3.plate"],
    ["V3.g2", "V3.screen"],
    ["b+", "B+"],
    ["B+2", "B+ 2"],
    ["Q1 e", "Q1.emitter"],
    ["V8a plate", "V8a.plate"],
    ["my own node", "my own node"],
  ])("%s is %s", (typed, kept) => {
    expect(nodeNamed(typed)).toBe(kept);
    expect(nodeNamed(kept)).toBe(kept);
  });
});

it("potentiometers divide, at their ends too; a switch is open or closed", () => {
  const sheet: Sheet = {
    ...AMPLIFIER,
    components: [...AMPLIFIER.components, { designator: "VR1", role: "control", drawn: "500k", stage: "first audio" }],
  };
  for (const where of [0, 0.25, 1]) {
    const { net } = netOfSheet({ ...sheet, net: [{ part: "VR1", from: "B+", to: "gnd", tap: "slider", at: where }] });
    const ohms = net.flatMap((element) => (element.kind === "resistor" ? [element.ohms] : []));
    expect(ohms.reduce((sum, one) => sum + one, 0)).toBeCloseTo(500e3, 0);
    for (const one of ohms) expect(one).toBeGreaterThan(0);
  }
});
