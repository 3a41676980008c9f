import { ELECTRODE_NAMES, type Sheet } from "../model";
import type { LineQuestion } from "../shorthand";

/** Several figures in one line: an entry holds one, so each becomes an entry of its own, and none becomes a remark. */

const FIGURE = "[-−+]?[\\d.,]*\\d";
/** One way to match each text: a blank that two places could take doubles the ways with every item of a list. */
const IS = "(?:\\s*[:=]\\s*|\\s*)";
const AND = "(?:[,;]?\\s+(?:and\\s+)?)";
const list = (one: string) => `${one}(?:${AND}${one})+`;
const whole = (pattern: string) => new RegExp(`^${pattern}$`, "i");
const all = (pattern: string, text: string) => [...text.matchAll(new RegExp(pattern, "gi"))];

/** The lines that a line holds, to be written one after the other. */
export function oneAfterTheOther(line: string, [first = "", ...then]: readonly string[]): LineQuestion {
  return {
    kind: "question",
    question: `These are ${then.length + 1} entries in one line.`,
    choices: [
      { label: `One after the other: ${[first, ...then].join("; ")}`, text: first, then },
      { label: "A note", text: `note ${line.trim()}` },
    ],
  };
}

/** `mains 236 V, 0.19 A`: two figures, and one entry. */
const withItsLine = (line: string, one: string): LineQuestion => ({
  kind: "question",
  question: "The line voltage belongs to it.",
  choices: [
    { label: one, text: one },
    { label: "A note", text: `note ${line.trim()}` },
  ],
});

const NAME = [...ELECTRODE_NAMES, "[akpgsecb]"].join("|");
const AT_ELECTRODE = `(${NAME})${IS}(${FIGURE}(?:\\s?[mk]?V)?)`;
const ELECTRODES_OF = whole(`((?:V|Q|TR)\\d{1,2})[:,]?\\s+(${list(AT_ELECTRODE)})`);

/** `V1 plate 180, screen 95` */
function electrodes(line: string): string[] {
  const [, device = "", said = ""] = ELECTRODES_OF.exec(line) ?? [];
  return all(AT_ELECTRODE, said).map(([, name, figure]) => `${device} ${name} ${figure}`);
}

const AT_PIN = `(?:pin\\s?)?(\\d{1,2})(?:\\s*[:=]\\s*|\\s+)(${FIGURE}(?:\\s?[mk]?V)?)`;
const AT_MARKED_PIN = `(?:pin\\s?)?(\\d{1,2})\\s*[:=]\\s*(${FIGURE}(?:\\s?[mk]?V)?)`;
const PINS_OF = [
  { said: whole(`((?:V|Q|TR)\\d{1,2})[:,]?\\s+(?:pins?\\s?)(${list(AT_PIN)})`), one: AT_PIN },
  { said: whole(`((?:V|Q|TR)\\d{1,2})[:,]?\\s+(?:pins?\\s?)?(${list(AT_MARKED_PIN)})`), one: AT_MARKED_PIN },
];

/** `V4 pins 3 232 4 240 8 12`, `V4 3: 232 4: 240` */
function pins(line: string): string[] {
  for (const { said: pattern, one } of PINS_OF) {
    const [, device = "", said = ""] = pattern.exec(line) ?? [];
    const found = all(one, said);
    if (found.length > 1) return found.map(([, pin, figure]) => `${device} pin ${pin} ${figure}`);
  }
  return [];
}

const WINDING = `((?:[a-z]+\\s)?(?:primary|secondary|winding))${IS}([\\d.,]*\\d\\s?[km]?(?:Ω|ohms?)?)`;
const WINDINGS_OF = whole(`((?:T|L)\\d{1,2})[:,]?\\s+(${list(WINDING)})`);

/** `T1 primary 42 ohms, HT secondary 310` */
function windings(line: string): string[] {
  const [, part = "", said = ""] = WINDINGS_OF.exec(line) ?? [];
  return all(WINDING, said).map(
    ([, name, figure = ""]) => `${part} ${name} ${figure}${/\d$/.test(figure) ? " ohms" : ""}`,
  );
}

const SHARE = `(V\\d{1,2})${IS}(1?\\d{1,2}(?:[.,]\\d)?)\\s?%?(?![\\d.,]*\\d|\\s?(?:[mkµu]?[VAWF]|Ω|ohms?|k?Hz|[kM])\\b)`;
const SHARES = whole(`(?:(?:tubes?|valves?|emission|tests?|tested)\\s*:?\\s+)?(${list(SHARE)})`);

/** `V1 95 %, V2 88 %`: what the tester said of each tube. */
const shares = (line: string): string[] =>
  all(SHARE, SHARES.exec(line)?.[1] ?? "").map(([, tube, figure]) => `${tube} emission ${figure}/100 %`);

const PART_FIGURE = `([RCL]\\d{1,3}[a-z]?)${IS}([\\d.,]*\\d\\s?[kKMRmunpµ]?\\d?(?:F|H|Ω|ohms?|eg)?)`;
const PART_FIGURES = whole(
  `(?:(?:measured|measuring)\\s*:?\\s+)?(${PART_FIGURE}(?:[,;]\\s*(?:and\\s+)?${PART_FIGURE})+)`,
);

/** `R7 612k, R9 560k`: what each of them measured. */
const partFigures = (line: string): string[] =>
  all(PART_FIGURE, PART_FIGURES.exec(line)?.[1] ?? "").map(([, part, figure]) => `${part} = ${figure}`);

/** A band by its wavelength or its frequency. */
export const BAND = "(?:\\d{1,4}\\s?(?:c?m|met(?:re|er)s?)|\\d[\\d.,]*\\s?[kM]Hz)";
const OUTPUT = `(${BAND})${IS}([\\d.,]*\\d)(?:\\s?(k?W)(?:atts?)?)?`;
const OUTPUTS = whole(
  `(?:(?:(?:rf\\s+)?(?:output|power|carrier)|out|watts)\\s*(?:per\\s+band\\s*)?:?\\s+)?(${OUTPUT}(?:[,;]?\\s+(?:and\\s+)?${OUTPUT})+)`,
);

/** `80m 62W, 40m 58`: the output on each band, with the unit of one of them. */
function outputs(line: string): string[] {
  const found = all(OUTPUT, OUTPUTS.exec(line)?.[1] ?? "");
  const unit = found.map(([, , , said]) => said).find(Boolean);
  if (unit === undefined) return [];
  return found.map(
    ([, band = "", figure = "", own = unit]) => `test output at ${band} ${figure} ${own.replace(/w$/i, "W")}`,
  );
}

const TAKEN = `(${FIGURE})\\s?(V|m?A|W)`;
/** `230 V mains, 43 W` with the line first. */
const LINE_FIRST = /^(\d{2,3}\s?V)\s+(?:mains|line)[,;:]?\s+(?=[\d.,])/i;
const LINE_TAKEN = whole(`(?:mains|line|input|set\\s+draws|draws|takes)\\s*:?\\s+(${TAKEN}(?:[,;]?\\s+${TAKEN}){1,2})`);

/** `mains 236 V, 0.19 A, 41 W`: what the set takes, at that line voltage. */
function taken(line: string): string[] {
  const found = all(TAKEN, LINE_TAKEN.exec(line.replace(LINE_FIRST, "mains $1, "))?.[1] ?? "");
  const volts = found.find(([, , unit]) => unit?.toUpperCase() === "V")?.[1];
  const at = volts === undefined ? "" : ` @ ${volts}`;
  return found
    .filter(([, , unit]) => unit?.toUpperCase() !== "V")
    .map(([, figure, unit = ""]) => `line ${/a$/i.test(unit) ? "current" : "power"} ${figure} ${unit}${at}`);
}

const TYPE = "(?:\\d[A-Z]+|[A-Z]+\\d)[A-Z0-9]*";
const BY_TYPE = new RegExp(
  `^(?:(?:tubes?|valves?|emission|tests?|tested)\\s*:?\\s+)?${TYPE}\\s+1?\\d{1,2}\\s?%?(?:[,;]?\\s+(?:and\\s+)?${TYPE}\\s+1?\\d{1,2}\\s?%?)+$`,
  "i",
);

/** `6K8 71, 6V6 92` is `V1 71, V4 92`, where the set has one of each. */
function byPosition(line: string, { tubes }: Pick<Sheet, "tubes">): string {
  if (!BY_TYPE.test(line)) return line;
  return line.replace(new RegExp(`\\b${TYPE}\\b`, "gi"), (type) => {
    const [one, another] = tubes.filter((tube) => tube.type.toUpperCase() === type.toUpperCase());
    return one && !another ? one.position : type;
  });
}

const SORTS = [electrodes, pins, windings, shares, partFigures, outputs] as const;

/** `V1 plate 180, screen 95`, `80m 62W, 40m 58W`: what several entries would hold. */
export function severalApart(line: string, sheet: Pick<Sheet, "tubes">): LineQuestion | undefined {
  const text = byPosition(line.trim(), sheet);
  for (const sort of SORTS) {
    const lines = sort(text);
    if (lines.length > 1) return oneAfterTheOther(line, lines);
  }
  const drawn = taken(text);
  const [only] = drawn;
  return drawn.length > 1 ? oneAfterTheOther(line, drawn) : only === undefined ? undefined : withItsLine(line, only);
}
