import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CODE, stepAt, stepsAt, typedCode } from ".";

describe("codes from a phone", () => {
  it("go by the counts of 30 s that RFC 6238 gives for its times (appendix B)", () => {
    for (const [seconds, step] of [
      [59, 0x1],
      [1_111_111_109, 0x23523ec],
      [1_111_111_111, 0x23523ed],
      [1_234_567_890, 0x273ef07],
      [2_000_000_000, 0x3f940aa],
      [20_000_000_000, 0x27bc86aa],
    ] as const)
      expect(stepAt(seconds * 1000)).toBe(step);
  });

  it("hold for the 30 s of their count and those on either side, and no longer", () => {
    fc.assert(
      fc.property(fc.integer({ min: 60_000, max: 4_000_000_000_000 }), (ms) => {
        const steps = stepsAt(ms);
        expect(steps).toEqual([stepAt(ms) - 1, stepAt(ms), stepAt(ms) + 1]);
        expect(stepsAt(ms + CODE.seconds * 1000)).not.toContain(steps[0]);
      }),
    );
  });
});

describe("a code as it is typed", () => {
  it("is one from the phone or a spare one, however it is spaced", () => {
    expect(typedCode(" 123 456 ")).toEqual({ kind: "phone", code: "123456" });
    expect(typedCode("ABCD-efgh-2345-jkmn")).toEqual({ kind: "spare", code: "abcdefgh2345jkmn" });
    expect(typedCode("abcd efgh 2345 jkmn")?.kind).toBe("spare");
  });
  it("is neither where anything is missing or strange", () => {
    for (const text of ["", "12345", "1234567", "12345a", "abcd-efgh-2345-jkm", "abcd-efgh-2345-jkm0", "１２３４５６"])
      expect(typedCode(text)).toBeUndefined();
  });
});
