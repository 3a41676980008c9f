import { expect, it } from "vitest";
import { format } from "./format";
it("says ratings and dissipations in watts down to a hundredth", () => {
  const printed = [0.125, 0.5, 0.01, 0.009, 2, 1500].map((watts) => format(watts, "power"));
  expect(printed).toEqual(["0.125 W", "0.5 W", "0.01 W", "9 mW", "2 W", "1.5 kW"]);
});
