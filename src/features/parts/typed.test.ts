import { describe, expect, it } from "vitest";
import { stockItem } from "@/core/fixtures";
import { EMPTY_STOCK, matches, readStock, typedOf, understood } from "./typed";

describe("the form of a part", () => {
  it("reads its fields, and says beside each what is wrong", () => {
    const typed = { ...EMPTY_STOCK, kind: "film", marking: ".047/630", bin: "B-1", onHand: "3" };
    expect(readStock(typed, "EUR")).toMatchObject({ ok: true, value: { kind: "film", onHand: 3 } });
    expect(understood(typed)).toBe("understood as 47 nF 630 V");
    expect(readStock({ ...typed, marking: ".047", price: "-3" }, "EUR")).toMatchObject({
      ok: false,
      problems: { price: expect.stringContaining("not a price") },
    });
    expect(readStock({ ...EMPTY_STOCK }, "EUR")).toMatchObject({
      ok: false,
      problems: { kind: expect.stringContaining("missing") },
    });
  });
  it("offers the nearest names for a tube that the table does not know", () => {
    expect(understood({ ...EMPTY_STOCK, kind: "tube", marking: "6V7" })).toContain("6V6");
    expect(understood({ ...EMPTY_STOCK, kind: "tube", marking: "6V6GT" })).toBeUndefined();
  });
  it("shows a line as it can be read again", () => {
    const item = stockItem({ priceMinor: 60, reorderAt: 4, bin: "B-1" });
    expect(readStock(typedOf(item), "EUR")).toMatchObject({
      ok: true,
      value: { priceMinor: 60, reorderAt: 4, bin: "B-1" },
    });
  });
});

describe("looking for a part", () => {
  it("takes every word, wherever it stands", () => {
    const item = stockItem({ kind: "tube", marking: "6V6", bin: "T-01", provenance: "new old stock" });
    expect(matches(item, "6v6 t-01")).toBe(true);
    expect(matches(item, "old 6V6")).toBe(true);
    expect(matches(item, "6L6")).toBe(false);
    expect(matches(item, "")).toBe(true);
  });
});
