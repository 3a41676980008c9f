import { expect, it } from "vitest";
import { USUAL_TERMS } from "@/core/handback";
import { readTerms, typedTerms } from "./terms-typed";

it("reads what it shows: money in units, shares in percent", () => {
  const typed = typedTerms(USUAL_TERMS);
  expect(typed).toMatchObject({ hourMinor: "45.00", tax: "21", driftVolts: "3" });
  expect(readTerms(typed)).toEqual({ ok: true, value: USUAL_TERMS });
});

it("says beside the field what is wrong", () => {
  const read = readTerms({ ...typedTerms(USUAL_TERMS), tax: "210", hourMinor: "much", serviceMonths: "" });
  expect(read).toMatchObject({
    ok: false,
    problems: {
      tax: "A tax is at most 100 %.",
      hourMinor: "A number is needed here.",
      serviceMonths: "A number is needed here.",
    },
  });
});
