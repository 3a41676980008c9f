import { ONE, PART, PARTS, THE } from "./names";
import { BAND } from "./several";
import { namedAsUsual, turnedPlace } from "./turned-places";

/**
 * Lines in another order or with more words than the grammar has, put as it has them: the part, point or place comes
 * first. So one grammar reads both.
 */

const WORK =
  "(cleaned|washed|wiped|dusted|retensioned|lubricated|lubed|greased|oiled|adjusted|repaired|mended|removed|reflowed|disconnected|restuffed|replaced|renewed|glued|painted|lacquered|tightened)";
/** What a part is called before its designator. */
const NOUN =
  "(?:resistor|capacitor|cap|condenser|tube|valve|choke|coil|transformer|bleeder|dropper|pot|potentiometer|control|trimmer|padder|rectifier|diode|transistor|electrolytic|filter|coupling|cathode|plate|anode|screen|grid|bypass|smoothing|reservoir|output|input|detector|mixer|oscillator|converter|if|rf|af|audio|driver|final|pa|avc|agc|tone|volume|load|leak|stopper|suppressor|bias|decoupling|mains|line|paper|mica|film)";
const DONE =
  "(?:replaced|renewed|changed|exchanged|restuffed|cleaned|adjusted|reflowed|repaired|removed|lubricated)\\b";
const CAPACITOR = "(C\\d{1,3}[a-z]?!?)";
const LEAKS = "(?:it\\s+)?(?:now\\s+)?(?:leakage|leaks?)\\s*(?:is|of|=|:)?\\s*";
const FIGURE = "(?=[-−+]?[\\d.,])";

/** A figure that is no frequency. */
const NOT_HERTZ = "[\\d.,]+\\s?(?:%|[µumk]?V|m?W|dB[a-zµ]{0,2})";
const SO_LONG = "\\d[\\d.,]*\\s?(?:h|hours?|hrs?|min|minutes?)(?:\\s?\\d+\\s?(?:min|minutes?)?)?";
const MICROVOLTS = "[\\d.,]+\\s?[µu]V";

/** A band or a mode that a test was made on. */
const MODE = `(?:MW|LW|SW\\s?\\d?|FM|AM|SSB|CW|USB|LSB|${BAND})`;
const OF_A_BAND =
  "sensitivity|selectivity|bandwidth|distortion|hum|noise|image\\s+rejection|drift|carrier\\s+suppression|s\\/n|dial\\s+error";

const lines = (pattern: string) => new RegExp(`^${pattern}$`, "i");
const begins = (pattern: string) => new RegExp(`^${pattern}`, "i");

const VALUE =
  "([-−+]?[\\d.,]*\\d\\s?(?:[mkµu]?V(?:\\s?(?:ac|dc|rms))?|volts?|[mµu]?A|amps?|[kM]?(?:Ω|ohms?)|meg(?:ohms?)?))";
/** Where volts, currents and ohms are measured: at an electrode, at a pin, on a rail, between two places. */
const MEASURED_AT =
  "((?:V|Q|TR)\\d{1,2}\\s+(?:pin\\s?\\d{1,2}|[a-z]+\\s?\\d?)|pin\\s?\\d{1,2}\\s+(?:of|on|at)\\s+(?:V|Q|TR)\\d{1,2}|[a-z]+\\s?\\d?\\s+of\\s+(?:V|Q|TR)\\d{1,2}|b\\s?[+-]|[hl]\\.?t\\.?|(?:the\\s+)?(?:heaters?|filaments?|bias|avc|agc|mains|[a-z ]*(?:rail|line|supply|winding|primary|secondary))|[a-z+-]+(?: [a-z]+)?\\s+to\\s+[a-z+-]+)";

/** A pattern, and the line in its place. The first that fits counts. */
const TURNS: readonly (readonly [RegExp, string])[] = [
  // C2 replaced: 22uF 450V
  [lines(`${PARTS}\\s+(?:replaced|renewed|changed)\\s*[:=]\\s*(${FIGURE}\\S.*)`), "$1 -> $2"],
  // SSB output 80 W PEP; sensitivity MW 30 uV; 20 m power 50 W
  [
    lines(
      `(?:(${MODE})\\s+)(?:output|power|out)(?:\\s+power)?\\s*[:=]?\\s+(${FIGURE}\\S+\\s?[km]?W)(?:atts?)?(\\s+PEP)?`,
    ),
    "test output at $1$3 $2",
  ],
  [
    lines(`PEP(?:\\s+output)?\\s*[:=]?\\s+(${FIGURE}\\S+\\s?[km]?W)(?:atts?)?(?:\\s+(?:on|at)\\s+(\\S.*))?`),
    "test output at PEP $2 $1",
  ],
  [lines(`(${OF_A_BAND})\\s+(?:on\\s+)?(${MODE})\\s*[:=]?\\s+(${FIGURE}\\S.*)`), "test $1 at $2 $3"],
  [lines(`(${MODE})\\s+(${OF_A_BAND})\\s*[:=]?\\s+(${FIGURE}\\S.*)`), "test $2 at $1 $3"],
  // grid current 3 mA on 20 m
  [
    lines(
      `((?:[a-z]+\\s)?(?:plate|grid|screen|cathode|idle|anode)\\s+current\\s+${FIGURE}\\S+\\s?[mµu]?A)\\s+(?:on|at)\\s+(${MODE})`,
    ),
    "$1: on $2",
  ],
  // C9 was open
  [lines(`${CAPACITOR}\\s+(?:was|is)\\s+((?:open|shorted|dry|leaky|bulging|cracked|bad|dead)\\b.*)`), "$1 $2"],
  // resoldered R4
  [lines(`(?:re-?soldered)\\s+${THE}${PARTS}(\\s*[:,]\\s*\\S.*)?`), "$1 reflowed$2"],
  [lines(`${PARTS}\\s+(?:was\\s+)?re-?soldered(\\s*[:,]\\s*\\S.*)?`), "$1 reflowed$2"],
  // new 5Y3 in V5; put a new 6V6 in V4; V4 6V6GT fitted, NOS
  [
    lines(
      `(?:(?:put|fitted|plugged|installed)\\s+)?(?:an?\\s+)?new\\s+([a-z0-9]*\\d[a-z0-9]*)\\s+(?:in|into|at|for)\\s+((?:V|Q|TR)\\d{1,2})(\\s*[:,]\\s*\\S.*)?`,
    ),
    "$2 -> $1$3",
  ],
  [
    lines(`((?:V|Q|TR)\\d{1,2})\\s+(?:new\\s+)?([a-z]*\\d[a-z0-9]*[a-z][a-z0-9]*)\\s+fitted(?:\\s*[:,]\\s*(\\S.*))?`),
    "$1 -> $2: $3",
  ],
  // replaced C14 with 47n/630
  [lines(`(?:replaced|renewed|changed|exchanged)\\s+${THE}${PARTS}\\s+(?:with|by|to|for)\\s+(\\S.*)`), "$1 -> $2"],
  // restuffed C1 and C2 with 10u 450
  [lines(`(restuffed|rebuilt)\\s+${THE}${PARTS}\\s+(?:with|using)\\s+(\\S.*)`), "$2 restuffed -> $3"],
  // 232 V at V4 plate, 245 on pin 3 of V4
  [lines(`${VALUE}\\s+(?:at|on|across|from|between|in)\\s+(?:the\\s+)?${MEASURED_AT}`), "$2 $1"],
  [lines(`(\\d[\\d.,]*)\\s+(?:at|on)\\s+(?:the\\s+)?(pin\\s?\\d{1,2}\\s+(?:of|on)\\s+(?:V|Q|TR)\\d{1,2})`), "$2 $1"],
  // 41 W at 230 V, 0.19 A at 230 V
  [lines("([\\d.,]+\\s?m?A)\\s+(?:at|@|on)\\s+(1[01]\\d|12[0-9]|2[0-5]\\d)\\s?V(?:olts)?"), "line current $1 @ $2"],
  [lines("([\\d.,]+\\s?W)\\s+(?:at|@|on)\\s+(1[01]\\d|12[0-9]|2[0-5]\\d)\\s?V(?:olts)?"), "line power $1 @ $2"],
  // heater V1 6.1 ac
  [
    begins("(heater|filament)s?\\s+(?:of\\s+|at\\s+|on\\s+)?(V\\d{1,2})\\s+([\\d.,]+)\\s?(?:V\\s?)?ac(?=\\s|:|$)"),
    "$2 $1 $3 V ac",
  ],
  [
    lines(
      "((?:V|Q|TR)\\d{1,2}\\s+(?:pin\\s+\\d{1,2}|(?!ac\\s)[a-z]+\\d?)|(?!.*\\bac\\s)[a-z]+(?:\\s[a-z]+){0,3})\\s+([\\d.,]+)\\s?ac",
    ),
    "$1 $2 V ac",
  ],
  // V2 screen a bit low, 62 V
  [
    lines(
      "((?:V|Q|TR)\\d{1,2}\\s+(?:pin\\s+\\d{1,2}|plate|anode|screen|grid|cathode|collector|base|emitter)|b\\s?\\+|ht)\\s+(?:is\\s+)?((?:(?:an?|bit|little|slightly|far|way|too|very|much|rather|quite|still|only|now|just|low|high|down|up|steady|unsteady|wrong|ok|fine|good)\\s?)+?)(?:[,:]\\s*|\\s+(?:at\\s+)?)([-−+]?[\\d.,]*\\d\\s?[mk]?V)",
    ),
    "$1 $3: $2",
  ],
  // sensitivity 1 MHz 25 µV for 50 mW, 25 µV at 1 MHz
  [
    lines(
      `(sensitivity|image(?:\\s+rejection)?|if\\s+rejection|gain|noise|distortion|modulation(?:\\s+depth)?|output)\\s+(?:at\\s+|on\\s+)?(${BAND})\\s*[:=]?\\s+(${NOT_HERTZ})(\\s.*)?`,
    ),
    "test $1 at $2 $3$4",
  ],
  [lines(`(modulation(?:\\s+depth)?|distortion|gain|output)\\s+(${NOT_HERTZ})\\s+(${BAND})`), "test $1 at $3 $2"],
  [lines(`(${MICROVOLTS})\\s+(?:at|on)\\s+(${BAND})(\\s+for\\s+.*)?`), "test sensitivity at $2 $1$3"],
  [
    lines(`((?:(?:[MLSK]W|FM|band)\\s?\\d?\\s+)?${BAND})\\s*[:=]?\\s+(${MICROVOLTS})(\\s+for\\s+.*)?`),
    "test sensitivity at $1 $2$3",
  ],
  // drifts 1.2 kHz first half hour
  [
    lines(
      "(?:it\\s+)?(?:drifts?|drifted|moves)\\s+(?:by\\s+)?([\\d.,]+\\s?k?Hz),?\\s+(?:(?:in|over|during)\\s+)?(?:the\\s+)?(first\\s.+)",
    ),
    "test drift $1 in $2",
  ],
  // V4 shorts heater cathode, V4 heater-cathode short
  [
    lines(
      `(V\\d{1,2})\\s+shorts?\\s+(?:between\\s+)?(heater|filament|grid|plate|anode|screen)(?:\\s+(?:to|and)\\s+|[-/ ])(cathode|heater|filament|grid|plate|anode|screen)`,
    ),
    "tube $1 shorts $2-$3",
  ],
  [
    lines(
      `(V\\d{1,2})\\s+(?:has\\s+(?:an?\\s+)?)?(heater|filament|grid|plate|anode|screen)(?:\\s+to\\s+|[-/ ])(cathode|heater|filament|grid|plate|anode|screen)\\s+short(?:ed)?`,
    ),
    "tube $1 shorts $2-$3",
  ],
  // R9 = 610k, was 470k
  [
    lines(
      `${PART}\\s*(?:=|is|measures|measured|reads)\\s*(\\S*\\d\\S*?)[,;]?\\s+\\(?(?:was|marked|originally|drawn)\\s+(?:as\\s+)?(\\d\\S*?)\\)?`,
    ),
    "$1 $3 = $2",
  ],
  // R9 has gone up to 610k, new 470k 1/2W
  [
    lines(
      `${PART}\\s+((?:has\\s+)?(?:gone|went|drifted|risen|climbed)\\s+(?:up|high|down|low)?\\s*(?:to|at)?)\\s*(\\d\\S*?)[,;]\\s+(?:now\\s+)?new\\s+(\\d.*)`,
    ),
    "$1 = $3 -> $4",
  ],
  // C14 fine, left; left C14 alone: tests fine
  [
    lines(
      `${PARTS}\\s+((?:[a-z\\d.µ/ ]+\\s)?(?:is\\s+|tests?\\s+)?(?:fine|ok|okay|good|sound)(?:\\s[^,;:]*)?)[,;]?\\s+(?:and\\s+)?left(?:\\s+(?:it|alone|in|as\\s+(?:it\\s+)?is))*`,
    ),
    "$1 left: $2",
  ],
  [
    lines(`left\\s+${THE}${PARTS}(?:\\s+(?:alone|in|as\\s+(?:it\\s+)?is))*(?:[,;:]|\\s+because)\\s+(\\S.*)`),
    "$1 left: $2",
  ],
  // R9 30% high
  [lines(`${PART}\\s+(?:is\\s+)?(\\d[\\d.,]*)\\s?%\\s+(high|low|off|up|down)`), "$1 $3 by $2 %"],
  // changed R12: 220 ohm 1 W
  [lines(`(?:replaced|renewed|changed|exchanged)\\s+${THE}${PARTS}\\s*[:,]\\s*(\\S*\\d.*)`), "$1 -> $2"],
  // B+ after 30 min 251
  [
    lines(
      `(b\\s?\\+|ht|(?:V|Q|TR)\\d{1,2}\\s+[a-z]+\\d?|[a-z]+(?:\\s[a-z]+)?)\\s+after\\s+(${SO_LONG})[:,]?\\s+([\\d.,]*\\d\\s?(?:[mk]?V|m?A|W)?)`,
    ),
    "$1 $3: after $2",
  ],
  // V3 plate voltage 92
  [begins(`((?:V|Q|TR)\\d{1,2}\\s+[a-z]+\\d?)\\s+(?:voltage|volts|potential)\\s+${FIGURE}`), "$1 "],
  // 12.8 V across R14, R14 drops 12.8 V
  [lines("([\\d.,]+\\s?m?V)\\s+(?:across|over)\\s+(?:the\\s+)?(R\\d{1,3})"), "drop across $2 $1"],
  [lines("(R\\d{1,3})\\s+drops\\s+([\\d.,]+\\s?m?V)"), "drop across $1 $2"],
  // V4 Ik 38 mA, Vk V4 13, cathode of V4: 13 V
  [begins(`(V\\d{1,2})\\s+Ik\\s*=?\\s+${FIGURE}`), "$1 cathode current "],
  [begins(`(V\\d{1,2})\\s+I[ap]\\s*=?\\s+${FIGURE}`), "$1 plate current "],
  [begins(`(V\\d{1,2})\\s+I(?:g2|s)\\s*=?\\s+${FIGURE}`), "$1 screen current "],
  [begins(`Vk\\s+(V\\d{1,2})\\s*=?\\s+${FIGURE}`), "$1 cathode "],
  [begins(`V[ap]\\s+(V\\d{1,2})\\s*=?\\s+${FIGURE}`), "$1 plate "],
  [begins(`V(?:g2|s)\\s+(V\\d{1,2})\\s*=?\\s+${FIGURE}`), "$1 screen "],
  [
    begins(
      `((?:plate|anode|screen|grid|cathode|collector|base|emitter)\\s+(?:of\\s+|on\\s+|at\\s+)?(?:V|Q|TR)\\d{1,2})\\s*[:=]\\s*${FIGURE}`,
    ),
    "$1 ",
  ],
  // R7 530k (+13 %), R7 at 530k, ok
  [lines(`${PART}\\s+(\\d\\S*)\\s+\\(?[-−+][\\d.,]+\\s?%\\)?`), "$1 = $2"],
  [lines(`(R\\d{1,3}!?)\\s+at\\s+(\\d[^\\s,]*)(?:,?\\s+([a-z].*))?`), "$1 = $2 $3"],
  // owner approved 120 EUR by phone, estimate 120 EUR approved
  [
    lines(
      "(?:the\\s+)?owner\\s+(?:has\\s+)?(?:approved|approves|agreed\\s+to|agrees\\s+to)\\s+(?:up\\s+to\\s+)?(\\S*\\d\\S*(?:\\s?[A-Z]{3}|\\s?€)?)(?:\\s+(?:by|on\\s+the)\\s+(?:phone|telephone))?",
    ),
    "approved $1; by the owner; how phone",
  ],
  [
    lines(
      "estimate\\s+(?:of\\s+)?(\\S*\\d\\S*(?:\\s?[A-Z]{3}|\\s?€)?)\\s+(?:is\\s+|was\\s+)?approved(?:\\s+by\\s+the\\s+owner)?(?:\\s+(?:by|on\\s+the)\\s+(?:phone|telephone))?",
    ),
    "approved $1; by the owner; how phone",
  ],
  // new V6
  [lines(`(?:fitted\\s+)?(?:an?\\s+)?new\\s+${PART}(?:\\s+fitted)?`), "$1 new"],
  // worked 40 min on the dial
  [lines(`(${SO_LONG})\\s+(?:of\\s+)?(?:labour|labor|work)(?:\\s+on\\s+(\\S.*))?`), "labour $1 $2"],
  [
    lines(`wait(?:ing|s)?\\s+for\\s+(?:the\\s+)?owner(?:'s)?(?:\\s+(?:answer|ok|okay|decision|reply|approval))?`),
    "wait owner an answer",
  ],
  [lines(`(?:worked|working)\\s+(?:for\\s+)?(${SO_LONG}(?:\\s.*)?)`), "labour $1"],
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
      "((?:[LTVQ]|TR)\\d{1,3})\\s+(?:temp(?:erature)?\\s+|gets\\s+|is\\s+|at\\s+)?(\\d[\\d.,]*)\\s*(?:°\\s?|deg(?:rees)?\\s+)?C(\\s+(?:after|at|in)\\s+(?:\\d|an?\\s|one|two|half).*)?",
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
const CALLED = begins(
  `(?!tube\\s+V|(?:plate|anode|screen|grid|cathode|collector|base|emitter)\\s+(?:V|Q|TR)\\d{1,2}\\s+[-−+]?[\\d.,])${THE}(?:${NOUN}\\s+){1,3}(?=${ONE}(?:\\s|=|:|$))`,
);
const WORKED = lines(`${WORK}(?:\\s*(?:,|and|&)\\s*${WORK})?\\s+${THE}(\\S.*)`);
const PART_FIRST = begins(`${PARTS}(?=\\s|$|:|;)\\s*(.*)$`);

/**
 * @returns the line as the grammar has it; undefined where it is none of these
 * @example turnedAround("cleaned the volume control") // "volume control cleaned"
 */
export function turnedAround(line: string): string | undefined {
  const typed = line.trim();
  const text = namedAsUsual(typed.replace(/\bw\/\s*/i, "with "));
  return turnedFrom(text) ?? (text === typed ? undefined : text);
}

function turnedFrom(text: string): string | undefined {
  const called = CALLED.exec(text)?.[0];
  if (called) return turnedFrom(text.slice(called.length)) ?? text.slice(called.length);
  const [pattern, instead] = TURNS.find(([one]) => one.test(text)) ?? [];
  if (pattern && instead !== undefined) return text.replace(pattern, instead);
  const [, work = "", more, object = ""] = WORKED.exec(text) ?? [];
  const [, parts, rest = ""] = PART_FIRST.exec(object) ?? [];
  if (parts) return `${parts} ${work}${/^(?:$|[:;,])/.test(rest) ? rest : ` ${rest}`}`;
  return turnedPlace(text, more === undefined ? work : `${work} and ${more}`, object);
}
