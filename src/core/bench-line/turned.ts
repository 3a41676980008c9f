import { ONE, PART, PARTS, THE } from "./names";
import { turnedPlace } from "./turned-places";

/**
 * Lines in another order or with more words than the grammar has, put as it has them: the part, point or place comes
 * first. So one grammar reads both.
 */

const WORK =
  "(cleaned|lubricated|greased|oiled|adjusted|repaired|mended|removed|reflowed|disconnected|restuffed|replaced|renewed|glued|painted|lacquered|tightened)";
/** What a part is called before its designator. */
const NOUN =
  "(?:resistor|capacitor|cap|condenser|tube|valve|choke|coil|transformer|bleeder|dropper|pot|potentiometer|control|trimmer|padder|rectifier|diode|transistor|electrolytic|filter|coupling|cathode|plate|anode|screen|grid|bypass|smoothing|reservoir|output|input|detector|mixer|oscillator|converter|if|rf|af|audio|driver|final|pa|avc|agc|tone|volume|load|leak|stopper|suppressor|bias|decoupling|mains|line|paper|mica|film)";
const DONE =
  "(?:replaced|renewed|changed|exchanged|restuffed|cleaned|adjusted|reflowed|repaired|removed|lubricated)\\b";
const CAPACITOR = "(C\\d{1,3}[a-z]?!?)";
const LEAKS = "(?:it\\s+)?(?:now\\s+)?(?:leakage|leaks?)\\s*(?:is|of|=|:)?\\s*";
const FIGURE = "(?=[-−+]?[\\d.,])";

const lines = (pattern: string) => new RegExp(`^${pattern}$`, "i");
const begins = (pattern: string) => new RegExp(`^${pattern}`, "i");

/** A pattern, and the line in its place. The first that fits counts. */
const TURNS: readonly (readonly [RegExp, string])[] = [
  // replaced C14 with 47n/630
  [lines(`(?:replaced|renewed|changed|exchanged)\\s+${THE}${PARTS}\\s+(?:with|by|to|for)\\s+(\\S.*)`), "$1 -> $2"],
  // measured R7 at 612k
  [lines(`measured\\s+${THE}${PART}\\s+(?:at\\s+|as\\s+|=\\s*)?([\\d.,].*|open)`), "$1 = $2"],
  // fitted a 6V6GT in V4
  [
    lines(
      `(?:fitted|put|installed|inserted|soldered)\\s+(?:an?\\s+|the\\s+)?(\\S*\\d.*?)\\s+(?:in|into|at|for)\\s+${THE}${PART}`,
    ),
    "$2 -> $1",
  ],
  // new C14 .01 uF 630V
  [lines(`(?:an?\\s+)?new\\s+${PART}\\s+(\\S*\\d.*)`), "$1 -> $2"],
  // R31 cooked, 47 ohm 5 W fitted
  [
    lines(
      `${PARTS}((?:\\s(?:[^:>]*?[^\\s,;:>])?)??)(?:[,;:]\\s*|\\s+)(?:and\\s+)?(?:(?:an?|new)\\s+)*((?![CRLVTQ]\\d)\\S*\\d[^,;:>]*?)\\s+(?:was\\s+|is\\s+)?(?:fitted|installed|put in|soldered in)`,
    ),
    "$1$2 -> $3",
  ],
  // C22 33u 160V from owner
  [lines(`${PART}\\s+(\\S*\\d[^>:]*\\sfrom\\s+(?:JP[0-9A-Z]{7}|(?:the\\s+)?owner))`), "$1 -> $2"],
  // C14 leaky: replaced with 47n/630
  [lines(`${PARTS}((?:\\s(?!${DONE})[a-z-]+)+)\\s*:\\s*(${DONE}(?:\\s.*)?)`), "$1$2 $3"],
  // C61 reformed to 600 V, leakage 0.5 mA: the leakage is at that voltage
  [
    lines(
      `${CAPACITOR}\\s+reformed\\s+(?:up\\s+)?(?:to|at|on)\\s+([\\d.,]+)\\s?V(?:olts)?[,;]?\\s+(?:and\\s+)?${LEAKS}([\\d.,]+\\s?[mµu]?A)`,
    ),
    "measure $1; leak $3 at $2 V; note reformed",
  ],
  [
    lines(`${CAPACITOR}\\s+reformed[,;]?\\s+(?:and\\s+)?${LEAKS}([\\d.,]+\\s?[mµu]?A\\s+at\\s+[\\d.,]+\\s?V)(?:olts)?`),
    "measure $1; leak $2; note reformed",
  ],
  [lines(`${CAPACITOR}\\s+(reformed(?:\\s+[^;:]*)?)`), "$1 repaired: $2"],
  // R9 is 330k, should be 220k
  [
    lines(
      `${PART}\\s+(?:is|measures|measured|reads|=)?\\s*(\\S+?)[,;]?\\s+(?:\\(?should\\s+(?:be|read)|instead\\s+of|not|nominally)\\s+(\\d\\S*?)\\)?`,
    ),
    "$1 $3 = $2",
  ],
  // V1 tests weak 40 of 100, V1 emission 68%
  [
    lines(
      "(V\\d{1,2})\\s+(?:tests?|tested|emission)(?:\\s+(?:good|weak|fair|low|bad|ok))?(?:\\s+at)?\\s+([\\d.,]+)\\s*(?:\\/|of|out of)\\s*([\\d.,]+)",
    ),
    "$1 emission $2/$3",
  ],
  [
    lines(
      "(V\\d{1,2})\\s+(?:tests?|tested|emission)(?:\\s+(?:good|weak|fair|low|bad|ok))?(?:\\s+at)?\\s+([\\d.,]+)\\s?%",
    ),
    "$1 emission $2/100 %",
  ],
  // temperature of T4 62 C, T4 gets 62 °C; a capacitor's “105 C” is its rating
  [
    lines(
      `(?:the\\s+)?temp(?:erature)?\\s+(?:of|at)\\s+(?:the\\s+)?${PART}\\s+(?:is\\s+)?(\\d[\\d.,]*)\\s*(?:°\\s?|deg(?:rees)?\\s+)?C`,
    ),
    "test $1 temperature $2 °C",
  ],
  [
    lines(
      "((?:[LTVQ]|TR)\\d{1,3})\\s+(?:temp(?:erature)?\\s+|gets\\s+|is\\s+|at\\s+)?(\\d[\\d.,]*)\\s*(?:°\\s?|deg(?:rees)?\\s+)?C(\\s+(?:after|at|in)\\s+\\d.*)?",
    ),
    "test $1 temperature $2 °C$3",
  ],
  // V4 plate AC 4.2 V: alternating volts, as the log writes them
  [
    begins(
      "((?:V|Q|TR)\\d{1,2}\\s+(?:pin\\s+\\d{1,2}|[a-z]+\\d?)|b\\s?\\+|ht)\\s+ac\\s+([\\d.,]+\\s?[mµu]?V)(?:\\s+ac)?(?=\\s|:|$)",
    ),
    "$1 $2 ac",
  ],
  // ripple on B+ 1.2 V
  [begins(`(?:the\\s+)?ripple\\s+(?:on|at|of)\\s+(?:the\\s+)?(\\S.*?)\\s+(?=[\\d.,])`), "$1 ripple "],
  // IF2 = 110.2 kHz, IF 1 peaked at 1650 kHz
  [begins(`IF\\s?1\\s*(?:=|at|is|peaked(?:\\s+at)?)?\\s+(?=[\\d.,]+\\s*[kM]Hz)`), "first IF "],
  [begins(`IF\\s?2\\s*(?:=|at|is|peaked(?:\\s+at)?)?\\s+(?=[\\d.,]+\\s*[kM]Hz)`), "second IF "],
  // 3 W at 5 % distortion
  [lines("([\\d.,]+\\s?m?W)\\s+at\\s+([\\d.,]+\\s?%)\\s+(?:distortion|thd)"), "test output at $2 distortion $1"],
  // S9 = 50 µV
  [begins(`(S\\d)\\s*(?:=|at|is)?\\s*(?=[\\d.,]+\\s*[µum]V)`), "test S-meter at $1 "],
  // audio 1.8 W into 4 ohm
  [begins("audio(?:\\s+out)?\\s+(?=[\\d.,]+\\s*m?W)"), "audio output "],
  // mod 95 %
  [begins("mod\\s+(?=[\\d.,]+\\s*%)"), "modulation "],
  // V5 grid bias -22
  [begins(`(V\\d{1,2}[ab]?\\s+)(?:grid\\s+)?bias\\s+${FIGURE}`), "$1grid "],
  // voltage at V4 plate 240
  [
    begins(
      `(?:the\\s+)?(?:resistance|ohms|voltage|volts|potential)\\s+(?:(?:at|of|on|from|between)\\s+(?:the\\s+)?|(?=${ONE}\\s|b\\s?[+-]|ht\\s))(?=\\S.*\\s[-−+]?[\\d.,])`,
    ),
    "",
  ],
  // V4 g2 = 251
  [
    begins(
      `((?:V|Q|TR)\\d{1,2}\\s+(?:pin\\s+\\d{1,2}|[a-z]+\\d?)|b\\s?\\+|ht|heaters?|filaments?|bias|(?!(?:note|todo|test|mod|wait|done|pass|labour|plan)\\s)[a-z ]*(?:rail|supply|volts|voltage|current))\\s*[=:]\\s*${FIGURE}`,
    ),
    "$1 ",
  ],
];

/** The output tube V4: its designator says it. */
const CALLED = begins(`(?!tube\\s+V)${THE}(?:${NOUN}\\s+){1,3}(?=${ONE}(?:\\s|=|:|$))`);
const WORKED = lines(`${WORK}\\s+${THE}(\\S.*)`);
const PART_FIRST = begins(`${PARTS}(?=\\s|$|:|;)\\s*(.*)$`);

/**
 * @returns the line as the grammar has it; undefined where it is none of these
 * @example turnedAround("cleaned the volume control") // "volume control cleaned"
 */
export function turnedAround(line: string): string | undefined {
  const text = line.trim();
  const called = CALLED.exec(text)?.[0];
  if (called) return turnedAround(text.slice(called.length)) ?? text.slice(called.length);
  const [pattern, instead] = TURNS.find(([one]) => one.test(text)) ?? [];
  if (pattern && instead !== undefined) return text.replace(pattern, instead);
  const [, work = "", object = ""] = WORKED.exec(text) ?? [];
  const [, parts, rest = ""] = PART_FIRST.exec(object) ?? [];
  if (parts) return `${parts} ${work}${/^(?:$|[:;,])/.test(rest) ? rest : ` ${rest}`}`;
  return turnedPlace(text, work, object);
}
