import type { Circuit, PathKey, StageKind } from "../../model";
import { pathId } from "../data/paths";
import { NOUNS, OTHER_SMELLS, type Predicate, type When } from "./lexicon";
import { SIGNAL, type Subject } from "./subjects";
import type { Said } from "./types";

/** A part of a sentence: its words, the way of the signal that it speaks of, and its circumstances. */
export type Clause = {
  text: string;
  path: PathKey;
  circuit: Circuit;
  times: ReadonlySet<When>;
};

/** Stages that show something, and are heard by nobody. */
const SHOWS: ReadonlySet<StageKind> = new Set(["s-meter", "indicator", "metering"]);
const BAD: Partial<Record<Predicate, string>> = { dead: "dead", weak: "weak", distorted: "distorted" };
const OSCILLATOR = /\b(crystal|oscillator|vfo)\b/;
const VIBRATES =
  /\bvibrator (hums|buzzes|is (humming|buzzing))\b|\bno (hum|buzz)(ming|zing)? (from|of|in) the vibrator\b/;
const KEY_CLICKS = /\bkey(ing)? clicks\b/;
const STAYS_DARK = /^(it |the set |the radio )?(stays|remains|is) dark\b/;
const RECTIFIER = /\brectifier\b/;
const SWITCH = /\bswitch|\b(band|wave|range)/;
const NOT_WORKING = /^(fails?|failed|failing|inoperative|out of order|does nothing)$/;
/** Modes that begin at the microphone, and at the key. */
const VOICE = /\b(ssb|usb|lsb|sideband)\b/;
const KEY = /\bcw\b/;
/** `not good`: it is not said which. */
export const SO_SO = "weak|distorted";
const BARELY =
  /\b(properly|correctly|well|good|ok(ay)?|right|fine|normal(ly)?|perfect(ly)?|great|clear|clean|loud|strong|as (it|they) should|as (it was )?before|excellent(ly)?|healthy|full (output|power|volume))\b/;

/** One mode that is bad on transmit, or the other one that is not: the fault lies where the voice alone goes. */
function ofMode(predicate: Predicate, bad: boolean, { text }: Clause): Said[] {
  const badly = bad ? [{ test: pathId("play", "transmit"), outcome: BAD[predicate] ?? "dead" }] : [];
  if (VOICE.test(text) === KEY.test(text) || VOICE.test(text) !== bad) return badly;
  return [...badly, { test: pathId("mode", "transmit"), outcome: "voice" }];
}

/** What makes a noise of its own. */
const MECHANICAL = /^(the |its |my )?(cooling )?(fan|blower|hinges?|motor|clock)\b/;

/** What one predicate says of its subject. */
export function meaning(predicate: Predicate, word: string, subject: Subject, denied: boolean, clause: Clause): Said[] {
  const { circuit, path, times, text } = clause;
  const of = (act: string, outcome: string): Said => ({ test: pathId(act, path), outcome });
  const whole = (test: string, outcome: string): Said => ({ test, outcome });
  const has = (kind: StageKind) => circuit.stages.some((stage) => stage.kind === kind);
  const works = (kind: StageKind, outcome: string) =>
    circuit.stages
      .filter((stage) => stage.kind === kind || (kind === "metering" && !has(kind) && stage.kind === "s-meter"))
      .map(({ id }) => whole(`works:${id}`, outcome));
  const stage = subject.startsWith("stage:") ? (subject.slice("stage:".length) as StageKind) : undefined;
  const lamps = subject === "lamp" || subject === "tubes";
  const mechanics = subject === "drive" || subject === "control" || subject === "dial";
  const test = subject === "phono" || subject === "phones" ? subject : pathId("play", path);
  const good = predicate === "works" || predicate === "lights" || predicate === "moves" || predicate === "starts";

  switch (predicate) {
    case "hum": {
      // That one hears a vibrator work is as it should be.
      if (VIBRATES.test(text)) return [];
      if (stage === "changeover") return denied ? [] : works(stage, "fails");
      if (denied && times.has("down") && path === "receive") return [whole("hum-down", "none")];
      const which = times.has("double") ? "double" : times.has("line") ? "line" : "line|double";
      return [times.has("down") && path === "receive" ? whole("hum-down", which) : of("hum", denied ? "none" : which)];
    }
    case "noise":
      // A fan that makes noise says nothing of the signal.
      if (MECHANICAL.test(text)) return [];
      if (/^pop/.test(word) && NOUNS.fuse.test(text)) return [whole("fuse", denied ? "whole" : "blown")];
      if (stage === "keying" || KEY_CLICKS.test(text)) return denied ? [] : works("keying", "fails");
      if (/^click/.test(word) && /relay/.test(text)) return [];
      if (!denied && (subject === "control" || times.has("turned"))) {
        const switched = SWITCH.test(text) && !/\b(volume|tone|gain)\b/.test(text);
        return [whole("noise", "noisy"), whole("turn", switched ? "switch" : "control")];
      }
      // Noise that goes with the volume is there, and made before the control.
      if (times.has("down")) return [denied ? whole("noise", "noisy") : whole("noise-down", "noisy")];
      return [whole("noise", denied ? "quiet" : "noisy")];
    case "unsteady":
      // A BFO that does not whistle does not run, and a crystal that does not oscillate gives no carrier.
      if (stage === "bfo" && denied) return works(stage, "fails");
      if (denied && /^(self.?)?oscillat/.test(word) && OSCILLATOR.test(text)) return [of("play", "dead")];
      // A regenerative detector that does not oscillate is no steadier for it.
      if (denied && /^(self.?)?oscillat/.test(word) && circuit.stages.every(({ kind }) => kind !== "mixer")) return [];
      // A pointer that jumps does so on its cord.
      if (subject === "drive" && /jump|wobbl|shak|slid/.test(word) && !denied) return [whole("knob", "slips")];
      // A meter that jumps about is no drift.
      if (stage && SHOWS.has(stage) && !denied) return works(stage, "fails");
      return [of("steady", denied ? "steady" : "unsteady"), ...(stage && !denied ? works(stage, "fails") : [])];
    case "steady":
      // What is steady once it is warm was not before.
      return subject === "drive" || subject === "control"
        ? []
        : [of("steady", denied || times.has("warm") ? "unsteady" : "steady")];
    case "hot":
      // A lamp that burns is alight.
      if (lamps && /^burn(s|ing)?$/.test(word)) return [whole("glow", denied ? "dark" : "all")];
      return OTHER_SMELLS.test(text) ? [] : [whole("smell", denied ? "nothing" : "hot")];
    default:
  }
  if (subject === "mode" && path === "transmit" && circuit.stages.some(({ kind }) => kind === "balanced"))
    return ofMode(predicate, good === denied, clause);
  if (stage && predicate === "distorted") return denied ? [] : [of("play", "distorted")];
  if (stage) {
    if (predicate === "blown" && NOUNS.fuse.test(text)) return [];
    // What works on the strongest alone does not.
    const halfOf = stage === "stereo" && /\bonly (the )?(left|right|one)\b/.test(text);
    const bad = !good || halfOf || (predicate === "works" && !denied && times.has("strong") && /\bonly\b/.test(text));
    return denied && bad ? [] : works(stage, bad === denied ? "works" : "fails");
  }
  if (subject === "control" && predicate === "dead" && /cut|drop/.test(word) && !denied)
    return [whole("turn", SWITCH.test(text) ? "switch" : "control")];
  switch (predicate) {
    case "distorted":
      // What is rough to turn has nothing to do with the sound.
      if (subject === "drive" && /^(rough|gritty|crunchy|grat)/.test(word))
        return denied ? [] : [whole("knob", "slips")];
      // A control that is rough is heard when it is turned.
      if (subject === "control" && /^(rough|raspy)/.test(word))
        return denied ? [] : [whole("noise", "noisy"), whole("turn", SWITCH.test(text) ? "switch" : "control")];
      return denied ? [] : [whole(test, "distorted")];
    case "blown":
      if (subject === "fuse") return [whole("fuse", denied ? "whole" : "blown")];
      if (/^(it )?trip/.test(text) && !times.has("band")) return denied ? [] : [whole("fuse", "blown")];
      if (SIGNAL.has(subject) && /^fails?$/.test(word)) return denied ? [] : [of("play", "dead")];
      return lamps && !denied ? [whole("glow", "dark")] : [];
    case "bright":
      return (lamps || RECTIFIER.test(text) || NOUNS.tubes.test(text)) && !denied ? [whole("glow", "bright")] : [];
    case "dark":
      if (subject === "transformer") return /cool|cold/.test(word) && !denied ? [whole("smell", "nothing")] : [];
      if (subject === "dial" && /dark|unlit/.test(word) && !denied) return [whole("glow", "dark")];
      if (subject === "set" && STAYS_DARK.test(text) && !denied) return [whole("glow", "dark")];
      return lamps && !denied ? [whole("glow", "dark")] : [];
    case "lights":
      // How one glows that glows weakly is not as it should.
      if (/\b(weakly|dimly|faintly|feebly)\b/.test(text)) return [];
      // A resistor that glows is too hot.
      if (subject === "transformer" && /^glow/.test(word) && !denied) return [whole("smell", "hot")];
      return lamps || subject === "set" || subject === "dial" || (denied && RECTIFIER.test(text))
        ? [whole("glow", denied ? "dark" : "all")]
        : [];
    case "starts":
      if (!SIGNAL.has(subject) && !lamps && subject !== "dial") return [];
      if (lamps || subject === "dial") return [whole("glow", denied ? "dark" : "all")];
      return denied ? [of("play", "dead")] : [];
    case "off":
      // A current that goes off the scale of its meter is no dial.
      if (/scale/.test(word) && /\b(current|meter|needle|reading)\b/.test(text)) return [];
      if (lamps && !denied && /out|off/.test(word)) return [whole("glow", "dark")];
      return mechanics || SIGNAL.has(subject) ? [of("dial", denied ? "right" : "off")] : [];
    case "contact":
      return subject === "control" && !denied ? [whole("turn", SWITCH.test(text) ? "switch" : "control")] : [];
    case "slips":
      if (/^does nothing$/.test(word) && SIGNAL.has(subject) && !denied) return [of("play", "dead")];
      return (subject === "drive" ||
        (subject === "control" && !/nothing/.test(word)) ||
        (subject === "dial" &&
          /stuck|stiff|slip|jump|seiz|broken|cord|loose|slack|backlash|binds?|spins|hard|heavy|drags/.test(word))) &&
        !denied
        ? [whole("knob", "slips")]
        : [];
    case "moves":
      if (denied && SIGNAL.has(subject) && /respond|react|rise|goes up/.test(word)) return [of("play", "dead")];
      // What a dial reads is no motion of it.
      if (subject === "dial" && /^(reads?|registers?)$/.test(word)) return [];
      return subject === "drive" || subject === "dial" ? [whole("knob", denied ? "slips" : "free")] : [];
    case "fails":
      if (subject === "mode" && path === "receive" && !denied) return works("bfo", "fails");
      if (subject === "modulation" && /no (effect|difference)/.test(word)) return denied ? [] : [of("play", "dead")];
      if (SIGNAL.has(subject) && NOT_WORKING.test(word)) return denied ? [] : [of("play", "dead")];
      return (lamps || subject === "set" || /\b(rectifier|tubes?|valves?)\b/.test(text)) &&
        /light|glow/.test(word) &&
        !denied
        ? [whole("glow", "dark")]
        : [];
    default:
  }
  // What is left says that it works, or how badly.
  if (subject === "fuse")
    return predicate === "works"
      ? [whole("fuse", denied ? "blown" : "whole")]
      : predicate === "dead"
        ? [whole("fuse", "blown")]
        : [];
  // A pointer that fell off.
  if (
    subject === "drive" &&
    (/\boff$|^stop/.test(word) || (/^gone/.test(word) && /\b(cord|string|pointer)\b/.test(text)))
  )
    return [whole("knob", "slips")];
  if (lamps) return predicate === "weak" ? [] : [whole("glow", good === denied ? "dark" : "all")];
  if (subject === "drive") return predicate === "works" ? [whole("knob", denied ? "slips" : "free")] : [];
  if (subject === "dial") return predicate === "works" ? [whole(pathId("dial", path), denied ? "off" : "right")] : [];
  if (subject === "phono" || subject === "phones" || SIGNAL.has(subject)) {
    if (subject === "mode" && path === "receive") return works("bfo", good !== denied ? "works" : "fails");
    if (predicate === "works") return [whole(test, !denied ? "fine" : BARELY.test(word) ? SO_SO : "dead")];
    // Sensitivity that is gone is little.
    if (
      predicate === "dead" &&
      !denied &&
      /\b(sensitivity|gain) (is |has )?(all |quite )?(gone|missing|vanished|disappeared)/.test(text)
    )
      return [whole(test, "weak")];
    const tone = /\b(bass|treble|highs|lows)\b/.test(text);
    const bad = tone && BAD[predicate] ? "distorted" : BAD[predicate];
    return bad && !denied ? [whole(test, bad)] : [];
  }
  return [];
}

/** Nouns that say something when a “no” stands before them and nothing behind. */
export function lacking(subject: Subject, clause: Clause): Said[] {
  if (subject === "set" || subject === "control" || subject === "drive" || subject === "dial" || subject === "fuse")
    return [];
  if (subject === "speaker" || subject === "plates" || subject === "transformer") return [];
  // “SSB has no output.”
  if (SIGNAL.has(subject) && clause.path === "transmit" && (VOICE.test(clause.text) || KEY.test(clause.text)))
    return meaning("dead", "dead", "mode", false, clause);
  return meaning("dead", "dead", subject, false, clause);
}
