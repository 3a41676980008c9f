import { BARE, INFIX, spellings, type Dialect, type Quantity } from "./units";

/** One way to read a stretch of text, and where it ended. Several of them for one text are an ambiguity. */
export type Scan<T> = { value: T; end: number };

const FRACTIONS: Record<string, number> = { "½": 0.5, "¼": 0.25, "¾": 0.75 };

/** One spelling of mu and omega: keyboards and drawings have two of each. Positions in the text stay the same. */
export const normalise = (text: string): string => text.replace(/\u03bc/g, "µ").replace(/\u2126/g, "Ω");

export const skipSpace = (text: string, at: number): number => {
  while (at < text.length && /\s/.test(text[at] ?? "")) at += 1;
  return at;
};

/** A pattern made once that is then tried at any place of a text. Making one costs more than trying it. */
const sticky = (pattern: string | RegExp) => new RegExp(pattern, "y");

const match = (pattern: RegExp, text: string, at: number): RegExpExecArray | null => {
  pattern.lastIndex = at;
  return pattern.exec(text);
};

const SIGN = sticky(/[-−+]/);
const NUMBER = sticky(/\d+(?:[.,]\d+)?|[.,]\d+/);
/** `1/2 meg`, `1 1/2 watt`: a common fraction before a unit. `.05/400` and `8/450` are a value and its rating. */
const FRACTION = sticky(/(?:(\d{1,2})\s+)?([1-9])\/(2|3|4|5|8|10)(?=\s*[a-zµΩ])/i);
const INFIXED = new Map(
  Object.entries(INFIX).map(([quantity, letters]) => [
    quantity,
    sticky(`(\\d*)([${Object.keys(letters).join("")}])(\\d+)(F|Ω|ohm|H)?(?![BCDFGJKM]?[a-zµΩ0-9.,]|[BCDFGJKM][A-Z])`),
  ]),
);

/**
 * Reads a number with decimal point or comma. `1,000` has two readings; everything else has one.
 * @returns no reading when there is no number at this place
 */
export function scanNumber(text: string, at: number): Scan<number>[] {
  const sign = match(SIGN, text, at);
  const start = sign ? at + 1 : at;
  const factor = sign && sign[0] !== "+" ? -1 : 1;
  const fraction = FRACTIONS[text[start] ?? ""];
  if (fraction !== undefined) return [{ value: factor * fraction, end: start + 1 }];
  const common = match(FRACTION, text, start);
  if (common && Number(common[2]) < Number(common[3]))
    return [
      {
        value: factor * (Number(common[1] ?? 0) + Number(common[2]) / Number(common[3])),
        end: start + common[0].length,
      },
    ];
  const found = match(NUMBER, text, start);
  if (!found) return [];
  const end = start + found[0].length;
  const decimal = factor * Number(found[0].replace(",", "."));
  if (/^[1-9]\d{0,2},\d{3}$/.test(found[0]))
    return [
      { value: decimal, end },
      { value: factor * Number(found[0].replace(",", "")), end },
    ];
  return [{ value: decimal, end }];
}

function scanUnit(text: string, at: number, quantity: Quantity, dialect?: Dialect): Scan<number>[] {
  for (const spelling of spellings(quantity, dialect)) {
    const piece = text.slice(at, at + spelling.text.length);
    const same = spelling.caseMatters ? piece === spelling.text : piece.toLowerCase() === spelling.text.toLowerCase();
    const end = at + spelling.text.length;
    // A unit ends where its letters end: `m` of `meg` is not a unit of its own.
    if (same && !/[a-zµΩω0-9]/i.test(text[end] ?? "")) return spelling.factors.map((value) => ({ value, end }));
  }
  return [];
}

/** `4k7`, `4R7`, `R47`, `n47`: the letter stands where the decimal point would. A base unit or a tolerance letter may follow. */
function scanInfix(text: string, at: number, quantity: Quantity): Scan<number>[] {
  const letters = INFIX[quantity];
  const pattern = INFIXED.get(quantity);
  const found = pattern ? match(pattern, text, at) : null;
  if (!found) return [];
  const [whole, before = "", letter = "", after = ""] = found;
  return [{ value: Number(`${before || "0"}.${after}`) * (letters?.[letter] ?? 1), end: at + whole.length }];
}

/** What is known about a capacitance that stands without a unit. Undefined: nobody has said, so both readings count. */
export type BareRules = { dialect?: Dialect; electrolytic?: boolean };

/** Largest bare number that could still be microfarads of an old electrolytic. Shop rule. */
const LARGEST_BARE_ELECTROLYTIC = 5000;

/**
 * A capacitance without a unit, as old drawings have it: below 1 microfarad, 1 and above picofarad, but electrolytics
 * in microfarad.
 */
function bareCapacitance(value: number, electrolytic?: boolean): number[] {
  if (value < 1) return [value * 1e-6];
  if (electrolytic === true) return [value * 1e-6];
  if (electrolytic === false || value > LARGEST_BARE_ELECTROLYTIC) return [value * 1e-12];
  return [value * 1e-12, value * 1e-6];
}

function bareFactors(value: number, quantity: Quantity, rules: BareRules): number[] {
  if (quantity === "capacitance") return bareCapacitance(value, rules.electrolytic);
  const factor = BARE[quantity];
  return factor === undefined ? [] : [value * factor];
}

/**
 * Reads a number with its unit at a place in a text.
 * @param text the whole text
 * @param at where to begin
 * @param quantity what is wanted there
 * @returns every reading; none when the text there is no such quantity
 */
export function scanValue(text: string, at: number, quantity: Quantity, rules: BareRules = {}): Scan<number>[] {
  const infix = scanInfix(text, at, quantity);
  if (infix.length > 0) return infix;
  return scanNumber(text, at).flatMap(({ value, end }) => {
    const units = scanUnit(text, skipSpace(text, end), quantity, rules.dialect);
    if (units.length > 0) return units.map((unit) => ({ value: value * unit.value, end: unit.end }));
    if (/[a-zµΩ%]/i.test(text[end] ?? "")) return [];
    return bareFactors(value, quantity, rules).map((bare) => ({ value: bare, end }));
  });
}
