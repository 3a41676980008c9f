import { AS_TOLD } from "./as-they-are-told";
import { EIGHTEENTH } from "./eighteenth";
import { EIGHTH } from "./eighth";
import { ELEVENTH } from "./eleventh";
import { FIFTEENTH } from "./fifteenth";
import { FIFTH } from "./fifth";
import { FOURTH } from "./fourth";
import { FRESH } from "./fresh";
import { FOURTEENTH } from "./fourteenth";
import { KEPT } from "./kept";
import { KINDS } from "./kinds-of-sets";
import { KINDS_AGAIN } from "./kinds-of-sets-again";
import { KINDS_FURTHER } from "./kinds-of-sets-further";
import { KINDS_IN_SHORT } from "./kinds-of-sets-in-short";
import { KINDS_ONCE_MORE } from "./kinds-of-sets-once-more";
import { NINETEENTH } from "./nineteenth";
import { NINTH } from "./ninth";
import { SEEN } from "./seen";
import { SEVENTEENTH } from "./seventeenth";
import { SEVENTH } from "./seventh";
import { SIXTEENTH } from "./sixteenth";
import { SIXTH } from "./sixth";
import { TENTH } from "./tenth";
import { THIRD } from "./third";
import { THIRTIETH } from "./thirtieth";
import { THIRTEENTH } from "./thirteenth";
import { TURNS } from "./turns";
import { TWELFTH } from "./twelfth";
import { TWENTIETH } from "./twentieth";
import { TWENTY_FIRST } from "./twenty-first";
import { TWENTY_EIGHTH } from "./twenty-eighth";
import { TWENTY_FIFTH } from "./twenty-fifth";
import { TWENTY_FOURTH } from "./twenty-fourth";
import { TWENTY_NINTH } from "./twenty-ninth";
import { TWENTY_SECOND } from "./twenty-second";
import { TWENTY_SEVENTH } from "./twenty-seventh";
import { TWENTY_SIXTH } from "./twenty-sixth";
import { TWENTY_THIRD } from "./twenty-third";

/** Sentences of owners and technicians in groups: the kind of set, the group, and a line for each with what it means. */
export type Lot = readonly (readonly [set: string, group: string, lines: string])[];

/** All lots, in the order in which they were written. Each is a test of the reader; what it cannot read is found by them. */
export const LOTS: readonly Lot[] = [
  SEEN,
  KEPT,
  FRESH,
  THIRD,
  FOURTH,
  FIFTH,
  SIXTH,
  SEVENTH,
  EIGHTH,
  NINTH,
  TENTH,
  ELEVENTH,
  TWELFTH,
  THIRTEENTH,
  FOURTEENTH,
  FIFTEENTH,
  SIXTEENTH,
  SEVENTEENTH,
  EIGHTEENTH,
  NINETEENTH,
  TWENTIETH,
  TWENTY_FIRST,
  TURNS,
  KINDS,
  KINDS_AGAIN,
  TWENTY_SECOND,
  KINDS_ONCE_MORE,
  TWENTY_THIRD,
  KINDS_FURTHER,
  TWENTY_FOURTH,
  TWENTY_FIFTH,
  TWENTY_SIXTH,
  TWENTY_SEVENTH,
  TWENTY_EIGHTH,
  KINDS_IN_SHORT,
  TWENTY_NINTH,
  THIRTIETH,
  AS_TOLD,
];

export type Sentence = { text: string; means: string[] };

/** The sentences of a group. */
export const sentencesOf = (lines: string): Sentence[] =>
  lines.split("\n").map((line) => {
    const cut = line.indexOf("|");
    const means = line.slice(cut + 1).trim();
    return { text: line.slice(0, cut).trim(), means: means === "" ? [] : means.split(", ") };
  });
