import { format, parseQuantity, type Parsed, type PartRules, type Quantity } from "../quantity";

/** What an open circuit is written down as, Ω: beyond anything that a bench meter reads. */
export const OPEN_OHMS = 1e12;

/** Words for an open circuit, as a pattern: what a meter shows where no current flows. */
export const OPEN_WORDS = "(?:open|o\\.?l\\.?|∞|inf(?:inite)?)";
const OPEN = new RegExp(`^${OPEN_WORDS}$`, "i");

/** Does a text say that a circuit is open? */
export const saysOpen = (text: string): boolean => OPEN.test(text.trim());

/**
 * Reads what a meter shows. A resistance may be open; none is ever negative.
 * @param text as typed, e.g. `248`, `open`, `O.L` @param quantity what belongs there
 * @param rules how the value is written on this set: dialect, electrolytic
 */
export function parseMeasured(text: string, quantity: Quantity, rules: PartRules = {}): Parsed<number> {
  if (quantity !== "resistance") return parseQuantity(text, quantity, rules);
  if (saysOpen(text)) return { ok: true, value: OPEN_OHMS };
  const parsed = parseQuantity(text, quantity, rules);
  if (parsed.ok && parsed.value < 0)
    return {
      ok: false,
      kind: "unreadable",
      at: 0,
      message: "No resistance is negative: a voltage is still there. Discharge, measure it, then read the ohms again.",
    };
  return parsed;
}

/** Digits in print: a meter shows four that mean something, a counter up to nine. */
const DIGITS: Partial<Record<Quantity, number>> = { frequency: 9 };

/** A measured value in print; an open circuit as that word. */
export const printMeasured = (value: number, quantity: Quantity, digits = DIGITS[quantity] ?? 4): string =>
  quantity === "resistance" && value >= OPEN_OHMS ? "open" : format(value, quantity, digits);
