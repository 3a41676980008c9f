import type { Circuit, PathKey } from "../model";
import { KINDS } from "./data/kinds";
import { pathId } from "./path-tests";

/** What words of a complaint or a symptom say: outcomes of tests. */
export type Said = { test: string; outcome: string };
/** How a part of a sentence was read; nothing where it was not. */
export type ClauseRead = { text: string; outcomes: Said[] };

const INTERMITTENT = /intermitt|sometimes|now and then|comes and goes|on and off|at times|occasional/;

type What = "play" | "hum" | "noise" | "steady" | "dial" | "bands" | "warm";
type Rule = {
  words: RegExp;
  test: What;
  outcome: string;
  /** what it says with a “no” before it; without one it says nothing then */
  denied?: string;
};

/** The first rule of a test that fits a clause speaks; the order matters within a test. */
const RULES: readonly Rule[] = [
  { words: /hum (is )?gone/, test: "hum", outcome: "none" },
  { words: /hum.*(100|120) ?hz|(100|120) ?hz.*hum|twice the line|double.*hum/, test: "hum", outcome: "double" },
  { words: /hum.*(50|60) ?hz|(50|60) ?hz.*hum|line.frequency hum/, test: "hum", outcome: "line" },
  { words: /\bhum/, test: "hum", outcome: "line|double", denied: "none" },
  {
    words: /crackl|scratch|\bnois[ey]|hiss|frying|sputter/,
    test: "noise",
    outcome: "noisy",
    denied: "quiet",
  },
  {
    words: /howl|whistl|motorboat|\bpump|drift|chirp|flutter|unstable|squeal|oscillates/,
    test: "steady",
    outcome: "unsteady",
    denied: "steady",
  },
  {
    words:
      /off (the )?(calibration|dial|frequency)|dial is (off|wrong)|wrong place on the dial|stations in the wrong place|jumps? back/,
    test: "dial",
    outcome: "off",
    denied: "right",
  },
  {
    words:
      /(on|only) (the )?(sw|mw|lw|fm|am|short|medium|long|highest|lowest|top|upper|lower|bottom|middle|one)\b|(only|just) on|one band|band only|\d+ ?m\b/,
    test: "bands",
    outcome: "one",
  },
  { words: /all bands|every band/, test: "bands", outcome: "alike" },
  {
    words:
      /\bwarm|after (a |an |some |ten |half |\d+ )?(few |hour |\d+ )?(of )?(an )?(minutes?|hours?)|when cold|\bcold\b|heats|\bhot\b|in the sun|cools/,
    test: "warm",
    outcome: "changes",
  },
  { words: /distort|harsh|\brough|mushy|modulates badly|splatter|garbled/, test: "play", outcome: "distorted" },
  {
    words:
      /\bdead\b|silent|\bno (sound|signal|audio|output|reception|stations?|radio|volume|carrier|power out)|nothing (at all|to hear|comes)|\bmute|stop(?:s|ped)? (playing|working|dead)|(does not|doesn.?t|did not|will not|won.?t|refuses to) (play|work|receive|transmit|go)/,
    test: "play",
    outcome: "dead",
  },
  {
    words:
      /\bweak|faint|low (output|volume)|half (of )?(its|the)? ?output|insensitive|\bfad(es?|ing)|too quiet|\bquiet\b|deaf/,
    test: "play",
    outcome: "weak",
  },
  {
    words:
      /(plays?|works?|receives?|transmits?|reception|transmission|transmit|receive|radio|phono|sound|output|fm|am|mw|lw|sw|otherwise|rest)( is| are)? (again |very |all )?(well|fine|ok|okay|good|perfect|normal|right)\b|plays again|works again|loud and clear|full output/,
    test: "play",
    outcome: "fine",
  },
];

/** What a stage that has a work of its own is said not to do. */
const FAILS =
  /dead|dim|stuck|\bdark\b|does not|doesn.?t|won.?t|\bno (note|reading|glow|light|effect)|not (work|move|turn|glow|light)|fails?|stiff|pumps|does nothing|no longer/;
/** It does it: a word that keeps its stage off the list. */
const DOES = /(works?|moves?|glows?|turns?|is) (well|fine|ok|okay|good|right)\b|not (dead|stuck|dim|dark)/;

/** A word that takes back what follows it, up to the end of its clause. */
const DENIES =
  /\b(?:no|not|never|without|free of|none|isn.?t|wasn.?t|doesn.?t|does not|don.?t|do not|did not|no longer|neither|nor|hardly any)\b(?:\s+\w+){0,3}\s*$/;
const denied = (words: string, at: number): boolean => DENIES.test(words.slice(0, at));

/** A sentence in its parts: what stands on either side of a comma, a “but” or an “and” may be about something else. */
const PARTS =
  /\s*(?:[,;.!?]+(?!\d)|\bbut\b|\bwhile\b|\bwhereas\b|\bthough\b|\balthough\b|\byet\b|(?<!\bloud )\band\b|\bplus\b|\bthen\b|: )\s*/;
const partsOf = (text: string): string[] =>
  text
    .split(PARTS)
    .map((part) => part.trim())
    .filter(Boolean);

const TRANSMIT = /transmi|\btx\b|keyed|key.?down|\bkeying|on the air|carrier|modulat|\bptt\b|into the dummy/;
const RECEIVE = /recei|recept|\brx\b|stations?\b|radio\b/;
/** Words that mean the transmitter where the set has both, and nothing else is said. */
const SENDS = /output|drive|power out/;

/** Which path a part speaks of; what it does not say it has from the part before it. */
function pathOf(words: string, circuit: Circuit, before: PathKey | undefined): PathKey {
  const has = (key: PathKey) => circuit.paths.some((path) => path.key === key);
  if (!has("transmit")) return "receive";
  if (!has("receive")) return "transmit";
  if (TRANSMIT.test(words)) return "transmit";
  if (RECEIVE.test(words)) return "receive";
  return before ?? (SENDS.test(words) ? "transmit" : "receive");
}

/** Stages with a work of their own that a part of a sentence is about. */
const stagesNamed = (words: string, circuit: Circuit) =>
  circuit.stages.filter(({ kind }) => KINDS[kind].does !== undefined && KINDS[kind].words.test(words));
/** Is it about such a stage, in this set or in another one? Then it says nothing of the whole set. */
const aboutStage = (words: string): boolean =>
  Object.values(KINDS).some(({ does, words: named }) => does !== undefined && named.test(words));

function readPart(text: string, circuit: Circuit, before: PathKey | undefined): { outcomes: Said[]; path: PathKey } {
  const words = text.toLowerCase();
  const path = pathOf(words, circuit, before);
  const own = stagesNamed(words, circuit);
  const aside = aboutStage(words);
  const outcomes: Said[] = [];
  const told = new Set<What>();
  for (const { words: pattern, test, outcome, denied: instead } of RULES) {
    if (told.has(test)) continue;
    const found = pattern.exec(words);
    if (!found) continue;
    // “The BFO is dead” speaks of the BFO; “AGC pumps” is heard all the same.
    if (aside && test === "play") continue;
    const says = denied(words, found.index) ? instead : outcome;
    if (says === undefined) continue;
    told.add(test);
    outcomes.push({ test: pathId(test, path), outcome: says });
  }
  const works = own.flatMap(({ id }) =>
    DOES.test(words)
      ? [{ test: `works:${id}`, outcome: "works" }]
      : FAILS.test(words)
        ? [{ test: `works:${id}`, outcome: "fails" }]
        : [],
  );
  return { outcomes: [...outcomes, ...works], path };
}

const WORST: readonly string[] = ["dead", "distorted", "weak", "fine"];

/** Of two words on one test the worse one counts: “plays fine, then dead”. */
function joined(all: readonly Said[]): Said[] {
  const kept = new Map<string, Said>();
  for (const one of all) {
    const before = kept.get(one.test);
    const worse = before && WORST.indexOf(one.outcome) < WORST.indexOf(before.outcome) && WORST.includes(one.outcome);
    if (!before || worse) kept.set(one.test, one);
  }
  return [...kept.values()];
}

/** A test in the order of the rules: so that the same words give the same list, however they are put. */
const ORDER: readonly string[] = ["hum", "noise", "steady", "dial", "bands", "warm", "play", "works"];
const place = ({ test }: Said) => ORDER.indexOf((test.split(":")[0] ?? test).replace("-tx", ""));

/**
 * Reads a complaint or a symptom part by part: which tests it tells the outcome of. A “no” takes back what follows it, a
 * part that speaks of the BFO says nothing of the whole set, and transmit is told from receive. What it does not tell
 * stays open.
 * @example said("dead on receive, transmit is fine", transceiver).outcomes // play dead, play-tx fine
 */
export function said(text: string, circuit: Circuit): { outcomes: Said[]; intermittent: boolean; parts: ClauseRead[] } {
  let path: PathKey | undefined;
  const parts = partsOf(text).map((part): ClauseRead => {
    const read = readPart(part, circuit, path);
    path = read.path;
    return { text: part, outcomes: read.outcomes };
  });
  const outcomes = joined(parts.flatMap((part) => part.outcomes));
  // Dead on one band only: on the others it plays, so that the path as a whole is not what fails.
  const oneBand = outcomes.some(({ outcome }) => outcome === "one");
  return {
    outcomes: outcomes.filter(({ test }) => !oneBand || !test.startsWith("play")).sort((a, b) => place(a) - place(b)),
    intermittent: INTERMITTENT.test(text.toLowerCase()),
    parts,
  };
}
