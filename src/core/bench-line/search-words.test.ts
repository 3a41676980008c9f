import { describe, expect, it } from "vitest";
import { parseLine } from ".";
import { searchWords } from "./search-words";
import { CONTEXT } from "../fixtures";
import type { LineContext } from "../shorthand";
import type { Step } from "../model";
import { modelsSheet } from "./search-line.fixture";

/** What was tried to find a fault, as technicians write it. */

const sheet = {
  ...modelsSheet,
  components: [
    ...modelsSheet.components,
    { designator: "C1", role: "reservoir" as const, drawn: "8/450", stage: "reservoir" },
  ],
};
const at = (step: Step): LineContext => ({ ...CONTEXT, sheet, step, known: new Set(["C1", "C14", "V3", "V4"]) });
const read = (line: string, step: Step = "find") => {
  const result = parseLine(line, at(step));
  if (result.kind === "question") return result.choices.map(({ text }) => text);
  if (result.kind !== "draft" || result.draft.type !== "content") return result.kind;
  const { kind, payload } = result.draft.content;
  return kind === "fault-test" ? `${payload.test} ${payload.outcome}` : kind;
};

describe("a test of the search in other words", () => {
  it.each([
    ["bridged C1: hum gone", "bridge:reservoir:reservoir cured"],
    ["bridged C1 with 22 µF, no change", "bridge:reservoir:reservoir same"],
    ["put a good capacitor across C1: hum stays", "bridge:reservoir:reservoir same"],
    ["22 µF across C1 and the hum stops", "bridge:reservoir:reservoir cured"],
    ["hum gone with C1 bridged", "bridge:reservoir:reservoir cured"],
    ["touching grid of V3: loud hum", "inject:af fine"],
    ["touched the grid of V3, nothing", "inject:af dead"],
    ["finger on the volume control: loud buzz", "finger fine"],
    ["touching the volume control gives no hum", "finger dead"],
    ["injected 400 Hz into AF: loud and clear", "inject:af fine"],
    ["injecting a signal at IF gives nothing", "inject:if dead"],
    ["signal at detector is weak", "trace:detector weak"],
    ["no signal at V4 plate", "trace:output dead"],
    ["scope on V3 plate: distorted", "trace:af distorted"],
    ["tapping V4 makes it crackle", "tap:output reacts"],
    ["tapped V4: no reaction", "tap:output still"],
    ["V4 crackles when tapped", "tap:output reacts"],
    ["pulled V3: hum gone", "pull:af none"],
    ["tapped the cabinet: crackles", "thump reacts"],
    ["checked C14, leaky", "check:C14 bad"],
    ["swapped V4, no change", "swap:output same"],
    ["tried another V4: works", "swap:output cured"],
    ["grounded the AGC line: plays better", "agc-off cured"],
  ])("%s", (line, test) => expect(read(line)).toBe(test));

  it("takes the grid of a tube whose diodes alone are told for the stage behind them", () => {
    const tubes = sheet.tubes.map((tube) => (tube.position === "V3" ? { ...tube, work: "detector" } : tube));
    const result = parseLine("touching the grid of V3: loud hum", { ...at("find"), sheet: { ...sheet, tubes } });
    expect(result.kind === "draft" && result.line.text).toContain("Inject at First audio");
  });

  it("asks which hum is left, for the two have different causes", () =>
    expect(read("pulled V3: hum stays")).toEqual(["pull V3 = double: hum stays", "pull V3 = line: hum stays"]));

  it("keeps what was said as the remark", () =>
    expect(searchWords("bridged C1: hum gone")).toEqual(["bridge C1 = cured: hum gone"]));

  it.each([
    [
      "what goes into a plate or is traced at a grid is the stage beside it: it is asked",
      "injecting at V3 plate: loud",
    ],
    ["a signal at a grid is not what its stage gives", "signal at V4 grid is weak"],
    ["what is not in the set", "tapped V9: crackles"],
    ["a place without an answer", "touching the grid of V3"],
    ["what a “not” turns round is asked", "tapped V4: reacts not at all"],
    ["what follows may turn it round", "swapped V4: works no better"],
    ["two answers at once", "bridged C1: hum gone but it crackles"],
    ["only a tube is pulled", "with the volume down hum is gone"],
    ["only a part is checked so", "checked the fuse: good"],
    ["a story", "touching up the cabinet with lacquer is a lot of work"],
  ])("%s", (_name, line) => expect(String(read(line))).not.toMatch(/^(inject|trace|tap|swap|bridge|pull|check|thump)/));

  it("takes a swapped or a pulled tube for work where Find is not open", () => {
    expect(read("swapped V4, no change", "fix")).not.toBe("swap:output same");
    expect(read("bridged C1: hum gone", "fix")).toBe("bridge:reservoir:reservoir cured");
  });

  it("reads a long line at once", () => {
    for (const line of [
      "touching " + "the grid of ".repeat(150),
      "with V3 " + "out, hum ".repeat(180),
      "a across ".repeat(200),
    ])
      expect(() => searchWords(line.slice(0, 2000))).not.toThrow();
  });
});
