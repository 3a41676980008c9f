import { GROUND, loadsOf, metered, moveOf, ohmsAt, ratingsOf, tubeLoads, type Solved } from "../circuit";
import { checkId, ELECTRODES, nodeOf, shown, type Fault, type Test } from "../diagnosis";
import { electrodeNode, nodeOfPoint, type StageKind } from "../model";
import { circuitSheet } from "../visit";
import type { PracticeSet } from "./set";

/** What the practice meter is to a circuit, Ω: a digital one. */
export const METER_OHMS = 10e6;

/** The node at which a test of volts is made; undefined where it is no such test, or the net does not have it. */
export function nodeOfTest(
  { sound, facts }: PracticeSet,
  { id, stage }: Pick<Test, "id" | "stage">,
): string | undefined {
  const [act = "", , electrode = "rail"] = id.split(":");
  if ((act !== "volts" && act !== "rail") || !stage) return undefined;
  const rail = facts.physics?.rail;
  const known = ELECTRODES.find((one) => one === electrode);
  return known && nodeOf(stage, known, { moves: {}, nodes: sound.compiled.nodes, ...(rail ? { rail } : {}) });
}

/** What is wrong with a practice set, and in which manner. */
export type Hidden = {
  /** of the search's table, for this set: `output.coupling-leaky@C14` */
  fault: string;
  /** how bad: Ω of a leak or of a part, share of a tube's current; 1 where it has none */
  severity: number;
  /** the manner that it keeps: what shows once shows each time */
  seed: number;
};

/** Eyes and nose: what is seen and smelt of a set that is on. */
export type Sign = { part: string; text: string; kind: "smoke" | "hot" | "red plate" };

/** A set with its hidden fault, as whoever works on it meets it. */
export type PracticeWorld = {
  fault: Fault;
  /** volts at a point, with a meter of so many ohms across it; undefined where the circuit does not have it */
  volts: (point: string, ohms: number) => number | undefined;
  /** what a sound set reads there, V */
  should: (point: string, ohms: number) => number | undefined;
  /** Ω to chassis with the power off; endless where nothing passes */
  ohms: (point: string) => number | undefined;
  shouldOhms: (point: string) => number | undefined;
  signs: readonly Sign[];
  /** are volts somewhere out of what they should be? */
  moved: () => boolean;
  /** what comes of a test */
  outcome: (test: Test) => string;
  /** the parts behind this check are at fault */
  isBad: (check: string) => boolean;
};

/**
 * More than its watts by so much and it is too hot to touch, by so much and it smokes. Shop's estimates.
 * @example a resistor of 1 W that takes 1.6 W browns, one that takes 2.5 W smokes
 */
const [TOO_HOT, SMOKES] = [1.5, 2.2];
/** Over its plate dissipation by so much a plate begins to glow. Shop's estimate. @example 18 W in a plate for 12 W */
const RED = 1.4;

/** Tests that hear one and the same sound: a fault sounds the same in all of them. */
const OF_SOUND: ReadonlySet<string> = new Set(["play", "inject", "trace", "phono", "phones", "finger"]);
const senseOf = ({ act, id }: Test): string => (OF_SOUND.has(act) ? "sound" : id);

/** Stages whose failure the whole set feels through its B+. */
const SUPPLIES: ReadonlySet<StageKind> = new Set([
  ...(["mains", "rectifier", "reservoir", "high-voltage"] as const),
  ...(["battery", "vibrator", "dynamotor", "inverter"] as const),
]);
/** Only what happens more often than not is what this set does. */
const MOSTLY = 0.5;

/**
 * What the circuit calls a fault. One of the supply that it has no name for acts as a supply that is dead or weak: a
 * broken mains lead gives no B+, a dry reservoir less.
 */
export function netName({ net, stage, mode }: Pick<Fault, "net" | "stage" | "mode">): string | undefined {
  if (net !== undefined || !SUPPLIES.has(stage.kind)) return net;
  const rail = mode.volts.find(({ electrode, share }) => electrode === "rail" && share > MOSTLY);
  return rail?.move === "none" ? "supply dead" : rail?.move === "low" ? "supply weak" : undefined;
}

/** The set as the circuit has it with its fault. */
type Broken = Solved & { change: Parameters<Solved["solver"]["solve"]>[0] };

function brokenOf(set: PracticeSet, net: string | undefined, severity: number): Broken | undefined {
  const candidate = net === undefined ? undefined : set.hot.get(net);
  if (!candidate) return { ...set.sound, change: {} };
  const change = candidate.change(severity);
  const solution = set.sound.solver.solve(change, set.sound.x);
  return solution.ok ? { ...set.sound, x: solution.x, change } : undefined;
}

/** What is too hot by its own watts, beyond what it is in a sound set. */
function signsOf(set: PracticeSet, broken: Broken, net: string | undefined, severity: number): Sign[] {
  const sheet = circuitSheet(set.sheet);
  const candidate = net === undefined ? undefined : set.hot.get(net);
  // A part that is no longer what it was takes other watts than its marking would.
  const loads = loadsOf(broken).map((load) =>
    candidate?.part === load.part && candidate.unit === "Ω" && candidate.way !== "leaks"
      ? { ...load, watts: load.volts ** 2 / severity }
      : candidate?.part === load.part && candidate.way === "open"
        ? { ...load, watts: 0 }
        : load,
  );
  const before = new Map(loadsOf(set.sound).map(({ part, watts }) => [part, watts]));
  const parts = ratingsOf(sheet, loads).flatMap(({ part, watts, ratedWatts }): Sign[] => {
    const share = ratedWatts ? watts / ratedWatts : 0;
    if (share < TOO_HOT || watts < 1.2 * (before.get(part) ?? 0)) return [];
    return share >= SMOKES
      ? [{ part, kind: "smoke", text: `${part} smokes and goes black.` }]
      : [{ part, kind: "hot", text: `${part} is brown, and far too hot.` }];
  });
  const sound = new Map(tubeLoads(set.sound, sheet.tubes).map((one) => [one.tube, one.plateWatts]));
  const strength = candidate?.way === "weak" ? severity : candidate?.way === "dead" ? 0 : undefined;
  const conditions = candidate && strength !== undefined ? { [candidate.part]: { strength, gas: 0 } } : {};
  const plates = tubeLoads(broken, sheet.tubes, conditions).flatMap(({ tube, plateWatts, plateLimit }): Sign[] =>
    plateLimit && plateWatts > RED * plateLimit && plateWatts > 1.2 * (sound.get(tube) ?? 0)
      ? [{ part: tube, kind: "red plate", text: `The plate of ${tube} glows red.` }]
      : [],
  );
  return [...parts, ...plates];
}

/**
 * A practice set with a fault in it. Volts, ohms, heat and red plates follow from its circuit; what is heard follows from
 * the table of faults, in one manner that it keeps.
 * @returns undefined where this set has no such fault, or its circuit finds no operating point with it
 */
export function practiceWorld(set: PracticeSet, hidden: Hidden): PracticeWorld | undefined {
  const index = set.system.faultIndex.get(hidden.fault);
  const fault = index === undefined ? undefined : set.system.faults[index];
  if (!fault || index === undefined) return undefined;
  const net = netName(fault);
  const broken = brokenOf(set, net, hidden.severity);
  if (!broken) return undefined;
  const signs = signsOf(set, broken, net, hidden.severity);
  const coldChange = net === undefined ? {} : (set.off.get(net)?.change(hidden.severity) ?? {});
  const check = checkId(fault);
  const smells = signs.some(({ kind }) => kind !== "red plate");
  const red = signs.some(({ kind }) => kind === "red plate");
  const volts = (point: string, ohms: number) => metered(broken, nodeOfPoint(point), ohms, broken.change);
  const should = (point: string, ohms: number) => metered(set.sound, nodeOfPoint(point), ohms);

  let known: boolean | undefined;
  const moved = (): boolean =>
    (known ??= probePoints(set).some((point) => {
      const [was, is] = [should(point, METER_OHMS), volts(point, METER_OHMS)];
      return was !== undefined && is !== undefined && moveOf(was, is) !== undefined;
    }));
  /** What is heard, or seen of the whole set: an outcome. Where volts have moved, what mostly sounds is heard. */
  const byTable = (test: Test): number => {
    const outcome = shown(test, index, hidden, set.system, senseOf(test));
    if (outcome !== 0 || !OF_SOUND.has(test.act) || !moved()) return outcome;
    const [, ...shares] = test.effects[test.response[index] ?? 0] ?? [];
    const most = Math.max(0, ...shares);
    return most > MOSTLY ? shares.indexOf(most) + 1 : 0;
  };

  /** What the circuit says of a test; undefined where it says nothing. */
  const byCircuit = (test: Test): string | undefined => {
    if (test.act === "smell" && smells) return "hot";
    if (test.act === "glow" && red) return "bright";
    if (test.act === "look" && test.stage && signs.some(({ part }) => belongsTo(set, part, test.stage?.id ?? "")))
      return "seen";
    if (net === undefined) return undefined;
    const node = nodeOfTest(set, test);
    const [was, is] = [set.sound, broken].map((one) => (node === undefined ? undefined : metered(one, node)));
    return was === undefined || is === undefined ? undefined : (moveOf(was, is) ?? "normal");
  };
  return {
    fault,
    volts,
    should,
    ohms: (point) => ohmsAt(set.cold, nodeOfPoint(point), GROUND, coldChange)?.plus,
    shouldOhms: (point) => ohmsAt(set.cold, nodeOfPoint(point))?.plus,
    signs,
    moved,
    outcome: (test) => {
      if (test.act === "check") return test.outcomes[test.id === check ? 1 : 0]?.key ?? "";
      const told = byCircuit(test);
      if (told !== undefined && test.outcomes.some(({ key }) => key === told)) return told;
      return test.outcomes[byTable(test)]?.key ?? "";
    },
    isBad: (id) => id === check,
  };
}

/** Does a part or a tube belong to this stage? */
function belongsTo({ facts, circuit }: PracticeSet, part: string, stage: string): boolean {
  const designator = part.split("/")[0] ?? part;
  return (
    facts.parts.some((one) => one.designator === designator && one.stage === stage) ||
    circuit.stages.some(({ id, tubes }) => id === stage && tubes.includes(designator))
  );
}

/** Where a probe can go: the points of the chart, then what else the net has. */
export function probePoints({ sheet, sound }: PracticeSet): string[] {
  const charted = sheet.points.filter(({ quantity }) => quantity === "voltage").map(({ point }) => point);
  const nodes = new Set(charted.map(nodeOfPoint));
  const known = charted.filter((point) => sound.compiled.index.has(nodeOfPoint(point)));
  const more = sound.compiled.nodes.flatMap((node) => {
    const at = electrodeNode(node);
    return nodes.has(node) || !at ? [] : [`${at.device}${at.section} ${at.electrode}`];
  });
  return [...known, ...more.sort((a, b) => a.localeCompare(b, "en", { numeric: true }))];
}
