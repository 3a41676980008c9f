import { format } from "./format";
import { LONGEST_VALUE, mismatch, settle, unreadable, type Parsed } from "./parse";
import { normalise, scanNumber, scanValue, skipSpace, type BareRules, type Scan } from "./scan";
import { TOLERANCE_LETTERS } from "./units";

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
  safety?: (typeof SAFETY_CLASSES)[number];
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

const NO_MORE_SECTIONS = 6;

/** `104K`: two digits, a multiplier in picofarad, a tolerance letter. Without the letter, only when it cannot be a plain number. */
function scanDigitCode(text: string, at: number): Scan<PartSpec>[] {
  const found = /^(\d\d)(\d)([FGJKM])?(?![a-z0-9.,µ])/i.exec(text.slice(at));
  if (!found) return [];
  const [whole, digits = "", power = "", letter] = found;
  if (!letter && (power === "0" || Number(power) > 6)) return [];
  if (letter && letter !== letter.toUpperCase()) return [];
  const tolerance = letter ? TOLERANCE_LETTERS[letter] : undefined;
  const value = Number(digits) * 10 ** Number(power) * 1e-12;
  return [
    {
      value: { quantity: "capacitance", sections: [value], ...(tolerance ? { tolerance } : {}) },
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
  const chain = /^\d+(?:[.,]\d+)?(?:\s*\+\s*\d+(?:[.,]\d+)?)+/.exec(text.slice(at));
  if (chain && quantity === "capacitance") {
    const numbers = chain[0].split("+").map((piece) => Number(piece.trim().replace(",", ".")));
    const last = numbers[numbers.length - 1] ?? 1;
    if (numbers.length > NO_MORE_SECTIONS || last === 0) return [];
    const lastStart = skipSpace(text, at + chain[0].lastIndexOf("+") + 1);
    // The unit stands once, behind the last section, and holds for all of them.
    return scanValue(text, lastStart, quantity, rules).map((scan) => ({
      value: { quantity, sections: numbers.map((n) => (scan.value / last) * n) },
      end: scan.end,
    }));
  }
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
  const code = rules.quantity === undefined || rules.quantity === "capacitance" ? scanDigitCode(text, at) : [];
  const lettered = code.some((scan) => scan.value.tolerance !== undefined);
  // `104K` on a capacitor is a code; on a part nobody has named it may be 104 kΩ as well.
  return lettered && rules.quantity === "capacitance" ? code : [...values, ...code];
}

type Rating = { field: keyof PartSpec; value: number | string; end: number };

const within = (scans: Scan<number>[]) => scans.find((scan) => scan.value > 0);

/** A bare figure behind a capacitor's value is its voltage: `.1 600`, `8 450`. V. */
const BARE_VOLTS = { least: 6, most: 30_000 };

function scanRating(text: string, at: number, quantity: PartQuantity): Rating | undefined {
  const rest = text.slice(at);
  const fraction = /^(\d)\/(\d)\s*W(?![a-z])/i.exec(rest);
  if (fraction)
    return { field: "watts", value: Number(fraction[1]) / Number(fraction[2]), end: at + fraction[0].length };
  const slash = rest.startsWith("/");
  const start = slash ? skipSpace(text, at + 1) : at;
  if (!slash) {
    const safety = /^([XY][12])(?![a-z0-9])/i.exec(rest);
    if (safety) return { field: "safety", value: (safety[1] ?? "").toUpperCase(), end: at + 2 };
    const letter = /^([BCDFGJKM])(?![a-zA-Z0-9])/.exec(rest);
    if (letter) return { field: "tolerance", value: TOLERANCE_LETTERS[letter[1] ?? ""] ?? 0, end: at + 1 };
    const word = CONSTRUCTIONS.find(
      (name) => rest.toLowerCase().startsWith(name.toLowerCase()) && !/^[a-z]/i.test(rest.slice(name.length)),
    );
    if (word) return { field: "construction", value: word, end: at + word.length };
  }
  const unsigned = /^(?:±|\+\/?-)\s*/.exec(text.slice(start));
  const number = start + (unsigned?.[0].length ?? 0);
  const percent = within(
    scanValue(text, number, "percent").filter((scan) => text.slice(number, scan.end).match(/[%t]$/)),
  );
  if (percent) return { field: "tolerance", value: percent.value, end: percent.end };
  const watts = within(scanValue(text, start, "power").filter((scan) => /[a-z]$/i.test(text.slice(start, scan.end))));
  if (watts) return { field: "watts", value: watts.value, end: watts.end };
  const volts = within(scanValue(text, start, "voltage"));
  const unitless = volts && !/[a-z]$/i.test(text.slice(start, volts.end));
  if (volts && (slash || !unitless)) {
    const working = /^\s*(?:VW|WV|DCW|DC|AC)\b/i.exec(text.slice(volts.end));
    return { field: "volts", value: volts.value, end: volts.end + (working?.[0].length ?? 0) };
  }
  const bare = quantity === "capacitance" ? /^\d{1,5}(?=[\s,;]|$)/.exec(rest) : null;
  if (bare && Number(bare[0]) >= BARE_VOLTS.least && Number(bare[0]) <= BARE_VOLTS.most)
    return { field: "volts", value: Number(bare[0]), end: at + bare[0].length };
  const workingVolts = within(scanNumber(text, start));
  const wv = workingVolts && /^\s*(?:VW|WV|DCWV)\b/i.exec(text.slice(workingVolts.end));
  if (workingVolts && wv) return { field: "volts", value: workingVolts.value, end: workingVolts.end + wv[0].length };
  return undefined;
}

type Rest = { ratings: Partial<PartSpec>; failedAt?: number };

function scanRatings(text: string, from: number, quantity: PartQuantity): Rest {
  const ratings: Partial<PartSpec> = {};
  let at = from;
  for (;;) {
    while (at < text.length && /[\s,;]/.test(text[at] ?? "")) at += 1;
    if (at >= text.length) return { ratings };
    const rating = scanRating(text, at, quantity);
    if (!rating || ratings[rating.field] !== undefined) return { ratings, failedAt: at };
    Object.assign(ratings, { [rating.field]: rating.value });
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
    spec.volts === undefined ? "" : format(spec.volts, "voltage", digits),
    spec.watts === undefined ? "" : format(spec.watts, "power", digits),
    spec.tolerance === undefined ? "" : `±${format(spec.tolerance, "percent", digits)}`,
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
  const mains = scanMain(text, skipSpace(text, 0), rules);
  const rests = mains.map((main) => ({ main, rest: scanRatings(text, main.end, main.value.quantity) }));
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
