import { ONE } from "./names";
import { FIGURE, MODE, SO_LONG, begins, lines, type Turn } from "./turned-pieces";

const VALUE =
  "([-−+]?[\\d.,]*\\d\\s?(?:[mkµu]?V(?:\\s?(?:ac|dc|rms))?|volts?|[mµu]?A|amps?|[kM]?(?:Ω|ohms?)|meg(?:ohms?)?))";
/** Where volts, currents and ohms are measured: at an electrode, at a pin, on a rail, between two places. */
const MEASURED_AT =
  "((?:V|Q|TR)\\d{1,2}\\s+(?:pin\\s?\\d{1,2}|[a-z]+\\s?\\d?)|pin\\s?\\d{1,2}\\s+(?:of|on|at)\\s+(?:V|Q|TR)\\d{1,2}|[a-z]+\\s?\\d?\\s+of\\s+(?:V|Q|TR)\\d{1,2}|b\\s?[+-]|[hl]\\.?t\\.?|(?:the\\s+)?(?:heaters?|filaments?|bias|avc|agc|mains|[a-z ]*(?:rail|line|supply|winding|primary|secondary))|[a-z+-]+(?: [a-z]+)?\\s+to\\s+[a-z+-]+)";

/** Readings at points. */
export const TURNED_POINTS: readonly Turn[] = [
  // grid current 3 mA on 20 m
  [
    lines(
      `((?:[a-z]+\\s)?(?:plate|grid|screen|cathode|idle|anode)\\s+current\\s+${FIGURE}\\S+\\s?[mµu]?A)\\s+(?:on|at)\\s+(${MODE})`,
    ),
    "$1: on $2",
  ],
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
  // B+ 1.2 V ripple, B+ shows 3 V of ripple
  [
    lines(
      `(b\\s?\\+|ht|hv|(?:V|Q|TR)\\d{1,2}\\s+[a-z]+)\\s+(?:has\\s+)?([\\d.,]*\\d\\s?m?V(?:\\s?(?:ac|rms|pp|p-p))?)\\s+(?:of\\s+)?ripple`,
    ),
    "$1 ripple $2",
  ],
  // V2 screen a bit low, 62 V
  [
    lines(
      "((?:V|Q|TR)\\d{1,2}\\s+(?:pin\\s+\\d{1,2}|plate|anode|screen|grid|cathode|collector|base|emitter)|b\\s?\\+|ht)\\s+(?:is\\s+)?((?:(?:an?|bit|little|slightly|far|way|too|very|much|rather|quite|still|only|now|just|low|high|down|up|steady|unsteady|wrong|ok|fine|good)\\s?)+?)(?:[,:]\\s*|\\s+(?:at\\s+)?)([-−+]?[\\d.,]*\\d(?:\\s?[mk]?V)?)",
    ),
    "$1 $3: $2",
  ],
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
  // V4 plate AC 4.2 V: alternating volts, as the log writes them
  [
    begins(
      "((?:V|Q|TR)\\d{1,2}\\s+(?:pin\\s+\\d{1,2}|[a-z]+\\d?)|b\\s?\\+|ht)\\s+ac\\s+([\\d.,]+\\s?[mµu]?V)(?:\\s+ac)?(?=\\s|:|$)",
    ),
    "$1 $2 ac",
  ],
  // ripple 3 V on B+
  [
    lines(`(?:the\\s+)?ripple\\s+(${FIGURE}\\S+(?:\\s?[mk]?V\\S*)?)\\s+(?:on|at|of)\\s+(?:the\\s+)?(\\S.*)`),
    "$2 ripple $1",
  ],
  // V3 grid positive 2 V, V3 grid negative 8 V
  [
    lines(`((?:V|Q|TR)\\d{1,2}\\s+[a-z]+\\d?)\\s+(?:is\\s+)?(?:positive|plus)\\s+([\\d.,]*\\d\\s?m?V?)`),
    "$1 $2: positive",
  ],
  [lines(`((?:V|Q|TR)\\d{1,2}\\s+[a-z]+\\d?)\\s+(?:is\\s+)?(?:negative|minus)\\s+([\\d.,]*\\d\\s?m?V?)`), "$1 -$2"],
  // 248 V=, 6.3 V~
  [lines(`(\\S.*\\d\\s?m?V)\\s?=`), "$1"],
  [lines(`(\\S.*\\d\\s?m?V)\\s?~`), "$1 ac"],
  // HT secondary 260-0-260
  [lines(`(\\S.*\\S)\\s+(\\d{2,4})\\s?-\\s?0\\s?-\\s?\\d{2,4}(?:\\s?V)?`), "$1 $2 V ac: each side of the centre tap"],
  // ripple on B+ 1.2 V
  [begins(`(?:the\\s+)?ripple\\s+(?:on|at|of)\\s+(?:the\\s+)?(\\S.*?)\\s+(?=[\\d.,])`), "$1 ripple "],
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
  // IF2 = 110.2 kHz, IF 1 peaked at 1650 kHz
  [begins(`IF\\s?1\\s*(?:=|at|is|peaked(?:\\s+at)?)?\\s+(?=[\\d.,]+\\s*[kM]Hz)`), "first IF "],
  [begins(`IF\\s?2\\s*(?:=|at|is|peaked(?:\\s+at)?)?\\s+(?=[\\d.,]+\\s*[kM]Hz)`), "second IF "],
];
