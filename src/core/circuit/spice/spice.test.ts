import { describe, expect, it } from "vitest";
import { tubeType } from "../../tubes";
import type { Net } from "../net";
import { tubeModel } from "../tube-model";
import { readSpice, spiceNumber } from "./read";
import { spiceNames, writeSpice } from "./write";

const type = tubeType("6J5");
const model = type && tubeModel(type);
if (model?.law !== "triode") throw new Error("no model of the 6J5");

const NET: Net = [
  { kind: "volts", name: "V_b", a: "B+", b: "gnd", volts: 250 },
  { kind: "resistor", name: "R3", a: "B+", b: "V1.plate", ohms: 47e3 },
  { kind: "resistor", name: "R2", a: "V1.cathode", b: "gnd", ohms: 2000 },
  { kind: "capacitor", name: "C4", a: "V1.plate", b: "V2.grid", farads: 5e-8, leakOhms: 2e6 },
  {
    kind: "triode",
    name: "V1",
    type: "6J5",
    plate: "V1.plate",
    grid: "gnd",
    cathode: "V1.cathode",
    model: model.model,
  },
];

describe("netlists", () => {
  it("are written with names that a simulator takes, each one once, and a legend", () => {
    const text = writeSpice(NET, "An amplifier");
    expect(text).toMatch(/^\* An amplifier\n/);
    expect(text).toContain("* node bp is B+");
    expect(text).toMatch(/^R3 bp v1_plate 47000$/m);
    expect(text).toMatch(/^X_V1 v1_plate 0 v1_cathode T_6J5$/m);
    expect(text.match(/\.subckt T_6J5 p g k/g)).toHaveLength(1);
    expect(
      new Set(spiceNames([...NET, { kind: "resistor", name: "R9", a: "b p", b: "b-p", ohms: 1 }]).values()).size,
    ).toBe(spiceNames([...NET, { kind: "resistor", name: "R9", a: "b p", b: "b-p", ohms: 1 }]).size);
  });

  it("come back as the rows that they were written from", () => {
    const { rows, devices, left } = readSpice(writeSpice(NET, "An amplifier"));
    expect(left).toEqual([]);
    expect(rows).toContainEqual({ part: "R3", from: "B+", to: "V1.plate", value: 47e3 });
    expect(rows).toContainEqual({ part: "C4", from: "V1.plate", to: "V2.grid", value: 5e-8 });
    expect(rows).toContainEqual({ part: "supply", from: "gnd", to: "B+", value: 250 });
    expect(rows).toContainEqual({ part: "wire V1.grid", from: "gnd", to: "V1.grid" });
    expect(devices).toEqual([{ position: "V1", type: "6J5" }]);
  });

  it("of other programs are read as far as they are common, and the rest is listed", () => {
    const { rows, devices, left } = readSpice(`Some amplifier
R1 1 0 1MEG
C1 in 1 .05uF ; coupling
+ 
L1 3
+ 4 10
Q2 5 6 0 AC125
XU1 4 1 7 12AX7
.tran 1u 10m
.lib odd.lib
E1 9 0 3 4 2
R9 4
`);
    expect(rows.slice(0, 3)).toEqual([
      { part: "R1", from: "n1", to: "gnd", value: 1e6 },
      { part: "C1", from: "in", to: "n1", value: 5e-8 },
      { part: "L1", from: "n3", to: "n4", value: 10 },
    ]);
    expect(devices).toEqual([
      { position: "Q2", type: "AC125" },
      { position: "V1", type: "12AX7" },
    ]);
    expect(rows).toContainEqual({ part: "wire V1.plate", from: "n4", to: "V1.plate" });
    expect(left.map(({ line, why }) => [line, why])).toEqual([
      [9, "A command of a simulator."],
      [10, "A command of a simulator."],
      [11, "This kind of element is not read."],
      [12, "Two nodes and a value are expected."],
    ]);
  });

  it.each([
    ["4.7k", 4700],
    ["1MEG", 1e6],
    ["1m", 1e-3],
    ["100uF", 1e-4],
    ["2.2e-3", 2.2e-3],
    [".05u", 5e-8],
    ["10pF", 1e-11],
  ])("%s is %d", (text, value) => expect(spiceNumber(text)).toBeCloseTo(value, 15));
  it.each(["", "k", "{R}", "4k7", "1..2"])("%s is no number", (text) => expect(spiceNumber(text)).toBeUndefined());

  it("of five thousand lines are read", () => {
    const text = ["long", ...Array.from({ length: 5000 }, (_, n) => `R${n} ${n} ${n + 1} 1k`)].join("\n");
    expect(readSpice(text).rows).toHaveLength(5000);
    expect(readSpice("").rows).toEqual([]);
  });
});
