import { describe, expect, it } from "vitest";
import { AMPLIFIER } from "../fixtures";
import type { Sheet } from "../model";
import { metered, solveSheet, isSolved } from "./expect";
import { explainer } from "./explain";
import { proposeNet } from "./propose/index";

const NET: Sheet = { ...AMPLIFIER, net: proposeNet(AMPLIFIER).rows.map(({ reason: _, ...row }) => row) };
const POINTS = ["B+", "V1.plate", "V1.cathode", "V2.plate", "V2.cathode"];

function explained(values: [string, number][]) {
  const [well, ill] = [solveSheet(NET), solveSheet(NET, { values: new Map(values) })];
  if (!well || !ill || !isSolved(well) || !isSolved(ill)) throw new Error("no operating point");
  const readings = POINTS.map((node) => ({ id: node, node, volts: metered(ill, node) ?? 0, meterOhms: 11e6 }));
  return explainer(well, NET.components)(readings);
}

describe("two faults at once", () => {
  it("are named together where one alone does not explain the readings", () => {
    const { causes, times } = explained([["R3", 160e3], ["R5", 700]]); // prettier-ignore
    const [first] = causes;
    expect([first?.part, first?.also?.part].sort()).toEqual(["R3", "R5"]);
    const [ofR3, ofR5] = first?.part === "R3" ? [first, first.also] : [first?.also, first];
    expect(ofR3).toMatchObject({ way: "high" });
    expect(ofR5).toMatchObject({ way: "high" });
    expect(ofR3?.severity).toBeGreaterThan(100e3);
    expect(ofR3?.severity).toBeLessThan(250e3);
    expect(first?.fits.every(({ off }) => Math.abs(off) < 4)).toBe(true);
    // The search asks of each fault alone.
    expect(times.some(([key]) => key.includes("+"))).toBe(false);
  });

  it("are not looked for where one explains all of them", () => {
    const { causes } = explained([["R5", 700]]);
    expect(causes[0]).toMatchObject({ part: "R5", way: "high" });
    expect(causes.some(({ also }) => also !== undefined)).toBe(false);
  });
});
