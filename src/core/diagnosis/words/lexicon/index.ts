export { NOUNS, type Noun } from "./nouns";
export { PREDICATES, type Predicate } from "./predicates";
export { TIMES, type When } from "./times";

/** Takes back what follows it. */
export const DENY =
  /\b(no|not|never|without( any)?|none|nor|neither|free (of|from)|hardly any|isn.?t|lacks?|absence of|lost|can ?not)\b/;

/** What smells of something else than of heat tells nothing of the set. */
export const OTHER_SMELLS = /\b(mice|mouse|mould|mold|damp|tobacco|cigarettes?|cellar|musty|dust|perfume|cat|attic)\b/;
