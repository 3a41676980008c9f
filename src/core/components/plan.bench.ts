import { bench, describe } from "vitest";
import type { Component, Sheet } from "../model";
import { tubeType, substitutes } from "../tubes";
import { stockItem } from "../fixtures";
import { allocate, findPairs, recapPlan, rulesOf } from ".";

/** Limits: a full plan of 120 components against 1,000 stock lines 100 ms; a pair out of 1,000 values 20 ms; a substitution over the whole table 20 ms. */

const ROLES = ["coupling", "decoupling", "tone", "cathode-bypass", "smoothing"] as const;
const components: Component[] = Array.from({ length: 120 }, (_, index) =>
  index % 2
    ? { designator: `R${index}`, role: "grid-leak", drawn: `${10 + index * 7}k` }
    : { designator: `C${index}`, role: ROLES[index % ROLES.length]!, drawn: `${0.01 * (index + 1)} µF 400 V` },
);
const sheet: Sheet = {
  kind: "",
  supply: "transformer",
  lineVolts: 230,
  highestVolts: 425,
  supplyRms: 300,
  tubes: [{ position: "V5", type: "5Y3", work: "rectifier" }],
  components,
  windings: [],
  points: [{ point: "B+", quantity: "voltage", expected: 260 }],
  cautions: [],
};
const stock = Array.from({ length: 1000 }, (_, index) =>
  stockItem({
    id: String(index),
    kind: index % 3 === 0 ? "film" : index % 3 === 1 ? "electrolytic" : "resistor",
    marking: index % 3 === 2 ? `${index * 13} Ω 1 W` : `${(index + 1) * 3.7} nF ${[250, 400, 630][index % 3]} V`,
    onHand: 3,
    priceMinor: index,
  }),
);
const values = Array.from({ length: 1000 }, (_, index) => ({ value: (index + 1) * 37.3, watts: 1, count: 2 }));

describe("parts", () => {
  bench("a full plan: 120 components against 1,000 stock lines", () => {
    const verdict = { verdict: "bad" as const, reasons: ["x"] };
    allocate(
      recapPlan({ sheet, year: 1937, policy: "reliability", switches: {}, rules: rulesOf() }, () => ({ verdict })),
      stock,
      2026,
    );
  });
  bench("the best pairs out of 1,000 values", () => {
    findPairs({ quantity: "resistance", value: 25_000, window: [22_500, 27_500], watts: 1.5 }, values);
  });
  bench("substitution over the whole table", () => {
    substitutes({
      position: "V4",
      original: tubeType("6V6")!,
      feed: { wiring: "parallel", volts: 6.3, loadAmps: 1.65 },
      plateVolts: 245,
      cathodeOhms: 250,
    });
  });
});
