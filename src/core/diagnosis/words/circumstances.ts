import { pathId } from "../data/paths";
import type { When } from "./lexicon";
import { controlOf, type Taken } from "./taken";
import type { Said } from "./types";

/** What the circumstances of a part say: warm, tapped, on one band, on strong signals. */

/** It was tapped, and nothing came of it. */
const NO_USE =
  /\b((has|have|had|makes?|made) no (effect|difference|change)|(does|do|did) not (help|change|matter|do)|(changes?|does|do|did) nothing|no (reaction|change|effect|difference))\b/;
const NO_REACTION = /\b(does|do|did|will) not (react|respond|change|alter|help|mind)( at all)? ?$/;
/** “Not when it is tapped”, “no reaction to tapping”. */
const NOT_THEN = /\b(not|never|no (reaction|change|difference))( reacts?)?( to| by| with)? ?$/;
/** A switch that “is intermittent and needs wiggling”. */
const NEEDS_MOVING = /\b(needs?|wants?|has to|have to|must) (to )?(be )?(wiggl|jiggl|rock|work|mov|turn|clean)/;
const POP = /\b(pops?|clicks?|thumps?|bangs?)\b/;
const AT_ONCE = /\b(at|on|after|from) (switch(ing)?.?on|turning (it )?on)\b/;
/** What a knock brings back for a minute is no warmth. */
const FOR_SOME_TIME = /\bfor (a|an|one|some|a few|several) (\w+ )?(seconds?|minutes?|while|time|moment)\b/;

/** Does the part say that this circumstance changes nothing? @param said whether it says anything else */
export function denies(tag: When, { text, found }: Taken, said: boolean): boolean {
  const span = found.find((one) => one.tag === tag);
  if (tag === "touched" && span && NO_USE.test(text.slice(span.to))) return true;
  const before = text.slice(0, span?.from ?? 0);
  if (tag === "touched" && NO_REACTION.test(before)) return true;
  return NOT_THEN.test(before) && !said;
}

/**
 * @param so what the part says apart from its circumstances
 * @param said whether it says how anything is
 */
export function circumstances(part: Taken, so: readonly Said[], said: boolean): Said[] {
  const { text, rest, named, before, clause } = part;
  const { times, path, circuit } = clause;
  const of = (act: string, outcome: string): Said => ({ test: pathId(act, path), outcome });
  const kept: Said[] = [];
  // “Hums, and the volume control makes no difference.”
  if (times.has("down") && !said && path === "receive" && before?.preds.includes("hum"))
    kept.push({ test: "hum-down", outcome: "line|double" });
  if (
    times.has("warm") &&
    !denies("warm", part, said) &&
    !(times.has("touched") && FOR_SOME_TIME.test(text)) &&
    !(
      AT_ONCE.test(text) &&
      (POP.test(text) || /\b(stays?|remains?)\b/.test(text) || so.some(({ test }) => test === "fuse"))
    )
  )
    kept.push(of("warm", "changes"));
  if (times.has("touched"))
    // “The switch is dirty, cuts out when touched.”
    kept.push(
      before?.subject === "control" &&
        named.length === 0 &&
        (NEEDS_MOVING.test(rest + text) || so.some(({ outcome }) => outcome === "dead"))
        ? { test: "turn", outcome: controlOf(before.text ?? text) }
        : { test: "thump", outcome: denies("touched", part, said) ? "still" : "reacts" },
    );
  if (times.has("bands") && !(times.has("band") && /\b(except|apart from|other than|all but)\b/.test(text)))
    kept.push(of("bands", "alike"));
  else if (times.has("band")) kept.push(of("bands", "one"));
  if (times.has("band") && !said && /^(no|nothing)\b/.test(rest.trim())) kept.push(of("bands", "one"));
  if (times.has("strong") && so.some(({ outcome }) => outcome === "distorted"))
    for (const { id } of circuit.stages.filter(({ kind }) => kind === "agc"))
      kept.push({ test: `works:${id}`, outcome: "fails" });
  return kept;
}
