import { describe, expect, it } from "vitest";
import { topologyOf } from "../circuit";
import { systemOf } from "../system";
import { meaningsOf, nearestMeanings } from "./nearest";

const system = systemOf({ circuit: topologyOf("dual-conversion")!.circuit, parts: [], highestVolts: 300 });

describe("the nearest meanings of words that were not read", () => {
  it.each([
    ["crackely hissing", "noise", "noisy"],
    ["the tubes have no light", "glow", "dark"],
    ["smelly and smoking", "smell", "hot"],
    ["knob feels stiff", "knob", "slips"],
    ["station is at a wrong place", "dial", "off"],
  ])("%s", (text, test, outcome) => {
    const near = nearestMeanings(text, system);
    expect(near.map((one) => `${one.test} ${one.outcome}`)).toContain(`${test} ${outcome}`);
    expect(near.length).toBeLessThanOrEqual(4);
  });

  it.each([
    // Sentences that nobody has written down, and that are not read.
    ["like speaking into a tin", "play", "distorted"],
    ["the cord behind the scale has had it", "knob", "slips"],
    ["one has to put a finger on the horn to make it out", "play", "weak"],
    ["it has a smell as of scorched varnish", "smell", "hot"],
    ["beat oscillator gives no pitch", "works:bfo", "fails"],
  ])("by sentences that are like it: %s", (text, test, outcome) => {
    const near = nearestMeanings(text, system).map((one) => `${one.test} ${one.outcome}`);
    expect(near).toContain(`${test} ${outcome}`);
  });

  it("words that resemble nothing have none", () => {
    expect(nearestMeanings("qqq zzz", system)).toEqual([]);
    expect(nearestMeanings("", system)).toEqual([]);
  });

  it("all that may be picked is a test of this set, what is wrong first", () => {
    const all = meaningsOf(system);
    expect(all.some(({ test }) => test === "works:bfo")).toBe(true);
    for (const { test, outcome } of all)
      expect(system.testById.get(test)?.outcomes.some(({ key }) => key === outcome)).toBe(true);
    const sound = all.findIndex(({ test, outcome }) => system.testById.get(test)?.outcomes[0]?.key === outcome);
    expect(all.slice(sound).every(({ test, outcome }) => system.testById.get(test)?.outcomes[0]?.key === outcome)).toBe(
      true,
    );
  });
});
