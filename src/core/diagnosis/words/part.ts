import type { Circuit, PathKey } from "../../model";
import { pathId } from "../data/paths";
import { DENY, PREDICATES, TIMES, type Predicate, type When } from "./lexicon";
import { lacking, meaning, type Clause } from "./meaning";
import { pathOf } from "./path";
import { longest, spansOf, type Span, type Tagged } from "./spans";
import { SIGNAL, subjectOf, subjectsOf, type Subject } from "./subjects";
import type { Said } from "./types";
import { isStrange, surely } from "./understood";

/** Predicates that say how the whole sounds, whatever stands beside them. */
const OF_THE_WHOLE: ReadonlySet<Predicate> = new Set(["hum", "noise", "unsteady", "distorted", "hot"]);

/** A word that denies, with at most so many words between it and what it denies. */
const REACH = 3;
const DENIED = new RegExp(`(?:${DENY.source}(?:\\s+[\\w'-]+){0,${REACH}}|\\bnothing)\\s*$`);

/** Small words of size that say nothing beside a hum: a low hum, a strong mains hum, a steady hiss. */
const SIZES: ReadonlySet<Predicate> = new Set(["works", "weak", "steady"]);
/** What stands between such a word and the hum: at most one word, and none that begins something else. */
const BESIDE = /^( (?!with|without|no|and|but|apart|except|for|when|an?\b|the\b)[\w-]+)? *$/;
const NO_NOISE = /\b(no|without|free of)( any)? (noise|hum|crackl|hiss)/;
/** “The limiter does not limit.” */
const DOES_NOT = /\b(does|do|did|will|can) not \w+$/;
/** “Sound only when the switch is wiggled.” */
const ONLY_THEN = /\b(sound|reception|music|signals?|stations?) only (when|if|while|as long as|at|in|on)\b/;
/** It was tapped, and nothing came of it. */
const NO_USE =
  /\b((has|have|had|makes?|made) no (effect|difference|change)|(does|do|did) not (help|change|matter|do)|(changes?|does|do|did) nothing|no (reaction|change|effect|difference))\b/;
/** How much: “drifts badly” is no distortion. */
const MANNER = /^(badly|horribl[ey]|terribl[ey]|dreadful(ly)?|nasty|awful(ly)?|roughly|poorly)$/;
/** It goes while a control is turned, and may come back. */
const OF_A_CONTROL =
  /\b(cuts?|drops?|goes|disappears?|vanish\w*|dies|lost|stops?|breaks?)\b.*\b(volume|tone|gain|switch\w*|bands?|ranges?|control|pot|knob)\b/;
const controlOf = (text: string) => (/switch|band|wave|range/.test(text) ? "switch" : "control");
const OTHERS_QUIET =
  /^\W*((the )?(others?|am|fm|phono|gram|receive|transmit|headphones|other (bands?|channel|side|speaker)) )?((is|are) )?quiet\b/;
const POP = /\b(pops?|clicks?|thumps?|bangs?)\b/;
const AT_ONCE = /\b(at|on|after|from) (switch(ing)?.?on|turning (it )?on)\b/;
/** It does what it should, or comes to life. */
const BETTER: ReadonlySet<Predicate> = new Set(["works", "starts", "moves"]);
const HELPS = /\b(brings|makes|cures|restores|fixes|sets|(comes?|came) (back|on|to life))\b/;
/** “Not when it is tapped”, “no reaction to tapping”. */
const GIVES_NO = /^ (gives?|has|have|makes?|shows?|puts? out|produces?|delivers?|gets?|picks? up) (no|hardly any) $/;
/** “Doesn’t affect the stations” is not “no stations”: what a “not” takes away has to be got, heard or made. */
const NOT_GOT =
  /\bnot (?!(?:an?|any|one|much|many|the|single|even|on|in|with|from|through|at|by)\b|(?:got|made|gave|heard|found|brought|sent|came|had|get|receive|hear|find|pick|bring|pull|have|give|make|produce|show|deliver|put|play|develop|tune|see|work|send|transmit|reach|come)\w*\b)\w+(?:\s+[\w'-]+){0,2}\s*$/;
const NO_REACTION = /\b(does|do|did|will) not (react|respond|change|alter|help|mind)( at all)? ?$/;
/** “Low output on SSB.” */
const HOW_IT_SOUNDS: ReadonlySet<Predicate> = new Set(["dead", "weak", "distorted"]);
const ON_A_MODE = /\bon (ssb|cw|usb|lsb|sideband)\b/;
const IT_IS_GONE = /^(it )?(is )?(gone|goes away|went away|disappears|vanishes)\b/;
/** What a knock brings back for a minute is no warmth. */
const FOR_SOME_TIME = /\bfor (a|an|one|some|a few|several) (\w+ )?(seconds?|minutes?|while|time|moment)\b/;
const NOT_THEN = /\b(not|never|no (reaction|change|difference))( reacts?)?( to| by| with)? ?$/;
/** What stands behind a hum that is no more. */
const GONE =
  /^( is| has| have| are)?( now)?( been)?( quite| completely)? (gone|cured|vanish\w*|disappear\w*|stop\w*|goes away|went away|no more|not there|cleared)\b/;
const gap = (a: Span, b: Span) => Math.max(a.from - b.to, b.from - a.to);

/** What the part before it spoke of, and said. */
export type Before = { path?: PathKey; preds: Predicate[]; subject?: Subject; text?: string };

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
  ((subject === "drive" || subject === "dial" || subject === "control") &&
    said.length > 0 &&
    said.every(({ tag }) => tag === "slips")) ||
  ((subject === "tubes" || subject === "lamp") && said.length > 0 && said.every(({ tag }) => OF_LIGHT.has(tag)));

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

/** FM and AM are no bands where each is a way of its own; AM is one mode of many where there is no FM. */
const ONE_OF_TWO = /^(on |only |just )?(fm|am)( only)?$/;
const ONLY_AM = /^(on |only |just )?am( only)?$/;

/** Reads one part of a sentence: its circumstances first, then each predicate with the noun that it belongs to. */
export function readPart(text: string, circuit: Circuit, before: Before | undefined): { outcomes: Said[] } & Before {
  // “Buzzes, gone when it is off” speaks of the buzz.
  if (IT_IS_GONE.test(text) && before?.preds.some((pred) => OF_THE_WHOLE.has(pred))) return { ...before, outcomes: [] };
  const { path, said: pathSaid } = pathOf(text, circuit, before?.path);
  const fmPath = circuit.paths.some(({ key }) => key === "fm");
  const found = longest(spansOf<When>(text, TIMES)).filter(
    ({ tag, from, to }) => !(tag === "band" && (fmPath ? ONE_OF_TWO : ONLY_AM).test(text.slice(from, to))),
  );
  const times = new Set(found.map(({ tag }) => tag));
  // Circumstances are taken out: “when cold” is no cold heater.
  let rest = text;
  for (const { from, to } of found) rest = rest.slice(0, from) + " ".repeat(to - from) + rest.slice(to);
  const clause: Clause = { text, path, circuit, times };
  const named = subjectsOf(rest, circuit);
  const all = longest(spansOf<Predicate>(rest, PREDICATES));
  const subjects =
    named.length === 0 && before?.subject && goesOn(before.subject, rest.trim(), all)
      ? [{ tag: before.subject, from: 0, to: 0 }]
      : named;
  // “The left channel is dead on FM” speaks of the channel.
  const things = subjects.filter(({ tag }) => tag !== "fm" && tag !== "am");
  const goesOnAboutFuse = before?.subject === "fuse" && /^(it )?(blows|blew|goes|went)\b/.test(text);
  const last = subjects.some(({ tag }) => tag === "fuse")
    ? "fuse"
    : subjects.length > 0
      ? subjectOf(things.length > 0 ? things : subjects, subjects)
      : undefined;
  const inside = ({ from, to }: Span) =>
    subjects.some(
      (noun) =>
        noun.from <= from &&
        to <= noun.to &&
        (noun.tag === "lamp" || noun.tag === "control" || to - from < noun.to - noun.from),
    );
  const heavy = all.filter((one) => OF_THE_WHOLE.has(one.tag) && !MANNER.test(rest.slice(one.from, one.to)));
  const preds = all.filter((one) => {
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
  const outcomes: Said[] = [];
  let lacks = false;
  for (const { tag, from, to } of preds) {
    const word = rest.slice(from, to);
    // A word may be subject and predicate: “receives”.
    const earlier = subjects.filter((one) => one.from <= from);
    const noun = subjectOf(earlier.length > 0 ? earlier : subjects.slice(0, 1), subjects);
    const ofMode = HOW_IT_SOUNDS.has(tag) || (BETTER.has(tag) && DENIED.test(rest.slice(0, from)));
    const about =
      goesOnAboutFuse && tag === "blown"
        ? "fuse"
        : path === "transmit" && ofMode && SIGNAL.has(noun) && ON_A_MODE.test(rest)
          ? "mode"
          : noun;
    // A crackle that stops when it is tapped is there until then.
    const gone = OF_THE_WHOLE.has(tag) && GONE.test(rest.slice(to)) && !times.has("touched") && !times.has("warm");
    if (named.length === 0 && !OF_THE_WHOLE.has(tag) && tag !== "steady" && isStrange(rest.slice(0, from))) continue;
    // “The noise is normal.”
    if (tag === "noise" && /^ (is|are) (quite |about )?(normal|as usual|as always|low)\b/.test(rest.slice(to)))
      continue;
    const denied = DENIED.test(rest.slice(0, from)) || gone || /^ neither\b/.test(rest.slice(to));
    outcomes.push(...meaning(tag, word, about, denied, clause));
  }
  // “Cuts out when I turn the volume.”
  const goes = OF_A_CONTROL.test(text) && outcomes.some(({ outcome }) => outcome === "dead");
  if (times.has("turned") && (goes || /^\W*(worse|louder|more|mostly|especially)\b/.test(rest)))
    outcomes.push({ test: "turn", outcome: controlOf(text) });
  // “The hum is gone” does not say that the set is.
  const goneHum =
    preds.some(({ tag }) => OF_THE_WHOLE.has(tag)) &&
    /\b(gone|cured|vanish\w*|disappear\w*|stop\w*|(goes|went|go) away)\b/.test(rest);
  const kept = goneHum ? outcomes.filter(({ outcome }) => outcome !== "dead") : outcomes;
  if (preds.length === 0) {
    const isDenied = ({ from }: Span) => DENIED.test(rest.slice(0, from)) && !NOT_GOT.test(rest.slice(0, from));
    const first = subjects.find(isDenied) ?? subjects[0];
    const ownStage = subjects.find(({ tag }) => tag.startsWith("stage:"));
    // “Not on receive” says of receive no more than that this is not there.
    const no = first && isDenied(first) && !/\b(not|never) (on|in|with|at|for)\b/.test(rest);
    lacks = Boolean(first && no);
    const owner = first && subjects.findLast(({ to }) => to < first.from && GIVES_NO.test(rest.slice(to, first.from)));
    // “The BFO gives no signal” speaks of the BFO.
    if (no && owner && (owner.tag === "other" || owner.tag.startsWith("stage:")))
      kept.push(...meaning("dead", "dead", owner.tag, false, clause));
    // “The headphones work, no speaker.”
    else if (no && first?.tag === "speaker" && before?.subject === "phones")
      kept.push(...meaning("dead", "dead", first.tag, false, clause));
    else if (first && no) kept.push(...lacking(subjectOf([first], subjects), clause));
    else if (first && isDenied(first)) kept.push(...notThere(before?.preds ?? [], first.tag, clause));
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
      !before.subject?.startsWith("stage:") &&
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
  }
  const of = (act: string, outcome: string): Said => ({ test: pathId(act, path), outcome });
  const denies = (tag: When) => {
    const span = found.find((one) => one.tag === tag);
    if (tag === "touched" && span && NO_USE.test(text.slice(span.to))) return true;
    const at = span?.from ?? 0;
    if (tag === "touched" && NO_REACTION.test(text.slice(0, at))) return true;
    return NOT_THEN.test(text.slice(0, at)) && preds.length === 0;
  };
  // “Hums, and the volume control makes no difference.”
  if (times.has("down") && preds.length === 0 && path === "receive" && before?.preds.includes("hum"))
    kept.push({ test: "hum-down", outcome: "line|double" });
  if (
    times.has("warm") &&
    !denies("warm") &&
    !(times.has("touched") && FOR_SOME_TIME.test(text)) &&
    !(
      AT_ONCE.test(text) &&
      (POP.test(text) || /\b(stays?|remains?)\b/.test(text) || kept.some(({ test }) => test === "fuse"))
    )
  )
    kept.push(of("warm", "changes"));
  if (times.has("touched"))
    // “The switch is dirty, cuts out when touched.”
    kept.push(
      before?.subject === "control" && named.length === 0 && kept.some(({ outcome }) => outcome === "dead")
        ? { test: "turn", outcome: controlOf(before.text ?? text) }
        : { test: "thump", outcome: denies("touched") ? "still" : "reacts" },
    );
  if (times.has("bands") && !(times.has("band") && /\b(except|apart from|other than|all but)\b/.test(text)))
    kept.push(of("bands", "alike"));
  else if (times.has("band")) kept.push(of("bands", "one"));
  if (times.has("band") && preds.length === 0 && /^(no|nothing)\b/.test(rest.trim())) kept.push(of("bands", "one"));
  if (times.has("strong") && kept.some(({ outcome }) => outcome === "distorted"))
    for (const { id } of circuit.stages.filter(({ kind }) => kind === "agc"))
      kept.push({ test: `works:${id}`, outcome: "fails" });
  // “Plays when I hit it”, “a thump brings it back”: without that it does not.
  const helps =
    ONLY_THEN.test(text) || (preds.length > 0 ? preds.every(({ tag }) => BETTER.has(tag)) : HELPS.test(text));
  const by = (["touched", "turned"] as const).find((tag) => times.has(tag));
  const now = times.has("intermittent") && preds.length > 0;
  if (((by && helps && !denies(by)) || (now && helps)) && !DENY.test(rest)) {
    const test = pathId("play", path);
    if (by === "turned") kept.push({ test: "turn", outcome: controlOf(text) });
    return {
      outcomes: [...kept.filter((one) => one.test !== test), { test, outcome: "dead" }],
      preds: ["dead"],
      ...(pathSaid ? { path } : {}),
      ...(last ? { subject: last } : {}),
    };
  }
  return {
    outcomes: surely(kept, text, [...found, ...named, ...all]),
    ...(pathSaid ? { path } : {}),
    ...(last ? { subject: last } : {}),
    preds: lacks ? ["dead"] : preds.map(({ tag }) => tag),
  };
}
