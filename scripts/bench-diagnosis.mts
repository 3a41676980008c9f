import { TOPOLOGIES, systemOf } from "@/core/diagnosis";
import { POLICIES } from "@/core/policy";
import { boundOf, chanceFrom, drawCase, remembering, search, wrongBy } from "@/core/diagnosis/simulate";
import type { Search } from "@/core/visit";

/**
 * How well the engine searches: prints, for every topology, the tests and minutes that each way of searching takes.
 * `npm run bench:diagnosis -- [cases a row, default 500: four rows a topology] [topology …]`
 */
const [most = "500", ...names] = process.argv.slice(2);
const cases = Number(most);
const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length);
const VOLTS: Record<string, number> = { transistor: 9, linear: 1500 };

/** Tests, minutes and the share that was found, in one cell. */
const cell = (runs: readonly Search[]) =>
  [
    mean(runs.map(({ tests }) => tests)).toFixed(1),
    `${mean(runs.map(({ minutes }) => minutes)).toFixed(0)} min`,
    `${(100 * mean(runs.map(({ found }) => Number(found)))).toFixed(1)} %`,
  ].join(", ");

console.log(
  `${cases} cases a row, a set of 60 years, all instruments at hand. Each cell: tests, minutes, share found.\n`,
);
const columns = [
  "topology",
  "knowledge",
  "faults",
  "bound",
  ...POLICIES.map(({ name }) => name),
  "tests × bound",
  "of half-splitting’s minutes",
];
console.log(`| ${columns.join(" | ")} |`);
console.log(`|${columns.map(() => "---").join("|")}|`);
for (const { key, name, circuit } of TOPOLOGIES) {
  if (names.length > 0 && !names.includes(key)) continue;
  const system = systemOf({ circuit, parts: [], years: 60, highestVolts: VOLTS[key] ?? 300 });
  const policies = POLICIES.map(remembering);
  for (const factor of [1, 3])
    for (const count of [1, 2] as const) {
      const chance = chanceFrom(1000 * factor + count);
      const own = system.faults.map(({ prior }) => prior);
      const drawn = Array.from({ length: cases }, () =>
        drawCase(system, count, chance, factor === 1 ? own : wrongBy(factor, own, chance)),
      );
      const bound = mean(drawn.map((one) => boundOf(system, one)));
      const results = policies.map((policy) => {
        const luck = chanceFrom(7);
        return drawn.map((one) => search(one, system, circuit, policy, luck));
      });
      const minutes = results.map((runs) => mean(runs.map((run) => run.minutes)));
      const tests = mean((results[0] ?? []).map((run) => run.tests));
      const share = (100 * (minutes[0] ?? 0)) / (minutes[1] ?? 1);
      console.log(
        `| ${[name, factor === 1 ? "right" : `wrong by ${factor}`, count, bound.toFixed(1), ...results.map(cell), (tests / bound).toFixed(2), `${share.toFixed(0)} %`].join(" | ")} |`,
      );
    }
}
