import { describe, expect, it } from "vitest";
import { netMoves } from "../circuit";
import { proposeNet } from "../circuit";
import { AMPLIFIER } from "../fixtures";
import { circuitOf, consider, natureFor, placedParts, systemFor, NET_TEST, netOutcome, type SetFacts } from ".";
import { netFault, netTest } from "./physics";

const NET = {
  ...AMPLIFIER,
  kind: "Audio amplifier",
  net: proposeNet(AMPLIFIER).rows.map(({ reason: _, ...row }) => row),
};
const MOVES = netMoves(NET);
if (!MOVES) throw new Error("no operating point");
const PHYSICS = MOVES;
const { circuit } = circuitOf(NET);
const FACTS: SetFacts = {
  circuit,
  parts: placedParts(circuit, NET.components),
  highestVolts: NET.highestVolts,
  nature: natureFor(NET, circuit, 1950),
};
const WITH_NET: SetFacts = { ...FACTS, physics: PHYSICS };

describe("what a fault does to volts, by the set's own circuit", () => {
  it("finds a fault of the table among those of the net", () => {
    const named = (key: string, part: string, designator?: string) => netFault({ key, part }, designator, PHYSICS);
    expect(named("coupling-leaky", "cap:coupling", "C4")).toBe("C4 leaks");
    expect(named("cathode-bypass-short", "cap:cathode-bypass", "C5")).toBe("C5 shorted");
    expect(named("plate-load-high", "res:anode-load", "R3")).toBe("R3 high");
    expect(named("tube-gassy", "tube", "V2")).toBe("V2 gas");
    expect(named("rectifier-weak", "tube", "V3")).toBe("supply weak");
    expect(named("choke-open", "winding")).toBe("L1 choke open");
    expect(named("output-transformer", "winding")).toBe("T2 output primary open");
    // What moves no volts by itself, and a part that the net does not have.
    expect(named("cathode-bypass-open", "cap:cathode-bypass", "C5")).toBeUndefined();
    expect(named("coupling-leaky", "cap:coupling", "C99")).toBeUndefined();
    expect(named("coupling-leaky", "cap:coupling")).toBeUndefined();
  });

  it("moves what it moves: a leaky coupling capacitor lifts the cathode and lowers the plate before it", () => {
    const { moves } = PHYSICS;
    const at = (fault: string, node: string) => Object.fromEntries(moves[fault]?.[node] ?? []);
    expect(at("C4 leaks", "V2.grid")).toHaveProperty("high");
    expect(at("C4 leaks", "V2.cathode")).toHaveProperty("high");
    expect(at("R3 open", "V1.plate")).toEqual({ none: 1 });
    expect(at("T2 output primary open", "V2.plate")).toEqual({ none: 1 });
    expect(at("V2 dead", "V2.cathode")).toEqual({ none: 1 });
    // B+ rises when the output tube draws nothing.
    expect(at("V2 dead", "B+")).toEqual({ high: 1 });
  });

  it("takes the place of the table, for the stages whose nodes the net has", () => {
    const test = (facts: SetFacts, id: string) => systemFor(facts).testById.get(id);
    const effectOf = (facts: SetFacts, id: string, fault: string) => {
      const system = systemFor(facts);
      const index = [...system.faultIndex].find(([name]) => name.includes(fault))?.[1] ?? -1;
      const one = test(facts, id);
      return one?.outcomes.map(({ key }, outcome) => [key, one.effects[one.response[index] ?? 0]?.[outcome] ?? 0]);
    };
    const output = circuit.stages.find(({ tubes }) => tubes.includes("V2"));
    const cathode = `volts:${output?.id}:cathode`;
    const [table, net] = [FACTS, WITH_NET].map((facts) =>
      Object.fromEntries(effectOf(facts, cathode, "tube-dead@V2") ?? []),
    );
    expect(table?.none).toBeGreaterThan(0.5);
    expect(net?.none).toBeGreaterThan(0.9);
    // A drifted plate load of the first tube does nothing to the cathode of the second.
    expect(Object.fromEntries(effectOf(WITH_NET, cathode, "plate-load-high@R3") ?? [])).toEqual({ normal: 0, high: 0, low: 0, none: 0 }); // prettier-ignore
  });
});

describe("volts that were read, as one piece of evidence", () => {
  const causes = (times: [string, number][], readings = 5) =>
    consider({
      facts: { ...WITH_NET, netEvidence: { readings, times } },
      evidence: [{ id: "read", test: NET_TEST, outcome: netOutcome({ readings, times }) }],
      done: [],
      mended: [],
      confirmed: [],
      lacking: [],
      met: [],
    });

  it("puts the cause first that the circuit makes likeliest, and says that it speaks for it", () => {
    const [first] = causes([["C4 leaks", 4000], ["V2 gas", 40], ["R3 high", 0.01]]).causes; // prettier-ignore
    expect(first?.id).toContain("coupling-leaky@C4");
    expect(first?.for[0]).toMatchObject({ id: "read" });
    expect(first?.for[0]?.times).toBeGreaterThan(100);
  });

  it("keeps the ratio of two causes as the circuit has it", () => {
    const both = causes([["C4 leaks", 900], ["V2 gas", 90]]).causes; // prettier-ignore
    const of = (id: string) => both.find((cause) => cause.id.includes(id));
    const [leak, gas] = [of("coupling-leaky@C4"), of("tube-gassy@V2")];
    const ratio = (leak?.probability ?? 0) / (leak?.prior ?? 1) / ((gas?.probability ?? 1) / (gas?.prior ?? 1));
    expect(ratio).toBeGreaterThan(5);
    expect(ratio).toBeLessThan(20);
  });

  it("is no surer of one reading than that it was a slip", () => {
    const of = (readings: number) =>
      causes([["C4 leaks", 50_000]], readings).causes.find(({ id }) => id.includes("coupling-leaky@C4"));
    expect(of(1)?.for[0]?.times).toBeLessThan(25);
    expect(of(2)?.for[0]?.times).toBeGreaterThan(100);
    expect(of(1)?.probability).toBeLessThan(of(3)?.probability ?? 0);
  });

  it("clears what would have moved the volts where they are as a sound set's", () => {
    const times: [string, number][] = [["C4 leaks", 0.02], ["V2 dead", 0.001]]; // prettier-ignore
    expect(netOutcome({ readings: 5, times })).toBe("sound");
    const { causes: left, ruledOut } = causes(times);
    const dead = [...left, ...ruledOut].find(({ id }) => id.includes("tube-dead@V2"));
    expect(dead?.probability).toBeLessThan(0.1 * (dead?.prior ?? 0));
  });

  it("is no test that is offered", () => {
    expect(causes([["C4 leaks", 4000]]).tests.some(({ id }) => id === NET_TEST)).toBe(false);
    expect(netTest([], { readings: 0, times: [] })).toBeUndefined();
  });
});
