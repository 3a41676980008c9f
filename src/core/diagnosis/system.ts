import type { Circuit, Stage, Role } from "../model";
import { KINDS } from "./data/kinds";
import { MODES } from "./modes";
import {
  ageFactor,
  NOTHING_LEARNT,
  probabilities,
  recordFactor,
  withLearning,
  type Learnt,
  type PartRecord,
} from "./priors";
import { olderTests, testsOf } from "./tests";
import { netFault, netTest, type NetEvidence, type Physics } from "./physics";
import { may, type Nature } from "./traits";
import type { Fault, FaultMode, System } from "./types";

/** A component with the stage that it belongs to. */
export type PlacedPart = { designator: string; role: Role; stage: string };

/** All that a search has to know of a set, apart from what was seen. */
export type SetFacts = {
  circuit: Circuit;
  parts: readonly PlacedPart[];
  /** age of the set, years */
  years?: number | undefined;
  /** highest voltage inside, V: it decides how careful a probe has to be */
  highestVolts: number;
  /** what kind of set it is, as far as faults depend on it */
  nature?: Nature | undefined;
  /** what the set's record says of a part or a tube */
  record?: Readonly<Record<string, PartRecord>> | undefined;
  /** the shop's own figures: share of a thousand, by key of the mode */
  figures?: Readonly<Record<string, number>> | undefined;
  learnt?: Learnt | undefined;
  /** what faults do to volts by the set's own circuit, where it has a net */
  physics?: Physics | undefined;
  /** volts that were read, weighed by that circuit */
  netEvidence?: NetEvidence | undefined;
};

/** Parts of a fault: those whose role the mode names, in its stage; its tubes; else nothing is named. */
function partsOf(mode: FaultMode, stage: Stage, parts: readonly PlacedPart[]): (string | undefined)[] {
  const [what, role] = mode.part.split(":");
  if (what === "tube" || what === "transistor") return stage.tubes.length > 0 ? stage.tubes : [undefined];
  if (!role) return [undefined];
  const letter = what === "cap" ? "C" : "R";
  const named = parts.filter((one) => one.role === role && one.stage === stage.id && one.designator.includes(letter));
  return named.length > 0 ? named.map(({ designator }) => designator) : [undefined];
}

/** A tube that serves two stages is one tube: its faults stand with the stage that it amplifies in. */
function primaryStages(circuit: Circuit): Map<string, string> {
  const primary = new Map<string, string>();
  const rank = (stage: Stage) => (["detector", "agc", "oscillator"].includes(stage.kind) ? 1 : 0);
  for (const stage of [...circuit.stages].sort((a, b) => rank(a) - rank(b)))
    for (const tube of stage.tubes) if (!primary.has(tube)) primary.set(tube, stage.id);
  return primary;
}

/** Stages beside the signal that it needs all the same: without an oscillator nothing is heard. */
const NEEDED = new Set(["oscillator", "vfo", "keying", "balanced"]);

/**
 * A fault as it acts in this set. In a stage beside the signal, what is no fault of that kind of stage alone spoils its own
 * work and not the signal: a dead BFO leaves AM as it was. With one half of the wave in use, ripple is at the line
 * frequency; on a battery nothing hums.
 */
function modeIn(mode: FaultMode, stage: Stage, circuit: Circuit, nature: Nature, string: boolean): FaultMode {
  let { signal, shows, volts } = mode;
  const beside =
    KINDS[stage.kind].lane === "control" &&
    !NEEDED.has(stage.kind) &&
    !circuit.paths.some(({ chain }) => chain.includes(stage.id));
  if (beside && signal && mode.kind !== stage.kind) {
    const share = Math.max(shows.own ?? 0, ...Object.values(signal));
    signal = undefined;
    shows = { ...shows, own: share };
  }
  if (nature.halfWave && shows.hum2) {
    const { hum2, ...rest } = shows;
    shows = { ...rest, hum1: Math.max(hum2, shows.hum1 ?? 0) };
  }
  if (nature.battery && (shows.hum1 ?? shows.hum2) && !circuit.stages.some(({ kind }) => kind === "vibrator")) {
    const { hum1: _one, hum2: _two, ...rest } = shows;
    shows = rest;
  }
  // One heater of a string is all of them: nothing glows, and nothing is drawn.
  if (string)
    volts = [
      { electrode: "rail", move: "none", share: 0.95 },
      { electrode: "line", move: "none", share: 0.95 },
    ];
  if (string) shows = { ...shows, dark: 0.95 };
  if (signal === mode.signal && shows === mode.shows && volts === mode.volts) return mode;
  const { signal: _signal, ...rest } = mode;
  return { ...rest, ...(signal ? { signal } : {}), shows, volts };
}

function faultsOf(facts: SetFacts): Fault[] {
  const { circuit, parts, years, record = {}, figures = {}, learnt = NOTHING_LEARNT, nature = {} } = facts;
  const heaters = circuit.stages.find(({ kind }) => kind === "heaters");
  const primary = primaryStages(circuit);
  const serving = (stage: Stage): Stage => ({
    ...stage,
    tubes: stage.tubes.filter((tube) => primary.get(tube) === stage.id),
  });
  const listed = circuit.stages.flatMap((stage) =>
    MODES.filter((mode) => mode.fits(stage) && mode.only.every((trait) => may(trait, nature, stage))).flatMap(
      (listed) => {
        const string = nature.string === true && heaters !== undefined && listed.key === "tube-dead";
        // Where every tube is listed with its own heater, the heater of no one in particular is none.
        if (nature.string && listed.key === "heater-string-open") return [];
        const mode = modeIn(listed, stage, circuit, nature, string);
        const seat = string ? heaters.id : stage.id;
        const tubeFault = mode.key.startsWith("tube-") || mode.key.startsWith("transistor-");
        const own = serving(stage);
        if (tubeFault && stage.tubes.length > 0 && own.tubes.length === 0) return [];
        const places = partsOf(mode, tubeFault ? own : stage, parts);
        return places.map((designator) => {
          const often = figures[mode.key] ?? mode.often;
          const age = ageFactor(mode.part, years);
          const past = designator ? recordFactor(record[designator] ?? {}) : { factor: 1 };
          // A part that was changed is no longer as old as the set.
          const factor = past.factor < 1 ? past.factor : age.factor * past.factor;
          const because = [
            `${often} in a thousand faults${figures[mode.key] === undefined ? "" : ", the shop’s own figure"}`,
            ...(past.factor < 1 ? [] : [age.because]),
            past.because,
          ].filter((one): one is string => one !== undefined);
          const net = facts.physics && netFault(mode, designator, facts.physics);
          const id = `${stage.id}.${mode.key}${designator ? `@${designator}` : ""}`;
          return {
            fault: {
              id,
              mode,
              stage,
              seat,
              ...(designator ? { designator } : {}),
              ...(net === undefined ? {} : { net }),
              prior: 0,
              because,
            },
            share: often * factor,
          };
        });
      },
    ),
  );
  const priors = probabilities(listed.map(({ share }) => share));
  return withLearning(
    listed.map(({ fault }, index) => ({ ...fault, prior: priors[index] ?? 0 })),
    learnt,
  );
}

/** Puts together what can be wrong with a set and what can be done to find it. */
export function systemOf(facts: SetFacts): System {
  const faults = faultsOf(facts);
  const tests = testsOf(facts.circuit, faults, facts.highestVolts, facts.nature ?? {}, facts.physics);
  const read = netTest(faults, facts.netEvidence ?? { readings: 0, times: [] });
  return {
    stages: facts.circuit.stages,
    faults,
    tests,
    testById: new Map([...olderTests(faults), ...tests, ...(read ? [read] : [])].map((test) => [test.id, test])),
    faultIndex: new Map(faults.map(({ id }, index) => [id, index])),
  };
}

const systems = new Map<string, System>();
/** The system of a set; the last few are kept, for the same set is asked about again and again. */
export function systemFor(facts: SetFacts): System {
  const key = JSON.stringify(facts);
  const known = systems.get(key);
  if (known) return known;
  const made = systemOf(facts);
  if (systems.size > 4) systems.clear();
  systems.set(key, made);
  return made;
}
