import {
  acAt,
  candidatesOf,
  compile,
  degreesOf,
  explainer,
  isSolved,
  netOfSheet,
  sizeOf,
  solverOf,
  solveSheet,
  transient,
  voltsAt,
} from "@/core/circuit";
import { randomNet } from "../tests/oracle/circuits";
import { ngspice, oraclePoint, oracleSweep, oracleWave } from "../tests/oracle/ngspice";
import { CIRCUITS } from "@/core/practice";
import type { Net } from "@/core/circuit";

/**
 * How fast and how right the solver is, each beside ngspice as a process in the same run. `npm run bench:circuit`
 * needs ngspice (Debian’s package).
 */
const median = (values: readonly number[]) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;
function timed(times: number, work: () => void): number {
  for (let warm = 0; warm < 3; warm += 1) work();
  return median(
    Array.from({ length: times }, () => {
      const from = performance.now();
      work();
      return performance.now() - from;
    }),
  );
}
const ms = (value: number) => (value < 1 ? `${(1000 * value).toFixed(0)} µs` : `${value.toFixed(1)} ms`);
const row = (...cells: string[]) => console.log(`| ${cells.join(" | ")} |`);

// ngspice wants a way to chassis from every node: the detector’s has none without a signal.
const net: Net = [
  ...netOfSheet(CIRCUITS.Lantern).net,
  { kind: "resistor", name: "R_float", a: "detector", b: "gnd", ohms: 1e9 },
];
const compiled = compile(net);
const solver = solverOf(compiled);
const point = solver.solve();
if (!point.ok) throw new Error(point.node);

row("what", "here", "ngspice, a process", "times faster");
row("---", "---", "---", "---");
const own = timed(200, () => void solver.solve());
const theirs = timed(9, () => void oraclePoint(net));
row("operating point of the Lantern, five tubes", ms(own), ms(theirs), (theirs / own).toFixed(0));
const faults = candidatesOf(compiled, CIRCUITS.Lantern.components);
const variants = Array.from({ length: 500 }, (_, k) => {
  const fault = faults[k % faults.length] as (typeof faults)[number];
  return fault.change(fault.from * (fault.to / fault.from) ** ((k / faults.length) % 1 || 0.5));
});
const many = timed(9, () => variants.forEach((change) => void solver.solve(change, point.x)));
row("500 faulty circuits (theirs: 500 times one)", ms(many), ms(500 * theirs), ((500 * theirs) / many).toFixed(0));
const hertz = Array.from({ length: 200 }, (_, k) => 10 * 10 ** (k / 50));
const signal: Net = [...net, { kind: "amps", name: "I_in", a: "gnd", b: "V3.grid", amps: 0, ac: 1e-6 }];
const withSignal = compile(signal);
const quiet = solverOf(withSignal).solve();
if (!quiet.ok) throw new Error(quiet.node);
const sweep = timed(5, () => hertz.forEach((f) => void acAt(withSignal, quiet.x, f)));
const sweepOf = timed(3, () => void oracleSweep(signal, "V4.plate", [1000]));
row("AC sweep of 200 points (theirs: one point)", ms(sweep), ms(sweepOf), (sweepOf / sweep).toFixed(1));
const supply: Net = [
  { kind: "volts", name: "V1", a: "a", b: "gnd", volts: 0, sine: { peak: 424, hz: 50 } },
  { kind: "resistor", name: "R1", a: "a", b: "a2", ohms: 150 },
  { kind: "diode", name: "D1", a: "a2", b: "r", model: { law: "vacuum", perveance: 2.7e-4 } },
  { kind: "capacitor", name: "C1", a: "r", b: "gnd", farads: 16e-6 },
  { kind: "inductor", name: "L1", a: "r", b: "B+", henries: 10, ohms: 400 },
  { kind: "capacitor", name: "C2", a: "B+", b: "gnd", farads: 16e-6 },
  { kind: "resistor", name: "R3", a: "B+", b: "gnd", ohms: 3600 },
];
const rise = timed(3, () => void transient(compile(supply), { seconds: 1, step: 2e-4, nodes: ["B+"] }));
const riseOf = timed(3, () => void oracleWave(supply, "B+", 1e-4, 1));
row("a supply from switching on, 1 s", ms(rise), ms(riseOf), (riseOf / rise).toFixed(1));

const solved = solveSheet(CIRCUITS.Lantern);
if (!isSolved(solved)) throw new Error("no operating point");
const explain = explainer(solved, CIRCUITS.Lantern.components);
const readings = ["B+", "V1.plate", "V1.screen", "V2.screen", "V3.plate", "V4.plate", "V4.cathode"].map((node) => ({
  id: node,
  node,
  volts: (voltsAt(solved.compiled, solved.x, node) ?? 0) * (node === "V4.cathode" ? 1.4 : 1),
  meterOhms: 11e6,
}));
console.log(
  `\nReadings of seven points explained, every fault with its severity fitted: ${ms(timed(9, () => void explain(readings)))}`,
);

const worst = { dc: 0, db: 0, degrees: 0 };
for (let seed = 1; seed <= 200; seed += 1) {
  const circuit = randomNet(seed);
  const here = compile(circuit);
  const x = solverOf(here).solve();
  if (!x.ok) throw new Error(`${seed}: ${x.node}`);
  for (const [node, volts] of oraclePoint(circuit))
    worst.dc = Math.max(worst.dc, Math.abs((voltsAt(here, x.x, node) ?? 0) - volts) / Math.max(Math.abs(volts), 1));
  if (seed > 20) continue;
  const node = [...here.nodes].findLast((one) => /plate|collector/.test(one)) ?? "";
  const [there] = oracleSweep(circuit, node, [1000]);
  const ours = acAt(here, x.x, 1000)?.(node);
  if (!there || !ours || there.size < 1e-9) continue;
  worst.db = Math.max(worst.db, Math.abs(20 * Math.log10(sizeOf(ours) / there.size)));
  worst.degrees = Math.max(worst.degrees, Math.abs(((degreesOf(ours) - there.degrees + 540) % 360) - 180));
}
console.log(
  `\nWorst deviation: operating point ${(100 * worst.dc).toFixed(4)} % (200 random circuits, every node), signals ${worst.db.toFixed(4)} dB and ${worst.degrees.toFixed(3)}° (20 of them).`,
);
console.log(`ngspice: ${/ngspice-\d+/.exec(ngspice("* none\n.end\n", ["version"]))?.[0] ?? "of this machine"}`);
