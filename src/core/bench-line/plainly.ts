import { isBareRow, isNamedTest, placeOf, pointOf } from "../kinds";
import { headOf, type LineContext } from "../shorthand";
import { beginsWithWord } from "./begins-with-word";
import { wellSpelled } from "./line-words";

/** What a technician says around the words of the grammar: `the C-14`, `measured B+ 265`, `V4's plate is 232 V`. */

const UNIT = String.raw`\d|[.,]\d|\s?(?:[mkµunp]?[AVWF]|[kM]?Ω|ohms?|m?Hz|[kM]Hz|min|m|h)\b`;
const APART = new RegExp(
  `(?<![\\p{L}\\d.])([a-z]{1,3})(?:[.-]0*|0+)(\\d{1,3})(?!${UNIT})|^([a-z]{1,3}) 0*(\\d{1,3})(?!${UNIT})`,
  "giu",
);
/** `C-14`, `V 4` and `C014` are C14 and V4, where the set has these. */
const joined = (line: string, { known }: LineContext): string =>
  line.replaceAll(APART, (typed: string, ...[letters = "", digits = "", first = "", number = ""]: string[]) => {
    const name = `${letters}${digits}${first}${number}`;
    return known.has(typed.toUpperCase()) || !known.has(name.toUpperCase()) ? typed : name;
  });

const WORK =
  "replaced|renewed|changed|exchanged|swapped|cleaned|fitted|installed|put|soldered|measured|checked|tested|removed|adjusted|lubricated|greased|oiled|repaired|tapped|touched|bridged|injected|lifted|restuffed|reflowed|resoldered|tightened|disconnected|reformed|worked|pulled|found";
const SAID_BY = new RegExp(
  `^(?:and\\s+|then\\s+|so\\s+)*(?:i|we|i['’]ve|we['’]ve|have)\\s+(?:(?:have|had|just|then|also|now)\\s+)*(?=(?:${WORK})\\b)`,
  "i",
);
const LEAD =
  /^(?:(?:the|now|then|next|also|and|just|ok,?|so|well,?|measured|measuring|measure|reading|read|got|voltage|volts|dc|of|at|on)\s+)+(?=\S)/i;
const MEASURED = /measur|read|got|volt|\b(?:dc|of|at|on)\b/i;
const FIGURE = String.raw`[-−+]?[\d.,]*\d`;

const isPoint = (text: string, context: LineContext): boolean => pointOf(text, context, false) !== undefined;
const RAIL = /^(?:b\s?[+-]|[hl]\.?t\.?|hv)(?=\s)/i;
const begins = (text: string, context: LineContext): boolean =>
  RAIL.test(text) ||
  headOf(text) !== undefined ||
  isPoint(text, context) ||
  placeOf(text) !== undefined ||
  isNamedTest(text) ||
  beginsWithWord(text);
/** `also reservoir 312 V`: a figure behind a few words. */
const NAMED_FIGURE = new RegExp(`^[a-z]+(?:\\s[a-z]+){0,3}\\s${FIGURE}`, "i");

/** `the C14 …`, `also hum 3 mV`, `measured B+ 265`: what stands before what a line begins with. */
function withoutLead(line: string, context: LineContext): string {
  const text = line.replace(SAID_BY, "");
  const lead = LEAD.exec(text)?.[0];
  if (lead === undefined) return text;
  const rest = text.slice(lead.length);
  if (!MEASURED.test(lead)) return begins(rest, context) || NAMED_FIGURE.test(rest) ? rest : text;
  return isPoint(rest, context) && new RegExp(`\\s${FIGURE}`).test(rest) ? rest : text;
}

const IS = new RegExp(
  String.raw`\s+(?:is|are|reads?|reading|measures?|measured|shows?|showing|gives?|giving|comes\s+(?:to|out\s+at)|came\s+(?:to|out\s+at)|stands\s+at|sits\s+at|at)\s+(?:(?:now|only|about|around|still|just)\s+)*(?=${FIGURE})`,
  "i",
);
/** A dash between two blanks is no minus, but for what may be negative. */
const DASH = /(?<!grid|bias|agc|avc|[bc]-)\s[-–—]\s(?=[\d.])/i;
const TWO_FIGURES = new RegExp(`^${FIGURE}[^\\d:;]*[\\s(]\\d`);
/** `B+ measures 248`, `sensitivity is 25 µV`: a figure of a point or a test that has its name. */
function withoutIs(line: string, context: LineContext): string {
  for (const between of [IS, DASH]) {
    const [is] = between.exec(line) ?? [];
    if (is === undefined) continue;
    const at = line.indexOf(is);
    const name = line.slice(0, at);
    const shorter = `${name} ${line.slice(at + is.length)}`;
    // What stands behind “at” may be where or when: `sensitivity at 1 MHz 25 µV`, `B+ at 117 V 248`.
    const where = /\sat\s|[-–—]/i.test(is);
    if (where && TWO_FIGURES.test(line.slice(at + is.length))) continue;
    if (pointOf(`${name} 1 V`, context, false)?.end === name.length) return shorter;
    if (!where && isNamedTest(shorter)) return shorter;
  }
  return line;
}

const ELECTRODE = "plate|anode|cathode|screen|grid|collector|base|emitter|heater";
const DEVICE = "(?:[CRLTD]|VR|TR|IC|[VQ])\\d{1,3}[A-Za-z]?";
const TURNS: readonly (readonly [RegExp, string])[] = [
  // V4: plate 232; C14, leaky
  [new RegExp(`^(${DEVICE})\\s?[:,]\\s+(?!${DEVICE}\\b|and\\b)(?=\\S)`, "i"), "$1 "],
  // capacitor C14, tube V4 plate 232; a tube's own test begins with its word
  [/^(?:capacitor|cap|condenser)\s+(?=C\d)|^resistor\s+(?=R\d)|^valve\s+(?=V\d)/i, ""],
  [/^tube\s+(?=(?:V|Q)\d{1,2}\s+(?!shorts?\b|gas|gm\b|emission|merit|leak|test|life|noise))/i, ""],
  [new RegExp(`\\b((?:V|Q|TR)\\d{1,2})['’]s\\s+(?=(?:${ELECTRODE})\\b)`, "gi"), "$1 "],
  // plate of V4 current 32 mA
  [
    new RegExp(
      `^(${ELECTRODE})\\s+(?:of|on|at)\\s+(?:the\\s+)?((?:V|Q|TR)\\d{1,2})(?=\\s+(?:current|ac|bias|negative|positive|res|resistor|bypass|a\\s+bit|low|high)\\b)`,
      "i",
    ),
    "$2 $1",
  ],
  // 47n @ 630 V
  [/(?<=^C\d.*\d\s?(?:[nuµp]F?)?)\s*@\s*(?=\d{2,4}\s?(?:V\b|$))/gi, "/"],
  // C14 now 47n/630, C14 changed to 47n/630
  [
    /^((?:the\s+)?[A-Za-z]{1,3}\d{1,3}[A-Za-z]?!?)\s+(?:is\s+|was\s+|has\s+been\s+)?(?:swapped\s+(?:to|for|with)|exchanged\s+for|upgraded\s+to|changed\s+(?:to|for)(?=\s+(?:an?\s+)?\S*\d\S*(?:\/|\s)\d))\s+(?:an?\s+)?(?=\S*\d)/i,
    "$1 -> ",
  ],
  [/^(C\d{1,3}[A-Za-z]?!?)\s+(?:is\s+)?now\s+(?:an?\s+)?(?=[\d.])/i, "$1 -> "],
  [/^(R\d{1,3}[A-Za-z]?!?)\s+(?:is\s+)?now\s+(?:an?\s+)?(?=[\d.]\S*\s+[\d./]+\s?W\b)/i, "$1 -> "],
  // fitted C14 47n/630, fitted R7 470k
  [
    /^(?:fitted|installed|soldered\s+in|put\s+in)\s+(?:an?\s+|the\s+)?(?:new\s+)?([A-Za-z]{1,3}\d{1,3}[A-Za-z]?!?)\s*[:=,]?\s+(?=[\d.]+\s?[a-zµΩ]*(?:[/\s]|$))/i,
    "$1 -> ",
  ],
];
/** What is put in place of something is said in many words. A tube that is swapped may be a trial. */
const PUT_IN = /\b(?:changed|exchanged|swapped(?:\s+out)?)\b(?=\s*(?:$|[:;,]|->|(?:with|by|for)\b))/gi;
const SWAPPED = /^swapped(?=\s+(?!(?:the\s+)?(?:V|Q|TR)\d)\D.*\s(?:with|by|for)\s+\S*\d)/i;
function replaced(line: string): string {
  const put = line.replaceAll(PUT_IN, "replaced");
  return put !== line && !placeOf(line) && placeOf(put) ? put : line.replace(SWAPPED, "replaced");
}

/** `470 kΩ` and `470 K` of a resistor are one word; what is put in is left as it is typed. */
const OHMS = /(?<=\d)\s?(?:([kK])(?=\s|$|[,;:)/])|([kM]?(?:Ω|ohms?))(?!\p{L}))/gu;
const ofResistors = (line: string): string =>
  /^R\d{1,3}(?!.*->)/i.test(line)
    ? line.replaceAll(OHMS, (_typed: string, kilo?: string, unit?: string) => (kilo ? "k" : (unit ?? "")))
    : line;

/** An anode is called plate, where no row of the set calls it otherwise. */
const ANODE = /\b((?:V|Q|TR)\d{1,2}\s+)anode\b/gi;
const platesOf = (line: string, { points }: LineContext): string =>
  points.some(({ point }) => /anode/i.test(point)) ? line : line.replaceAll(ANODE, "$1plate");

/**
 * A line in the words of the grammar, as far as nothing else can be meant.
 * @example plainly("the C-14 relpaced with 47n @ 630 V", context) // "C14 replaced with 47n/630 V"
 */
export function plainly(line: string, context: LineContext): string {
  // The words of the columns of a run may be letters: `v 4`.
  if (isBareRow(line, context)) return line;
  const bare = withoutLead(wellSpelled(joined(line, context)), context);
  const text = TURNS.reduce((words, [turn, instead]) => words.replace(turn, instead), bare);
  return ofResistors(replaced(platesOf(withoutIs(text, context), context)));
}

/** Units as they were written once, and in words. */
const UNITS: readonly (readonly [RegExp, string])[] = [
  [/(?<=\d)\s?kc(?:s|\/s|ps)?\b/gi, " kHz"],
  [/(?<=\d)\s?M(?:c|cs|c\/s|cps)\b/g, " MHz"],
  [/(?<=\d)\s?watts?\b/gi, " W"],
  [/(?<=\d)\s?mins\b/gi, " min"],
  [/(?<=\d)\s?(?:seconds?|secs)\b/gi, " s"],
];
/** The line with today's signs for its units, for what does not read otherwise: `MW 1000 kc 18 µV`. */
export const withUnits = (line: string): string =>
  UNITS.reduce((words, [unit, sign]) => words.replaceAll(unit, sign), line);
