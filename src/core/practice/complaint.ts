import { bareId, said, type Chance, type Test } from "../diagnosis";
import type { StageKind } from "../model";
import type { PracticeSet } from "./set";
import type { PracticeWorld } from "./world";

/** What an owner tells: each thing that they noticed, in their words. */
export type Told = { test: string; outcome: string; words: string };

/** Owners' words for what they notice, by test and outcome; `{on}` is the way of the signal, where there are several. */
const WORDS: Record<string, readonly string[]> = {
  "play dead": ["No sound at all{on}.", "It is dead{on}.", "Nothing comes out of it{on}."],
  "play weak": ["It plays, but very weak{on}.", "You have to put your ear to it{on}.", "It has become faint{on}."],
  "play distorted": ["It sounds distorted{on}.", "Voices are rough and distorted{on}."],
  "play-tx dead": ["No output on transmit.", "It does not transmit any more."],
  "play-tx weak": ["Low output on transmit.", "On transmit there is half the power."],
  "play-tx distorted": ["The carrier is rough.", "On transmit it sounds rough."],
  "play-mod dead": ["There is a carrier, but no modulation."],
  "play-mod weak": ["Low modulation: nobody hears the voice."],
  "play-mod distorted": ["The modulation is distorted."],
  "hum line": ["It hums, a deep hum.", "There is a low hum all the time."],
  "hum double": ["It hums loudly.", "A loud hum, rougher than before."],
  "noise noisy": ["It crackles.", "It crackles and hisses."],
  "steady unsteady": ["It howls or motorboats now and then.", "It is not steady: it pumps and howls."],
  "dial off": ["Stations are not where the dial says.", "The dial is wrong."],
  "bands one": ["Only on one band; the others play.", "It is on one band alone."],
  "mode voice": ["Only on voice; the key is as it was."],
  "warm changes": ["It changes when it is warm.", "After ten minutes it gets worse."],
  "fuse blown": ["The fuse is blown.", "It blew its fuse."],
  "smell hot": ["It smells burnt.", "There was smoke, and a smell."],
  "glow dark": ["A tube stays dark.", "Something in there does not glow any more."],
  "glow bright": ["Something glows red inside.", "One of the tubes is too bright."],
  "thump reacts": ["When you thump it, it comes and goes."],
  "knob slips": ["The tuning knob slips."],
  "turn switch": ["The band switch crackles and cuts out."],
  "turn control": ["The volume control crackles."],
};

const NOTICED: ReadonlySet<string> = new Set(Object.keys(WORDS).map((key) => bareId(key.split(" ")[0] ?? "")));
/** What is noticed without tools, and told at the counter. A stage's own work too: a magic eye, a meter. */
const isTold = ({ id, act }: Test): boolean => act === "works" || NOTICED.has(bareId(id));

/** What an owner notices of a stage that does not do its own work, by its kind. */
const OWN_WORK: Partial<Record<StageKind, string>> = {
  agc: "The strong stations blast, and the weak ones are gone.",
  bfo: "There is no beat note on CW any more.",
  indicator: "The tuning indicator does nothing.",
  metering: "The meter does not move.",
  keying: "It does not follow the key.",
  limiter: "The noise limiter does nothing.",
};

/** An owner does not tell all that they noticed. Shop's estimate. @example of five other things they tell three */
const TELLS = 0.6;

/** What can be read of words at the counter, for this set. */
export const toldBy = ({ circuit }: Pick<PracticeSet, "circuit">, words: string): Told[] =>
  said(words, circuit).outcomes.map(({ test, outcome }) => ({ test, outcome, words }));

/** Everything an owner could notice of this set as it is. */
export function noticed(
  { system, circuit }: PracticeSet,
  world: Pick<PracticeWorld, "outcome">,
  chance: Chance,
): Told[] {
  const on = circuit.paths.some(({ key }) => key === "transmit") && circuit.paths.some(({ key }) => key === "receive");
  return system.tests.filter(isTold).flatMap((test): Told[] => {
    const outcome = world.outcome(test);
    if (outcome === test.outcomes[0]?.key) return [];
    const key = `${test.id} ${outcome}`;
    const says = WORDS[key] ?? WORDS[`${bareId(test.id)} ${outcome}`];
    const fm = test.id.endsWith("-fm") ? " on FM" : on && test.id === "play" ? " on receive" : "";
    if (says) {
      const words = says[Math.floor(chance() * says.length)];
      return words ? [{ test: test.id, outcome, words: words.replace("{on}", fm) }] : [];
    }
    return test.act === "works" && test.stage
      ? [{ test: test.id, outcome, words: OWN_WORK[test.stage.kind] ?? `The ${test.stage.name} does not work.` }]
      : [];
  });
}

/**
 * What an owner says at the counter: the main thing, and some of the rest.
 * @returns nothing where the set shows nothing: nobody would bring it in
 */
export function complaintOf(set: PracticeSet, world: Pick<PracticeWorld, "outcome">, chance: Chance): Told[] {
  const [main, ...more] = noticed(set, world, chance).sort(
    (a, b) => Number(b.test.startsWith("play")) - Number(a.test.startsWith("play")),
  );
  return main ? [main, ...more.filter(() => chance() < TELLS)] : [];
}
