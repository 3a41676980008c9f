import { PART } from "./names";
import { BAND } from "./several";
import { FIGURE, MODE, begins, lines, type Turn } from "./turned-pieces";

/** A figure that is no frequency. */
const NOT_HERTZ = "[\\d.,]+\\s?(?:%|[µumk]?V|m?W|dB[a-zµ]{0,2})";
const MICROVOLTS = "[\\d.,]+\\s?[µu]V";

const OF_A_BAND =
  "sensitivity|selectivity|bandwidth|distortion|hum|noise|image\\s+rejection|drift|carrier\\s+suppression|s\\/n|dial\\s+error";

/** Tests of the set, on a band or in a mode. */
export const TURNED_TESTS: readonly Turn[] = [
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
  // 3 W at 5 % distortion
  [lines("([\\d.,]+\\s?m?W)\\s+at\\s+([\\d.,]+\\s?%)\\s+(?:distortion|thd)"), "test output at $2 distortion $1"],
  // S9 = 50 µV
  [begins(`(S\\d)\\s*(?:=|at|is)?\\s*(?=[\\d.,]+\\s*[µum]V)`), "test S-meter at $1 "],
  // audio 1.8 W into 4 ohm
  [begins("audio(?:\\s+out)?\\s+(?=[\\d.,]+\\s*m?W)"), "audio output "],
  // mod 95 %
  [begins("mod\\s+(?=[\\d.,]+\\s*%)"), "modulation "],
];
