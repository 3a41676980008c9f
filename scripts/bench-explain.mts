import {
  candidatesOf,
  chartNodes,
  compile,
  explainer,
  isSolved,
  netOfSheet,
  solverOf,
  solveSheet,
  type Candidate,
  type CircuitSheet,
  type Element,
  type NodeReading,
} from "@/core/circuit";
import { chanceFrom } from "@/core/diagnosis/simulate";
import { meterOhms, rangeFor } from "@/core/readings";
import { CIRCUITS } from "@/core/practice";

/**
 * How well readings are explained: faults drawn by how often they are, parts within ±10 %, tubes within ±12 %, a meter of
 * 1.5 %; readings at the points of the chart alone. `npm run bench:explain -- [cases, default 1000]`
 */
const [count = "1000"] = process.argv.slice(2);
const CASES = Number(count);

const chance = chanceFrom(20261126);
const bell = () => Math.sqrt(-2 * Math.log(1 - chance())) * Math.cos(2 * Math.PI * chance());

function pick(candidates: readonly Candidate[]): Candidate {
  let left = chance() * candidates.reduce((sum, { often }) => sum + often, 0);
  return candidates.find(({ often }) => (left -= often) <= 0) ?? (candidates[0] as Candidate);
}

/** The same set as another one of its kind: every part a little off. */
const another = (net: readonly Element[]): Element[] =>
  net.map((element) =>
    element.kind === "resistor" && element.ohms > 0.5
      ? { ...element, ohms: element.ohms * (1 + 0.06 * bell()) }
      : element,
  );

type Sum = { cases: number; first: number; three: number; ms: number; twins: number };
const empty = (): Sum => ({ cases: 0, first: 0, three: 0, ms: 0, twins: 0 });
const bins = Array.from({ length: 5 }, () => ({ said: 0, right: 0, n: 0 }));

function run(name: string, sheet: CircuitSheet, cases: number, slip: boolean): Sum {
  const solved = solveSheet(sheet);
  if (!isSolved(solved)) throw new Error(`${name} has no operating point`);
  const explain = explainer(solved, sheet.components);
  const candidates = candidatesOf(solved.compiled, sheet.components);
  const points = chartNodes(sheet.points, solved.compiled);
  const sum = empty();
  for (let tries = 0; sum.cases < cases && tries < cases * 20; tries += 1) {
    const culprit = pick(candidates);
    const severity = culprit.from * (culprit.to / culprit.from) ** chance();
    const line = (sheet.chart?.lineVolts ?? sheet.lineVolts) * (1 + 0.02 * bell());
    const conditions = Object.fromEntries(
      sheet.tubes.map(({ position }) => [position, { strength: Math.exp(0.12 * bell()), gas: 0 }]),
    );
    const compiled = compile(another(netOfSheet(sheet, { line }).net), conditions);
    const solver = solverOf(compiled);
    // Both nets have the same elements in the same order: a change of one is a change of the other, at its own value.
    const own = candidatesOf(compiled, sheet.components).find(({ key }) => key === culprit.key);
    const change = own?.change(
      culprit.unit === "Ω" && own.from !== culprit.from ? severity * (own.from / culprit.from) : severity,
    );
    const solution = change && solver.solve(change);
    if (!solution?.ok) continue;
    const readings = points.map(({ point, node }): NodeReading => {
      const at = compiled.index.get(node) ?? -1;
      const ohms =
        meterOhms(sheet.chart?.meter ?? { inputOhms: 11e6 }, point.range ?? rangeFor(point.expected)) ?? 11e6;
      const loaded = solver.solve(
        { ...change, shunts: [...(change.shunts ?? []), { a: at, b: -1, siemens: 1 / ohms }] },
        solution.x,
      );
      const volts = (loaded.ok ? loaded.x : solution.x)[at] as number;
      return { id: node, node, volts: volts * (1 + 0.015 * bell()) + 0.02 * bell(), meterOhms: ohms };
    });
    // What moves no reading of the chart by a fifth, nobody would look for by readings: it is not counted.
    const well = solver.solve();
    const shows = points.some(({ node }) => {
      const at = compiled.index.get(node) ?? -1;
      const [before, after] = [well.ok ? (well.x[at] as number) : 0, solution.x[at] as number];
      return Math.abs(after - before) > Math.max(0.5, 0.2 * Math.abs(before));
    });
    if (!shows) continue;
    if (slip) {
      const wrong = readings[Math.floor(chance() * readings.length)];
      if (wrong) wrong.volts *= chance() < 0.5 ? 0.4 + 0.3 * chance() : 1.4 + chance();
    }
    const from = performance.now();
    const { causes, twins } = explain(readings);
    sum.ms += performance.now() - from;
    sum.cases += 1;
    const [first] = causes;
    const right = (key: string | undefined) =>
      key !== undefined && key.split(" ")[0] === culprit.part.split(" ")[0] && key.startsWith(culprit.part);
    const same = right(first?.key) || twins.some(right);
    if (!right(first?.key) && same) sum.twins += 1;
    if (same) sum.first += 1;
    if (same || causes.slice(0, 3).some(({ key }) => right(key))) sum.three += 1;
    if (first && !slip) {
      const together = causes
        .filter(({ part, key }) => part === first.part || twins.includes(key))
        .reduce((all, { probability }) => all + probability, 0);
      const bin = bins[Math.min(4, Math.floor(together * 5))];
      if (bin) {
        bin.n += 1;
        bin.said += together;
        if (same) bin.right += 1;
      }
    }
  }
  return sum;
}

/** How many causes are left, as the number of equally likely ones that would be as unsure. */
const left = ({ causes, nothing }: ReturnType<ReturnType<typeof explainer>>): number =>
  2 **
  [nothing, ...causes.map(({ probability }) => probability)].reduce(
    (sum, p) => sum - (p > 0 ? p * Math.log2(p) : 0),
    0,
  );

/**
 * What the advice is worth: two points of the chart are read, then the one that is advised, beside another one that is
 * drawn. @returns of each the share of the causes that is left, as a geometric mean
 */
function advised(sheet: CircuitSheet, cases: number): { asked: number; drawn: number; cases: number } {
  const solved = solveSheet(sheet);
  if (!isSolved(solved)) throw new Error("no operating point");
  const explain = explainer(solved, sheet.components);
  const candidates = candidatesOf(solved.compiled, sheet.components);
  const points = chartNodes(sheet.points, solved.compiled);
  const sum = { asked: 0, drawn: 0, cases: 0 };
  for (let tries = 0; sum.cases < cases && tries < cases * 30; tries += 1) {
    const culprit = pick(candidates);
    const solution = solved.solver.solve(culprit.change(culprit.from * (culprit.to / culprit.from) ** chance()));
    if (!solution.ok) continue;
    const read = (node: string): NodeReading => {
      const volts = solution.x[solved.compiled.index.get(node) ?? -1] as number;
      return { id: node, node, volts: volts * (1 + 0.015 * bell()) + 0.02 * bell(), meterOhms: 11e6 };
    };
    const begun = [...points].sort(() => chance() - 0.5).slice(0, 2).map(({ node }) => read(node)); // prettier-ignore
    const first = explain(begun);
    // Where little is open, or nothing is suspected, no point is advised.
    if (!first.next || left(first) < 2.5 || first.nothing > 0.3) continue;
    const others = solved.compiled.nodes.filter((node) => !begun.some((one) => one.node === node));
    const other = others[Math.floor(chance() * others.length)] ?? first.next.node;
    const before = left(first);
    sum.asked += Math.log(left(explain([...begun, read(first.next.node)])) / before);
    sum.drawn += Math.log(left(explain([...begun, read(other)])) / before);
    sum.cases += 1;
  }
  const mean = (log: number) => Math.exp(log / Math.max(1, sum.cases));
  return { asked: mean(sum.asked), drawn: mean(sum.drawn), cases: sum.cases };
}

const percent = (one: number, all: number) => `${((100 * one) / Math.max(1, all)).toFixed(0)} %`;
console.log(
  `Faults that show in the readings; parts ±10 %, tubes ±12 %, meter 1.5 %, readings at the chart's points.\n`,
);
console.log("| set | points | cases | first | in three | of them as a twin | with one slip, in three | time each |");
console.log("|---|---|---|---|---|---|---|---|");
const all = { plain: empty(), slips: empty() };
const add = (to: Sum, one: Sum) => (Object.keys(to) as (keyof Sum)[]).forEach((key) => (to[key] += one[key]));
for (const [name, sheet] of Object.entries(CIRCUITS)) {
  const share = Math.ceil(CASES / Object.keys(CIRCUITS).length);
  const plain = run(name, sheet, share, false);
  const slips = run(name, sheet, Math.ceil(share / 3), true);
  add(all.plain, plain);
  add(all.slips, slips);
  const solved = solveSheet(sheet);
  const points = isSolved(solved) ? chartNodes(sheet.points, solved.compiled).length : 0;
  console.log(
    `| ${name} | ${points} | ${plain.cases} | ${percent(plain.first, plain.cases)} | ${percent(plain.three, plain.cases)} | ${percent(plain.twins, plain.cases)} | ${percent(slips.three, slips.cases)} | ${(plain.ms / Math.max(1, plain.cases)).toFixed(0)} ms |`,
  );
}
const { plain, slips } = all;
console.log(
  `| all |  | ${plain.cases} | ${percent(plain.first, plain.cases)} | ${percent(plain.three, plain.cases)} | ${percent(plain.twins, plain.cases)} | ${percent(slips.three, slips.cases)} | ${(plain.ms / plain.cases).toFixed(0)} ms |`,
);
console.log("\nHow sure it was of the first part and its twins, and how often it was right:\n");
console.log("| sure | right | cases |");
console.log("|---|---|---|");
for (const { said, right, n } of bins) if (n > 0) console.log(`| ${percent(said, n)} | ${percent(right, n)} | ${n} |`);

console.log("\nCauses that are left after the point that is advised, and after one that is drawn:\n");
console.log("| set | cases | advised | drawn |");
console.log("|---|---|---|---|");
for (const [name, sheet] of Object.entries(CIRCUITS)) {
  const { asked, drawn, cases } = advised(sheet, Math.ceil(CASES / 10));
  console.log(`| ${name} | ${cases} | ${percent(asked, 1)} | ${percent(drawn, 1)} |`);
}
