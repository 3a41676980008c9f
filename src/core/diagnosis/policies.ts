import type { Circuit, PathKey } from "../model";
import { pathId } from "./data/paths";
import { KINDS } from "./data/kinds";
import { infer, posterior } from "./infer";
import { minutesOf, type Bench } from "./outlook";
import { checkId } from "./tests";
import type { Evidence, System, Test } from "./types";

/** What a policy knows when it chooses. */
export type Known = {
  circuit: Circuit;
  system: System;
  evidence: readonly Evidence[];
  /** tests that it made since the last repair, and checks that it ever made */
  done: ReadonlySet<string>;
  mended: ReadonlySet<string>;
  bench: Bench;
};

/** A way of choosing the next test. Undefined when it has nothing left. */
export type Policy = { name: string; next: (known: Known) => Test | undefined };

/** Stages of the chain that are still suspect, by what was injected. */
function narrowed(chain: readonly string[], key: PathKey, evidence: readonly Evidence[]) {
  let [from, to] = [0, chain.length];
  for (const { test, outcome } of evidence) {
    const [act, id = ""] = test.split(":");
    const at = chain.indexOf(id);
    if (act !== pathId("inject", key) || at < 0) continue;
    // What is sound from here on leaves what lies before; else it lies here or behind.
    if (outcome === "fine") to = Math.min(to, at);
    else from = Math.max(from, at);
  }
  return from < to ? { from, to } : { from: 0, to: chain.length };
}

const supplies = ({ stages }: Circuit): string[] =>
  stages.filter(({ kind }) => KINDS[kind].lane === "supply").map(({ id }) => id);

/** Stages that a complaint without a lost signal points at, in the order of the trade's lore. */
function byComplaint({ circuit, evidence, system }: Known): string[] {
  const chain = circuit.paths.flatMap((path) => path.chain);
  const said = new Set(
    evidence.flatMap(({ test, outcome }) =>
      system.testById.get(test)?.outcomes[0]?.key === outcome ? [] : [test.split(":")[0]],
    ),
  );
  const tuned = circuit.stages
    .filter(({ kind }) => ["oscillator", "vfo", "if", "rf", "mixer", "agc"].includes(kind))
    .map(({ id }) => id);
  if (said.has("hum") || said.has("hum-tx")) return [...supplies(circuit).toReversed(), ...chain.toReversed()];
  if (said.has("dial") || said.has("steady") || said.has("steady-tx")) return [...tuned, ...supplies(circuit)];
  return [];
}

/** Volts and a look that a stage has, and that nobody has taken yet. */
const atStage = ({ system, done }: Known, id: string): Test | undefined =>
  system.tests.find(
    (test) => test.stage?.id === id && ["rail", "volts", "works"].includes(test.act) && !done.has(test.id),
  );

/** Of the parts in some stages (in all, where none is named), the one that is likeliest for each minute that it takes. */
function bestPart({ system, evidence, done, mended, bench }: Known, stages: readonly string[]): Test | undefined {
  const { fault } = posterior(infer(system, evidence).weights, 1);
  const mass = new Map<string, number>();
  system.faults.forEach((one, index) => {
    if (mended.has(one.id) || (stages.length > 0 && !stages.includes(one.stage.id))) return;
    mass.set(checkId(one), (mass.get(checkId(one)) ?? 0) + (fault[index] ?? 0));
  });
  const worth = [...mass].flatMap(([id, p]) => {
    const test = system.testById.get(id);
    return test && !done.has(id) ? [{ test, worth: p / minutesOf(test, bench) }] : [];
  });
  return worth.sort((a, b) => b.worth - a.worth)[0]?.test;
}

/**
 * A careful hand without a computer at his side: rails first, then the middle of what is left of the signal path, then the
 * volts of the stage that is left, and of its parts the likeliest for each minute, by all that was measured. Where no
 * signal is lost, hum leads to the supply and a wrong dial to the oscillators.
 */
export const halfSplitter: Policy = {
  name: "half-splitting",
  next: (known) => {
    const { circuit, system, evidence, done } = known;
    const bad = evidence.findLast(({ test, outcome }) => test.startsWith("rail:") && outcome !== "normal");
    if (bad) {
      const part = bestPart(known, supplies(circuit));
      if (part) return part;
    }
    const rail = system.tests.find((test) => test.act === "rail" && test.stage?.kind !== "agc" && !done.has(test.id));
    if (rail) return rail;
    for (const { key, chain } of circuit.paths) {
      const complaint = evidence.findLast(({ test }) => test === pathId("play", key));
      if (!complaint || complaint.outcome === "fine") continue;
      const { from, to } = narrowed(chain, key, evidence);
      const middle = chain[Math.floor((from + to) / 2)] ?? "";
      const inject = system.testById.get(`${pathId("inject", key)}:${middle}`);
      if (to - from > 1 && inject && !done.has(inject.id)) return inject;
      const left = chain
        .slice(from, to)
        .flatMap((id) => [
          id,
          ...circuit.feeds
            .filter(({ to: fed, kind }) => kind === "control" && fed.includes(id))
            .map((feed) => feed.from),
        ]);
      const volts = left.flatMap((id) => atStage(known, id) ?? [])[0];
      const next = volts ?? bestPart(known, left);
      if (next) return next;
    }
    const lore = byComplaint(known);
    return (lore.length > 0 ? bestPart(known, lore) : undefined) ?? bestPart(known, []);
  },
};
