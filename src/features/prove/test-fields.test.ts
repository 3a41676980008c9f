import { expect, it } from "vitest";
import { NO_TEST, readTest } from "./test-fields";

it("reads a test record with its condition, limit and set-up", () => {
  const typed = {
    ...NO_TEST,
    test: "output",
    condition: "80 m",
    measured: "62,5",
    unit: "W",
    limit: "50",
    setup: "dummy load",
  };
  expect(readTest(typed, "baseline")).toEqual({
    ok: true,
    payload: {
      v: 1,
      phase: "baseline",
      test: "output",
      condition: "80 m",
      measured: { text: "62,5", value: 62.5 },
      unit: "W",
      nominal: { text: "50", value: 50 },
      sense: "at-least",
      setup: "dummy load",
    },
  });
});

it("says what is missing, and keeps an empty limit as none", () => {
  expect(readTest({ ...NO_TEST, measured: "3" }, "prove")).toMatchObject({
    ok: false,
    message: expect.stringContaining("what is tested"),
  });
  expect(readTest({ ...NO_TEST, test: "hum", measured: "3 mV" }, "prove")).toMatchObject({
    ok: false,
    message: expect.stringContaining("“3 mV” is not a number"),
  });
  expect(readTest({ ...NO_TEST, test: "hum", measured: "3", limit: "ten" }, "prove")).toMatchObject({
    ok: false,
    message: expect.stringContaining("“ten”"),
  });
  const read = readTest({ ...NO_TEST, test: "dial error", measured: "−4", unit: "kHz" }, "prove");
  expect(read.ok && read.payload.measured.value).toBe(-4);
  expect(read.ok && read.payload.nominal).toBeUndefined();
});
