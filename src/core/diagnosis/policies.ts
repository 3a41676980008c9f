import type { Circuit } from "../model";
import { KINDS } from "./data/kinds";
import { observe, posterior, priorWeights, type Weights } from "./infer";
import { culprits, type Bench } from "./outlook";
import { rankTests } from "./rank";
import { pathId } from "./path-tests";
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

const indices = (system: System, ids: ReadonlySet<string>): Set<number> =>
  new Set([...ids].flatMap((id) => system.faultIndex.get(id) ?? []));

let last: { evidence: readonly Evidence[]; count: number; weights: Weights } | undefined;

/** A search's evidence only grows: what was taken in before is kept. */
function weightsOf(system: System, evidence: readonly Evidence[]): Weights {
  const kept = last?.evidence === evidence && last.count <= evidence.length ? last : undefined;
  const weights = kept ? kept.weights : priorWeights(system);
  for (const one of evidence.slice(kept?.count ?? 0)) observe(weights, system, one);
  last = { evidence, count: evidence.length, weights };
  return weights;
}

/** This engine: what brings the culprit nearest. */
export const engine: Policy = {
  name: "this engine",
  next: ({ system, evidence, done, mended, bench }) => {
    const weights = weightsOf(system, evidence);
    const share = culprits(system, posterior(weights).fault, indices(system, mended));
    return rankTests(system, share, bench, done)[0]?.test;
  },
};

/** The likeliest part first, looked at or exchanged one after the other; what was good is taken into account. */
export const swapper: Policy = {
  name: "likeliest part first",
  next: ({ system, evidence, done, mended }) => {
    const { fault } = posterior(weightsOf(system, evidence));
    const byCheck = new Map<string, number>();
    system.faults.forEach((one, index) => {
      if (!mended.has(one.id)) byCheck.set(checkId(one), (byCheck.get(checkId(one)) ?? 0) + (fault[index] ?? 0));
    });
    const [best] = [...byCheck].filter(([id]) => !done.has(id)).sort((a, b) => b[1] - a[1]);
    return best ? system.testById.get(best[0]) : undefined;
  },
};

type StagePlan = { first: Test[]; checks: Test[] };
const plans = new WeakMap<System, Map<string, StagePlan>>();

/** What belongs to each stage: its volts and a look, and its parts, those that fail most often first. */
function plansOf(system: System): Map<string, StagePlan> {
  const known = plans.get(system);
  if (known) return known;
  const often = new Map<string, number>();
  for (const fault of system.faults) often.set(checkId(fault), (often.get(checkId(fault)) ?? 0) + fault.prior);
  const made = new Map(
    system.stages.map(({ id }) => {
      const here = system.tests.filter((test) => test.stage?.id === id);
      const checks = here.filter(({ act }) => act === "check");
      checks.sort((a, b) => (often.get(b.id) ?? 0) - (often.get(a.id) ?? 0));
      return [id, { first: here.filter(({ act }) => ["rail", "volts", "look", "works"].includes(act)), checks }];
    }),
  );
  plans.set(system, made);
  return made;
}

/** Everything of one stage: its volts, a look, then its parts, those that fail most often first. */
function throughStage(system: System, id: string, done: ReadonlySet<string>): Test | undefined {
  const plan = plansOf(system).get(id);
  return [...(plan?.first ?? []), ...(plan?.checks ?? [])].find((test) => !done.has(test.id));
}

function stageOrder({ stages, paths }: Circuit): string[] {
  const chain = [...new Set(paths.flatMap((path) => path.chain))];
  const beside = (lane: "supply" | "control") =>
    stages.filter(({ id, kind }) => KINDS[kind].lane === lane && !chain.includes(id)).map(({ id }) => id);
  return [...beside("supply"), ...chain, ...beside("control"), ...stages.map(({ id }) => id)];
}

/** From the wall to the loudspeaker, everything in order. */
export const frontToBack: Policy = {
  name: "front to back",
  next: ({ circuit, system, done }) => {
    for (const id of stageOrder(circuit)) {
      const test = throughStage(system, id, done);
      if (test) return test;
    }
    return undefined;
  },
};

/** Stages of the chain that are still suspect, by what was injected. */
function narrowed(chain: readonly string[], key: "receive" | "transmit", evidence: readonly Evidence[]) {
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
function byComplaint(known: Known): string[] {
  const { circuit, evidence, system } = known;
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

/**
 * Rails first, then the middle of what is left of the signal path, then everything of the stage that is left. Where no
 * signal is lost: hum leads to the supply, a wrong dial to the oscillators, crackle to whatever answers to tapping.
 */
export const halfSplitter: Policy = {
  name: "half-splitting",
  next: (known) => {
    const { circuit, system, evidence, done } = known;
    const through = (ids: readonly string[]) => {
      for (const id of ids) {
        const test = throughStage(system, id, done);
        if (test) return test;
      }
      return undefined;
    };
    const rail = system.tests.find((test) => test.act === "rail" && test.stage?.kind !== "agc" && !done.has(test.id));
    const bad = evidence.findLast(({ test, outcome }) => test.startsWith("rail:") && outcome !== "normal");
    if (bad) {
      const test = through([bad.test.slice("rail:".length), ...supplies(circuit)]);
      if (test) return test;
    }
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
      const test = through(left);
      if (test) return test;
    }
    const noisy = evidence.some(({ test, outcome }) => test === "noise" && outcome === "noisy");
    const reacts = evidence.flatMap(({ test, outcome }) =>
      test.startsWith("tap:") && outcome === "reacts" ? [test.slice(4)] : [],
    );
    const tap = noisy && system.tests.find((test) => test.act === "tap" && !done.has(test.id));
    return through(reacts) ?? (tap || through(byComplaint(known)) || frontToBack.next(known));
  },
};

export const POLICIES: readonly Policy[] = [engine, halfSplitter, frontToBack, swapper];
