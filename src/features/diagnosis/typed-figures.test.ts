import { describe, expect, it } from "vitest";
import { figuresSchema, MODES } from "@/core/diagnosis";
import { readFigures, typedFigures } from "./typed-figures";
import { caution, percent } from "./words";

describe("figures as they are typed", () => {
  it("are the table's until the shop has its own, and only those are kept", () => {
    const typed = typedFigures({ often: { "coupling-leaky": 40 }, learns: true });
    expect(Object.keys(typed)).toHaveLength(MODES.length);
    expect(typed["coupling-leaky"]).toBe("40");
    expect(readFigures(typed)).toEqual({ ok: true, often: { "coupling-leaky": 40 } });
    expect(readFigures({ ...typed, "coupling-leaky": "2,5" })).toEqual({ ok: true, often: { "coupling-leaky": 2.5 } });
  });

  it.each(["", "0", "-1", "often", "2000"])("“%s” is refused in a sentence that names the fault", (text) => {
    const read = readFigures({ ...typedFigures({ often: {}, learns: true }), "coupling-leaky": text });
    expect(read).toMatchObject({ ok: false, key: "coupling-leaky" });
    expect(!read.ok && read.message).toContain("Coupling capacitor leaks");
  });

  it("are held against the table once more on the server", () => {
    expect(figuresSchema.safeParse({ often: { "no-such": 3 } }).success).toBe(false);
    expect(figuresSchema.safeParse({ often: { "coupling-leaky": 0 } }).error?.issues[0]?.message).toContain("0.5");
    expect(figuresSchema.parse({})).toEqual({ often: {}, learns: true });
  });
});

describe("words of the board", () => {
  it("say a share in whole percent, and what is nearly nothing or nearly sure", () => {
    expect([0, 0.004, 0.42, 0.996, 1].map(percent)).toEqual(["0 %", "< 1 %", "42 %", "> 99 %", "100 %"]);
  });

  it("warn by the set: its highest voltage, a live chassis, a transmitter", () => {
    expect(caution(2, { supply: "live-chassis", highestVolts: 310 })).toMatch(/310 V.*isolation transformer/);
    expect(caution(3, { supply: "high-voltage", highestVolts: 1500 })).toMatch(/1\.5.?kV and RF.*dummy load/);
    expect(caution(0, { supply: "transformer", highestVolts: 400 })).toContain("discharged and measured");
  });
});
