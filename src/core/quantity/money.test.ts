import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { formatMoney, isCurrency, minorIn, parseMoney, parseSum } from ".";

const says = (text: string, currency = "EUR") => {
  const read = parseSum(text, currency);
  return read ? formatMoney(read) : undefined;
};

describe("an amount", () => {
  it("is read as it is written in a shop", () => {
    expect(parseMoney("250", "EUR")).toEqual({ minor: 25_000, currency: "EUR" });
    expect(parseMoney("250,5 €", "EUR")).toEqual({ minor: 25_050, currency: "EUR" });
    expect(parseMoney("gbp 1200.05", "EUR")).toEqual({ minor: 120_005, currency: "GBP" });
    for (const text of ["", "0", "much", "-5", "€ 5 EUR", "5 %", "5 kg", "1e3", "0x10", "5 5"])
      expect(parseMoney(text, "EUR"), text).toBeUndefined();
  });

  it.each([
    ["1.250,50", "1250.50 EUR"],
    ["1,250.50", "1250.50 EUR"],
    ["1 250", "1250 EUR"],
    ["1\u202f250,5", "1250.50 EUR"],
    ["1'250.50", "1250.50 EUR"],
    ["1.250.000", "1250000 EUR"],
    ["250.-", "250 EUR"],
    ["250,--", "250 EUR"],
    ["250 euro", "250 EUR"],
    ["250 Euros.", "250 EUR"],
    ["EUR250", "250 EUR"],
    ["£ 40", "40 GBP"],
    ["40 pounds", "40 GBP"],
  ])("%s is %s", (text, printed) => expect(says(text)).toBe(printed));

  it("with a single group behind a point or a comma is not read: it may be a thousand times as much", () => {
    for (const text of ["1.250", "1,250", "1.250 EUR"]) expect(says(text), text).toBeUndefined();
  });

  it("of a sign that several currencies have is in the shop's own where that is one of them", () => {
    expect(says("$40", "CAD")).toBe("40 CAD");
    expect(says("$40", "EUR")).toBe("40 USD");
    expect(says("40 kr", "DKK")).toBe("40 DKK");
    expect(says("40 Fr.", "CHF")).toBe("40 CHF");
    expect(says("40 zł", "PLN")).toBe("40 PLN");
  });

  it("has no currency that there is not: a word behind a figure is none", () => {
    for (const text of ["250 max", "250 net", "250 inc", "limit 250", "250 or so"])
      expect(says(text), text).toBeUndefined();
    expect(["EUR", "USD", "MAX", "eur"].map(isCurrency)).toEqual([true, true, false, false]);
  });

  it("that is reckoned with others is in the shop's currency or in none that is named", () => {
    expect(minorIn("20.50", "EUR")).toBe(2050);
    expect(minorIn("20.50 eur", "EUR")).toBe(2050);
    expect(minorIn("0", "EUR")).toBe(0);
    expect(minorIn("$20.50", "EUR")).toBeUndefined();
    expect(minorIn("much", "EUR")).toBeUndefined();
  });

  it("is printed so that it reads back", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 999_999_999 }), fc.constantFrom("EUR", "GBP", "CHF"), (minor, currency) => {
        const amount = { minor, currency };
        expect(parseSum(formatMoney(amount), "USD")).toEqual(amount);
      }),
    );
    expect(formatMoney({ minor: 25_000, currency: "EUR" })).toBe("250 EUR");
  });
});
