import { PART, PARTS, THE } from "./names";
import { FIGURE, lines, type Turn } from "./turned-pieces";

const DONE =
  "(?:replaced|renewed|changed|exchanged|restuffed|cleaned|adjusted|reflowed|repaired|removed|lubricated)\\b";
const CAPACITOR = "(C\\d{1,3}[a-z]?!?)";
const LEAKS = "(?:it\\s+)?(?:now\\s+)?(?:leakage|leaks?)\\s*(?:is|of|=|:)?\\s*";
/** Work on parts and tubes, and what they measured. */
export const TURNED_PARTS: readonly Turn[] = [
  // C2 replaced: 22uF 450V
  [lines(`${PARTS}\\s+(?:replaced|renewed|changed)\\s*[:=]\\s*(${FIGURE}\\S.*)`), "$1 -> $2"],
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
      `${PART}\\s*(?:=|is|measures|measured|reads|(?:has\\s+)?(?:drifted|gone|risen|climbed)(?:\\s+up)?\\s+to)\\s*(\\S*\\d\\S*?)[,;]?\\s+\\(?(?:was|marked|originally|drawn)\\s+(?:as\\s+)?(\\d\\S*?)\\)?`,
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
  // R7 530k (+13 %), R7 at 530k, ok
  [lines(`${PART}\\s+(\\d\\S*)\\s+\\(?[-−+][\\d.,]+\\s?%\\)?`), "$1 = $2"],
  [lines(`(R\\d{1,3}!?)\\s+at\\s+(\\d[^\\s,]*)(?:,?\\s+([a-z].*))?`), "$1 = $2 $3"],
  // new V6
  [lines(`(?:fitted\\s+)?(?:an?\\s+)?new\\s+${PART}(?:\\s+fitted)?`), "$1 new"],
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
];
