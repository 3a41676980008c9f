import type { Circuit, PathKey } from "../../model";

/** A way of the signal: what its tests are called, and what is done to hear or see it. */
export type PathFacts = {
  /** behind the word of a test: `play-tx` */
  suffix: string;
  /** in words, where the set has more than one */
  on: string;
  /** the word that means it on the bench line: `play tx = dead` */
  word: RegExp;
  sends: boolean;
  listen: string;
  how: string;
};

export const PATH_FACTS: Record<PathKey, PathFacts> = {
  receive: {
    suffix: "",
    on: "on receive",
    word: /\b(rx|receive|am)\b/i,
    sends: false,
    listen: "Listen",
    how: "Tune a strong station or feed the generator, volume up.",
  },
  fm: {
    suffix: "-fm",
    on: "on FM",
    word: /\bfm\b/i,
    sends: false,
    listen: "Listen",
    how: "Tune a strong FM station or feed the generator, volume up.",
  },
  transmit: {
    suffix: "-tx",
    on: "on transmit",
    word: /\b(tx|transmit)\b/i,
    sends: true,
    listen: "Output into the dummy load",
    how: "Key it into the dummy load and read the output.",
  },
  modulation: {
    suffix: "-mod",
    on: "of the modulation",
    word: /\bmod(ulation)?\b/i,
    sends: true,
    listen: "Sound of the carrier",
    how: "Speak into the microphone, into the dummy load, and listen on another receiver or look at the envelope.",
  },
};

/** The suffixes as they stand at the end of a test's word. */
export const SUFFIX = /-(fm|tx|mod)$/;

/** On which way a test is, in words; nothing where there is one alone. Beside FM, what is received is AM. */
export function onPath({ paths }: Circuit, key: PathKey): string {
  if (paths.length < 2) return "";
  if (key === "receive" && paths.some((path) => path.key === "fm")) return " on AM";
  return ` ${PATH_FACTS[key].on}`;
}

/** Each way of the signal has words of its own. */
export const pathId = (act: string, key: PathKey) => `${act}${PATH_FACTS[key].suffix}`;
/** The word of a test without its way: `play` of `play-tx`. */
export const bareId = (id: string) => id.replace(SUFFIX, "");
