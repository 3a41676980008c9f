import { bench, describe } from "vitest";
import { judge } from "@/core/readings";
import { previewCsv } from "./preview";

const lines = Array.from(
  { length: 2000 },
  (_, n) => `C${(n % 999) + 1}${"ABC"[Math.floor(n / 999)]},coupling,.0${(n % 9) + 1},400 V,output,tested`,
);
const text = ["designator,role,value,rating,stage,note", ...lines].join("\n");

describe("limits: 300 ms for a preview, 5 ms for a chart", () => {
  bench("the preview of a CSV of 2,000 rows", () => {
    previewCsv({ name: "parts", text, context: { dialect: "m-is-million" }, before: [], replace: false });
  });
  bench("a chart of 200 points", () => {
    for (let n = 0; n < 200; n += 1)
      judge({
        quantity: "voltage",
        measured: 200 + (n % 90),
        expected: { value: 250, tolerance: 0.1, lineVolts: 117, sourceOhms: 100e3, chartOhms: 250e3 },
        lineVolts: 122,
        meterOhms: 11e6,
      });
  });
});
