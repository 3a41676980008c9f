import { BARE, INFIX, spellings, type Dialect, type Quantity } from "./units";
import { match, scanNumber, skipSpace, sticky, type Scan, type ScannedNumber } from "./scan-number";

/** Where a unit begins behind a number: `8 mfd`, and `8-mfd` as it is written in a sentence. */
const unitStart = (text: string, at: number): number =>
  /^-[a-zµΩ]/i.test(text.slice(at, at + 2)) ? at + 1 : skipSpace(text, at);

const INFIXED = new Map(
  Object.entries(INFIX).map(([quantity, letters]) => [
    quantity,
    sticky(
      new RegExp(
        `(\\d*)([${Object.keys(letters).join("")}])(\\d+)(F|Ω|ohm|H)?(?![BCDFGJKM]?(?:[a-zµΩ0-9]|[.,]\\d)|[BCDFGJKM][A-Z])`,
      ),
    ),
  ]),
);

/** The full stop of an abbreviation (`8 mfd.`), and the ohms behind `47 K` and `250 M`, belong to the unit. */
const OHMS = sticky(/\s*(?:ohms?|Ω)(?![a-z])/i);
function unitEnd(text: string, at: number, quantity: Quantity): number {
  const ohms = quantity === "resistance" ? match(OHMS, text, at) : null;
  const end = ohms ? at + ohms[0].length : at;
  return text[end] === "." && !/[\d.]/.test(text[end + 1] ?? "") ? end + 1 : end;
}

/** Reads a unit of a quantity at a place: every factor that its spelling can mean. */
export function scanUnit(text: string, at: number, quantity: Quantity, dialect?: Dialect): Scan<number>[] {
  for (const spelling of spellings(quantity, dialect)) {
    const piece = text.slice(at, at + spelling.text.length);
    const same = spelling.caseMatters ? piece === spelling.text : piece.toLowerCase() === spelling.text.toLowerCase();
    const end = at + spelling.text.length;
    // A unit ends where its letters end: `m` of `meg` is not a unit of its own.
    if (same && !/[a-zµΩω0-9]/i.test(text[end] ?? ""))
      return spelling.factors.map((value) => ({ value, end: unitEnd(text, end, quantity) }));
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
  return [{ value: product(Number(`${before || "0"}.${after}`), letters?.[letter] ?? 1), end: at + whole.length }];
}

/** What is known about a capacitance that stands without a unit. Undefined: nobody has said, so both readings count. */
export type BareRules = { dialect?: Dialect; electrolytic?: boolean };

/**
 * Largest bare number that could still be microfarads of an old electrolytic. Shop rule.
 * @example a bare 8 may be 8 µF or 8 pF; a bare 10000 is 10 nF
 */
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

/** The smallest units are the ones that come in thousands: picofarads and centimetres, ohms. */
const inThousands = (quantity: Quantity, factor: number): boolean =>
  quantity === "resistance" ? factor === 1 : quantity === "capacitance" && factor < 1e-9;

/** May this reading of a number stand with this unit? A point is thousands only where continental drawings have it so. */
function mayBe({ thousands }: ScannedNumber, quantity: Quantity, factor: number | undefined): boolean {
  if (thousands === undefined || thousands === "comma") return true;
  // A space between a value and its rating is no group: `8 450` is 8 µF at 450 V.
  if (thousands === "space") return quantity !== "capacitance" || factor !== undefined;
  return inThousands(quantity, factor ?? (quantity === "resistance" ? 1 : 0));
}

/** A product without the noise of binary fractions: 5 × 10⁻⁶, not 4.9999999999999996 × 10⁻⁶. */
const product = (a: number, b: number) => Number((a * b).toPrecision(14));

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
  return scanNumber(text, at).flatMap((number) => {
    const { value, end } = number;
    const units = scanUnit(text, unitStart(text, end), quantity, rules.dialect);
    if (units.length > 0)
      return units.flatMap((unit) =>
        mayBe(number, quantity, unit.value) ? [{ value: product(value, unit.value), end: unit.end }] : [],
      );
    if (/[a-zµΩ%]/i.test(text[end] ?? "") || !mayBe(number, quantity, undefined)) return [];
    return bareFactors(value, quantity, rules).map((bare) => ({ value: bare, end }));
  });
}
