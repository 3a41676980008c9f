import { expect, it } from "vitest";
import { worksQuestion } from "./tests";

it("asks in good English whether a stage works, whatever the stage is called", () => {
  expect(worksQuestion("Antenna coils")).toBe("Do the antenna coils work?");
  expect(worksQuestion("Batteries")).toBe("Do the batteries work?");
  expect(worksQuestion("Reservoir and smoothing")).toBe("Do the reservoir and smoothing work?");
  expect(worksQuestion("IF stage")).toBe("Does the IF stage work?");
  expect(worksQuestion("Bias supply")).toBe("Does the bias supply work?");
  expect(worksQuestion("Bias")).toBe("Does the bias work?");
});
