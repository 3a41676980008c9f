import type { Circuit, Stage, StageKind, Component, Sheet, Tube } from "../model";
import { removeStage, TOPOLOGIES, topologyOf, type Topology } from "./circuit";
import { KINDS } from "./data/kinds";
import type { PlacedPart } from "./system";

type SheetFacts = Pick<Sheet, "kind" | "supply" | "tubes" | "components">;

/** Where a kind's words would also catch another kind's: those that go first. */
const FIRST: readonly StageKind[] = [
  "regulator",
  "rectifier",
  "indicator",
  "bfo",
  "limiter",
  "s-meter",
  "speech",
  "modulator",
  "balanced",
  "phase",
  "agc",
  "oscillator",
  "mixer",
  "driver",
  "if",
  "detector",
];
const ORDER = [...FIRST, ...(Object.keys(KINDS) as StageKind[]).filter((kind) => !FIRST.includes(kind))];

/** Words that name two stages at once, or that mean different stages in different sets. */
function kindsOf(text: string): StageKind[] {
  const words = text.toLowerCase();
  if (/detector and first audio|det(ector)?.*audio/.test(words)) return ["af", "detector"];
  if (/mixer|convert|frequency chang/.test(words)) return ["mixer", "oscillator"];
  const kind = ORDER.find((one) => KINDS[one].words.test(words));
  return kind ? [kind] : [];
}

const ORDINALS: [RegExp, number][] = [
  [/first|\b1\b/, 0],
  [/second|\b2\b/, 1],
  [/third|\b3\b/, 2],
];

/** What a kind's work is called in sets that have no stage of that kind. */
const ALSO: Partial<Record<StageKind, StageKind>> = { pa: "amplifier", oscillator: "vfo", vfo: "oscillator" };

const kindsIn = (circuit: Circuit, text: string): StageKind[] =>
  kindsOf(text).map((kind) => (circuit.stages.some((stage) => stage.kind === kind) ? kind : (ALSO[kind] ?? kind)));

/** The stage of a circuit that words name; where there are several of a kind, the ordinal tells. */
export function stageNamed(circuit: Circuit, text: string): Stage | undefined {
  const words = text.trim().toLowerCase();
  if (!words) return undefined;
  const exact = circuit.stages.find(({ id, name }) => id === words || name.toLowerCase() === words);
  if (exact) return exact;
  const begins = circuit.stages.filter(({ id, name }) => name.toLowerCase().startsWith(words) || id.startsWith(words));
  if (begins.length === 1) return begins[0];
  for (const kind of kindsIn(circuit, words)) {
    const alike = circuit.stages.filter((stage) => stage.kind === kind);
    const at = alike.length > 1 ? (ORDINALS.find(([word]) => word.test(words))?.[1] ?? 0) : 0;
    if (alike[at] ?? alike[0]) return alike[at] ?? alike[0];
  }
  return ORDER.filter((kind) => KINDS[kind].words.test(words)).flatMap((kind) =>
    circuit.stages.filter((stage) => stage.kind === kind),
  )[0];
}

const isSolid = ({ position }: Tube) => /^(Q|TR)/i.test(position);

/** How well a topology suits a sheet: what its words and its tubes say. */
function suits(topology: Topology, sheet: SheetFacts): number {
  const words = sheet.kind.toLowerCase();
  const works = sheet.tubes.map(({ work }) => work.toLowerCase());
  const has = (pattern: RegExp) => works.some((work) => pattern.test(work)) || pattern.test(words);
  const solid = sheet.tubes.length > 0 && sheet.tubes.every(isSolid);
  switch (topology.key) {
    case "transformerless":
      return sheet.supply === "live-chassis" ? 5 : 0;
    case "portable":
      return sheet.supply === "battery" ? 5 : 0;
    case "transistor":
      return solid || sheet.supply === "low-voltage" ? 5 : 0;
    case "trf":
      return /\btrf\b|regenerat|straight/.test(words) || (has(/second rf/) && !has(/mixer|\bif\b/)) ? 6 : 0;
    case "linear":
      return /linear|amplifier/.test(words) ? 7 : 0;
    case "transceiver":
      return /transceiver/.test(words) ? 7 : 0;
    case "transmitter":
      return /transmitter/.test(words) ? 6 : has(/modulator/) && has(/\bpa\b/) ? 4 : 0;
    case "dual-conversion":
      return /communications|dual.?conversion|double.?conversion/.test(words) || has(/second if|second mixer/) ? 4 : 0;
    default:
      return 1;
  }
}

/** Tubes of a sheet that no stage of a circuit takes yet. */
function placeTubes(circuit: Circuit, sheet: SheetFacts, optional: ReadonlySet<string>): Circuit {
  let current = circuit;
  const give = (id: string, tube: Tube) => {
    current = {
      ...current,
      stages: current.stages.map((stage) =>
        stage.id === id
          ? {
              ...stage,
              device: isSolid(tube) ? "solid" : stage.device === "none" ? "none" : "tube",
              tubes: [...stage.tubes, tube.position],
            }
          : stage,
      ),
    };
  };
  for (const tube of sheet.tubes) {
    const work = tube.work.toLowerCase();
    const kinds = kindsIn(circuit, work);
    // A set with an oscillator tube of its own has a mixer that only mixes.
    const ownOscillator = sheet.tubes.some(
      (one) => one !== tube && /oscillat/.test(one.work.toLowerCase()) && !/beat/.test(one.work),
    );
    for (const kind of kinds) {
      if (kind === "oscillator" && kinds[0] === "mixer" && ownOscillator) continue;
      const alike = current.stages.filter((stage) => stage.kind === kind);
      if (alike.length === 0) continue;
      const at = ORDINALS.find(([word]) => word.test(work))?.[1];
      const byOrdinal = at === undefined || alike.length < 2 ? undefined : alike[at];
      const target = byOrdinal ?? alike.find(({ tubes }) => tubes.length === 0) ?? alike[0];
      if (target) give(target.id, tube);
    }
  }
  // Stages that many sets do without go, where no tube does their work.
  for (const id of optional) {
    const stage = current.stages.find((one) => one.id === id);
    if (stage && stage.device !== "none" && stage.tubes.length === 0) current = removeStage(current, id);
  }
  return current;
}

/** A circuit for a sheet out of a topology: its tubes put into the stages where they work. */
export function circuitFrom(topologyKey: string, sheet: SheetFacts): Circuit | undefined {
  const topology = topologyOf(topologyKey);
  return topology ? placeTubes(topology.circuit, sheet, topology.optional) : undefined;
}

/** The topology that a sheet's words and tubes come nearest to. */
export function nearestTopology(sheet: SheetFacts): Topology {
  const ranked = TOPOLOGIES.map((topology) => ({ topology, score: suits(topology, sheet) })).sort(
    (a, b) => b.score - a.score,
  );
  const [best] = ranked;
  if (!best) throw new Error("there is no topology");
  return best.topology;
}

/** The stage that a component belongs to: by the stage that the sheet names, else by its role. */
function stageOfPart(circuit: Circuit, { stage, role }: Component): string | undefined {
  const ofKind = (...kinds: StageKind[]) =>
    kinds.flatMap((kind) => circuit.stages.filter((one) => one.kind === kind))[0]?.id;
  switch (role) {
    case "mains":
    case "mains-to-chassis":
      return ofKind("mains");
    case "reservoir":
    case "smoothing":
      return ofKind("reservoir", "high-voltage", "battery");
    case "avc":
      return ofKind("agc");
    case "dropper":
      return ofKind("heaters", "reservoir");
    case "rail":
      return ofKind("rails");
    default:
      return stage ? stageNamed(circuit, stage)?.id : undefined;
  }
}

/** The components of a sheet with the stages that they belong to; those of no stage are left out. */
export const placedParts = (circuit: Circuit, components: readonly Component[]): PlacedPart[] =>
  components.flatMap((component) => {
    const roles = component.sections?.map(({ role }) => role) ?? [component.role];
    return roles.flatMap((role) => {
      const stage = stageOfPart(circuit, { ...component, role });
      return stage ? [{ designator: component.designator, role, stage }] : [];
    });
  });

/** The circuit of a sheet: its own, else one made from the nearest topology. */
export function circuitOf(sheet: SheetFacts & Pick<Sheet, "circuit">): { circuit: Circuit; proposed: boolean } {
  if (sheet.circuit) return { circuit: sheet.circuit, proposed: false };
  const { key, circuit } = nearestTopology(sheet);
  return { circuit: circuitFrom(key, sheet) ?? circuit, proposed: true };
}
