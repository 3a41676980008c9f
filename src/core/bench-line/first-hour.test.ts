import { describe, expect, it } from "vitest";
import { lineContext, parseLine } from ".";
import { writeLine, settle, type Content } from "../kinds";
import type { LineContext } from "../shorthand";
import type { Sheet } from "../model";
import { atOf, entry, idOf, SHEET, VISIT } from "../fixtures";

const sheet: Sheet = {
  ...SHEET,
  watts: 68,
  tubes: [
    { position: "V4", type: "6V6", work: "output" },
    { position: "V5", type: "5Y3", work: "rectifier" },
  ],
  components: [
    ...SHEET.components,
    {
      designator: "C8",
      role: "coupling",
      drawn: ".1/400",
      sections: [
        { role: "coupling", drawn: ".1/400" },
        { role: "decoupling", drawn: ".1/400" },
      ],
      common: "chassis",
    },
  ],
  windings: [{ winding: "T1 primary", from: "1", to: "2", ohms: 24 }],
  points: [{ point: "V3 plate", quantity: "voltage", expected: 62, withLine: true, sourceOhms: 235e3, range: 250 }],
  chart: { meter: { ohmsPerVolt: 1000 } },
};
/** Make safe was passed in words, so that nothing is asked about power. */
const SAFE: Content = {
  kind: "step",
  payload: { v: 1, step: "make-safe", state: "overridden", reason: "done by eye" },
};
const context = (contents: Content[] = []): LineContext =>
  lineContext({
    sheet,
    year: 1937,
    settled: settle([...contents, SAFE].map((content, n) => entry(n + 1, content))).settled,
    visitId: VISIT,
    now: atOf(999),
  });
const read = (line: string, contents: Content[] = []): Content => {
  const result = parseLine(line, context(contents));
  if (result.kind !== "draft" || result.draft.type !== "content") throw new Error(`${line}: ${JSON.stringify(result)}`);
  return result.draft.content;
};
const trouble = (line: string): string => {
  const result = parseLine(line, context());
  return result.kind === "not-understood" ? result.message : result.kind;
};

it.each([
  "take in: hum; policy museum; since spring; with lead, knobs; looks shabby; grades cabinet good, dial as-new; dates C1 37-14; provenance a harbour inn; limit 250 EUR; choose power lamp, resistors twice",
  "safe lead ok",
  "safe residual 0.3 V: after the second time",
  "safe fuse wrong: bridged with wire",
  "safe speaker na: none in this cabinet",
  "setup baseline: as found; meter Grey analogue; input 20 kΩ/V; line 231 V; hz 50; load loudspeaker; signal none; controls volume full; checked meter-on, minus",
  "setup prove: again; meter Bench digital; input 10 MΩ; tap 220 V",
  "power variac rectifier-out 25 %; tap 230 V; line 57 V; amps 0.08 A; then 0.07 A; heaters 1.6 V; held 120 s",
  "power lamp all-in 100 %; tap 230 V; amps 0.2 A; lamp dim",
  "power variac rectifier-in 75 %; tap 230 V; amps 0.41 A; B+ 120 V; seen smell, red-plate; note switched off at once",
])("reads back what it writes: %s", (line) => {
  const content = read(line);
  expect(writeLine(content)).toBe(line);
  expect(read(writeLine(content))).toEqual(content);
});

describe("making safe on the line", () => {
  it("takes the text from this set's list", () => {
    expect(read("safe tubes")).toMatchObject({
      kind: "check",
      payload: { state: "done", text: expect.stringContaining("V4 6V6") },
    });
  });
  it("never takes the reservoir as ticked, nor above the limit", () => {
    expect(trouble("safe residual ok")).toContain("no calculated time is permission to touch");
    expect(trouble("safe residual 82 V")).toContain("82 V is still there");
    expect(trouble("safe residual na: small set")).toContain("is measured, whatever the set");
  });
  it("wants a word where something is wrong or does not apply, and a line of the list", () => {
    expect(trouble("safe lead wrong")).toContain("Say what is wrong");
    expect(trouble("safe lead na")).toContain("Say why it does not apply");
    expect(trouble("safe interlock ok")).toContain("unplugged, discharged, residual");
  });
});

describe("powering up on the line", () => {
  it("is held against the plan of this set", () => {
    const content = read("power variac rectifier-in 50 %; amps 0.15");
    expect(content).toMatchObject({ payload: { expected: { fullVolts: 230, warm: true } } });
    expect(content.kind === "power-step" && content.payload.expected.fullAmps).toBeCloseTo(0.3285, 4);
  });
  it("asks whether milliamperes were meant", () => {
    const result = parseLine("power variac rectifier-in 50 %; amps 150; B+ 0", context());
    expect(result).toMatchObject({
      kind: "question",
      choices: [
        { label: "150 mA", text: "power variac rectifier-in 50 %; amps 150 mA; B+ 0" },
        { label: "150 A", text: "power variac rectifier-in 50 %; amps 150 A; B+ 0" },
      ],
    });
    expect(read("power variac rectifier-in 50 %; amps 150 mA")).toMatchObject({ payload: { amps: { value: 0.15 } } });
  });
  it("names what it does not know", () => {
    expect(trouble("power slowly all-in 50 %")).toContain("Begin with the way");
    expect(trouble("power variac all-in 50 %; weather fine")).toContain("“weather” is not known here");
    expect(trouble("power variac all-in 50 %; seen ghosts")).toContain("none of smoke");
    expect(trouble("power variac all-in 50 %; held long")).toContain("held 2 min");
  });
});

describe("a set-up goes along with the readings", () => {
  const setup = read("setup baseline: as found; meter Bench digital; input 11 MΩ; line 231 V");
  it("gives them its line and its meter, and what the meter is to the circuit", () => {
    expect(read("V3 plate 118", [setup])).toMatchObject({
      payload: {
        setup: idOf(1),
        lineVolts: 231,
        meter: "Bench digital",
        meterOhms: 11e6,
        expected: { value: 62, sourceOhms: 235e3, chartOhms: 250e3 },
      },
    });
  });
  it("gives way to what the line says", () => {
    const content = read("V3 plate 60 @ 228 with Grey analogue", [setup]);
    expect(content).toMatchObject({ payload: { lineVolts: 228, meter: "Grey analogue" } });
    expect(content.payload).not.toHaveProperty("meterOhms");
  });
  it("is of its own phase", () => {
    expect(read("V3 plate 60 check", [setup]).payload).not.toHaveProperty("setup");
    expect(trouble("setup sometime: x")).toContain("setup cold");
    expect(trouble("setup baseline: x; input blue")).toContain("input 20 kΩ/V");
    expect(trouble("setup baseline: x; like #4")).toContain("is not a set-up on the tape");
  });
});

describe("cold checks on the line", () => {
  it("are resistances of their own phase, and may be open", () => {
    expect(read("T1 primary, 1 to 2 24.5")).toMatchObject({
      payload: { phase: "cold", quantity: "resistance", measured: { value: 24.5 }, expected: { rule: "winding" } },
    });
    expect(read("T1 primary, 1 to 2 open")).toMatchObject({ payload: { measured: { text: "open", value: 1e12 } } });
    expect(trouble("B+ to chassis -400")).toContain("a voltage is still there");
  });
});

describe("work on a part", () => {
  const hints = (line: string, contents: Content[] = []) => {
    const result = parseLine(line, context(contents));
    return result.kind === "draft" ? result.hints.join(" ") : "";
  };
  it("raises the question of its sections", () => {
    expect(hints("C8 leaky -> 0.1/630")).toContain("the common lead cannot be chassis");
  });
  it("says when nothing was measured before", () => {
    expect(hints("C14 leaky -> 0.047/630")).toContain("without a baseline");
    expect(hints("C14 leaky -> 0.047/630", [read("V3 plate 60 baseline")])).not.toContain("without a baseline");
    expect(hints("C14 left: sound")).not.toContain("without a baseline");
  });
});

it("takes no take-in clause that does not read", () => {
  expect(trouble("take in: hum; limit much")).toContain("is not an amount");
  expect(trouble("take in: hum; grades cabinet lovely")).toContain("as-new, good");
  expect(trouble("take in: hum; choose power magic")).toContain("First power: variac, lamp");
  expect(trouble("take in: hum; choose colour red")).toContain("is not a choice of a visit");
});
