import type { Circuit } from "../../model";
import { pathId } from "../data/paths";
import { nounsAlone } from "./alone";
import { circumstances, denies } from "./circumstances";
import { predicatesThatCount } from "./counted";
import { DENY, PREDICATES, TIMES, type Predicate, type When } from "./lexicon";
import { meaning } from "./meaning";
import { pathOf } from "./path";
import { longest, spansOf, type Tagged } from "./spans";
import { SIGNAL, subjectOf, subjectsOf, type Subject } from "./subjects";
import { BETTER, controlOf, isDenied, OF_THE_WHOLE, type Before, type Taken } from "./taken";
import type { Said } from "./types";
import { isStrange, surely } from "./understood";

/** “The set blows its fuse”: what is blown may stand behind it. */
const BLOWS_FUSE = /^ (?:the |its |my |a |an |any |every |all |both |new |one )*(?:\w+ ){0,2}(?:fuses?|breakers?)\b/;
/** That it is louder when the volume is up says nothing of the control. */
const TURNED_UP = /\b(up the|volume up|turn(ed|ing)? (it )?up)\b/;
/** “Sound only when the switch is wiggled.” */
const ONLY_THEN = /\b(sound|reception|music|signals?|stations?) only (when|if|while|as long as|at|in|on)\b/;
/** It goes while a control is turned, and may come back. */
const OF_A_CONTROL =
  /\b(cuts?|drops?|goes|disappears?|vanish\w*|dies|lost|stops?|breaks?)\b.*\b(volume|tone|gain|switch\w*|bands?|ranges?|control|pot|knob)\b/;
const HELPS = /\b(brings|makes|cures|restores|fixes|sets|(comes?|came) (back|on|to life))\b/;
const HOW_IT_SOUNDS: ReadonlySet<Predicate> = new Set(["dead", "weak", "distorted"]);
/** “Low output on SSB.” */
const ON_A_MODE = /\bon (ssb|cw|usb|lsb|sideband)\b/;
const IT_IS_GONE = /^(it )?(is )?(gone|goes away|went away|disappears|vanishes)\b/;
/** What stands behind a hum that is no more. */
const GONE =
  /^( is| has| have| are)?( now)?( been)?( quite| completely)? (gone|cured|vanish\w*|disappear\w*|stop\w*|goes away|went away|no more|not there|cleared)\b/;

const IS_GONE = /\b(gone|cured|vanish\w*|disappear\w*|stop\w*|(goes|went|go) away)\b/;

/** A part without a noun that goes on about the stage before it: “the eye glows but does not move”. “It” is the set. */
const GOES_ON =
  /^(never |always |only )?(does|do|is|are|has|have|will|can|stays?|shows?|moves?|reads?|hangs?|closes?|opens?|pumps?|sticks?|responds?|reacts?) ?/;

/** What is said of tubes and lamps alone. */
const OF_LIGHT: ReadonlySet<Predicate> = new Set(["dark", "bright", "lights"]);
const goesOn = (subject: Subject, part: string, said: readonly Tagged<Predicate>[]) =>
  (subject.startsWith("stage:") && GOES_ON.test(part)) ||
  ((subject === "phono" || subject === "phones") && /^(it )?(plays|works|sounds|is|hums|crackles)\b/.test(part)) ||
  (subject === "fuse" &&
    /^(it |that |the new one |the next one )?(blew|blows|went|goes|popped|burnt|is gone)\b/.test(part)) ||
  (subject === "control" && /^(it|that|which)\b/.test(part) && said.some(({ tag }) => tag === "noise")) ||
  ((subject === "drive" || subject === "dial" || subject === "control") &&
    said.length > 0 &&
    said.every(({ tag }) => tag === "slips")) ||
  ((subject === "tubes" || subject === "lamp") && said.length > 0 && said.every(({ tag }) => OF_LIGHT.has(tag)));

/** FM and AM are no bands where each is a way of its own; AM is one mode of many where there is no FM. */
const ONE_OF_TWO = /^(on |only |just )?(fm|am)( only)?$/;
const ONLY_AM = /^(on |only |just )?am( only)?$/;

/** Takes a part apart: its circumstances first, then the nouns of what is left. */
function takenApart(text: string, circuit: Circuit, before: Before | undefined, path: Taken["clause"]["path"]) {
  const fmPath = circuit.paths.some(({ key }) => key === "fm");
  const found = longest(spansOf<When>(text, TIMES)).filter(
    ({ tag, from, to }) => !(tag === "band" && (fmPath ? ONE_OF_TWO : ONLY_AM).test(text.slice(from, to))),
  );
  let rest = text;
  for (const { from, to } of found) rest = rest.slice(0, from) + " ".repeat(to - from) + rest.slice(to);
  const named = subjectsOf(rest, circuit);
  const all = longest(spansOf<Predicate>(rest, PREDICATES));
  const subjects =
    named.length === 0 && before?.subject && goesOn(before.subject, rest.trim(), all)
      ? [{ tag: before.subject, from: 0, to: 0 }]
      : named;
  const clause = { text, path, circuit, times: new Set(found.map(({ tag }) => tag)) };
  const part: Taken = { text, rest, clause, found, named, subjects, before };
  return { part, all };
}

/** What each predicate says of the noun that it belongs to. */
function whatIsSaid(part: Taken, preds: readonly Tagged<Predicate>[]): Said[] {
  const { text, rest, named, subjects, before, clause } = part;
  const { times, path } = clause;
  const goesOnAboutFuse = before?.subject === "fuse" && /^(it )?(blows|blew|goes|went)\b/.test(text);
  return preds.flatMap(({ tag, from, to }) => {
    // A word may be subject and predicate: “receives”.
    const earlier = subjects.filter((one) => one.from <= from);
    const noun = subjectOf(earlier.length > 0 ? earlier : subjects.slice(0, 1), subjects);
    const ofMode = HOW_IT_SOUNDS.has(tag) || (BETTER.has(tag) && isDenied(rest, { from }));
    const about =
      tag === "blown" && (goesOnAboutFuse || BLOWS_FUSE.test(rest.slice(to)))
        ? "fuse"
        : path === "transmit" && ofMode && SIGNAL.has(noun) && ON_A_MODE.test(rest)
          ? "mode"
          : noun;
    // A crackle that stops when it is tapped is there until then.
    const gone = OF_THE_WHOLE.has(tag) && GONE.test(rest.slice(to)) && !times.has("touched") && !times.has("warm");
    if (named.length === 0 && !OF_THE_WHOLE.has(tag) && tag !== "steady" && isStrange(rest.slice(0, from))) return [];
    // “The noise is normal.”
    if (tag === "noise" && /^ (is|are) (quite |about )?(normal|as usual|as always|low)\b/.test(rest.slice(to)))
      return [];
    const denied = isDenied(rest, { from }) || gone || /^ neither\b/.test(rest.slice(to));
    return meaning(tag, rest.slice(from, to), about, denied, clause);
  });
}

/** What the next part may go on about. */
function lastOf(subjects: Taken["subjects"]): Subject | undefined {
  if (subjects.some(({ tag }) => tag === "fuse")) return "fuse";
  // “The left channel is dead on FM” speaks of the channel.
  const things = subjects.filter(({ tag }) => tag !== "fm" && tag !== "am");
  return subjects.length > 0 ? subjectOf(things.length > 0 ? things : subjects, subjects) : undefined;
}

/** “Plays when I hit it”, “a thump brings it back”: without that it does not. */
function helpedBy(part: Taken, preds: readonly Tagged<Predicate>[]): "touched" | "turned" | "now and then" | undefined {
  const { text, rest, clause } = part;
  const said = preds.length > 0;
  const helps = ONLY_THEN.test(text) || (said ? preds.every(({ tag }) => BETTER.has(tag)) : HELPS.test(text));
  if (!helps || DENY.test(rest)) return undefined;
  const by = (["touched", "turned"] as const).find((tag) => clause.times.has(tag));
  if (by && !denies(by, part, said)) return by;
  return clause.times.has("intermittent") && said ? "now and then" : undefined;
}

/** Reads one part of a sentence: its circumstances first, then each predicate with the noun that it belongs to. */
export function readPart(text: string, circuit: Circuit, before: Before | undefined): { outcomes: Said[] } & Before {
  // “Buzzes, gone when it is off” speaks of the buzz.
  if (IT_IS_GONE.test(text) && before?.preds.some((pred) => OF_THE_WHOLE.has(pred))) return { ...before, outcomes: [] };
  const { path, said: pathSaid } = pathOf(text, circuit, before?.path);
  const { part, all } = takenApart(text, circuit, before, path);
  const { rest, found, named, subjects, clause } = part;
  const preds = predicatesThatCount(all, part);
  const said = preds.length > 0;
  const outcomes = whatIsSaid(part, preds);
  // “Cuts out when I turn the volume.”
  const goes = OF_A_CONTROL.test(text) && outcomes.some(({ outcome }) => outcome === "dead");
  if (
    clause.times.has("turned") &&
    (goes ||
      (!TURNED_UP.test(text) &&
        /(^\W*|\b(gets?|becomes?|is|grows) )(worse|louder|more|mostly|especially)\b/.test(rest)))
  )
    outcomes.push({ test: "turn", outcome: controlOf(text) });
  // “The hum is gone” does not say that the set is.
  const goneHum = preds.some(({ tag }) => OF_THE_WHOLE.has(tag)) && IS_GONE.test(rest);
  const kept = goneHum ? outcomes.filter(({ outcome }) => outcome !== "dead") : outcomes;
  const alone = said ? undefined : nounsAlone(part);
  kept.push(...(alone?.said ?? []));
  kept.push(...circumstances(part, kept, said));
  const last = lastOf(subjects);
  const goesOnWith = { ...(pathSaid ? { path } : {}), ...(last ? { subject: last } : {}) };
  const helped = helpedBy(part, preds);
  if (helped) {
    const test = pathId("play", path);
    if (helped === "turned") kept.push({ test: "turn", outcome: controlOf(text) });
    return {
      outcomes: [...kept.filter((one) => one.test !== test), { test, outcome: "dead" }],
      preds: ["dead"],
      ...goesOnWith,
    };
  }
  return {
    outcomes: surely(kept, text, [...found, ...named, ...all]),
    preds: alone?.lacks ? ["dead"] : preds.map(({ tag }) => tag),
    ...goesOnWith,
  };
}
