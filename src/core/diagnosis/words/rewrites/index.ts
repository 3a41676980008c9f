import { withoutArticles } from "../lexicon/any";
import { FRAMING } from "./framing";
import { PLAINER } from "./plainer";
import { SOUNDS } from "./sounds";
import { SPELLED } from "./spelled";
import { STAGES } from "./stages";
import type { Rewrite } from "./types";
import { USUAL } from "./usual";
import { WHEN } from "./when";

/** Ways to put it that are first made into plainer words, in this order. */
export const REWRITES: readonly Rewrite[] = [
  ...FRAMING,
  ...SPELLED,
  ...USUAL,
  ...[...WHEN, ...SOUNDS, ...STAGES, ...PLAINER].map(([pattern, instead]): Rewrite => [
    new RegExp(withoutArticles(pattern.source), pattern.flags),
    instead,
  ]),
];
