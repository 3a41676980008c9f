import type { Predicate } from "./lexicon";
import type { Span, Tagged } from "./spans";
import { OF_THE_WHOLE, type Taken } from "./taken";

/** Which of the words that say how it is say it: “a low hum” is not weak. */

/** Small words of size that say nothing beside a hum: a low hum, a strong mains hum, a steady hiss. */
const SIZES: ReadonlySet<Predicate> = new Set(["works", "weak", "steady"]);
/** What stands between such a word and the hum: at most one word, and none that begins something else. */
const BESIDE = /^( (?!with|without|no|and|but|apart|except|for|when|an?\b|the\b)[\w-]+)? *$/;
const NO_NOISE = /\b(no|without|free of)( any)? (noise|hum|crackl|hiss)/;
/** How much: “drifts badly” is no distortion. */
const MANNER = /^(badly|horribl[ey]|terribl[ey]|dreadful(ly)?|nasty|awful(ly)?|roughly|poorly)$/;
const OTHERS_QUIET =
  /^\W*((the )?(others?|am|fm|phono|gram|receive|transmit|headphones|other (bands?|channel|side|speaker)) )?((is|are) )?quiet\b/;
const gap = (a: Span, b: Span) => Math.max(a.from - b.to, b.from - a.to);

/** The predicates of a part that count. @param all what was found in it */
export function predicatesThatCount(
  all: readonly Tagged<Predicate>[],
  { rest, subjects, before, clause: { times } }: Taken,
): Tagged<Predicate>[] {
  const inside = ({ from, to }: Span) =>
    subjects.some(
      (noun) =>
        noun.from <= from &&
        to <= noun.to &&
        (noun.tag === "lamp" || noun.tag === "control" || to - from < noun.to - noun.from),
    );
  const heavy = all.filter((one) => OF_THE_WHOLE.has(one.tag) && !MANNER.test(rest.slice(one.from, one.to)));
  return all.filter((one) => {
    if (inside(one)) return false;
    // “Reacts to tapping”, “does not react when tapped”.
    if (one.tag === "moves" && times.has("touched") && /react|respond/.test(rest.slice(one.from, one.to))) return false;
    if (MANNER.test(rest.slice(one.from, one.to))) return !heavy.some(({ from, to }) => gap({ from, to }, one) <= 1);
    if (one.tag === "weak" && /ly$/.test(rest.slice(one.from, one.to)) && heavy.some(({ to }) => one.from - to === 1))
      return false;
    // “The hum gets worse”, “runs quietly without noise”.
    if (one.tag === "weak" && heavy.length > 0 && /worse$/.test(rest.slice(one.from, one.to))) return false;
    if (one.tag === "weak" && /^quiet/.test(rest.slice(one.from, one.to))) {
      // “Hums on the mains, quiet on batteries.”
      const ofNoise = OTHERS_QUIET.test(rest) && before?.preds.some((pred) => pred === "hum" || pred === "noise");
      if (NO_NOISE.test(rest) || ofNoise) return false;
    }
    // “Noise only in the evening.”
    if (one.tag === "weak" && /^only/.test(rest.slice(one.from, one.to)) && heavy.some(({ to }) => to <= one.from))
      return false;
    // “Hums only a little.”
    if (
      one.tag === "weak" &&
      /^(little|less)/.test(rest.slice(one.from, one.to)) &&
      heavy.some(({ to }) => /^ (only )?(a )?$/.test(rest.slice(to, one.from)))
    )
      return false;
    // “The noise is strong” speaks of the noise.
    if (
      SIZES.has(one.tag) &&
      heavy.some(({ to }) => /^ (is|are|was|gets|remains)( \w+)? $/.test(rest.slice(to, one.from)))
    )
      return false;
    return !(SIZES.has(one.tag) && heavy.some(({ from }) => from >= one.to && BESIDE.test(rest.slice(one.to, from))));
  });
}
