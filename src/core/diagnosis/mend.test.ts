import { describe, expect, it } from "vitest";
import { tiny } from "./fixtures";
import type { Posterior } from "./infer";
import { onTrial, toBeMended } from "./mend";

const system = tiny([0.1, 0.1], []);
const found = (...fault: number[]): Posterior => ({ fault, none: 0, beyond: 0, best: [] });

describe("when a part is to be mended", () => {
  const why = (timesBad: number, checked: boolean, p: number) => {
    const { why, doubted } = toBeMended(
      system,
      new Map(timesBad > 0 ? [["check:V1", timesBad]] : []),
      new Set(checked ? ["check:V1"] : []),
      found(p, 0.01),
      new Set(),
    );
    return why.get(0) ?? (doubted.length > 0 ? "doubted" : undefined);
  };
  it.each([
    ["one bad check and as good as nothing else possible", 1, true, 0.98, "check"],
    ["one bad check alone: it is made sure of first", 1, true, 0.9, "doubted"],
    ["one bad check that nothing else bears out", 1, true, 0.5, undefined],
    ["two bad checks", 2, true, 0.7, "check"],
    ["two bad checks against all the rest", 2, true, 0.5, undefined],
    ["all the rest, without a check", 0, false, 0.95, "rest"],
    ["most of the rest, while its check is still to be made", 0, false, 0.8, undefined],
    ["most of the rest, and its check shows nothing", 0, true, 0.7, "in-spite"],
    ["half of the rest, and its check shows nothing", 0, true, 0.5, undefined],
  ] as const)("%s", (_what, timesBad, checked, p, expected) => expect(why(timesBad, checked, p)).toBe(expected));

  it("what was mended is not to be mended again, and the likeliest of two in doubt comes first", () => {
    const shown = new Map([
      ["check:V1", 1],
      ["check:V2", 1],
    ]);
    const both = toBeMended(system, shown, new Set(shown.keys()), found(0.7, 0.9), new Set());
    expect(both.doubted.map(({ check }) => check)).toEqual(["check:V2", "check:V1"]);
    const one = toBeMended(system, shown, new Set(shown.keys()), found(0.99, 0.9), new Set([0]));
    expect([...one.why.keys()]).toEqual([]);
  });
});

it("on trial goes what has most of the suspicion, and nothing where none has enough", () => {
  expect(onTrial(system, Float64Array.from([0.3, 0.4]), new Set(), 0.2)).toEqual([1]);
  expect(onTrial(system, Float64Array.from([0.3, 0.4]), new Set([1]), 0.2)).toEqual([0]);
  expect(onTrial(system, Float64Array.from([0.1, 0.15]), new Set(), 0.2)).toEqual([]);
});
