import type { Stage } from "../model";
import type { Electrode, Fault, FaultMode, Move, Test } from "./types";

/** What faults do to volts by the set’s own circuit: by its name of the fault and of the node. */
export type Physics = {
  moves: Readonly<Record<string, Readonly<Record<string, readonly (readonly [Move, number])[]>>>>;
  nodes: readonly string[];
  /** the node at which B+ is measured */
  rail?: string;
};

/** Volts that were read, weighed by the circuit as a whole. */
export type NetEvidence = {
  /** how many were read */
  readings: number;
  /** how many times likelier each fault makes them than that nothing is wrong */
  times: readonly (readonly [fault: string, times: number])[];
};

/** How the circuit calls a way to fail, by the last word of the mode’s key. */
const CAPACITOR_WAYS: [RegExp, string][] = [
  [/leaky$/, "leaks"],
  // Their names have it: decoupling that "shorts" mostly leaks.
  [/decoupling-short$/, "leaks"],
  [/short$/, "shorted"],
];
const RESISTOR_WAYS: [RegExp, string][] = [
  [/open$/, "open"],
  [/high$/, "high"],
];
const DEVICE_WAYS: [RegExp, string][] = [
  [/^tube-weak$/, "weak"],
  [/^tube-dead$/, "dead"],
  [/^tube-gassy$/, "gas"],
  [/^tube-hk$/, "heater to cathode"],
  [/^transistor-dead$/, "dead"],
  [/^transistor-short$/, "shorted"],
  [/^transistor-whiskers$/, "to case"],
];
/** Faults of the supply as a whole: it is one element of the net. */
const SUPPLY_WAYS: [RegExp, string][] = [
  [/^rectifier-weak$/, "weak"],
  [/^rectifier-dead$/, "dead"],
];
/** Windings by what the resistance chart calls them. */
const WINDINGS: [RegExp, RegExp][] = [
  [/^choke-open$/, /choke|field/i],
  [/^output-transformer$/, /output.*prim/i],
];

const wayIn = (ways: readonly [RegExp, string][], key: string) => ways.find(([word]) => word.test(key))?.[1];

/** What the circuit calls a fault; undefined where its parts fail in no such way. */
export function netFault(
  { key, part }: Pick<FaultMode, "key" | "part">,
  designator: string | undefined,
  physics: Pick<Physics, "moves">,
): string | undefined {
  const known = (name: string | undefined) =>
    name !== undefined && Object.hasOwn(physics.moves, name) ? name : undefined;
  const supply = wayIn(SUPPLY_WAYS, key);
  if (supply) return known(`supply ${supply}`);
  const winding = WINDINGS.find(([word]) => word.test(key))?.[1];
  if (winding) return Object.keys(physics.moves).find((name) => name.endsWith(" open") && winding.test(name));
  if (!designator) return undefined;
  const [what = ""] = part.split(":");
  const ways = { cap: CAPACITOR_WAYS, res: RESISTOR_WAYS, tube: DEVICE_WAYS, transistor: DEVICE_WAYS }[what];
  const way = ways && wayIn(ways, key);
  return way ? known(`${designator} ${way}`) : undefined;
}

const SOLID: Partial<Record<Electrode, string>> = { plate: "collector", cathode: "emitter", grid: "base" };
/** Stages whose volts are those of the rail. */
const AT_THE_RAIL: ReadonlySet<Stage["kind"]> = new Set(["reservoir", "high-voltage", "battery"]);

/** The node that a stage is measured at; undefined where the net has it under no one name. */
export function nodeOf(stage: Stage, electrode: Electrode, { rail }: Physics): string | undefined {
  if (electrode === "rail") return AT_THE_RAIL.has(stage.kind) ? rail : undefined;
  const [only, another] = stage.tubes;
  if (only === undefined || another !== undefined) return undefined;
  return `${only}.${stage.device === "solid" ? (SOLID[electrode] ?? electrode) : electrode}`;
}

/** What a fault does at a node by the circuit; undefined where the circuit does not speak of the fault or of the node. */
export function movesAt(
  { net }: Pick<Fault, "net">,
  node: string | undefined,
  physics: Physics,
): readonly (readonly [Move, number])[] | undefined {
  if (net === undefined || node === undefined || !physics.nodes.includes(node)) return undefined;
  return physics.moves[net]?.[node] ?? [];
}

/** The test that stands for all volts that the circuit weighs at once. */
export const NET_TEST = "net";
/** A share of readings is wrong however well they fit: at best they are so telling. */
const NET_SLIP = 0.002;
/**
 * One reading of so many is a slip of the probe or of the scale: it makes nothing likelier than by this, and two by its
 * square. Shop's estimate.
 * @example of twenty cathodes that read a third too high, one was read wrongly
 */
const ONE_IS_A_SLIP = 20;
/** From here on more readings are no surer. */
const SURE_FROM = 3;
/** The readings come so with the best cause. Shop's estimate. @example in 95 of 100 sets with that fault */
const MOST_SHOWN = 0.95;
/** Classes of how telling the readings are, three to a decade of them. */
const CLASSES = 12;

/**
 * Volts that were read, as one test: what each fault makes of them stands already in how many times likelier it is than
 * that nothing is wrong. The first outcome is that a sound circuit reads so.
 */
export function netTest(faults: readonly Fault[], evidence: NetEvidence): Test | undefined {
  if (evidence.times.length === 0) return undefined;
  const times = new Map(evidence.times);
  const most = Math.max(1, ...times.values());
  const telling = Math.min(most, ONE_IS_A_SLIP ** Math.min(evidence.readings, SURE_FROM));
  const moved = most > 1;
  const shareOf = (fault: Fault): number => {
    const one = fault.net === undefined ? undefined : times.get(fault.net);
    if (one === undefined) return 0;
    return moved ? (MOST_SHOWN * one) / most : Math.max(0, 1 - one);
  };
  // Classes are even in the logarithm of what matters: how likely it is that the readings come so.
  const classOf = (share: number): number => {
    const left = moved ? share : 1 - share;
    if (share <= 0) return 0;
    return Math.max(0, Math.min(CLASSES, Math.round(CLASSES + 3 * Math.log10(Math.max(left, 1e-9)))));
  };
  const shares = Array.from({ length: CLASSES + 1 }, (_, one) => {
    const left = 10 ** ((one - CLASSES) / 3);
    return moved ? MOST_SHOWN * left : 1 - left;
  });
  const classes = faults.map((fault) => ({ share: shareOf(fault), at: classOf(shareOf(fault)) }));
  return {
    id: NET_TEST,
    act: "volts",
    name: "The volts that were read, by the set’s net",
    how: "",
    needs: [],
    minutes: 0,
    hazard: 0,
    outcomes: NET_OUTCOMES,
    slip: moved ? Math.max(NET_SLIP, Math.min(1, (2 * MOST_SHOWN) / telling)) : NET_SLIP,
    // Effect 0 is none; the classes come behind it.
    response: Uint8Array.from(classes, ({ share, at }) => (share > 0 ? at + 1 : 0)),
    effects: [[0, 0], ...shares.map((share): [number, number] => [0, share])],
  };
}

const NET_OUTCOMES: Test["outcomes"] = [
  { key: "sound", says: "as a sound circuit reads", words: /^$/ },
  { key: "moved", says: "moved", words: /^$/ },
];

/** The outcome that was seen. */
export const netOutcome = (evidence: NetEvidence): "sound" | "moved" =>
  evidence.times.some(([, times]) => times > 1) ? "moved" : "sound";
