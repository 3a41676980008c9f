import { describe, expect, it } from "vitest";
import { sheetSchema, type Sheet } from "../model";
import { topologyOf } from "./circuit";
import { circuitOf, natureFor, placedParts } from "./from-sheet";
import { systemOf } from "./system";

const sheetOf = (
  kind: string,
  supply: Sheet["supply"],
  tubes: [position: string, type: string, work: string][],
): Sheet =>
  sheetSchema.parse({
    kind,
    supply,
    lineVolts: 230,
    highestVolts: 300,
    components: [],
    points: [],
    cautions: [],
    tubes: tubes.map(([position, type, work]) => ({ position, type, work })),
  });

function systemFrom(sheet: Sheet, year?: number) {
  const { circuit } = circuitOf(sheet);
  return systemOf({
    circuit,
    parts: placedParts(circuit, sheet.components),
    highestVolts: sheet.highestVolts,
    nature: natureFor(sheet, circuit, year),
  });
}
const keysOf = (sheet: Sheet, year?: number) => new Set(systemFrom(sheet, year).faults.map(({ mode }) => mode.key));

const PORTABLE = sheetOf("Battery portable", "battery", [
  ["V1", "DK96", "converter"],
  ["V2", "DF96", "IF"],
  ["V3", "DAF96", "detector and first audio"],
  ["V4", "DL96", "output"],
]);
const TABLE = sheetOf("AC table superhet", "transformer", [
  ["V1", "6K8", "mixer"],
  ["V2", "6K7", "IF"],
  ["V3", "6Q7", "detector and first audio"],
  ["V4", "6V6", "output"],
  ["V5", "5Y3", "rectifier"],
]);
const FJORD = sheetOf("AC/DC table set", "live-chassis", [
  ["V1", "UCH42", "mixer"],
  ["V2", "UF41", "IF"],
  ["V3", "UBC41", "detector and first audio"],
  ["V4", "UL41", "output"],
  ["V5", "UY41", "rectifier"],
]);

describe("what a set cannot have is not on its list", () => {
  it("no cathode faults where the filament is the cathode", () => {
    const keys = keysOf(PORTABLE);
    for (const key of ["tube-hk", "cathode-open", "cathode-bypass-short"]) expect(keys.has(key), key).toBe(false);
    expect(keysOf(TABLE).has("tube-hk")).toBe(true);
  });

  it("no screen faults at a triode", () => {
    const { faults } = systemFrom(TABLE);
    const at = (stage: string) => faults.filter((fault) => fault.stage.id === stage).map(({ mode }) => mode.key);
    expect(at("if")).toContain("screen-open");
    expect(at("af")).not.toContain("screen-open");
  });

  it("no mains transformer in a transformerless set, no heater string in one with a transformer", () => {
    const [table, fjord] = [keysOf(TABLE), keysOf(FJORD)];
    for (const key of ["primary-open", "turns-short", "ht-winding", "heater-balance"]) {
      expect(fjord.has(key), key).toBe(false);
      expect(table.has(key), key).toBe(true);
    }
    for (const key of ["heater-dropper", "heater-wrong-tube", "heater-lamp"]) {
      expect(fjord.has(key), key).toBe(true);
      expect(table.has(key), key).toBe(false);
    }
  });

  it("no ferrite rod in 1928, no field coil in 1960, no whiskers in silicon", () => {
    expect(keysOf(TABLE, 1928).has("ferrite-broken")).toBe(false);
    expect(keysOf(TABLE, 1955).has("ferrite-broken")).toBe(true);
    expect(keysOf(TABLE, 1935).has("field-weak")).toBe(true);
    expect(keysOf(TABLE, 1960).has("field-weak")).toBe(false);
    const solid = (type: string) => keysOf(sheetOf("Portable", "low-voltage", [["Q1", type, "mixer"]]));
    expect(solid("BC109").has("transistor-whiskers")).toBe(false);
    expect(solid("AF115").has("transistor-whiskers")).toBe(true);
    expect(solid("OC44").has("transistor-leaky")).toBe(true);
  });

  it("reaction fails only where there is one", () => {
    expect(keysOf(TABLE).has("detector-regeneration")).toBe(false);
    expect(keysOf(sheetOf("Regenerative receiver", "transformer", [])).has("detector-regeneration")).toBe(true);
  });
});

describe("physics by supply", () => {
  const effect = (sheet: Sheet, key: string) => systemFrom(sheet).faults.find(({ mode }) => mode.key === key)?.mode;

  it("in a half-wave set the ripple is at the line frequency", () => {
    expect(effect(FJORD, "reservoir-dry")?.shows).toMatchObject({ hum1: 0.95 });
    expect(effect(FJORD, "reservoir-dry")?.shows.hum2).toBeUndefined();
    expect(effect(TABLE, "reservoir-dry")?.shows).toMatchObject({ hum2: 0.95 });
  });

  it("on a battery nothing hums", () => {
    for (const { mode } of systemFrom(PORTABLE).faults) {
      expect(mode.shows.hum1).toBeUndefined();
      expect(mode.shows.hum2).toBeUndefined();
    }
  });

  it("an open heater in a string darkens the set, is found by halving, and is no drop of one tube", () => {
    const system = systemFrom(FJORD);
    const index = system.faults.findIndex(({ mode, stage }) => mode.key === "tube-dead" && stage.kind === "if");
    expect(system.faults[index]?.seat).toBe("heaters");
    const shows = (id: string) => (system.testById.get(id)?.response[index] ?? 0) !== 0;
    expect(shows("glow")).toBe(true);
    expect(shows("inject:output")).toBe(true);
    expect(system.tests.filter(({ act }) => act === "string").length).toBeGreaterThan(2);
    expect(systemFrom(TABLE).tests.filter(({ act }) => act === "string")).toEqual([]);
  });
});

describe("stages beside the signal", () => {
  const system = systemOf({ circuit: topologyOf("transmitter")!.circuit, parts: [], highestVolts: 600 });
  it("a dead modulator leaves the carrier, and is heard in the modulation", () => {
    const index = system.faults.findIndex(({ id }) => id === "modulator.tube-weak");
    expect(system.testById.get("play-tx")?.response[index]).toBe(0);
    expect(system.testById.get("play-mod")?.response[index]).not.toBe(0);
    expect(system.testById.get("inject-mod:modulator")?.response[index]).not.toBe(0);
  });

  it("a dead BFO leaves AM as it was", () => {
    const receiver = systemOf({ circuit: topologyOf("single-conversion")!.circuit, parts: [], highestVolts: 300 });
    const index = receiver.faults.findIndex(({ id }) => id === "bfo.tube-dead");
    expect(receiver.testById.get("play")?.response[index]).toBe(0);
    expect(receiver.testById.get("works:bfo")?.response[index]).not.toBe(0);
  });

  it("each stage has something else that may be wrong, with a share of its own", () => {
    for (const stage of system.stages) {
      const other = system.faults.find(({ id }) => id === `${stage.id}.other`);
      expect(other?.prior, stage.id).toBeGreaterThan(0);
      expect(system.testById.get(`check:${stage.id}:stage`), stage.id).toBeDefined();
    }
  });
});
