import { format } from "./format";
import { LONGEST_VALUE, mismatch, settle, unreadable, type Parsed } from "./parse";
import { scanValue, type BareRules } from "./scan";
import { normalise, scanNumber, skipSpace, type Scan } from "./scan-number";
import { scanChain } from "./sections";
import { PICOFARAD_LETTERS, PICOFARADS_BELOW, SKEWED_LETTERS, TOLERANCE_LETTERS } from "./units";

export const PART_QUANTITIES = ["capacitance", "resistance", "inductance"] as const;
export type PartQuantity = (typeof PART_QUANTITIES)[number];

export const SAFETY_CLASSES = ["X1", "X2", "Y1", "Y2"] as const;

/**
 * What a part's marking says. Values in SI base units; a can of several sections has one value a section.
 * `volts` and `watts` are ratings; `tolerance` is a symmetrical fraction.
 */
export type PartSpec = {
  quantity: PartQuantity;
  sections: number[];
  tolerance?: number;
  volts?: number;
  watts?: number;
  /** a tolerance that is not the same on both sides: fractions below and above */
  skew?: [number, number];
  safety?: (typeof SAFETY_CLASSES)[number];
  /** the volts of a safety-rated part are said to be for direct current */
  direct?: true;
  construction?: string;
};

/** Words for what a part is made of, as parts lists have them. The longer ones come first. */
const CONSTRUCTIONS = [
  "metallised polypropylene",
  "metallised polyester",
  "carbon composition",
  "metal oxide",
  "metal film",
  "carbon film",
  "silver mica",
  "polypropylene",
  "polyester",
  "polystyrene",
  "electrolytic",
  "wire-wound",
  "wirewound",
  "tantalum",
  "ceramic",
  "carbon",
  "paper",
  "film",
  "mica",
  "C0G",
  "wax",
];

export type PartRules = BareRules & { quantity?: PartQuantity };

/**
 * No electrolytic is smaller, F: a code that says less is none. Shop rule.
 * @example 479 on an electrolytic is 479 µF, not 4.7 pF
 */
const SMALLEST_ELECTROLYTIC = 100e-9;

/**
 * Multiplier digits 8 and 9 stand for a hundredth and a tenth. IEC 60062; 7 stands for nothing.
 * @example 478: 47 · 0.01 = 0.47 pF; 479: 4.7 pF
 */
const MULTIPLIERS: Record<string, number> = { 8: 0.01, 9: 0.1 };

/** What a tolerance letter means on a capacitor of this value: below 10 pF picofarads, else a fraction. IEC 60062. */
function letterTolerance(letter: string, quantity: PartQuantity, value: number): Partial<PartSpec> {
  const skew = quantity === "capacitance" ? SKEWED_LETTERS[letter] : undefined;
  if (skew) return { skew: [...skew] };
  const picofarads = PICOFARAD_LETTERS[letter];
  if (quantity === "capacitance" && picofarads && value > 0 && value < PICOFARADS_BELOW * (1 - 1e-9))
    return { tolerance: Number((picofarads / value).toPrecision(6)) };
  const fraction = TOLERANCE_LETTERS[letter];
  return fraction === undefined ? {} : { tolerance: fraction };
}

/** `104K`: two digits, a multiplier in picofarad, a tolerance letter. Without the letter, only when it cannot be a plain number. */
function scanDigitCode(text: string, at: number): Scan<PartSpec>[] {
  const found = /^(\d\d)(\d)([BCDFGJKMQSTZ])?(?![a-z0-9.,µ])/i.exec(text.slice(at));
  if (!found) return [];
  const [whole, digits = "", power = "", letter] = found;
  if (power === "7" || (!letter && power === "0")) return [];
  if (letter && letter !== letter.toUpperCase()) return [];
  const times = MULTIPLIERS[power] ?? 10 ** Number(power);
  const value = Number((Number(digits) * times * 1e-12).toPrecision(6));
  return [
    {
      value: {
        quantity: "capacitance",
        sections: [value],
        ...(letter ? letterTolerance(letter, "capacitance", value) : {}),
      },
      end: at + whole.length,
    },
  ];
}

/** `2×16µ`, `32+32 µF`: several sections in one can. */
function scanSections(text: string, at: number, quantity: PartQuantity, rules: PartRules): Scan<PartSpec>[] {
  const several = /^([2-6])\s*[x×*]\s*/i.exec(text.slice(at));
  if (several) {
    const count = Number(several[1]);
    return scanValue(text, at + several[0].length, quantity, rules).map((scan) => ({
      value: { quantity, sections: Array<number>(count).fill(scan.value) },
      end: scan.end,
    }));
  }
  const chain = quantity === "capacitance" ? scanChain(text, at, rules) : [];
  if (chain.length > 0) return chain.map(({ value, end }) => ({ value: { quantity, sections: value }, end }));
  return scanValue(text, at, quantity, rules).map((scan) => ({
    value: { quantity, sections: [scan.value] },
    end: scan.end,
  }));
}

function scanMain(text: string, at: number, rules: PartRules): Scan<PartSpec>[] {
  const wanted: PartQuantity[] = rules.quantity ? [rules.quantity] : [...PART_QUANTITIES];
  const bare = /^[\d.,]+(?![a-zµΩ\d.,])/i.test(text.slice(at)) && !/^\d+\s*[x×*+]/i.test(text.slice(at));
  const unit = bare ? /^[\d.,]+\s+(?=[a-zµΩ])/i.test(text.slice(at)) : true;
  const values = wanted
    // A bare number says nothing about what it is: without a hint it is not read at all.
    .filter(() => rules.quantity !== undefined || unit)
    .flatMap((quantity) => scanSections(text, at, quantity, rules));
  const code = (rules.quantity === undefined || rules.quantity === "capacitance" ? scanDigitCode(text, at) : []).filter(
    ({ value }) => !rules.electrolytic || (value.sections[0] ?? 0) >= SMALLEST_ELECTROLYTIC,
  );
  const lettered = code.some((scan) => scan.value.tolerance !== undefined || scan.value.skew !== undefined);
  // `104K` on a capacitor is a code; on a part nobody has named it may be 104 kΩ as well.
  return lettered && rules.quantity === "capacitance" ? code : [...values, ...code];
}

/** One rating behind a value, and where it ends. */
type Rating = { says: Partial<PartSpec> & { current?: "AC" | "DC" }; end: number };

const within = (scans: readonly Scan<number>[]) => scans.find((scan) => scan.value > 0);

/** A bare figure behind a capacitor's value is its voltage: `.1 600`, `8 450`. V. */
const BARE_VOLTS = { least: 6, most: 30_000 };
/**
 * The surge rating stands behind the working one, `450/550 V`, and is at most so many times it. Shop rule.
 * @example 16 µF 450/550 V: works at 450 V; 450/900 is no pair of ratings
 */
const MOST_SURGE = 1.6;

/**
 * What stands behind a figure of volts: `V`, `kV`, `WV`, `VDCW`, `WVDC`, `V DC`, `DC working`, `volts working`, `V~`, `V=`. It says the
 * factor, and which current is meant where it says so.
 */
const VOLT_WORDS =
  /^(?:\s*|-)(k)?(?:w\.?\s?v\.?\s?d\.?\s?c|v\.?\s?d\.?\s?c\.?\s?w|d\.?\s?c\.?\s?w\.?\s?v|d\.?\s?c\.?\s?w(?:orking)?|w\.?\s?v|v\.?\s?w|volts?|v)\.?(?:\s*(?:d\.?c|a\.?c|w\.?v|w|working|peak|rms|=|~|⎓)\.?)*(?![a-z0-9])/i;

const currentOf = (words: string): { current?: "AC" | "DC" } =>
  /a\.?c|~/i.test(words) ? { current: "AC" } : /d\.?\s?c|=|⎓/i.test(words) ? { current: "DC" } : {};

/** A rating of volts with its words; `450/550 V` is the working voltage with the surge voltage behind it. */
function scanVolts(text: string, at: number): Rating | undefined {
  const number = within(scanNumber(text, at));
  if (!number) return undefined;
  const surge = /^\s*\/\s*(\d{1,5})/.exec(text.slice(number.end));
  const behind = surge ? Number(surge[1]) : 0;
  const working = behind > number.value && behind <= MOST_SURGE * number.value;
  const end = surge && working ? number.end + surge[0].length : number.end;
  const words = VOLT_WORDS.exec(text.slice(end));
  if (!words && !working) return undefined;
  const [all = "", kilo] = words ?? [];
  return { says: { volts: number.value * (kilo ? 1000 : 1), ...currentOf(all) }, end: end + all.length };
}

/** A tolerance that is not the same on both sides: `+80/−20 %`, `−20 +50 %`. */
function scanSkew(text: string, at: number): Rating | undefined {
  const found = /^([+−-])\s*(\d{1,3})\s*%?\s*\/?\s*([+−-])\s*(\d{1,3})\s*%/.exec(text.slice(at));
  if (!found || (found[1] === "+") === (found[3] === "+")) return undefined;
  const [first, second] = [Number(found[2]) / 100, Number(found[4]) / 100];
  const skew: [number, number] = found[1] === "+" ? [second, first] : [first, second];
  return { says: { skew }, end: at + found[0].length };
}

/** What a part is and how its leads come out, in words that say nothing of its value. */
const NOUNS = /^(?:capacitors?|condensers?|caps?|resistors?|safety|class|type|rated|axial|radial)\.?(?![a-z0-9])/i;

/** A safety class, what a part is made of, or a word for it. They stand behind a value or before it. */
function scanKind(text: string, at: number): Rating | undefined {
  const rest = text.slice(at);
  const safety = /^([XY][12])(?![a-z0-9])/i.exec(rest);
  if (safety) return { says: { safety: (safety[1] ?? "").toUpperCase() as PartSpec["safety"] }, end: at + 2 };
  const noun = NOUNS.exec(rest);
  if (noun) return { says: {}, end: at + noun[0].length };
  const word = CONSTRUCTIONS.find(
    (name) => rest.toLowerCase().startsWith(name.toLowerCase()) && !/^[a-z]/i.test(rest.slice(name.length)),
  );
  return word ? { says: { construction: word }, end: at + word.length } : undefined;
}

/** Words before a value: `film 47n`, `a new X2 100n`, `silver mica 220p`. */
function scanLead(text: string): Rating {
  const article = /^\s*(?:an?\s+)?(?:new\s+)?/i.exec(text)?.[0].length ?? 0;
  let lead: Rating = { says: {}, end: skipSpace(text, article) };
  for (let next = scanKind(text, lead.end); next; next = scanKind(text, lead.end))
    lead = { says: { ...lead.says, ...next.says }, end: skipSpace(text, next.end) };
  return lead;
}

/** What stands behind the words for what a part is: `47n` of `a new film 47n`. */
export const behindKind = (text: string): string => text.slice(scanLead(text).end);

/** A word for what a part is made of decides what a bare figure means: `electrolytic 8/450` is 8 µF. */
const ELECTROLYTIC = /electrolytic|tantalum/;
const ruledBy = (rules: PartRules, { construction }: Rating["says"]): PartRules =>
  construction === undefined ? rules : { ...rules, electrolytic: ELECTROLYTIC.test(construction) };

/** Words behind a value: a tolerance letter, the part's greatest heat, or what says of what kind it is. */
function scanWord(text: string, at: number, main: PartSpec): Rating | undefined {
  const rest = text.slice(at);
  const letter = /^([BCDFGJKMQSTZ])(?![a-zA-Z0-9])/.exec(rest)?.[1];
  const tolerance = letter ? letterTolerance(letter, main.quantity, main.sections[0] ?? 0) : {};
  if (Object.keys(tolerance).length > 0) return { says: tolerance, end: at + 1 };
  const heat = /^(?:\d{2,3}\s*°\s*C|(?:55|65|70|85|105|125|130|150|155)\s*C)(?![a-z])/i.exec(rest);
  if (heat) return { says: {}, end: at + heat[0].length };
  return scanKind(text, at);
}

function scanRating(text: string, at: number, main: PartSpec): Rating | undefined {
  const slash = text[at] === "/";
  const start = slash ? skipSpace(text, at + 1) : at;
  const word = slash ? undefined : (scanSkew(text, at) ?? scanWord(text, at, main));
  if (word) return word;
  const unsigned = /^(?:±|\+\/?-)\s*/.exec(text.slice(start));
  const number = start + (unsigned?.[0].length ?? 0);
  const percent = within(
    scanValue(text, number, "percent").filter((scan) => text.slice(number, scan.end).match(/[%t]\.?$/)),
  );
  if (percent) return { says: { tolerance: percent.value }, end: percent.end };
  const watts = within(
    scanValue(text, start, "power").filter((scan) => /[a-z]\.?$/i.test(text.slice(start, scan.end))),
  );
  if (watts) return { says: { watts: watts.value }, end: watts.end };
  const volts = scanVolts(text, start);
  if (volts) return volts;
  return scanBare(text, start, slash, main.quantity);
}

/** A figure without a unit: volts at a capacitor; at a resistor the watts, where a stroke parts it from the value. */
function scanBare(text: string, at: number, slash: boolean, quantity: PartQuantity): Rating | undefined {
  if (quantity === "resistance" && slash) {
    const half = /^(\d)\/(\d)(?![\d.,])/.exec(text.slice(at));
    if (half) return { says: { watts: Number(half[1]) / Number(half[2]) }, end: at + half[0].length };
    const watts = within(scanNumber(text, at));
    return watts ? { says: { watts: watts.value }, end: watts.end } : undefined;
  }
  if (quantity !== "capacitance") return undefined;
  const bare = (slash ? /^\d+(?:[.,]\d+)?/ : /^\d{1,5}(?=[\s,;]|$)/).exec(text.slice(at));
  const value = Number(bare?.[0].replace(",", "."));
  if (!bare || !(value > 0) || (!slash && !(value >= BARE_VOLTS.least && value <= BARE_VOLTS.most))) return undefined;
  return { says: { volts: value }, end: at + bare[0].length };
}

type Rest = { ratings: Partial<PartSpec>; failedAt?: number };

/** Of two ratings in volts, one for each current, the one that this part is used by. */
function voltsOf(rated: readonly Rating["says"][], safety: boolean): Partial<PartSpec> {
  const wanted = safety ? "AC" : "DC";
  const [first] = rated;
  const chosen = rated.find(({ current }) => current === wanted) ?? rated.find(({ current }) => !current) ?? first;
  if (chosen?.volts === undefined) return {};
  // A safety class counts by its alternating volts: those for direct current are marked as such.
  return { volts: chosen.volts, ...(safety && chosen.current === "DC" ? { direct: true } : {}) };
}

function scanRatings(text: string, from: number, main: PartSpec, lead: Rating["says"]): Rest {
  const { current: _current, ...ratings } = lead;
  const rated: Rating["says"][] = [];
  let at = from;
  const done = (failedAt?: number): Rest => ({
    ratings: { ...ratings, ...voltsOf(rated, ratings.safety !== undefined) },
    ...(failedAt === undefined ? {} : { failedAt }),
  });
  for (;;) {
    while (at < text.length && /[\s,;@()]/.test(text[at] ?? "")) at += 1;
    // A dash parts a rating from the value as a comma does: `8 MFD-450V`, `8 MFD - 450 V`.
    const dash = /^[-–—]\s*(?=\d)/.exec(text.slice(at));
    if (dash && !scanSkew(text, at)) at += dash[0].length;
    // The stop of a sentence says nothing.
    if (/^\.?$/.test(text.slice(at))) return done();
    const rating = scanRating(text, at, main);
    if (!rating) return done(at);
    const { volts, current, ...others } = rating.says;
    const again = Object.keys(others).some((field) => ratings[field as keyof PartSpec] !== undefined);
    if (again || (volts !== undefined && rated.some((one) => one.current === current))) return done(at);
    if (volts !== undefined) rated.push({ volts, ...(current ? { current } : {}) });
    Object.assign(ratings, others);
    at = rating.end;
  }
}

/**
 * Prints a part's marking so that `parsePart` reads the same part from it.
 * @example formatPart({ quantity: "capacitance", sections: [1.6e-5, 1.6e-5], volts: 350 }) // "2 × 16 µF 350 V"
 */
export function formatPart(spec: PartSpec, digits = 3): string {
  const [first = 0] = spec.sections;
  const equal = spec.sections.every((value) => value === first);
  const print = (value: number) => format(value, spec.quantity, digits);
  const scale = (value: number) => Number((value * 1e6).toPrecision(digits));
  const value =
    spec.sections.length === 1
      ? print(first)
      : equal
        ? `${spec.sections.length} × ${print(first)}`
        : `${spec.sections.map(scale).join(" + ")} µF`;
  return [
    value,
    spec.volts === undefined ? "" : `${format(spec.volts, "voltage", digits)}${spec.direct ? " DC" : ""}`,
    spec.watts === undefined ? "" : format(spec.watts, "power", digits),
    spec.tolerance === undefined ? "" : `±${format(spec.tolerance, "percent", digits)}`,
    spec.skew === undefined
      ? ""
      : `+${format(spec.skew[1], "percent", digits)} −${format(spec.skew[0], "percent", digits)}`,
    spec.safety ?? "",
    spec.construction ?? "",
  ]
    .filter(Boolean)
    .join(" ");
}

/**
 * Reads a part's marking: value, ratings and tolerance in one text, in every notation of old and new drawings.
 *
 * @param typed e.g. `.05/400`, `8 mfd 450 V`, `470k 1W 10%`, `2x16µ 350V`, `104K`
 * @param rules the part's quantity where a designator tells it; dialect; whether it is an electrolytic
 * @returns the marking; an ambiguity with its choices; or a sentence with the place that was not understood
 */
export function parsePart(typed: string, rules: PartRules = {}): Parsed<PartSpec> {
  const key = `${rules.quantity ?? ""}|${rules.dialect ?? ""}|${rules.electrolytic ?? ""}|${typed}`;
  const before = READ.get(key);
  if (before) return before;
  const read = readPart(typed, rules);
  // A stock list and a parts list are read again with every change on the page: the same markings, the same answers.
  if (READ.size >= MOST_READ) READ.clear();
  READ.set(key, read);
  return read;
}

const READ = new Map<string, Parsed<PartSpec>>();
const MOST_READ = 5000;

function readPart(typed: string, rules: PartRules): Parsed<PartSpec> {
  const text = normalise(typed);
  if (text.length > LONGEST_VALUE)
    return unreadable(LONGEST_VALUE, `A marking is shorter than ${LONGEST_VALUE} characters.`);
  const lead = scanLead(text);
  const mains = scanMain(text, lead.end, ruledBy(rules, lead.says));
  const rests = mains.map((main) => ({ main, rest: scanRatings(text, main.end, main.value, lead.says) }));
  const whole = rests
    .filter(({ rest }) => rest.failedAt === undefined)
    .map(({ main, rest }) => ({ ...main.value, ...rest.ratings }))
    .filter((spec) => spec.sections.every((value) => value >= 0));
  const settled = settle(text, whole, (spec) => formatPart(spec, 12));
  if (settled) return settled;
  const furthest = Math.max(-1, ...rests.map(({ rest }) => rest.failedAt ?? -1));
  if (furthest >= 0)
    return unreadable(furthest, `“${text.slice(furthest).trim()}” is not understood behind the value.`);
  if (rules.quantity) return mismatch(text, rules.quantity);
  return unreadable(
    0,
    `“${text.trim()}” cannot be read as a part's value: write it with its unit, like 0.047 µF or 470k.`,
  );
}

/** The quantity that a designator's letter stands for: C, R (and VR, P for controls), L (and T, CH for windings). */
export function quantityOfDesignator(designator: string): PartQuantity | undefined {
  const letters = /^[A-Z]+/i.exec(designator)?.[0].toUpperCase();
  const table: Record<string, PartQuantity> = {
    C: "capacitance",
    TC: "capacitance",
    VC: "capacitance",
    R: "resistance",
    VR: "resistance",
    P: "resistance",
    L: "inductance",
  };
  return letters ? table[letters] : undefined;
}
