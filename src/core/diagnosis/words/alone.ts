import { pathId } from "../data/paths";
import { DENY, type Predicate } from "./lexicon";
import { lacking, meaning, type Clause } from "./meaning";
import type { Span } from "./spans";
import { SIGNAL, subjectOf, type Subject } from "./subjects";
import { BETTER, controlOf, isDenied, OF_THE_WHOLE, type Taken } from "./taken";
import type { Said } from "./types";

/** A part that names something and does not say how it is: “no sound”, “transmit does not”, “and on receive”. */

/** “The limiter does not limit.” */
const DOES_NOT = /\b(does|do|did|will|can) not \w+$/;
const GIVES_NO = /^ (gives?|has|have|makes?|shows?|puts? out|produces?|delivers?|gets?|picks? up) (no|hardly any) $/;
/** “Doesn’t affect the stations” is not “no stations”: what a “not” takes away has to be got, heard or made. */
const NOT_GOT =
  /\bnot (?!(?:an?|any|one|much|many|the|single|even|on|in|with|from|through|at|by)\b|(?:got|made|gave|heard|found|brought|sent|came|had|get|receive|hear|find|pick|bring|pull|have|give|make|produce|show|deliver|put|play|develop|tune|see|work|send|transmit|reach|come)\w*\b)\w+(?:\s+[\w'-]+){0,2}\s*$/;
/** What the part before said of the whole set is not so here: hum on AM, none on FM. */
function wholeNot(before: readonly Predicate[], subject: Subject, clause: Clause): Said[] | undefined {
  const whole = before.find((one) => OF_THE_WHOLE.has(one));
  // What hums on the radio alone is well on phono.
  if (whole && subject === "phono") return [{ test: "phono", outcome: "fine" }];
  return whole && meaning(whole, whole, subject, true, clause);
}

/** “Receive works, transmit does not”, “AM hums, FM does not”. What is not dead may be anything else. */
function notSo(before: readonly Predicate[], subject: Subject, clause: Clause): Said[] {
  const whole = wholeNot(before, subject, clause);
  if (whole) return whole;
  return before.length === 0 || before.some((one) => BETTER.has(one))
    ? meaning("works", "works", subject, true, clause)
    : [];
}

/** “Hum on receive, not on transmit”, “works with the earphone, not with the speaker”. */
const notThere = (before: readonly Predicate[], subject: Subject, clause: Clause): Said[] =>
  wholeNot(before, subject, clause) ??
  (before.some((one) => BETTER.has(one)) && subject === "speaker"
    ? meaning("works", "works", subject, true, clause)
    : []);

/** @returns what it says, and whether it says that something is lacking */
export function nounsAlone({ text, rest, subjects, before, clause }: Taken): { said: Said[]; lacks: boolean } {
  const { times, path } = clause;
  const kept: Said[] = [];
  const denied = (span: Span) => isDenied(rest, span) && !NOT_GOT.test(rest.slice(0, span.from));
  const first = subjects.find(denied) ?? subjects[0];
  const ownStage = subjects.find(({ tag }) => tag.startsWith("stage:"));
  // “Not on receive” says of receive no more than that this is not there.
  const no = first && denied(first) && !/\b(not|never) (on|in|with|at|for)\b/.test(rest);
  const lacks = Boolean(first && no);
  const owner = first && subjects.findLast(({ to }) => to < first.from && GIVES_NO.test(rest.slice(to, first.from)));
  // “The BFO gives no signal” speaks of the BFO.
  if (no && owner && (owner.tag === "other" || owner.tag.startsWith("stage:")))
    kept.push(...meaning("dead", "dead", owner.tag, false, clause));
  // “The headphones work, no speaker.”
  else if (no && first?.tag === "speaker" && before?.subject === "phones")
    kept.push(...meaning("dead", "dead", first.tag, false, clause));
  else if (first && no) kept.push(...lacking(subjectOf([first], subjects), clause));
  else if (first && denied(first)) kept.push(...notThere(before?.preds ?? [], first.tag, clause));
  // “Receive works, transmit does not.”
  else if (
    /\b(do|does|will|is|are|did|has|have) not$/.test(rest.trim()) ||
    (first && /^(the )?\S+ not$/.test(rest.trim())) ||
    (first?.tag.startsWith("stage:") && DOES_NOT.test(rest.trim()))
  )
    kept.push(...notSo(before?.preds ?? [], first?.tag ?? "set", clause));
  // “Dead on receive and transmit.”
  else if (
    first &&
    before &&
    before.preds.length > 0 &&
    !before.subject?.startsWith("stage:") &&
    first.tag !== "fuse" &&
    /^(on |the )?(?!only\b)\S+( \S+)?$/.test(rest.trim()) &&
    !DENY.test(rest)
  )
    for (const one of before.preds) kept.push(...meaning(one, one, first.tag, false, clause));
  else if (times.has("intermittent") && ownStage)
    kept.push(...meaning("fails", "intermittent", ownStage.tag, false, clause));
  else if (times.has("intermittent") && first?.tag === "tubes")
    kept.push(...meaning("dark", "dark", first.tag, false, clause));
  else if (times.has("intermittent") && first?.tag === "control")
    kept.push(...meaning("contact", "intermittent", first.tag, false, clause));
  else if (times.has("intermittent") && (!first || SIGNAL.has(first.tag))) {
    kept.push({ test: pathId("play", path), outcome: "dead" });
    if (times.has("turned")) kept.push({ test: "turn", outcome: controlOf(text) });
  }
  return { said: kept, lacks };
}
