import { describe, expect, it } from "vitest";
import { DEVICES, STAGE_KINDS } from "../model";
import { TOPOLOGIES } from "./circuit";
import { AGEING } from "./data/ageing";
import { PARTS } from "./data/parts";
import { KINDS } from "./data/kinds";
import { MODES, modeOf } from "./modes";

describe("the table of faults", () => {
  it("has at least 150 faults, each with a name and a short word of its own", () => {
    expect(MODES.length).toBeGreaterThanOrEqual(150);
    expect(new Set(MODES.map(({ key }) => key)).size).toBe(MODES.length);
    expect(new Set(MODES.map(({ name, part }) => `${name} ${part}`)).size).toBeGreaterThan(0.95 * MODES.length);
  });

  it("says of each fault how one makes sure of it", () => {
    for (const { key, part } of MODES) expect(PARTS[part.split(":")[0] ?? ""], key).toBeDefined();
  });

  it("has no fault that no test could ever show", () => {
    for (const { key, signal, shows, volts } of MODES)
      expect(Boolean(signal) || Object.keys(shows).length > 0 || volts.length > 0, key).toBe(true);
  });

  it("places every fault in a stage of some topology", () => {
    const stages = TOPOLOGIES.flatMap(({ circuit }) => circuit.stages);
    for (const mode of MODES)
      expect(
        stages.some((stage) => mode.fits(stage)),
        mode.key,
      ).toBe(true);
  });

  it("leaves no kind of stage without a fault", () => {
    for (const kind of STAGE_KINDS)
      expect(
        MODES.some((mode) => DEVICES.some((device) => mode.fits({ kind, device }))),
        kind,
      ).toBe(true);
  });

  it("reads a line: a leaky coupling capacitor distorts, and its grid and cathode rise while the plate falls", () => {
    const leaky = modeOf("coupling-leaky");
    expect(leaky?.signal).toEqual({ distorted: 0.95 });
    expect(leaky?.shows).toEqual({ warm: 0.4, bright: 0.2 });
    expect(leaky?.volts.map(({ electrode, move }) => `${electrode} ${move}`)).toEqual([
      "grid high",
      "cathode high",
      "plate low",
    ]);
    expect(leaky?.fits({ kind: "output", device: "tube" })).toBe(true);
    expect(leaky?.fits({ kind: "output", device: "solid" })).toBe(false);
  });

  it("gives every figure of ageing its source", () => {
    for (const { source, factor, from } of AGEING) {
      expect(source).not.toBe("");
      expect(factor).toBeGreaterThan(1);
      expect(from).toBeGreaterThan(0);
    }
  });

  it("knows every kind by its own name", () => {
    for (const kind of STAGE_KINDS) expect(KINDS[kind].name, kind).not.toBe("");
  });
});
