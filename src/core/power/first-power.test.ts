import { expect, it } from "vitest";
import { lineCurrent } from ".";

it("expects nameplate watts over 0.9 of the line, and stops at a quarter above it", () => {
  const { expected, stop } = lineCurrent(65, 117);
  expect(expected).toBeCloseTo(0.617, 3);
  expect(stop).toBeCloseTo(0.772, 3);
});

it("stops a step at half more than its share, never above the full-line limit", () => {
  expect(lineCurrent(65, 117, 0.5).stop).toBeCloseTo(0.463, 3);
  expect(lineCurrent(65, 117, 1).stop).toBeLessThan(lineCurrent(65, 117, 1).expected * 1.5);
  expect(() => lineCurrent(0, 230)).toThrow(RangeError);
});
