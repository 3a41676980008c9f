import { TOPOLOGIES, natureFor, systemOf } from "@/core/diagnosis";
import { halfSplitter } from "@/core/diagnosis/policies";
import {
  answered,
  chanceFrom,
  drawCase,
  nothingHeard,
  rightAfterAll,
  search,
  truth,
  wrongBy,
  type Case,
} from "@/core/diagnosis/simulate";
import { follow, sheetOf, type Followed } from "../tests/stories/follow";

/**
 * How well the board searches, measured as it is used: what is found out goes into the log, the log is read into a search,
 * and the first advice is followed blindly. One answer in ten is wrong, and a fault keeps its manner.
 * `npm run bench:diagnosis -- [cases a row, default 25] [most=60] [topology …]`
 */
const [count = "25", ...rest] = process.argv.slice(2);
const names = rest.filter((one) => !one.startsWith("most="));
const cases = Number(count);
const WRONG = 0.1;
/** Tests after which a search is given up. */
const MOST = Number(rest.find((one) => one.startsWith("most="))?.slice(5) ?? 60);
const YEARS = 60;

const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length);
const percent = (share: number) => `${(100 * share).toFixed(0)} %`;

/** How sure the board was of what it called bad, and how often it was right, in bins of a fifth. */
const calls: { p: number; right: boolean }[] = [];
/** Of all cases with one fault and with two: was the likeliest part at fault, once every test was made? */
const bound: Record<1 | 2, boolean[]> = { 1: [], 2: [] };

console.log(
  `${cases} cases a row, a set of ${YEARS} years, ${percent(WRONG)} of all answers wrong, at most ${MOST} tests. Each cell: found, tests, minutes, searches with a sound part changed.\n`,
);
console.log("| topology | faults | knowledge | this board | half-splitting | of its minutes |");
console.log("|---|---|---|---|---|---|");
const cell = (runs: readonly Pick<Followed, "found" | "tests" | "minutes" | "falseAlarms">[]) =>
  [
    percent(mean(runs.map(({ found }) => Number(found)))),
    mean(runs.map(({ tests }) => tests)).toFixed(1),
    `${mean(runs.map(({ minutes }) => minutes)).toFixed(0)} min`,
    percent(mean(runs.map(({ falseAlarms }) => Number(falseAlarms > 0)))),
  ].join(", ");

for (const { key, name, circuit } of TOPOLOGIES) {
  if (names.length > 0 && !names.includes(key)) continue;
  const sheet = sheetOf(key);
  const year = new Date().getFullYear() - YEARS;
  const system = systemOf({
    circuit,
    parts: [],
    years: YEARS,
    highestVolts: sheet.highestVolts,
    nature: natureFor(sheet, circuit, year),
  });
  const index = new Map(system.faults.map(({ id }, at) => [id, at]));
  const byBoard = (one: Case, seed: number): Followed => {
    const left = new Set(one.present);
    const chance = chanceFrom(seed);
    return follow(
      {
        sheet,
        complaint: "as told",
        reads: one.complaint.map(({ test, outcome }) => ({ test, outcome })),
        year,
        most: MOST,
      },
      {
        answer: ({ id }) => {
          const test = system.testById.get(id);
          return test ? answered(test, truth(test, left, one, system), WRONG, chance) : "";
        },
        mend: (faults) => {
          const before = left.size;
          for (const fault of faults) left.delete(index.get(fault) ?? -1);
          return { well: nothingHeard(left, one, system), wasBad: left.size < before };
        },
      },
    );
  };
  for (const faults of [1, 2] as const)
    for (const factor of [1, 3]) {
      const chance = chanceFrom(1000 * factor + faults);
      const own = system.faults.map(({ prior }) => prior);
      const drawn = Array.from({ length: cases }, () =>
        drawCase(system, faults, chance, factor === 1 ? own : wrongBy(factor, own, chance)),
      );
      if (factor === 1)
        bound[faults].push(...drawn.map((one, at) => rightAfterAll(system, one, WRONG, chanceFrom(7000 + at))));
      const board = drawn.map((one, at) => byBoard(one, at + 1));
      const split = drawn.map((one, at) =>
        search(one, system, circuit, halfSplitter, { most: MOST, wrong: WRONG, chance: chanceFrom(at + 1) }),
      );
      calls.push(...board.flatMap((one) => one.calls));
      const share = mean(board.map(({ minutes }) => minutes)) / mean(split.map(({ minutes }) => minutes));
      console.log(
        `| ${[name, faults, factor === 1 ? "right" : `wrong by ${factor}`, cell(board), cell(split), percent(share)].join(" | ")} |`,
      );
    }
}

console.log("\nWhat the board called bad: how sure it was, how often it was right, how many.\n");
console.log("| sure | right | calls |");
console.log("|---|---|---|");
for (const [from, to] of [
  [0.7, 0.8],
  [0.8, 0.9],
  [0.9, 0.95],
  [0.95, 1.01],
] as const) {
  const bin = calls.filter(({ p }) => p >= from && p < to);
  if (bin.length > 0)
    console.log(
      `| ${percent(mean(bin.map(({ p }) => p)))} | ${percent(mean(bin.map(({ right }) => Number(right))))} | ${bin.length} |`,
    );
}

console.log(
  "\nThe bound: every test of the set made once, the likeliest part put right, and so again until nothing is heard. No sound part put right in:\n",
);
console.log("| faults | right | cases |");
console.log("|---|---|---|");
for (const faults of [1, 2] as const)
  console.log(`| ${faults} | ${percent(mean(bound[faults].map(Number)))} | ${bound[faults].length} |`);
