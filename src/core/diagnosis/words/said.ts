import type { Circuit, PathKey, StageKind } from "../../model";
import { HEARD } from "../data/heard";
import { KINDS } from "../data/kinds";
import { bareId, pathId } from "../data/paths";
import { measured } from "./measured";
import type { ClauseRead, Said } from "./types";
import { DENY, NOUNS, OTHER_SMELLS, PREDICATES, TIMES, type Noun, type Predicate, type When } from "./lexicon";

type Span = { from: number; to: number };
type Tagged<T extends string> = Span & { tag: T };
type Subject = Noun | `stage:${StageKind}`;

/** All places where the words of a list stand. */
function spansOf<T extends string>(text: string, words: Readonly<Record<T, RegExp>>): Tagged<T>[] {
  return (Object.keys(words) as T[]).flatMap((tag) =>
    [...text.matchAll(new RegExp(words[tag].source, "g"))].map(({ 0: found, index }) => ({
      tag,
      from: index,
      to: index + found.length,
    })),
  );
}

/** Of matches that overlap the longest counts, then the first in the list. */
function longest<T extends Span>(spans: readonly T[]): T[] {
  const kept: T[] = [];
  for (const one of [...spans].sort((a, b) => b.to - b.from - (a.to - a.from)))
    if (!kept.some(({ from, to }) => one.from < to && from < one.to)) kept.push(one);
  return kept.sort((a, b) => a.from - b.from);
}

/** `doesn’t` is `does not`. */
const plain = (text: string): string =>
  text
    .toLowerCase()
    .replaceAll(/[’‘`]/g, "'")
    .replaceAll(/\bcan'?t\b|\bcannot\b/g, "can not")
    .replaceAll(/\bwon'?t\b/g, "will not")
    .replaceAll(/n't\b/g, " not")
    .replaceAll(/\b(doesnt|isnt|dont|didnt|wont)\b/g, (word) => `${word.slice(0, -2)} not`)
    .replaceAll(/\b(it|that|there|he|she)'s\b/g, "$1 is")
    .replaceAll(/\bno longer\b|\bnot any ?more\b/g, "not")
    // The limiter is no noise, and “as well” says nothing of how well.
    .replaceAll(/\bnoise (limiter|blanker)/g, "limiter")
    .replaceAll(/\b(as well|too|also)(?=\s*([,;.]|$))/g, "")
    // “So loud that nothing is understood” speaks of the hum.
    .replaceAll(/\bso (loud|strong|bad|much|badly)\b( that [^,;.]*)?/g, "")
    .replaceAll(/\s+/g, " ")
    .trim();

/** What stands on either side of a comma, a “but” or an “and” may be about something else. */
const BETWEEN =
  /\s*(?:[,;.!?]+(?!\d)|\bbut\b|\bwhile\b|\bwhereas\b|\bthough\b|\balthough\b|\byet\b|\bhowever\b|\bexcept that\b|(?<!\bloud )(?<!\bnow )(?<!\bcomes )(?<!\bin )(?<!\bcome )(?<!\bon )(?<!\bfades in )\band\b|\bplus\b|\bor\b|\bthen\b|: | - | – )\s*/;
const partsOf = (text: string): string[] =>
  text
    .split(BETWEEN)
    .map((part) => part.trim())
    .filter(Boolean);

/** Stages with a work of their own, by their words: in this set or in another one. */
const OWN: readonly [StageKind, RegExp][] = (Object.keys(KINDS) as StageKind[]).flatMap((kind) =>
  KINDS[kind].does === undefined ? [] : [[kind, KINDS[kind].words] as [StageKind, RegExp]],
);

function subjectsOf(text: string): Tagged<Subject>[] {
  const stages = OWN.flatMap(([kind, words]) =>
    [...text.matchAll(new RegExp(words.source, "g"))].map(({ 0: found, index }): Tagged<Subject> => ({
      tag: `stage:${kind}`,
      from: index,
      to: index + found.length,
    })),
  );
  return longest([...stages, ...spansOf<Noun>(text, NOUNS)]);
}

/** Nouns that are the signal itself, on the way that a part of the sentence speaks of. */
const SIGNAL: ReadonlySet<string> = new Set([
  "set",
  "sound",
  "reception",
  "fm",
  "am",
  "transmission",
  "modulation",
  "speaker",
  "mode",
]);

/** Predicates that say how the whole sounds, whatever stands beside them. */
const OF_THE_WHOLE: ReadonlySet<Predicate> = new Set(["hum", "noise", "unsteady", "distorted", "hot"]);

/** A word that denies, with at most so many words between it and what it denies. */
const REACH = 3;
const DENIED = new RegExp(`${DENY.source}(?:\\s+[\\w'-]+){0,${REACH}}\\s*$`);

type Clause = {
  text: string;
  path: PathKey;
  circuit: Circuit;
  times: ReadonlySet<When>;
};

/** Which way a part speaks of; what it does not say it has from the part before it. */
function pathOf(text: string, circuit: Circuit, before: PathKey | undefined): { path: PathKey; said: boolean } {
  const named = pathNamed(text, circuit);
  if (named) return { path: named, said: true };
  const has = (key: PathKey) => circuit.paths.some((path) => path.key === key);
  const kept = before === "modulation" ? "transmit" : before;
  if (kept && has(kept)) return { path: kept, said: true };
  return { path: circuit.paths[0]?.key ?? "receive", said: false };
}

function pathNamed(text: string, circuit: Circuit): PathKey | undefined {
  const has = (key: PathKey) => circuit.paths.some((path) => path.key === key);
  if (has("fm")) {
    if (NOUNS.fm.test(text)) return "fm";
    if (NOUNS.am.test(text) || /\b(mw|lw|sw|medium|long|short)\b/.test(text)) return "receive";
  }
  if (has("modulation") && NOUNS.modulation.test(text)) return "modulation";
  if (has("transmit") && (NOUNS.transmission.test(text) || NOUNS.modulation.test(text) || /\bkey(ed|ing)\b/.test(text)))
    return "transmit";
  if (has("receive") && NOUNS.reception.test(text)) return "receive";
  if (has("transmit") && /\b(splatter|chirp|key clicks|talk power)/.test(text)) return "transmit";
  if (has("receive") && /\b(deaf|(in)?sensitiv\w+)\b/.test(text)) return "receive";
  return has("transmit") && has("receive") && /\b(output|drive|power)\b/.test(text) ? "transmit" : undefined;
}

const BAD: Partial<Record<Predicate, string>> = { dead: "dead", weak: "weak", distorted: "distorted" };
/** `not good`: it is not said which. */
const SO_SO = "weak|distorted";
const BARELY =
  /\b(properly|correctly|well|good|ok(ay)?|right|fine|normal(ly)?|perfect(ly)?|great|clear|clean|loud|strong|as (it|they) should|as (it was )?before|excellent(ly)?|healthy|full (output|power|volume))\b/;

/** What one predicate says of its subject. */
function meaning(predicate: Predicate, word: string, subject: Subject, denied: boolean, clause: Clause): Said[] {
  const { circuit, path, times, text } = clause;
  const of = (act: string, outcome: string): Said => ({ test: pathId(act, path), outcome });
  const whole = (test: string, outcome: string): Said => ({ test, outcome });
  const works = (kind: StageKind, outcome: string) =>
    circuit.stages.filter((stage) => stage.kind === kind).map(({ id }) => whole(`works:${id}`, outcome));
  const stage = subject.startsWith("stage:") ? (subject.slice("stage:".length) as StageKind) : undefined;
  const lamps = subject === "lamp" || subject === "tubes";
  const mechanics = subject === "drive" || subject === "control" || subject === "dial";
  const test = subject === "phono" || subject === "phones" ? subject : pathId("play", path);
  const good = predicate === "works" || predicate === "lights" || predicate === "moves" || predicate === "starts";

  switch (predicate) {
    case "hum": {
      if (denied && times.has("down") && path === "receive") return [whole("hum-down", "none")];
      const which = times.has("double") ? "double" : times.has("line") ? "line" : "line|double";
      return [times.has("down") && path === "receive" ? whole("hum-down", which) : of("hum", denied ? "none" : which)];
    }
    case "noise":
      if (/^pop/.test(word) && NOUNS.fuse.test(text)) return [whole("fuse", denied ? "whole" : "blown")];
      if (/^click/.test(word) && /relay/.test(text)) return [];
      if (!denied && (subject === "control" || times.has("turned"))) {
        const switched = /\bswitch|\b(band|wave|range)/.test(text) && !/\b(volume|tone|gain)\b/.test(text);
        return [whole("noise", "noisy"), whole("turn", switched ? "switch" : "control")];
      }
      return [times.has("down") ? whole("noise-down", "noisy") : whole("noise", denied ? "quiet" : "noisy")];
    case "unsteady":
      return [of("steady", denied ? "steady" : "unsteady"), ...(stage && !denied ? works(stage, "fails") : [])];
    case "hot":
      return OTHER_SMELLS.test(text) ? [] : [whole("smell", denied ? "nothing" : "hot")];
    default:
  }
  if (stage && predicate === "distorted") return denied ? [] : [of("play", "distorted")];
  if (stage) {
    const bad = !good && predicate !== "blown";
    return denied && bad ? [] : works(stage, bad === denied ? "works" : "fails");
  }
  switch (predicate) {
    case "distorted":
      return denied ? [] : [whole(test, "distorted")];
    case "blown":
      if (subject === "fuse") return [whole("fuse", denied ? "whole" : "blown")];
      return lamps && !denied ? [whole("glow", "dark")] : [];
    case "bright":
      return lamps && !denied ? [whole("glow", "bright")] : [];
    case "dark":
      return lamps && !denied ? [whole("glow", "dark")] : [];
    case "lights":
      return lamps || subject === "set" || subject === "dial" ? [whole("glow", denied ? "dark" : "all")] : [];
    case "starts":
      if (!SIGNAL.has(subject) && !lamps) return [];
      return denied ? [of("play", "dead")] : lamps ? [whole("glow", "all")] : [];
    case "off":
      if (lamps && !denied && /out|off/.test(word)) return [whole("glow", "dark")];
      return mechanics || SIGNAL.has(subject) ? [of("dial", denied ? "right" : "off")] : [];
    case "slips":
      return (subject === "drive" ||
        subject === "control" ||
        (subject === "dial" && /stuck|stiff|slip|jump|seiz|broken|cord/.test(word))) &&
        !denied
        ? [whole("knob", "slips")]
        : [];
    case "moves":
      return subject === "drive" || subject === "dial" ? [whole("knob", denied ? "slips" : "free")] : [];
    case "fails":
      return lamps && /light|glow/.test(word) && !denied ? [whole("glow", "dark")] : [];
    default:
  }
  // What is left says that it works, or how badly.
  if (subject === "fuse")
    return predicate === "works"
      ? [whole("fuse", denied ? "blown" : "whole")]
      : predicate === "dead"
        ? [whole("fuse", "blown")]
        : [];
  if (lamps) return predicate === "weak" ? [] : [whole("glow", good === denied ? "dark" : "all")];
  if (subject === "drive") return predicate === "works" ? [whole("knob", denied ? "slips" : "free")] : [];
  if (subject === "dial") return predicate === "works" ? [whole(pathId("dial", path), denied ? "off" : "right")] : [];
  if (subject === "phono" || subject === "phones" || SIGNAL.has(subject)) {
    if (subject === "mode" && path === "receive") return works("bfo", good !== denied ? "works" : "fails");
    if (predicate === "works") return [whole(test, !denied ? "fine" : BARELY.test(word) ? SO_SO : "dead")];
    const tone = /\b(bass|treble|highs|lows)\b/.test(text);
    const bad = tone && BAD[predicate] ? "distorted" : BAD[predicate];
    return bad && !denied ? [whole(test, bad)] : [];
  }
  return [];
}

/** Nouns that say something when a “no” stands before them and nothing behind. */
function lacking(subject: Subject, clause: Clause): Said[] {
  if (subject === "set" || subject === "control" || subject === "drive" || subject === "dial" || subject === "fuse")
    return [];
  if (subject === "speaker" || subject === "plates" || subject === "transformer") return [];
  return meaning("dead", "dead", subject, false, clause);
}

/** Small words of size that say nothing beside a hum: a low hum, a strong hiss. */
const SIZES: ReadonlySet<Predicate> = new Set(["works", "weak"]);
/** How much: “drifts badly” is no distortion. */
const MANNER = /^(badly|horribl[ey]|awful(ly)?|roughly|poorly)$/;
/** “Not when it is tapped”, “no reaction to tapping”. */
const NOT_THEN = /\b(not|never|no (reaction|change|difference))( reacts?)?( to| by| with)? ?$/;
/** What stands behind a hum that is no more. */
const GONE =
  /^( is| has| have| are)?( now)?( quite| completely)? (gone|cured|vanish\w*|disappear\w*|stop\w*|goes away)\b/;
const gap = (a: Span, b: Span) => Math.max(a.from - b.to, b.from - a.to);

/** Ways in and out that are spoken of as a place: no sound on phono. */
const PLACES: ReadonlySet<Subject> = new Set(["phono", "phones"]);

/** The nearest noun before a predicate. The lamp of the decoder is the decoder; sound on phono is phono. */
function subjectOf(earlier: readonly Tagged<Subject>[], all: readonly Tagged<Subject>[]): Subject {
  const last = earlier.at(-1);
  if (!last) return "set";
  const owner = earlier.at(-2);
  if (last.tag === "lamp" && owner?.tag.startsWith("stage:") && last.from - owner.to <= 1) return owner.tag;
  if (last.tag === "sound" || last.tag === "set") return all.find(({ tag }) => PLACES.has(tag))?.tag ?? last.tag;
  return last.tag;
}

/** What the part before it spoke of, and said. */
type Before = { path?: PathKey; preds: Predicate[] };

function readPart(text: string, circuit: Circuit, before: Before | undefined): { outcomes: Said[] } & Before {
  const { path, said: pathSaid } = pathOf(text, circuit, before?.path);
  const fmPath = circuit.paths.some(({ key }) => key === "fm");
  const found = longest(spansOf<When>(text, TIMES)).filter(
    ({ tag, from, to }) =>
      !(fmPath && tag === "band" && /^(on |only |just )?(fm|am)( only)?$/.test(text.slice(from, to))),
  );
  const times = new Set(found.map(({ tag }) => tag));
  // Circumstances are taken out: “when cold” is no cold heater.
  let rest = text;
  for (const { from, to } of found) rest = rest.slice(0, from) + " ".repeat(to - from) + rest.slice(to);
  const clause: Clause = { text, path, circuit, times };
  const subjects = subjectsOf(rest);
  const all = longest(spansOf<Predicate>(rest, PREDICATES));
  const inside = ({ from, to }: Span) =>
    subjects.some(
      (noun) => noun.from <= from && to <= noun.to && (noun.tag === "lamp" || to - from < noun.to - noun.from),
    );
  const heavy = all.filter((one) => OF_THE_WHOLE.has(one.tag) && !MANNER.test(rest.slice(one.from, one.to)));
  const preds = all.filter((one) => {
    if (inside(one)) return false;
    if (MANNER.test(rest.slice(one.from, one.to))) return !heavy.some(({ from, to }) => gap({ from, to }, one) <= 1);
    return !(SIZES.has(one.tag) && heavy.some(({ from }) => from >= one.to && from - one.to <= 1));
  });
  const outcomes: Said[] = [];
  let lacks = false;
  for (const { tag, from, to } of preds) {
    const word = rest.slice(from, to);
    // A word may be subject and predicate: “receives”.
    const earlier = subjects.filter((one) => one.from <= from);
    const about = subjectOf(earlier.length > 0 ? earlier : subjects.slice(0, 1), subjects);
    const gone = OF_THE_WHOLE.has(tag) && GONE.test(rest.slice(to));
    const denied = DENIED.test(rest.slice(0, from)) || gone;
    outcomes.push(...meaning(tag, word, about, denied, clause));
  }
  // “The hum is gone” does not say that the set is.
  const goneHum =
    preds.some(({ tag }) => OF_THE_WHOLE.has(tag)) && /\b(gone|cured|vanish\w*|disappear\w*|stop\w*)\b/.test(rest);
  const kept = goneHum ? outcomes.filter(({ outcome }) => outcome !== "dead") : outcomes;
  if (preds.length === 0) {
    const [first] = subjects;
    // “Not on receive” says of receive no more than that this is not there.
    const no = first && DENIED.test(rest.slice(0, first.from)) && !/\b(not|never) (on|in|with|at|for)\b/.test(rest);
    lacks = Boolean(first && no);
    if (first && no) kept.push(...lacking(subjectOf([first], subjects), clause));
    // “Receive works, transmit does not.”
    else if (/\b(do|does|will|is|are|did|has|have) not$/.test(rest.trim()))
      kept.push(...meaning("works", "works", first?.tag ?? "set", true, clause));
    // “Dead on receive and transmit.”
    else if (first && before && /^(on |the )?\S+( \S+)?$/.test(rest.trim()) && !DENY.test(rest))
      for (const one of before.preds) kept.push(...meaning(one, one, first.tag, false, clause));
    else if (times.has("intermittent") && (!first || SIGNAL.has(first.tag)))
      kept.push({ test: pathId("play", path), outcome: "dead" });
  }
  const of = (act: string, outcome: string): Said => ({ test: pathId(act, path), outcome });
  const denies = (tag: When) => {
    const at = found.find((one) => one.tag === tag)?.from ?? 0;
    return NOT_THEN.test(text.slice(0, at)) && preds.length === 0;
  };
  if (times.has("warm") && !denies("warm")) kept.push(of("warm", "changes"));
  if (times.has("touched")) kept.push({ test: "thump", outcome: denies("touched") ? "still" : "reacts" });
  if (times.has("bands") && !(times.has("band") && /\b(except|apart from|other than|all but)\b/.test(text)))
    kept.push(of("bands", "alike"));
  else if (times.has("band")) kept.push(of("bands", "one"));
  if (times.has("band") && preds.length === 0 && /^(no|nothing)\b/.test(rest.trim())) kept.push(of("bands", "one"));
  if (times.has("strong") && kept.some(({ outcome }) => outcome === "distorted"))
    for (const { id } of circuit.stages.filter(({ kind }) => kind === "agc"))
      kept.push({ test: `works:${id}`, outcome: "fails" });
  return { outcomes: kept, ...(pathSaid ? { path } : {}), preds: lacks ? ["dead"] : preds.map(({ tag }) => tag) };
}

const WORST: readonly string[] = ["dead", "distorted", SO_SO, "weak", "fine", "bright", "dark", "all"];

/** Of two words on one test the worse one counts: “plays fine, then dead”. */
function joined(all: readonly Said[]): Said[] {
  const kept = new Map<string, Said>();
  for (const one of all) {
    const before = kept.get(one.test);
    const worse = before && WORST.indexOf(one.outcome) < WORST.indexOf(before.outcome) && WORST.includes(one.outcome);
    if (!before || worse) kept.set(one.test, one);
  }
  return [...kept.values()];
}

/** A test in this order: so that the same words give the same list, however they are put. */
const ORDER: readonly string[] = ["line", "ohms", "rail", ...HEARD, "works"];
const place = ({ test }: Said) => ORDER.indexOf(bareId(test.split(":")[0] ?? test).replace("-down", ""));

/**
 * Reads a complaint or a symptom part by part: what it speaks of, how that is, and when; a “no” takes back what follows
 * it, a part that speaks of the BFO says nothing of the whole set, and transmit is told from receive. What it does not
 * tell stays open.
 * @example said("dead on receive, transmit is fine", transceiver).outcomes // play dead, play-tx fine
 */
export function said(text: string, circuit: Circuit): { outcomes: Said[]; intermittent: boolean; parts: ClauseRead[] } {
  let before: Before | undefined;
  const parts = partsOf(plain(text)).map((part): ClauseRead => {
    const figures = measured(part, circuit);
    if (figures.length > 0) return { text: part, outcomes: figures };
    const read = readPart(part, circuit, before);
    before = {
      ...(read.path ? { path: read.path } : {}),
      preds: read.preds.length > 0 ? read.preds : (before?.preds ?? []),
    };
    return { text: part, outcomes: joined(read.outcomes) };
  });
  const outcomes = joined(parts.flatMap((part) => part.outcomes));
  // Dead on one band only: on the others it plays, so that the path as a whole is not what fails.
  const oneBand = new Set(
    outcomes.flatMap(({ test, outcome }) => (outcome === "one" ? [test.replace("bands", "play")] : [])),
  );
  return {
    outcomes: outcomes.filter(({ test }) => !oneBand.has(test)).sort((a, b) => place(a) - place(b)),
    intermittent: TIMES.intermittent.test(text.toLowerCase()),
    parts,
  };
}
