import type { Circuit, PathKey } from "../../model";
import { NOUNS } from "./lexicon";
import { subjectsOf } from "./subjects";

/** Which way a part speaks of; what it does not say it has from the part before it. */
export function pathOf(text: string, circuit: Circuit, before: PathKey | undefined): { path: PathKey; said: boolean } {
  const named = pathNamed(text, circuit);
  if (named) return { path: named, said: true };
  const has = (key: PathKey) => circuit.paths.some((path) => path.key === key);
  // “Audio is clean but weak”: what goes on without a noun is of the same thing.
  const kept = before === "modulation" && subjectsOf(text, circuit).length > 0 ? "transmit" : before;
  if (kept && has(kept)) return { path: kept, said: true };
  return { path: circuit.paths[0]?.key ?? "receive", said: false };
}

function pathNamed(whole: string, circuit: Circuit): PathKey | undefined {
  // When it happens is not where.
  const text = whole.replace(
    /\bafter (a |the |i |you |it |it was |being )?(transmission|transmitting|transmit|transmitted|keying|keyed)\b|\b(after|until|till|unless) (i|you|it) (transmit|key)(s|ted|ed)?( it)?\b|\b(after|until|till|unless) (the )?(ptt|key|mic\w*)( (button|switch|key))? (is |was |has been )?(pressed|keyed|released|pushed|tapped|let go)\b/g,
    "",
  );
  const has = (key: PathKey) => circuit.paths.some((path) => path.key === key);
  if (has("fm")) {
    if (NOUNS.fm.test(text) || /\bafc\b/.test(text)) return "fm";
    if (NOUNS.am.test(text) || /\b(mw|lw|sw|medium|long|short)\b/.test(text)) return "receive";
  }
  if (has("modulation") && NOUNS.modulation.test(text)) return "modulation";
  // What a transmitter alone sounds like is its modulation.
  if (has("modulation") && !has("receive") && /\b(audio|voices?|sound|understands? (me|us|a word|what))\b/.test(text))
    return "modulation";
  if (has("transmit") && (NOUNS.transmission.test(text) || NOUNS.modulation.test(text) || /\bkey(ed|ing)\b/.test(text)))
    return "transmit";
  // What I hear of others is what it receives; what they hear of me is what it sends.
  if (has("receive") && /\b(i|we) (can |could |do |will )?(not |hardly |barely )?(hear|copy|read)\b/.test(text))
    return "receive";
  if (
    has("transmit") &&
    /\b((nobody|no ?one|none|others?|they|people|stations?)( (can|do|does|will))?( not| hardly| barely)? (hears?|copy|copies|read) me|i (drift|chirp|wander|splatter|wobble|am (weak|distorted|off))\b|my ((cw|ssb|am|fm|lsb|usb) )?(audio|signal|note|frequency|voice|carrier)|when (i|you) (talk|speak|key|transmit)|reports?|reported|(nobody|no ?one) (ever )?(comes back|answers|replies)|load(s|ing)?( up)?|dip(s|ped)?|(hears?|cop(y|ies)|reads?|understands?) (me|us)|to (others|other stations)|(they|people|others|other stations) (say|tell|complain|report)( me)?|i sound|(?<!station )tunes? up|others? (say|hear)|(puts?|sends?|goes|gets?|comes?)( \w+){0,2} out)\b/.test(
      text,
    )
  )
    return "transmit";
  if (has("receive") && NOUNS.reception.test(text)) return "receive";
  if (
    has("transmit") &&
    /\b(finals|final (tubes?|valves?|stage)|pa (tubes?|valves?|stage)|splatter|chirp|key clicks|talk power|fm(s|ing)\b|(voice|speech) peaks)/.test(
      text,
    )
  )
    return "transmit";
  if (has("receive") && /\b(deaf|(in)?sensitiv\w+)\b/.test(text)) return "receive";
  return has("transmit") &&
    has("receive") &&
    /\b(output|drive|power(?! (supply|transformer|cord|lead|switch|button|knob|light|indicator|led|plug|socket|choke|resistor|diode)))\b/.test(
      text,
    )
    ? "transmit"
    : undefined;
}
