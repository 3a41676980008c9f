import { describe, expect, it } from "vitest";
import { topologyOf } from "../circuit";
import { said } from "./said";

const circuit = topologyOf("superhet")?.circuit;
const communications = topologyOf("dual-conversion")?.circuit;
const transceiver = topologyOf("transceiver")?.circuit;
if (!circuit || !communications || !transceiver) throw new Error("no circuit");
const told = (text: string, of = circuit) => said(text, of).outcomes.map(({ test, outcome }) => `${test} ${outcome}`);

describe("what a complaint says", () => {
  it.each([
    ["dead", ["play dead"]],
    ["no sound at all", ["play dead"]],
    ["distorted and fading after ten minutes", ["warm changes", "play distorted"]],
    ["weak, hum at 100 Hz", ["hum double", "play weak"]],
    ["hum", ["hum line|double"]],
    ["the hum is gone", ["hum none"]],
    ["crackles when warm", ["noise noisy", "warm changes"]],
    ["motorboats with the volume up", ["steady unsteady"]],
    ["off the dial on all bands", ["dial off", "bands alike"]],
    ["loud and clear", ["play fine"]],
    ["smells of mice", []],
  ])("%s", (text, expected) => {
    expect(told(text)).toEqual(expected);
  });

  it("dead on one band only is no dead set", () => {
    expect(told("dead on SW only")).toEqual(["bands one"]);
  });

  it("tells transmit from receive where a set has both", () => {
    expect(told("transmit fades when warm", transceiver)).toEqual(["warm-tx changes", "play-tx weak"]);
    expect(told("weak on receive", transceiver)).toEqual(["play weak"]);
  });

  it("names a stage that does not do its work, where the set has one", () => {
    expect(told("the BFO is dead", communications)).toContain("works:bfo fails");
    expect(told("the BFO is dead", circuit)).not.toContain("works:bfo fails");
    expect(told("AGC pumps on strong signals", communications)).toEqual(["steady unsteady", "works:agc fails"]);
  });

  it("hears that a fault comes and goes", () => {
    expect(said("sometimes dead", circuit).intermittent).toBe(true);
    expect(said("dead", circuit).intermittent).toBe(false);
  });
});
