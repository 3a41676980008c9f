import { checkId, faultName, infer, posterior, type Chance, type Evidence, type Fault } from "../diagnosis";
import { complaintOf, toldBy, type Told } from "./complaint";
import type { PracticeSet } from "./set";
import { netName, practiceWorld, probePoints, type Hidden, type PracticeWorld } from "./world";

export const DIFFICULTIES = ["easy", "middling", "hard"] as const;
export type Difficulty = (typeof DIFFICULTIES)[number];

/** Kinds of fault, as one learns them. */
export const KINDS_OF_FAULT = ["capacitor", "resistor", "tube", "winding", "contact", "adjustment", "other"] as const;
export type KindOfFault = (typeof KINDS_OF_FAULT)[number];
export const KIND_WORDS: Record<KindOfFault, string> = {
  capacitor: "Capacitors",
  resistor: "Resistors",
  tube: "Tubes and transistors",
  winding: "Coils and transformers",
  contact: "Contacts, joints and wiring",
  adjustment: "Adjustment and mechanics",
  other: "Anything else",
};

const KIND_OF: Record<string, KindOfFault> = {
  ...{ cap: "capacitor", res: "resistor", tube: "tube", transistor: "tube", diode: "tube", winding: "winding" },
  ...{ contact: "contact", joint: "contact", wiring: "contact", relay: "contact", fuse: "contact" },
  ...{ adjustment: "adjustment", mechanics: "adjustment" },
};
export const kindOfFault = ({ mode }: Pick<Fault, "mode">): KindOfFault =>
  KIND_OF[mode.part.split(":")[0] ?? ""] ?? "other";

/** Bits that the culprit is away when the complaint is known, up to which it is easy, and middling. Shop's estimate. */
const BITS: Record<Exclude<Difficulty, "hard">, number> = { easy: 4, middling: 5.4 };

/** Ohms that differ by so much are told apart in spite of tolerances. Shop rule. @example 470 kΩ and 340 kΩ */
const OHMS_TELL = 1.33;
/** Faults that are no part of a set, or of which nobody could say what they are. */
const NOT_DRAWN = /\.(other|meter-off)(@|$)/;

/** May this fault be drawn at all? Where the table moves volts and the circuit does not know it, its volts would be lies. */
export function drawable({ hot }: Pick<PracticeSet, "hot">, fault: Fault): boolean {
  const net = netName(fault);
  return !NOT_DRAWN.test(fault.id) && (net === undefined ? fault.mode.volts.length === 0 : hot.has(net));
}

/** Does anything that can be measured differ from a sound set? */
export function measurable(set: PracticeSet, world: PracticeWorld): boolean {
  const points = probePoints(set);
  if (world.moved() || world.signs.length > 0) return true;
  const ohms = points.some((point) => {
    const [was, is] = [world.shouldOhms(point), world.ohms(point)];
    if (was === undefined || is === undefined || was === is) return false;
    return Math.max(was, is) > OHMS_TELL * Math.max(1, Math.min(was, is));
  });
  return ohms || set.system.tests.some((test) => test.act !== "check" && world.outcome(test) !== test.outcomes[0]?.key);
}

export const evidenceOf = (told: readonly Told[]): Evidence[] =>
  told.map(({ test, outcome }, at) => ({ id: `owner-${at}`, test, outcome }));

/** The chance that the part behind this check is at fault, by what is known. */
export function chanceOf({ system }: PracticeSet, check: string, evidence: readonly Evidence[]): number {
  const { fault } = posterior(infer(system, evidence).weights);
  return Math.min(
    1,
    system.faults.reduce((sum, one, at) => (checkId(one) === check ? sum + (fault[at] ?? 0) : sum), 0),
  );
}

/** How far away the culprit is when the complaint is known, bits. */
export const bitsAway = (set: PracticeSet, world: PracticeWorld, told: readonly Told[]): number =>
  -Math.log2(Math.max(1e-9, chanceOf(set, checkId(world.fault), evidenceOf(told))));

export const difficultyOf = (bits: number): Difficulty =>
  bits <= BITS.easy ? "easy" : bits <= BITS.middling ? "middling" : "hard";

/** A set is brought in for the worse ones of what a fault may be: so much of their range. Shop's estimate. @example a leak from 30 kΩ to 2.6 MΩ of those up to 50 MΩ */
const WORSE = 0.6;

/** A case to practise on: what is hidden, and what its owner says; in words of their own where somebody chose them. */
export type Drawn = { hidden: Hidden; told: Told[]; difficulty: Difficulty; complaint?: string };

/** Does the set do what was said? Words may leave open which of two it is: a hum of either kind. */
const does = ({ system }: PracticeSet, world: PracticeWorld, { test, outcome }: Told): boolean => {
  const known = system.testById.get(test);
  return known !== undefined && outcome.split("|").includes(world.outcome(known));
};

/** A fault in a manner that is drawn, and what its owner notices of it; nothing where it shows nothing, or not what was said. */
function mannerOf(
  set: PracticeSet,
  fault: Fault,
  chance: Chance,
  said: readonly Told[],
): { hidden: Hidden; world: PracticeWorld; told: Told[] } | undefined {
  const net = netName(fault);
  const candidate = net === undefined ? undefined : set.hot.get(net);
  const { from = 1, to = 1, way = "open" } = candidate ?? {};
  // Of the worse severities: a leak of fifty megohms is a fault that no owner hears.
  const worst = WORSE * chance();
  const hidden: Hidden = {
    fault: fault.id,
    severity: from * (to / from) ** (way === "high" ? 1 - worst : worst),
    seed: Math.floor(chance() * 1e9),
  };
  const world = practiceWorld(set, hidden);
  // What was said is looked at first: it costs least.
  if (!world || !said.every((one) => does(set, world, one)) || !measurable(set, world)) return undefined;
  const told = complaintOf(set, world, chance);
  return told.length > 0 ? { hidden, world, told } : undefined;
}

/**
 * A fault that was chosen, in a manner that is drawn.
 * @param words that its owner is to say: what can be read of them is what the set does; none: they are drawn too
 * @returns nothing where it shows nothing, or not what the words say
 */
export function caseOf(set: PracticeSet, fault: Fault, chance: Chance, words = ""): Drawn | undefined {
  const read = words === "" ? [] : toldBy(set, words);
  const manner = mannerOf(set, fault, chance, read);
  if (!manner) return undefined;
  const { hidden, world } = manner;
  // Where nothing can be read of them, the owner says beside them what they noticed.
  const told = read.length > 0 ? read : manner.told;
  const complaint = read.length > 0 ? words : [words, ...told.map((one) => one.words)].join(" ");
  return {
    ...{ hidden, told, difficulty: difficultyOf(bitsAway(set, world, told)) },
    ...(words === "" ? {} : { complaint }),
  };
}

export type Wish = { difficulty?: Difficulty | undefined; kind?: KindOfFault | undefined; words?: string };

/** A fault that shows nothing in so many manners is left. */
const TRIES = 400;

/**
 * Draws a fault by how often it is found, of the kind and difficulty that was asked for. One that changes nothing that can
 * be measured, or that no owner would notice, is never drawn.
 */
export function draw(set: PracticeSet, { difficulty, kind, words = "" }: Wish, chance: Chance): Drawn | undefined {
  const faults = set.system.faults.filter((fault) => drawable(set, fault) && (!kind || kindOfFault(fault) === kind));
  const sum = faults.reduce((total, { prior }) => total + prior, 0);
  for (let tries = 0; tries < TRIES && faults.length > 0; tries += 1) {
    let left = chance() * sum;
    const fault = faults.find(({ prior }) => (left -= prior) <= 0) ?? faults.at(-1);
    const drawn = fault && caseOf(set, fault, chance, words);
    if (drawn && (!difficulty || drawn.difficulty === difficulty)) return drawn;
  }
  return undefined;
}

/** Every fault that can be hidden in a set, in words, the likeliest first. */
export const faultWordsOf = (set: PracticeSet): { id: string; name: string; kind: KindOfFault }[] =>
  set.system.faults
    .filter((fault) => drawable(set, fault))
    .sort((a, b) => b.prior - a.prior)
    .map((fault) => ({ id: fault.id, name: faultName(fault), kind: kindOfFault(fault) }));
