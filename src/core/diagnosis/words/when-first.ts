import { TIMES, type When } from "./lexicon";
import { longest, spansOf } from "./spans";

const BEGINS = /^(when|if|once|after|on|with|while|as|until|within|in|during|for|at|from|whenever|every|as soon as) /;
/** Words beside circumstances that say nothing of their own. */
const BESIDES = /^(and|but|the|a|it|is|even|only|then| )*$/;

/** Does a part say only when: “after an hour”? */
function isCircumstance(part: string): boolean {
  const found = longest(spansOf<When>(part, TIMES));
  const rest = found.reduce((text, { from, to }) => text.slice(0, from) + " ".repeat(to - from) + text.slice(to), part);
  return found.length > 0 && BEGINS.test(part) && BESIDES.test(rest.replaceAll(/[^a-z]+/g, " "));
}

/**
 * The parts of a sentence, where those that only say when stand behind what they belong to: of “after an hour, FM goes
 * off” it is FM that does so when it is warm.
 */
export function withCircumstances(parts: readonly string[]): string[] {
  const kept: string[] = [];
  let waiting: string[] = [];
  parts.forEach((part, at) => {
    if (at < parts.length - 1 && isCircumstance(part)) waiting.push(part);
    else {
      kept.push([part, ...waiting].join(" "));
      waiting = [];
    }
  });
  return kept;
}
