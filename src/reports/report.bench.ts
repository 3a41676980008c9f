import { bench, describe } from "vitest";
import { inputOf, longLog } from "./fixtures";
import { renderReport } from "./render";

/** Target: 20 pages in under 5 s. A log of 620 entries makes 21. */
describe("a report for the bench", () => {
  bench(
    "20 pages",
    async () => {
      await renderReport(inputOf("bench", longLog(620)));
    },
    { iterations: 3, warmupIterations: 1 },
  );
});
