import type { Circuit, PathKey } from "../../model";
import { HEARD } from "../data/heard";
import { bareId, pathId } from "../data/paths";
import { partsOf, plain } from "./clean";
import { TIMES } from "./lexicon";
import { SO_SO } from "./meaning";
import { measured } from "./measured";
import { readPart } from "./part";
import { withCircumstances } from "./when-first";
import type { Before } from "./taken";
import type { ClauseRead, Said } from "./types";

const WORST: readonly string[] = [
  "dead",
  "distorted",
  SO_SO,
  "weak",
  "fine",
  "bright",
  "dark",
  "all",
  "fails",
  "works",
  "slips",
  "free",
  "unsteady",
  "steady",
  "off",
  "right",
  "noisy",
  "quiet",
  "blown",
  "whole",
  "reacts",
  "still",
  "hot",
  "nothing",
];

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

/** It played until something happened, and does so no more. */
const ONCE = /\bonce played\b/;
const mainPath = (circuit: Circuit): PathKey => circuit.paths[0]?.key ?? "receive";

/** A test in this order: so that the same words give the same list, however they are put. */
const ORDER: readonly string[] = ["line", "ohms", "rail", ...HEARD, "works"];
const place = ({ test }: Said) => ORDER.indexOf(bareId(test.split(":")[0] ?? test).replace("-down", ""));

/**
 * Reads a complaint or a symptom part by part: what it speaks of, how that is, and when; a “no” takes back what follows
 * it, a part that speaks of the BFO says nothing of the whole set, and transmit is told from receive. What it does not
 * tell stays open.
 * @example said("dead on receive, transmit is fine", transceiver).outcomes // play dead, play-tx fine
 */
export function said(text: string, circuit: Circuit): { outcomes: Said[]; intermittent: boolean; parts: ClauseRead[] } {
  let before: Before | undefined;
  const all = withCircumstances(partsOf(plain(text))).map((part): ClauseRead => {
    if (ONCE.test(part))
      return { text: part, outcomes: [{ test: pathId("play", mainPath(circuit)), outcome: "dead" }] };
    const figures = measured(part, circuit);
    if (figures.length > 0) return { text: part, outcomes: figures };
    const read = readPart(part, circuit, before);
    // What says nothing of the set is as if it were not there.
    if (read.path || read.subject || read.preds.length > 0 || read.outcomes.length > 0)
      before = {
        ...(read.path ? { path: read.path } : {}),
        ...(read.subject ? { subject: read.subject } : {}),
        text: part,
        preds: read.preds.length > 0 ? read.preds : (before?.preds ?? []),
      };
    return { text: part, outcomes: joined(read.outcomes) };
  });
  // “Used to play, now it hums”: what it does now is said.
  const now = all.filter((part) => !ONCE.test(part.text));
  const parts = now.some((part) => part.outcomes.length > 0) ? now : all;
  const outcomes = joined(parts.flatMap((part) => part.outcomes));
  // Dead on one band only: on the others it plays, so that the path as a whole is not what fails.
  const oneBand = new Set(
    outcomes.flatMap(({ test, outcome }) => (outcome === "one" ? [test.replace("bands", "play")] : [])),
  );
  return {
    outcomes: outcomes.filter(({ test }) => !oneBand.has(test)).sort((a, b) => place(a) - place(b)),
    intermittent: TIMES.intermittent.test(text.toLowerCase()),
    parts,
  };
}
