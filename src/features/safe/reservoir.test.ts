import { expect, it } from "vitest";
import { SHEET } from "@/core/fixtures";
import { reservoirOf } from "./reservoir";

it("sums what can hold charge behind the rectifier, every section of it", () => {
  // C1 is 2 × 16 µF
  expect(reservoirOf(SHEET)).toBeCloseTo(32e-6, 9);
  const more = { designator: "C2", role: "smoothing" as const, drawn: "8/450" };
  expect(reservoirOf({ ...SHEET, components: [...SHEET.components, more] })).toBeCloseTo(40e-6, 9);
});

it("knows nothing without a parts list, or where a value does not read", () => {
  expect(reservoirOf({ ...SHEET, components: [] })).toBeUndefined();
  expect(
    reservoirOf({ ...SHEET, components: [{ designator: "C1", role: "reservoir", drawn: "can" }] }),
  ).toBeUndefined();
});
