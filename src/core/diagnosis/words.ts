import type { Circuit } from "../model";
import { KINDS } from "./data/kinds";
import { pathId } from "./path-tests";

/** What words of a complaint or a symptom say: outcomes of tests. */
export type Said = { test: string; outcome: string };

const INTERMITTENT = /intermitt|sometimes|now and then|comes and goes|on and off|at times|occasional/;

type Rule = { words: RegExp; test: "play" | "hum" | "noise" | "steady" | "dial" | "bands" | "warm"; outcome: string };

/** The first rule of a test that fits speaks; the order matters within a test. */
const RULES: readonly Rule[] = [
  { words: /\bno (more )?hum|hum (is )?gone/, test: "hum", outcome: "none" },
  { words: /hum.*(100|120) ?hz|(100|120) ?hz.*hum|twice the line|double.*hum/, test: "hum", outcome: "double" },
  { words: /hum.*(50|60) ?hz|(50|60) ?hz.*hum|line.frequency hum/, test: "hum", outcome: "line" },
  { words: /\bhum/, test: "hum", outcome: "line|double" },
  { words: /no (crackle|noise)/, test: "noise", outcome: "quiet" },
  { words: /crackl|scratch|noisy|hiss|frying|sputter/, test: "noise", outcome: "noisy" },
  { words: /howl|whistl|motorboat|\bpump|drift|chirp|flutter|unstable|squeal/, test: "steady", outcome: "unsteady" },
  {
    words: /off (the )?(calibration|dial|frequency)|dial is (off|wrong)|wrong place on the dial|jumps? back/,
    test: "dial",
    outcome: "off",
  },
  {
    words: /(on|only) (the )?(sw|mw|lw|fm|short|medium|long)\b|(only|just) on|one band|band only|\d+ ?m only/,
    test: "bands",
    outcome: "one",
  },
  { words: /all bands/, test: "bands", outcome: "alike" },
  {
    words: /warm|after (a |some |ten |\d+ )?(few )?minutes?|when cold|heats|in the sun|cools/,
    test: "warm",
    outcome: "changes",
  },
  { words: /distort|harsh|rough|mushy|modulates badly|splatter/, test: "play", outcome: "distorted" },
  {
    words:
      /\bdead\b|silent|no (sound|signal|audio|output|reception|stations)|nothing (at all|to hear)|mute|stops? playing/,
    test: "play",
    outcome: "dead",
  },
  {
    words: /weak|faint|low (output|volume)|half (of )?(its|the)? ?output|insensitive|fad(es|ing)|quiet/,
    test: "play",
    outcome: "weak",
  },
  { words: /plays (well|fine|again)|works (well|fine|again)|loud and clear/, test: "play", outcome: "fine" },
];

/** What a stage that has a work of its own is said not to do. */
const FAILS = /dead|dim|stuck|does not|doesn.t|no (note|reading)|not (work|move|turn)|fails?|stiff|pumps|does nothing/;

/**
 * Reads a complaint or a symptom: which tests it tells the outcome of. What it does not tell stays open.
 * @example said("weak and distorted, hum when warm", circuit).outcomes
 */
export function said(text: string, circuit: Circuit): { outcomes: Said[]; intermittent: boolean } {
  const words = text.toLowerCase();
  const hasReceive = circuit.paths.some(({ key }) => key === "receive");
  const hasTransmit = circuit.paths.some(({ key }) => key === "transmit");
  const transmit =
    hasTransmit && (!hasReceive || /transmi|\btx\b|keyed|key-down|output|drive|carrier|modulat/.test(words));
  const key = transmit ? "transmit" : "receive";
  const outcomes: Said[] = [];
  for (const { words: pattern, test, outcome } of RULES) {
    const id = pathId(test, key);
    if (pattern.test(words) && !outcomes.some((one) => one.test === id)) outcomes.push({ test: id, outcome });
  }
  // Dead on one band only: on the others it plays, so that the path as a whole is not what fails.
  const oneBand = outcomes.some((one) => one.outcome === "one");
  const own = circuit.stages.filter(
    ({ kind }) => KINDS[kind].does && KINDS[kind].words.test(words) && FAILS.test(words),
  );
  return {
    outcomes: [
      ...outcomes.filter(({ test }) => !oneBand || !test.startsWith("play")),
      ...own.map(({ id }) => ({ test: `works:${id}`, outcome: "fails" })),
    ],
    intermittent: INTERMITTENT.test(words),
  };
}
