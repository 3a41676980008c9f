/**
 * The quantities a bench writes down, their units and the ways those units are written.
 *
 * Every factor leads to the SI base unit (farad, ohm, henry, volt, ampere, watt, hertz, second; percent becomes a
 * fraction). A spelling with several factors is one that the trade has used with several meanings: it yields several
 * readings, and the caller asks. Old spellings follow drawings and parts lists of the 1920s to 1960s
 * (`mfd`, `mmf`, `meg`, `kc`, `cm`); the modern ones follow IEC 60062 and the SI brochure.
 */

export const QUANTITIES = [
  "capacitance",
  "resistance",
  "inductance",
  "voltage",
  "ac-voltage",
  "field",
  "current",
  "conductance",
  "power",
  "frequency",
  "percent",
  "time",
] as const;

export type Quantity = (typeof QUANTITIES)[number];

/**
 * What a capital `M` behind a resistance means on the drawings of a model: a thousand on many North American drawings
 * of the 1920s and 30s, a million elsewhere. Undefined means nobody has said, and `50M` raises a question.
 */
export type Dialect = "m-is-thousand" | "m-is-million";

/**
 * One centimetre of capacitance (Gaussian units) in farad: 1 cm / c² · 10⁹ … = 1.11265 pF.
 * @example 450 cm = 450 · 1.1127 pF = 501 pF
 */
export const FARAD_PER_CM = 1.112650056e-12;

export type UnitSpelling = { text: string; factors: number[]; caseMatters?: boolean };

const pico = 1e-12;
const nano = 1e-9;
const micro = 1e-6;
const milli = 1e-3;

const spell = (factor: number, ...texts: string[]): UnitSpelling[] =>
  texts.map((text) => ({ text, factors: [factor] }));
const exact = (factor: number, ...texts: string[]): UnitSpelling[] =>
  texts.map((text) => ({ text, factors: [factor], caseMatters: true }));

/** What is said of a voltage behind its unit. It does not change the figure. */
const CURRENTS = ["dc", "d.c", "ac", "a.c", "rms"];

/** Words of prefixes, as papers and people write units out. */
const PREFIX_WORDS: readonly (readonly [string, number])[] = [
  ["micromicro", pico],
  ["pico", pico],
  ["nano", nano],
  ["micro", micro],
  ["milli", milli],
  ["kilo", 1e3],
  ["mega", 1e6],
  ["giga", 1e9],
  ["", 1],
];

/** A unit written out, with every prefix: `microfarads`, `millihenries`, `kilocycles`. */
const written = (...names: string[]): UnitSpelling[] =>
  PREFIX_WORDS.flatMap(([word, factor]) => names.flatMap((name) => spell(factor, word + name)));

const SPELLINGS: Record<Quantity, UnitSpelling[]> = {
  capacitance: [
    ...spell(pico, "mmfd", "mmf", "uufd", "uuf", "µµfd", "µµf", "µµ", "pf", "p"),
    ...spell(nano, "nf", "n"),
    ...spell(nano, "kpf"),
    ...spell(micro, "mfd", "ufd", "uf", "µfd", "µf", "u", "µ", "mfds", "microfd"),
    ...exact(micro, "mf", "MF", "Mf"),
    // Old shops wrote mF for microfarad; today it is millifarad.
    { text: "mF", factors: [micro, milli], caseMatters: true },
    ...spell(FARAD_PER_CM, "cm"),
    ...exact(1, "F"),
    ...written("farads", "farad"),
  ],
  resistance: [
    ...spell(1e6, "megohms", "megohm", "megs", "meg", "mohm"),
    ...exact(1e6, "MΩ"),
    ...exact(milli, "mΩ"),
    ...spell(1e3, "kohms", "kohm", "kilohms", "kilohm", "kω", "k"),
    ...spell(1e9, "gω"),
    ...spell(1, "ω", "r"),
    // Continental drawings have E for the ohm: 220E, 4E7.
    ...exact(1, "E"),
    ...written("ohms", "ohm"),
  ],
  inductance: [
    ...spell(nano, "nh"),
    ...spell(micro, "uh", "µh"),
    ...spell(milli, "mh"),
    ...spell(1, "hy", "h"),
    ...written("henries", "henrys", "henry"),
  ],
  voltage: [
    ...spell(1e3, "kv"),
    ...spell(milli, "mv"),
    ...spell(micro, "uv", "µv"),
    ...spell(1, "vdc", "vac", "v"),
    ...written("volts", "volt"),
    ...["v", "volts", "volt"]
      .flatMap((word) => CURRENTS.flatMap((current) => [`${word} ${current}`, `${word}${current}`]))
      .flatMap((text) => spell(1, text)),
    ...CURRENTS.flatMap((current) => [
      ...spell(1e3, `kv ${current}`, `kv${current}`),
      ...spell(milli, `mv ${current}`, `mv${current}`),
    ]),
  ],
  "ac-voltage": [
    ...["ac", "a.c", "rms"].flatMap((word) => [
      ...["v", "volts", "volt"].flatMap((unit) => spell(1, `${unit} ${word}`, `${unit}${word}`)),
      ...spell(1e3, `kv ${word}`, `kv${word}`),
      ...spell(milli, `mv ${word}`, `mv${word}`),
      ...spell(micro, `uv ${word}`, `µv ${word}`, `uv${word}`, `µv${word}`),
    ]),
    ...spell(1, "vac", "v~", "v"),
    ...spell(1e3, "kv"),
    ...spell(milli, "mv"),
    ...spell(micro, "uv", "µv"),
    ...written("volts", "volt"),
  ],
  field: [
    ...spell(milli, "mv/m"),
    ...spell(micro, "uv/m", "µv/m"),
    ...spell(1, "v/m"),
    ...PREFIX_WORDS.flatMap(([word, factor]) =>
      spell(
        factor,
        `${word}volts per metre`,
        `${word}volts per meter`,
        `${word}volt per metre`,
        `${word}volt per meter`,
      ),
    ),
  ],
  current: [
    ...spell(milli, "ma"),
    ...spell(micro, "ua", "µa"),
    ...spell(1, "a"),
    // “The set draws 40 mils”: thousandths of an ampere.
    ...spell(milli, "mils", "mil"),
    ...written("amperes", "ampere", "amps", "amp"),
  ],
  conductance: [
    ...spell(milli, "mmhos", "mmho", "ma/v"),
    ...spell(micro, "umhos", "umho", "µmhos", "µmho", "ua/v", "µa/v"),
    ...exact(milli, "mS"),
    ...exact(micro, "µS", "uS"),
    ...exact(1, "S"),
    ...written("mhos", "mho", "siemens"),
  ],
  power: [
    ...spell(1e3, "kw"),
    ...exact(milli, "mW", "mw"),
    ...spell(micro, "uw", "µw"),
    ...spell(1, "w"),
    ...written("watts", "watt"),
  ],
  frequency: [
    ...spell(1e9, "ghz"),
    ...spell(1e6, "mhz", "mc/s", "mcs", "mc"),
    ...spell(1e3, "khz", "kc/s", "kcs", "kc"),
    ...spell(1, "hz", "c/s", "cps", "c.p.s", "~"),
    ...written("cycles", "cycle", "hertz"),
  ],
  percent: spell(0.01, "percent", "per cent", "%"),
  time: [
    ...spell(milli, "ms"),
    ...spell(micro, "us", "µs"),
    ...spell(60, "minutes", "minute", "min"),
    ...spell(3600, "hours", "hour", "hrs", "h"),
    ...spell(1, "sec", "s"),
    ...written("seconds", "second"),
  ],
};

const byLength = (a: UnitSpelling, b: UnitSpelling) => b.text.length - a.text.length;

function sortedSpellings(quantity: Quantity, dialect?: Dialect): UnitSpelling[] {
  const own = SPELLINGS[quantity];
  if (quantity !== "resistance") return [...own].sort(byLength);
  const factors = dialect === "m-is-thousand" ? [1e3] : dialect === "m-is-million" ? [1e6] : [1e3, 1e6];
  return [...own, { text: "M", factors, caseMatters: true }].sort(byLength);
}

const sorted = new Map<string, UnitSpelling[]>();

/** Spellings of a quantity, longest first, so that `mmf` is met before `m`. The dialect decides a bare `M`. */
export function spellings(quantity: Quantity, dialect?: Dialect): readonly UnitSpelling[] {
  const key = `${quantity} ${dialect ?? ""}`;
  const known = sorted.get(key) ?? sortedSpellings(quantity, dialect);
  sorted.set(key, known);
  return known;
}

/** Letters that stand for the decimal point (`4k7`, `R47`, `4n7`), IEC 60062. `2M2` is modern use: always a million. */
export const INFIX: Partial<Record<Quantity, Record<string, number>>> = {
  capacitance: { p: pico, n: nano, u: micro, µ: micro },
  resistance: { R: 1, r: 1, E: 1, k: 1e3, K: 1e3, M: 1e6 },
  inductance: { u: micro, µ: micro, m: milli },
};

/** Quantities that may be written without a unit, and the factor then meant. Capacitance has rules of its own. */
export const BARE: Partial<Record<Quantity, number>> = {
  resistance: 1,
  voltage: 1,
  "ac-voltage": 1,
  power: 1,
  percent: 0.01,
};

/**
 * Tolerance letters that are symmetrical, as fractions. IEC 60062.
 * @example 104K: 100 nF ±10 %
 */
export const TOLERANCE_LETTERS: Record<string, number> = {
  B: 0.001,
  C: 0.0025,
  D: 0.005,
  F: 0.01,
  G: 0.02,
  J: 0.05,
  K: 0.1,
  M: 0.2,
};

/**
 * Tolerance letters of capacitors below 10 pF: picofarads, not percent. IEC 60062.
 * @example 4.7 pF C: ±0.25 pF, which is 5.3 %
 */
export const PICOFARAD_LETTERS: Record<string, number> = {
  B: 0.1 * pico,
  C: 0.25 * pico,
  D: 0.5 * pico,
  F: 1 * pico,
  G: 2 * pico,
};
/**
 * Below this a capacitor's tolerance letter is in picofarads, F. IEC 60062.
 * @example 8.2 pF D is ±0.5 pF; 100 pF D is ±0.5 %
 */
export const PICOFARADS_BELOW = 10 * pico;

/**
 * Tolerance letters of capacitors that are not symmetrical, as fractions below and above. IEC 60062.
 * @example 103Z: 10 nF, 8 to 18 nF
 */
export const SKEWED_LETTERS: Record<string, readonly [number, number]> = {
  Q: [0.1, 0.3],
  S: [0.2, 0.5],
  T: [0.1, 0.5],
  Z: [0.2, 0.8],
};

type Prefix = { factor: number; symbol: string };

const SCALE: Record<string, number> = { n: nano, p: pico, µ: micro, m: milli, "": 1, k: 1e3, M: 1e6, G: 1e9 };

const prefixes = (symbols: string[], unit: string): Prefix[] =>
  symbols.map((symbol) => ({ factor: SCALE[symbol] ?? 1, symbol: symbol + unit }));

/** A unit used in print; `from` names the smallest value that it is used for, where that is below one of it. */
export type Rung = Prefix & { from?: number };

/** Units used in print, smallest first. Capacitance stops at µF and resistance starts at Ω, as the trade prints them. */
export const PRINTED: Record<Quantity, Rung[]> = {
  capacitance: prefixes(["p", "n", "µ"], "F"),
  resistance: prefixes(["", "k", "M"], "Ω"),
  inductance: prefixes(["n", "µ", "m", ""], "H"),
  voltage: prefixes(["µ", "m", "", "k"], "V"),
  "ac-voltage": prefixes(["µ", "m", "", "k"], "V AC"),
  field: prefixes(["µ", "m", ""], "V/m"),
  current: prefixes(["µ", "m", ""], "A"),
  conductance: prefixes(["µ", "m", ""], "S"),
  // Ratings and dissipations are said in watts below one, too: 0.5 W, 0.125 W.
  power: [...prefixes(["µ", "m"], "W"), { factor: 1, symbol: "W", from: 0.01 }, ...prefixes(["k"], "W")],
  frequency: prefixes(["", "k", "M", "G"], "Hz"),
  percent: [{ factor: 0.01, symbol: "%" }],
  time: [
    { factor: micro, symbol: "µs" },
    { factor: milli, symbol: "ms" },
    { factor: 1, symbol: "s" },
    { factor: 60, symbol: "min" },
    { factor: 3600, symbol: "h" },
  ],
};

/** The word for a quantity inside a sentence, with its article. */
export const QUANTITY_WORDS: Record<Quantity, string> = {
  capacitance: "a capacitance",
  resistance: "a resistance",
  inductance: "an inductance",
  voltage: "a voltage",
  "ac-voltage": "an alternating voltage",
  field: "a field strength",
  current: "a current",
  conductance: "a transconductance",
  power: "a power",
  frequency: "a frequency",
  percent: "a percentage",
  time: "a time",
};
