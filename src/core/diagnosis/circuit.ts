import {
  circuitSchema,
  type Circuit,
  type Device,
  type PathKey,
  PATHS,
  type Stage,
  type StageKind,
  STAGE_KINDS,
} from "../model";
import { KINDS } from "./data/kinds";
import { TOPOLOGY_TEXTS, type TopologyText } from "./data/topologies";
import { natureNamed, type Nature } from "./traits";

export type Topology = {
  key: string;
  name: string;
  circuit: Circuit;
  /** stages that many sets of this kind do without */
  optional: ReadonlySet<string>;
  /** what its sets are, where no sheet tells it */
  nature: Nature;
};

const lines = (text: string) =>
  text
    .split("\n")
    .map((line) => line.trim())
    .filter(Boolean);

function readStage(line: string): { stage: Stage; optional: boolean } {
  const found = /^(\S+) ([a-z-]+)(?:\/(solid|none))?(\?)? ([^[]+?)(?: \[(.+)\])?$/.exec(line);
  const kind = STAGE_KINDS.find((one) => one === found?.[2]);
  if (!found || !kind) throw new Error(`no stage reads like “${line}”`);
  const [, id = "", , device, optional, name = "", board] = found;
  return {
    stage: { id, kind, name, device: (device ?? "tube") as Device, tubes: [], ...(board ? { board } : {}) },
    optional: optional !== undefined,
  };
}

function readFeeds(text: string, kind: "supply" | "control"): Circuit["feeds"] {
  return text.split(";").map((feed) => {
    const [from = "", to = ""] = feed.split(">");
    return { from: from.trim(), to: to.split(",").map((one) => one.trim()), kind };
  });
}

function readTopology(text: TopologyText): Topology {
  const stages = lines(text.stages).map(readStage);
  const chain = (key: PathKey) => {
    const ids = text[key];
    return ids ? [{ key, chain: ids.split(" ") }] : [];
  };
  const circuit = circuitSchema.parse({
    topology: text.key,
    stages: stages.map(({ stage }) => stage),
    paths: PATHS.flatMap(chain),
    feeds: [...readFeeds(text.supply, "supply"), ...(text.control ? readFeeds(text.control, "control") : [])],
  });
  return {
    key: text.key,
    name: text.name,
    circuit,
    nature: natureNamed(text.nature),
    optional: new Set(stages.flatMap(({ stage, optional }) => (optional ? [stage.id] : []))),
  };
}

export const TOPOLOGIES: readonly Topology[] = TOPOLOGY_TEXTS.map(readTopology);
export const topologyOf = (key: string): Topology | undefined => TOPOLOGIES.find((one) => one.key === key);

/** Takes a stage out; the signal goes on from the one before it to the one behind it. */
export function removeStage(circuit: Circuit, id: string): Circuit {
  return {
    ...circuit,
    stages: circuit.stages.filter((stage) => stage.id !== id),
    paths: circuit.paths.map((path) => ({ ...path, chain: path.chain.filter((one) => one !== id) })),
    feeds: circuit.feeds
      .filter(({ from }) => from !== id)
      .map((feed) => ({ ...feed, to: feed.to.filter((one) => one !== id) }))
      .filter(({ to }) => to.length > 0),
  };
}

/** What a stage beside the signal usually controls, by kind; the first of the kinds that a circuit has counts. */
const CONTROLS: Partial<Record<StageKind, readonly StageKind[]>> = {
  oscillator: ["mixer"],
  agc: ["rf", "mixer", "if"],
  bfo: ["detector"],
  limiter: ["af"],
  keying: ["vfo", "driver"],
  speech: ["modulator", "balanced"],
  modulator: ["pa"],
  alc: ["if", "driver"],
  metering: ["pa", "amplifier"],
  bias: ["pa", "amplifier"],
  regulator: ["oscillator", "vfo"],
  stereo: ["af"],
};

/** How a new stage beside the signal is joined to it: as others of its kind are. */
function usualFeed({ stages }: Circuit, { id, kind }: Stage): Circuit["feeds"] {
  const supply = KINDS[kind].lane === "supply";
  const kinds = CONTROLS[kind];
  const to = kinds
    ? stages.filter((stage) => kinds.includes(stage.kind)).map((stage) => stage.id)
    : supply
      ? ["*"]
      : [];
  return to.length > 0 ? [{ from: id, to, kind: supply ? "supply" : "control" }] : [];
}

/** Puts a stage in: behind another one of a signal path, or beside the paths where `behind` is not said. */
export function addStage(circuit: Circuit, stage: Stage, behind?: string): Circuit {
  return {
    ...circuit,
    stages: [...circuit.stages, stage],
    paths: circuit.paths.map((path) => ({
      ...path,
      chain: path.chain.flatMap((one) => (one === behind ? [one, stage.id] : [one])),
    })),
    feeds: [...circuit.feeds, ...(behind === undefined ? usualFeed(circuit, stage) : [])],
  };
}

/**
 * Puts a stage into a way of the signal, behind another one or (with "") at its beginning; takes it out where `after` is
 * undefined. A way that nothing is left of goes.
 */
export function placeInPath(circuit: Circuit, key: PathKey, id: string, after: string | undefined): Circuit {
  const chain = (circuit.paths.find((path) => path.key === key)?.chain ?? []).filter((one) => one !== id);
  const next =
    after === undefined
      ? chain
      : after === ""
        ? [id, ...chain]
        : chain.flatMap((one) => (one === after ? [one, id] : [one]));
  const others = circuit.paths.filter((path) => path.key !== key);
  const paths = next.length > 0 ? [...others, { key, chain: next }] : others;
  return { ...circuit, paths: PATHS.flatMap((one) => paths.find((path) => path.key === one) ?? []) };
}

/** Says which stages one feeds or controls; none: it stands by itself. */
export function joinTo(circuit: Circuit, id: string, to: readonly string[], kind: "supply" | "control"): Circuit {
  const others = circuit.feeds.filter(({ from }) => from !== id);
  return { ...circuit, feeds: to.length > 0 ? [...others, { from: id, to: [...to], kind }] : others };
}

/** Which stages one feeds or controls, each by name: `*` is every stage of a way of the signal. */
export function joinedTo(circuit: Circuit, id: string): { to: string[]; kind: "supply" | "control" } {
  const own = circuit.feeds.filter(({ from }) => from === id);
  const to = own.flatMap((feed) =>
    feed.to.flatMap((one) => (one === "*" ? inChains(circuit).filter((it) => it !== id) : [one])),
  );
  return { to: [...new Set(to)], kind: own[0]?.kind ?? "control" };
}

/** A short word for a new stage that no other has. */
export function freeId(circuit: Circuit, kind: StageKind): string {
  const taken = new Set(circuit.stages.map(({ id }) => id));
  for (let n = 1; ; n += 1) {
    const id = n === 1 ? kind : `${kind}-${n}`;
    if (!taken.has(id)) return id;
  }
}

const inChains = (circuit: Circuit): string[] => [...new Set(circuit.paths.flatMap(({ chain }) => chain))];

/** What feeds or controls a stage, directly. */
export function feedersOf(circuit: Circuit, id: string): { id: string; kind: "supply" | "control" }[] {
  const chained = inChains(circuit);
  return circuit.feeds.flatMap(({ from, to, kind }) =>
    to.includes(id) || (to.includes("*") && chained.includes(id) && from !== id) ? [{ id: from, kind }] : [],
  );
}

/** Stages beside the signal without which it goes through all the same: what fails in them is seen in their own work. */
const ASIDE: ReadonlySet<StageKind> = new Set([
  "bfo",
  "indicator",
  "s-meter",
  "metering",
  "fan",
  "modulator",
  "speech",
]);

/** Stages with all that feeds and controls them, as far back as it goes; what the signal can do without is left out. */
export function withFeeders(circuit: Circuit, stages: readonly string[]): Set<string> {
  const all = new Set<string>();
  const aside = new Set(circuit.stages.filter(({ kind }) => ASIDE.has(kind)).map(({ id }) => id));
  const visit = (id: string) => {
    if (all.has(id)) return;
    all.add(id);
    for (const feeder of feedersOf(circuit, id))
      if (feeder.kind === "supply" || !aside.has(feeder.id)) visit(feeder.id);
  };
  stages.forEach(visit);
  return all;
}

/** Everything that a supply stage feeds, as far as it goes: where its failure is seen. */
export function fedBy(circuit: Circuit, id: string): Set<string> {
  const chained = inChains(circuit);
  const all = new Set<string>();
  const visit = (from: string) => {
    for (const feed of circuit.feeds)
      if (feed.kind === "supply" && feed.from === from)
        for (const to of feed.to.flatMap((one) => (one === "*" ? chained : [one])))
          if (!all.has(to) && to !== id) {
            all.add(to);
            visit(to);
          }
  };
  visit(id);
  return all;
}
