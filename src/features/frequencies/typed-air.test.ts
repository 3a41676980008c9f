import { describe, expect, it } from "vitest";
import { ALLOCATIONS } from "@/core/frequencies";
import { readAllocations, typedAllocation } from "./typed-air";

const row = { service: "amateur", name: "40 m", regions: "1, 3", from: "7000", to: "7200" };
const message = (change: Partial<typeof row>) => {
  const read = readAllocations([{ ...row, ...change }]);
  return read.ok ? "" : read.message;
};

describe("the table of allocations", () => {
  it("is read as it is written", () => {
    expect(readAllocations(ALLOCATIONS.map(typedAllocation))).toEqual({ ok: true, allocations: [...ALLOCATIONS] });
  });
  it("takes regions however they are parted, and leaves empty rows out", () => {
    const read = readAllocations([row, { ...row, name: "", from: "", to: "" }]);
    expect(read).toEqual({
      ok: true,
      allocations: [{ service: "amateur", name: "40 m", regions: [1, 3], from: 7e6, to: 7.2e6 }],
    });
  });
  it("says what is wrong, and in which row", () => {
    expect(message({ name: "" })).toBe("Row 1: it has no name.");
    expect(message({ regions: "4" })).toBe("Row 1, 40 m: the regions are 1, 2, 3.");
    expect(message({ from: "low" })).toContain("from and to are kilohertz");
    expect(message({ to: "6900" })).toContain("upside down");
  });
});
