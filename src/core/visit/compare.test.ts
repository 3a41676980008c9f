import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { OUT, outcomeOf, setupDifferences } from "./compare";
import type { SetupPayload } from "./passes";
import type { ReadingPayload } from "./taken";

const good = { verdict: "good" as const, closeness: 0.02 };
const out = (closeness: number) => ({ verdict: "out" as const, closeness });
const none = { verdict: "none" as const };

describe("what a repair did to a result", () => {
  it.each([
    ["not measured again", good, undefined, "to-measure"],
    ["never measured", undefined, undefined, "to-measure"],
    ["good alone", undefined, good, "good-alone"],
    ["out alone", undefined, out(0.5), "out-alone"],
    ["neither judged nor compared", undefined, none, "no-baseline"],
    ["no longer judged", out(0.5), none, "unjudged"],
    ["mended", out(0.5), good, "mended"],
    ["good as before", good, good, "good"],
    ["judged now, not before", none, good, "good"],
    ["spoilt", good, out(0.5), "worse"],
    ["out, and not judged before", none, out(0.5), "worse"],
    ["closer", out(0.5), out(0.3), "better"],
    ["as far off as before", out(0.5), out(0.5), "still-out"],
    ["farther off", out(0.3), out(0.5), "still-out"],
    ["closer by less than a hundredth", out(0.5), out(0.495), "still-out"],
    ["out by a measure that cannot be compared", { verdict: "out" as const }, { verdict: "out" as const }, "still-out"],
  ])("%s", (_what, before, after, outcome) => expect(outcomeOf(before, after)).toBe(outcome));

  it("leaves something out where the last verdict is out, and nowhere else", () => {
    const side = fc.record({
      verdict: fc.constantFrom("good", "out", "none"),
      closeness: fc.double({ min: 0, max: 3, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.option(side, { nil: undefined }), side, (before, after) => {
        expect(OUT.includes(outcomeOf(before, after))).toBe(after.verdict === "out");
      }),
    );
  });
});

describe("where the set-up of two readings differs", () => {
  const reading = (extra: Partial<ReadingPayload> = {}): ReadingPayload => ({
    v: 1,
    phase: "baseline",
    point: "B+",
    quantity: "voltage",
    measured: { text: "250", value: 250 },
    ...extra,
  });
  const differences = (a: Partial<ReadingPayload>, b: Partial<ReadingPayload>) =>
    setupDifferences(reading(a), reading(b));

  it.each<[string, Partial<ReadingPayload>, Partial<ReadingPayload>, string[]]>([
    ["nothing is noted", {}, {}, []],
    ["the same line", { lineVolts: 230 }, { lineVolts: 230 }, []],
    ["a line within two hundredths", { lineVolts: 230 }, { lineVolts: 234.5 }, []],
    ["a line farther up", { lineVolts: 230 }, { lineVolts: 236 }, ["line 230 V before, 236 V now"]],
    ["a line farther down", { lineVolts: 230 }, { lineVolts: 224 }, ["line 230 V before, 224 V now"]],
    ["a line that was not noted before", {}, { lineVolts: 230 }, ["line not noted before, 230 V now"]],
    ["a line that is not noted now", { lineVolts: 230 }, {}, ["line 230 V before, not noted now"]],
    ["another meter", { meter: "digital" }, { meter: "analogue" }, ["meter digital before, analogue now"]],
    ["a meter that was not noted", {}, { meter: "digital" }, ["meter not noted before, digital now"]],
    ["another tap", { tapVolts: 220 }, { tapVolts: 240 }, ["tap 220 V before, 240 V now"]],
    ["a tap on one side alone: it was never another", { tapVolts: 220 }, {}, []],
    [
      "an end that was lifted",
      { quantity: "resistance", inCircuit: true },
      { quantity: "resistance" },
      ["in circuit before, lifted now"],
    ],
    [
      "an end that was put back",
      { quantity: "resistance" },
      { quantity: "resistance", inCircuit: true },
      ["lifted before, in circuit now"],
    ],
    ["an end that matters to no voltage", { inCircuit: true }, {}, []],
  ])("%s", (_what, a, b, found) => expect(differences(a, b)).toEqual(found));

  it("is told from what was written down once for a pass", () => {
    const setup = (extra: Partial<SetupPayload>): SetupPayload =>
      ({ v: 1, phase: "baseline", ...extra }) as SetupPayload;
    const setups = new Map([
      ["one", setup({ load: "4 Ω", signal: "1 kHz", controls: "full" })],
      ["two", setup({ load: " 4 Ω ", signal: "none" })],
    ]);
    const of = (a?: string, b?: string) =>
      setupDifferences(reading(a ? { setup: a } : {}), reading(b ? { setup: b } : {}), setups);
    expect(of("one", "one")).toEqual([]);
    expect(of("one", "two")).toEqual(["signal “1 kHz” before, “none” now", "controls “full” before, “not noted” now"]);
    expect(of("one", undefined)).toEqual([]);
    expect(of("one", "unknown")).toEqual([]);
  });
});
