import { expect, it } from "vitest";
import { formatMoney, parseMoney } from ".";

it("reads amounts as they are written in a shop", () => {
  expect(parseMoney("250", "EUR")).toEqual({ minor: 25_000, currency: "EUR" });
  expect(parseMoney("250,5 €", "EUR")).toEqual({ minor: 25_050, currency: "EUR" });
  expect(parseMoney("gbp 1200.05", "EUR")).toEqual({ minor: 120_005, currency: "GBP" });
  for (const text of ["", "0", "much", "-5", "1.234,50", "€ 5 EUR"]) expect(parseMoney(text, "EUR")).toBeUndefined();
});

it("prints them so that they read back", () => {
  for (const minor of [1, 100, 25_050, 9_999_999]) {
    const amount = { minor, currency: "EUR" };
    expect(parseMoney(formatMoney(amount), "USD")).toEqual(amount);
  }
  expect(formatMoney({ minor: 25_000, currency: "EUR" })).toBe("250 EUR");
});
