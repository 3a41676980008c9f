import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { decodeBands, figuresOf, formatPart, parsePart, parseQuantity, share, unitName, type Quantity } from ".";

/** What old papers and people write, and what it means. The figures are worked out beside each line. */

const part = (text: string, quantity: "capacitance" | "resistance", electrolytic?: boolean) => {
  const read = parsePart(text, { quantity, ...(electrolytic === undefined ? {} : { electrolytic }) });
  return read.ok
    ? formatPart(read.value)
    : read.kind === "ambiguous"
      ? read.choices.map(({ text: one }) => one)
      : read.message;
};
const value = (text: string, quantity: Quantity) => {
  const read = parseQuantity(text, quantity);
  return read.ok ? read.value : read.kind === "ambiguous" ? read.choices.map((one) => one.value) : read.message;
};

describe("codes of three digits", () => {
  it.each([
    ["104K", "100 nF ±10 %"],
    ["478J", "0.47 pF ±5 %"], // 47 · 0.01
    ["479J", "4.7 pF ±5 %"], // 47 · 0.1
    ["109J", "1 pF ±5 %"],
    ["103Z", "10 nF +80 % −20 %"],
    ["224M 50V", "220 nF 50 V ±20 %"],
  ])("%s is %s", (text, printed) => expect(part(text, "capacitance", false)).toBe(printed));
  it("a letter below 10 pF is picofarads: C on 4.7 pF is ±0.25 pF, 5.32 %; on 100 pF it is ±0.25 %", () => {
    expect(part("4.7 pF C", "capacitance")).toBe("4.7 pF ±5.32 %");
    expect(part("8p2D", "capacitance")).toBe("8.2 pF ±6.1 %"); // 0.5 / 8.2
    expect(part("2 pF B", "capacitance")).toBe("2 pF ±5 %"); // 0.1 / 2
    expect(part("100 pF C", "capacitance")).toBe("100 pF ±0.25 %");
    expect(part("4.7k C", "resistance")).toBe("4.7 kΩ ±0.25 %");
  });
});

describe("numbers", () => {
  it("a point or a comma before three digits is a question where it can be thousands", () => {
    for (const text of ["50.000 Ω", "50,000 Ω", "50.000"]) expect(value(text, "resistance")).toEqual([50, 50_000]);
    expect(value("10.000 pF", "capacitance")).toEqual([10e-12, 10e-9]);
    expect(value("12.000 V", "voltage")).toBe(12);
    expect(value("0.047 µF", "capacitance")).toBeCloseTo(47e-9, 15);
  });
  it.each([
    ["1,500,000 ohms", 1.5e6],
    ["1.500.000 Ω", 1.5e6],
    ["50 000 Ω", 50e3],
    ["1/2 meg", 500e3],
    ["½ meg", 500e3],
    ["47 K ohm", 47e3],
    ["220E", 220],
    ["4E7", 4.7],
    ["M47", 470e3],
    ["k47", 470],
  ])("%s is %d Ω", (text, ohms) => expect(value(text, "resistance")).toBeCloseTo(ohms, 6));
  it("1/2 M asks as 0.5 M does, and a value beside its rating is no group of thousands", () => {
    expect(value("1/2 M", "resistance")).toEqual([500, 500e3]);
    expect(part("8 450", "capacitance", true)).toBe("8 µF 450 V");
    expect(part("10 000 pF", "capacitance")).toBe("10 nF");
  });
  it("a bare figure of a test has both readings", () => {
    expect(figuresOf("1,450")).toEqual([1.45, 1450]);
    expect(figuresOf("1450")).toEqual([1450]);
    expect(figuresOf("1450 µS")).toEqual([]);
  });
  it("a product has no noise of binary fractions, in any unit", () => {
    expect(value("5 µA", "current")).toBe(5e-6);
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 9999 }), (n) => {
        expect(value(`${n} µA`, "current")).toBe(Number(`${n}e-6`));
        expect(value(`${n} pF`, "capacitance")).toBe(Number(`${n}e-12`));
      }),
    );
  });
});

describe("ratings", () => {
  it.each(["WVDC", "VDCW", "VDC", "WV", "DCWV", "V DC", "V d.c.", "volts", "V.W.", "V="])(
    "0.1 mfd. 600 %s is 100 nF for 600 V",
    (words) => expect(part(`0.1 mfd. 600 ${words}`, "capacitance")).toBe("100 nF 600 V"),
  );
  it.each([
    [".1 MF 600", "100 nF 600 V"],
    ["16 µF 450/550 V", "16 µF 450 V"],
    ["8MFD-450V", "8 µF 450 V"],
    ["0.1 µF 250 VAC X2", "100 nF 250 V X2"],
    ["1000 µF 16V 105°C", "1000 µF 16 V"],
    ["0.1µF 310VAC/630VDC X2", "100 nF 310 V X2"],
    ["0.1 µF 630 VDC X2", "100 nF 630 V DC X2"],
  ])("%s is %s", (text, printed) => expect(part(text, "capacitance")).toBe(printed));
  it.each([
    ["470/1", "470 Ω 1 W"],
    ["470k/0.5", "470 kΩ 0.5 W"],
    ["470k/½", "470 kΩ 0.5 W"],
    ["10k/1/2", "10 kΩ 0.5 W"],
    ["47 ohm 1/2 watt", "47 Ω 0.5 W"],
    ["1 meg. 1 w.", "1 MΩ 1 W"],
    ["22k 1½ W", "22 kΩ 1.5 W"],
  ])("%s is %s: behind a resistor's stroke stand watts", (text, printed) =>
    expect(part(text, "resistance")).toBe(printed),
  );
  it("are printed so that they read back", () => {
    for (const text of ["224Z 50V", "0.1 µF 630 VDC X2", "10 µF +50/-10% 25V", "40/20 µF 450V"]) {
      const once = part(text, "capacitance", true);
      expect(part(String(once), "capacitance", true)).toBe(once);
    }
  });
});

describe("cans of several sections", () => {
  it.each([
    ["40/20 µF", "40 + 20 µF"],
    ["40/20 µF 450V", "40 + 20 µF 450 V"],
    ["16-16 µF", "2 × 16 µF"],
    ["8 | 8 | 4", "8 + 8 + 4 µF"],
    ["8 µF + 8 µF 450 V", "2 × 8 µF 450 V"],
    ["40+20/450", "40 + 20 µF 450 V"],
    ["8/450", "8 µF 450 V"],
    ["8-450", "8 µF 450 V"],
    ["30/30/25", "30 + 30 + 25 µF"],
  ])("%s is %s", (text, printed) => expect(part(text, "capacitance", true)).toBe(printed));
});

describe("units in words", () => {
  it.each<[string, Quantity, number]>([
    ["60 cycles", "frequency", 60],
    ["455 kilocycles", "frequency", 455e3],
    ["7 megacycles", "frequency", 7e6],
    ["30 henries", "inductance", 30],
    ["40 mils", "current", 0.04],
    ["250 V DC", "voltage", 250],
    ["6.3 volts a.c.", "voltage", 6.3],
    ["50 µV/m", "field", 50e-6],
    ["1450 µmho", "conductance", 1450e-6],
    ["4.1 mA/V", "conductance", 4.1e-3],
    ["10 microfarads", "capacitance", 10e-6],
    ["50 micromicrofarads", "capacitance", 50e-12],
    ["1/2 watt", "power", 0.5],
  ])("%s", (text, quantity, base) => expect(value(text, quantity)).toBeCloseTo(base, 15));
  it("one unit has one name", () => {
    for (const name of ["uV", "µV", "microvolt", "microvolts"]) expect(unitName(name)).toBe("µV");
    for (const name of ["µmho", "umhos", "µS", "uS", "micromhos", "µA/V"]) expect(unitName(name)).toBe("µS");
    expect(["watts", "W", "db", "kc", "min", "h", "H", "turns"].map(unitName)).toEqual([
      "W",
      "W",
      "dB",
      "kHz",
      "min",
      "h",
      "H",
      "turns",
    ]);
  });
});

describe("five bands with gold as the fourth", () => {
  it("are a multiplier, or the tolerance of a military part: 47.3 Ω or 47 kΩ ±5 %", () => {
    const read = decodeBands(["yellow", "violet", "orange", "gold", "brown"]);
    expect(read).toMatchObject({
      ok: true,
      value: { value: 47.3, tolerance: 0.01, or: { value: 47e3, tolerance: 0.05 } },
    });
    expect(decodeBands(["yellow", "violet", "black", "red", "brown"])).toEqual({
      ok: true,
      value: { value: 47e3, tolerance: 0.01 },
    });
  });
  it("and a colour that is none is asked about, never read below zero", () => {
    expect(decodeBands(["turquoise" as never, "violet", "yellow"])).toMatchObject({ ok: false, at: 0 });
    expect(decodeBands(["yellow", "violet", "olive" as never, "gold"])).toMatchObject({ ok: false, at: 2 });
  });
});

describe("money", () => {
  it("is rounded half up in integers", () => {
    expect(share(36000, 0.0875)).toBe(3150); // 8.75 % of 360.00
    expect(share(6250, 69, 60)).toBe(7188); // 69 min at 62.50: 71.875
    expect(share(5, 0.1)).toBe(1); // half a cent
    expect(share(1000, 0.0715)).toBe(72); // 71.5
  });
  it("agrees with exact arithmetic for any rate of four decimals", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 10_000_000 }), fc.integer({ min: 0, max: 9999 }), (minor, rate) => {
        const exact = (2n * BigInt(minor) * BigInt(rate) + 10_000n) / 20_000n;
        expect(share(minor, rate / 10_000)).toBe(Number(exact));
      }),
    );
  });
});
