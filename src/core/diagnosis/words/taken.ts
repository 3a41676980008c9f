import type { PathKey } from "../../model";
import { DENY, type Predicate, type When } from "./lexicon";
import type { Clause } from "./meaning";
import type { Span, Tagged } from "./spans";
import type { Subject } from "./subjects";

/** What the part before it spoke of, and said. */
export type Before = { path?: PathKey; preds: Predicate[]; subject?: Subject; text?: string };

/** A part of a sentence, taken apart. */
export type Taken = {
  text: string;
  /** the text without its circumstances: “when cold” is no cold heater */
  rest: string;
  clause: Clause;
  /** its circumstances */
  found: readonly Tagged<When>[];
  /** the nouns that stand in it */
  named: readonly Tagged<Subject>[];
  /** these, or what the part before it spoke of where it goes on about that */
  subjects: readonly Tagged<Subject>[];
  before: Before | undefined;
};

/** Predicates that say how the whole sounds, whatever stands beside them. */
export const OF_THE_WHOLE: ReadonlySet<Predicate> = new Set(["hum", "noise", "unsteady", "distorted", "hot"]);
/** It does what it should, or comes to life. */
export const BETTER: ReadonlySet<Predicate> = new Set(["works", "starts", "moves"]);

/** A word that denies, with at most so many words between it and what it denies. */
const REACH = 3;
const DENIED = new RegExp(`(?:${DENY.source}(?:\\s+[\\w'-]+){0,${REACH}}|\\bnothing)\\s*$`);
/** Is what begins here denied by the words before it? */
export const isDenied = (rest: string, { from }: Pick<Span, "from">): boolean => DENIED.test(rest.slice(0, from));

/** Whether a switch or a control is spoken of, where something goes while it is turned. */
export const controlOf = (text: string): "switch" | "control" =>
  /switch|band|wave|range/.test(text) ? "switch" : "control";
