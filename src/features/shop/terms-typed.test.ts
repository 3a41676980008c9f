import { expect, it } from "vitest";
import { USUAL_TERMS } from "@/core/handback";
import { readTerms, typedTerms } from "./terms-typed";

it("reads what it shows: money in units, shares in percent", () => {
  const typed = typedTerms(USUAL_TERMS);
  expect(typed).toMatchObject({ hourMinor: "45.00", tax: "21", driftVolts: "3" });
  expect(readTerms(typed, "EUR")).toEqual({ ok: true, value: USUAL_TERMS });
});

it("says beside the field what is wrong", () => {
  const read = readTerms({ ...typedTerms(USUAL_TERMS), tax: "210", hourMinor: "much", serviceMonths: "" }, "EUR");
  expect(read).toMatchObject({
    ok: false,
    problems: {
      tax: "A tax is at most 100 %.",
      hourMinor: "A sum is like 62.50 EUR.",
      serviceMonths: "A number is needed here.",
    },
  });
});

it("takes an hour in the shop's currency alone, also for nothing", () => {
  const hour = (hourMinor: string, currency: string) => {
    const read = readTerms({ ...typedTerms(USUAL_TERMS), hourMinor }, currency);
    return read.ok ? read.value.hourMinor : read.problems.hourMinor;
  };
  expect(hour("£62.50", "GBP")).toBe(6250);
  expect(hour("0", "GBP")).toBe(0);
  expect(hour("62.50 EUR", "GBP")).toBe("A sum is like 62.50 GBP.");
});
