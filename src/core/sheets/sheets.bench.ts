import { bench, describe } from "vitest";
import { fitSource } from "../response";
import { makeRow, runTable, SHIPPED, showRow, type RunRow, type TestSheet } from ".";

const sheet = SHIPPED.find(({ key }) => key === "transmitter") as TestSheet;
const typed = (n: number) => ({
  band: `${n} m`,
  mode: "CW",
  drive: "6",
  output: String(60 + (n % 9)),
  "plate-amps": "180",
  "plate-volts": "750",
});
const rows = Array.from({ length: 200 }, (_, n): RunRow => {
  const made = makeRow(sheet, [], typed(n));
  if (!made.ok) throw new Error("a row of the benchmark does not read");
  return { id: String(n), row: made.row };
});
const run = (farads: number) => ({
  farads,
  points: Array.from({ length: 30 }, (_, n) => ({
    x: 50 * 1.2 ** n,
    y: 1 / Math.hypot(1, 2 * Math.PI * 50 * 1.2 ** n * 4700 * farads),
  })),
});

describe("a run of 200 rows", () => {
  bench("one row while it is typed (aim: under 16 ms)", () => {
    const made = makeRow(sheet, [], typed(7));
    if (made.ok) showRow(made.row);
  });
  bench("the whole table (aim: under 16 ms)", () => void runTable(sheet, rows));
});

describe("the tone capacitor", () => {
  bench("fit of 30 points (aim: under 20 ms)", () => void fitSource(run(10e-9), run(47e-9)));
});
