import type { Span } from "./spans";
import type { Said } from "./types";

/** Words that change nothing of what was said. “Only”, “just” and “one” do: what works on one station only does not. */
const SMALL: ReadonlySet<string> = new Set(
  `a an the it its is are was were be been being has have had do does did and or but on in at of to with for from by as so
  too very quite now again all both also this that these those there here he she they i you we my your our his her
  their when then if than any some once up down off into over out no not never without nothing none neither nor
  can could will would still yet even well really rather pretty s t
  more most other others else otherwise rest whole away about through like hardly scarcely except apart
  everything everybody everyone anything whatsoever whatever sign trace hint sort kind
  seems seem appears appear always constantly continuously permanently any problem problems
  found find heard hear see seen shown noticed noticeable sound sounds run runs running goes go get gets got gives give
  hears plays work worked play been
  input inputs socket sockets player mono cured fixed mended free charm complain trouble
  stays stay remains remain evening night year longer hours hour days day week long new reading readings slight reports`.split(
    /\s+/,
  ),
);

/** What came of a repair is so, whatever the repair was: “no hum since the new capacitor”. */
const SINCE =
  /\b(since|after|because of|thanks to)\b.*\b(new|repair\w*|chang\w*|replac\w*|clean\w*|recap\w*|mend\w*|fix\w*|servic\w*|capacitors?|condensers?)\b.*$/;

/** What says that all is well: a word that was not understood could turn it round. */
const GOOD: ReadonlySet<string> = new Set([
  "fine",
  "works",
  "all",
  "free",
  "steady",
  "whole",
  "quiet",
  "none",
  "right",
  "nothing",
  "still",
]);

/** The words of a part that belong to nothing that was recognised in it. */
function left(part: string, found: readonly Span[]): string[] {
  let rest = part;
  for (const { from, to } of found) rest = rest.slice(0, from) + " ".repeat(to - from) + rest.slice(to);
  return rest
    .replace(SINCE, "")
    .split(/[^a-z0-9]+/)
    .filter((word) => word !== "" && !SMALL.has(word));
}

const isGood = ({ test, outcome }: Said) => GOOD.has(outcome) && !test.startsWith("rail:");

/** “Works except at night.” */
const SAVE =
  /\b(except|apart from|save|but not) (when|if|at|after|while|in|during|for the first|sometimes|occasionally)\b/;

/**
 * What may be said of a part: that something is well only where each of its words was understood. “Works if the rear tube
 * is wedged” is not “works”.
 */
export function surely(outcomes: readonly Said[], part: string, found: readonly Span[]): Said[] {
  const doubtful = SAVE.test(part) || left(part, found).length > 0;
  return outcomes.some(isGood) && doubtful ? outcomes.filter((one) => !isGood(one)) : [...outcomes];
}

/** A thing that no list has and that is said to be so: “the band scope is dead” says nothing of the set. */
const STRANGE =
  /(?:^ *|\b(?:the|my|its|an?|this|that|one|both|each) (?:\w+ )?)(\w+) (?:is|are|was|were|has|have|does|do|did|will|can|remains|stays)(?: not)?(?: \w+ly| always| never| now| also| quite| very)? ?$/;
/** Where one of these does not work the set does not. */
const OF_ALL: ReadonlySet<string> = new Set(["power", "oscillator", "tuner", "final", "finals", "crystal"]);
export const isStrange = (before: string): boolean => {
  const [, thing] = STRANGE.exec(before) ?? [];
  return thing !== undefined && !SMALL.has(thing) && !OF_ALL.has(thing);
};
