import { TOPOLOGIES } from "@/core/diagnosis/circuit";
import { POLICIES } from "@/core/diagnosis/policies";
import { boundOf, chanceFrom, drawCase, remembering, search, wrongBy } from "@/core/diagnosis/simulate";
import { systemOf } from "@/core/diagnosis/system";

/**
 * How well the engine searches: prints, for every topology, the tests and minutes that each policy takes.
 * `npm run bench:diagnosis -- [cases of each number of faults, default 1000] [topology …]`
 */
const [most = "1000", ...names] = process.argv.slice(2);
const cases = Number(most);
const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length);

console.log(
  `${cases} single and ${cases} double faults a topology and knowledge; a set of 60 years; all instruments at hand.`,
);
console.log(
  "| topology | knowledge | faults | bound, bits | policy | found | tests | × bound | minutes | of half-splitting’s |",
);
console.log("|---|---|---|---|---|---|---|---|---|---|");
for (const { key, name, circuit } of TOPOLOGIES) {
  if (names.length > 0 && !names.includes(key)) continue;
  const system = systemOf({
    circuit,
    parts: [],
    years: 60,
    highestVolts: key === "transistor" ? 9 : key === "linear" ? 1500 : 300,
  });
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
      const half = mean((results[1] ?? []).map(({ minutes }) => minutes));
      policies.forEach((policy, index) => {
        const runs = results[index] ?? [];
        const [tests, minutes] = [mean(runs.map((run) => run.tests)), mean(runs.map((run) => run.minutes))];
        const found = runs.filter((run) => run.found).length / runs.length;
        console.log(
          `| ${name} | ${factor === 1 ? "right" : `wrong by ${factor}`} | ${count} | ${bound.toFixed(2)} | ${policy.name} | ${(100 * found).toFixed(1)} % | ${tests.toFixed(1)} | ${(tests / bound).toFixed(2)} | ${minutes.toFixed(0)} | ${((100 * minutes) / half).toFixed(0)} % |`,
        );
      });
    }
}
