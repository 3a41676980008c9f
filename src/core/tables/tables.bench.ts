import { bench, describe } from "vitest";
import { readTable } from ".";
import { judge } from "../readings";

const letters = ["A", "B", "C"];
const cells = [
  ["designator", "role", "value", "rating", "stage", "note"],
  ...Array.from({ length: 2000 }, (_, n) => [
    `C${(n % 999) + 1}${letters[Math.floor(n / 999)]}`,
    "coupling",
    ".05",
    "400 V",
    "output",
    "tested",
  ]),
];

describe("limits: 300 ms and 5 ms", () => {
  bench("a parts list of 2,000 rows", () => {
    readTable("parts", cells, { dialect: "m-is-million" });
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
