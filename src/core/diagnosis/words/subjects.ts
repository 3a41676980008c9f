import type { Circuit, StageKind } from "../../model";
import { KINDS } from "../data/kinds";
import { NOUNS, type Noun } from "./lexicon";
import { longest, spansOf, type Tagged } from "./spans";

/** What is spoken of: a noun of the lexicon, or a stage with a work of its own. */
export type Subject = Noun | `stage:${StageKind}`;

/** What owners say of a stage, and no sheet calls it. */
const OWNERS_WORDS: readonly [StageKind, RegExp][] = [
  [
    "stereo",
    /\b(one|left|right|a) channel\b|\b(one|the left|the right|left|right)( of the)? (loud)?speakers?\b|\bfrom (the )?(left|right)( side)?( only)?\b|\b(channel )?separation\b/,
  ],
];

/** The BFO by its knob. */
const PITCH = /\bcw pitch( control| knob)?\b|\b(beat )?pitch (control|knob)\b/;

/** The changeover relay, in more words than its kind has for the names of stages. */
const CHANGEOVER = /\b(t\/?r |tr |antenna |aerial |changeover |transmit |send[ -]receive )?relay\b|\bchangeover\b/;

/** Stages with a work of their own, by their words: in this set or in another one. */
const OWN: readonly [StageKind, RegExp][] = [
  ...(Object.keys(KINDS) as StageKind[]).flatMap((kind) =>
    KINDS[kind].does === undefined ? [] : [[kind, KINDS[kind].words] as [StageKind, RegExp]],
  ),
  ["changeover", CHANGEOVER],
  ["bfo", PITCH],
];

const OF_A_RADIO: readonly StageKind[] = ["detector", "oscillator", "vfo"];
const AMPLIFIER = /\b(the )?(power )?amp(lifier)?\b/;

/** The nouns of a part, in the order in which they stand. */
export function subjectsOf(text: string, { stages }: Pick<Circuit, "stages">): Tagged<Subject>[] {
  const has = (kind: StageKind) => stages.some((stage) => stage.kind === kind);
  const of = (words: RegExp, tag: Subject) =>
    [...text.matchAll(new RegExp(words.source, "g"))].map(({ 0: found, index }): Tagged<Subject> => ({
      tag,
      from: index,
      to: index + found.length,
    }));
  return longest([
    ...OWN.flatMap(([kind, words]) => of(words, `stage:${kind}`)),
    // Where nothing keeps left and right apart, one channel is all that is spoken of.
    ...OWNERS_WORDS.flatMap(([kind, words]) => of(words, has(kind) ? `stage:${kind}` : "sound")),
    // A set that receives nothing and makes no carrier is an amplifier itself.
    ...(OF_A_RADIO.some(has) ? [] : of(AMPLIFIER, "set")),
    ...spansOf<Noun>(text, NOUNS),
  ]);
}

/** Nouns that are the signal itself, on the way that a part of the sentence speaks of. */
export const SIGNAL: ReadonlySet<string> = new Set([
  "set",
  "sound",
  "reception",
  "fm",
  "am",
  "transmission",
  "modulation",
  "speaker",
  "mode",
]);

/** Ways in and out that are spoken of as a place: no sound on phono. */
const PLACES: ReadonlySet<Subject> = new Set(["phono", "phones"]);

/** One word between a stage and its control, characters with the spaces. */
const LONGEST_WORD = 8;

/** The nearest noun before a predicate. The lamp of the decoder is the decoder, the needle of the S-meter the S-meter; sound on phono is phono. */
export function subjectOf(earlier: readonly Tagged<Subject>[], all: readonly Tagged<Subject>[]): Subject {
  const last = earlier.at(-1);
  if (!last) return "set";
  const owner = earlier.at(-2);
  if ((last.tag === "lamp" || last.tag === "drive") && owner?.tag.startsWith("stage:") && last.from - owner.to <= 1)
    return owner.tag;
  // An eye tube is the eye; the tube of another stage is a tube.
  if (last.tag === "tubes" && owner?.tag === "stage:indicator" && last.from - owner.to <= 1) return owner.tag;
  // The pitch control of the BFO is the BFO.
  if (last.tag === "control" && owner?.tag.startsWith("stage:") && last.from - owner.to <= LONGEST_WORD)
    return owner.tag;
  // The audio of SSB is SSB.
  if (last.tag === "sound" && owner?.tag === "mode" && last.from - owner.to <= 1) return owner.tag;
  if (last.tag === "sound" || last.tag === "set") return all.find(({ tag }) => PLACES.has(tag))?.tag ?? last.tag;
  return last.tag;
}
