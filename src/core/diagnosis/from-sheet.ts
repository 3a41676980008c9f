import type { Circuit, Stage, StageKind, Component, Sheet, Tube } from "../model";
import { removeStage, TOPOLOGIES, topologyOf, type Topology } from "./circuit";
import { KINDS } from "./data/kinds";
import type { PlacedPart } from "./system";
import { natureOf, type Nature } from "./traits";

type SheetFacts = Pick<Sheet, "kind" | "supply" | "tubes" | "components">;

/** Where a kind's words would also catch another kind's: those that go first. */
const FIRST: readonly StageKind[] = [
  "fm-front",
  "fm-limiter",
  "fm-detector",
  "stereo",
  "vibrator",
  "dynamotor",
  "inverter",
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
const ALSO: Partial<Record<StageKind, StageKind>> = {
  pa: "amplifier",
  oscillator: "vfo",
  vfo: "oscillator",
  "fm-front": "rf",
  "fm-detector": "detector",
  "fm-limiter": "if",
  selector: "af",
};

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

/** What suits a topology: words of the sheet's kind, works of its tubes, its supply. The highest score is offered. */
type Suits = (set: {
  words: string;
  /** in the kind or in the work of a tube */
  has: (pattern: RegExp) => boolean;
  solid: boolean;
  supply: Sheet["supply"];
}) => number;

const SENDS = /transceiver|transmitter/;
/** An amplifier of sound, not of radio frequency. */
const SOUND = /hi-?fi|audio|\baf\b|gramophone|guitar|stereo|music|public address|phono|tape|microphone|power amplifier/;
const AMPLIFIER = /amplifier/;
const LINEAR = /linear|\brf\b|grounded.grid/;
const FM = /\bfm\b|vhf|ratio detector|discriminator/;
const MOBILE = /\bcar\b|\bauto|mobile|vibrator/;

const SUITS: Record<string, Suits> = {
  superhet: () => 1,
  transformerless: ({ supply }) => (supply === "live-chassis" ? 5 : 0),
  portable: ({ supply, solid }) => (supply === "battery" && !solid ? 4 : 0),
  transistor: ({ supply, solid, has }) => (solid && !has(FM) ? 5 : supply === "low-voltage" ? 4 : 0),
  "solid-receiver": ({ solid, has, supply, words }) =>
    SENDS.test(words) ? 0 : solid && has(FM) ? 10 : solid && supply === "transformer" ? 6 : 0,
  trf: ({ words, has }) => (/\btrf\b|straight/.test(words) || (has(/second rf/) && !has(/mixer|\bif\b/)) ? 6 : 0),
  regenerative: ({ words }) => (/regenerat|reaction|one.?(tube|valve)/.test(words) ? 7 : 0),
  reflex: ({ has }) => (has(/reflex/) ? 7 : 0),
  linear: ({ words }) =>
    AMPLIFIER.test(words) && (LINEAR.test(words) || !SOUND.test(words)) ? 7 : /linear/.test(words) ? 7 : 0,
  "audio-amplifier": ({ words, solid }) =>
    AMPLIFIER.test(words) && SOUND.test(words) && !LINEAR.test(words) && !solid ? 8 : 0,
  "solid-amplifier": ({ words, solid }) => (AMPLIFIER.test(words) && !LINEAR.test(words) && solid ? 9 : 0),
  transceiver: ({ words }) => (/transceiver/.test(words) ? 7 : 0),
  "solid-transceiver": ({ words, solid }) => (/transceiver/.test(words) && solid ? 9 : 0),
  "converter-transceiver": ({ words, has }) =>
    /transceiver/.test(words) && has(/dc.?dc|inverter|switching (transistor|supply)|mobile/) ? 8 : 0,
  transmitter: ({ words, has }) => (/transmitter/.test(words) ? 6 : has(/modulator/) && has(/\bpa\b/) ? 4 : 0),
  "solid-transmitter": ({ words, solid }) => (/transmitter/.test(words) && solid ? 9 : 0),
  "single-conversion": ({ words, has }) =>
    !SENDS.test(words) &&
    (/communications|amateur|general.coverage|single.?conversion/.test(words) || has(/\bbfo\b|beat/))
      ? 4
      : 0,
  "dual-conversion": ({ words, has }) =>
    !SENDS.test(words) && (/(dual|double).?conversion|\bifs\b/.test(words) || has(/second mixer/)) ? 6 : 0,
  "am-fm": ({ words, has }) => (has(FM) && !SENDS.test(words) && !AMPLIFIER.test(words) ? 5 : 0),
  vibrator: ({ words, has, supply }) =>
    has(/vibrator/) || (MOBILE.test(words) && supply !== "transformer" && !SENDS.test(words)) ? 6 : 0,
  dynamotor: ({ has }) => (has(/dynamotor|genemotor|rotary converter/) ? 8 : 0),
};

function suits(topology: Topology, sheet: SheetFacts): number {
  const words = sheet.kind.toLowerCase();
  const works = sheet.tubes.map(({ work }) => work.toLowerCase());
  const has = (pattern: RegExp) => works.some((work) => pattern.test(work)) || pattern.test(words);
  const solid = sheet.tubes.length > 0 && sheet.tubes.every(isSolid);
  return SUITS[topology.key]?.({ words, has, solid, supply: sheet.supply }) ?? 0;
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

/** What a set is, by its sheet; what the sheet leaves open, by the kind of its circuit. */
export function natureFor(sheet: SheetFacts, circuit: Circuit, year?: number): Nature {
  const usual = topologyOf(circuit.topology)?.nature ?? {};
  const own = natureOf(sheet, year);
  return { ...usual, ...own, reaction: Boolean(usual.reaction) || Boolean(own.reaction) };
}

/** The circuit of a sheet: its own, else one made from the nearest topology. */
export function circuitOf(sheet: SheetFacts & Pick<Sheet, "circuit">): { circuit: Circuit; proposed: boolean } {
  if (sheet.circuit) return { circuit: sheet.circuit, proposed: false };
  const { key, circuit } = nearestTopology(sheet);
  return { circuit: circuitFrom(key, sheet) ?? circuit, proposed: true };
}
