import { PRINTED, type Quantity, type Rung } from "./units";

/** Splits a printed value so that a screen can dim the unit. */
export type Printed = { number: string; unit: string };

/**
 * Rounds to a number of significant digits.
 * @param value any finite number
 * @param digits 1 to 15
 */
export function roundTo(value: number, digits: number): number {
  return Number(value.toPrecision(digits));
}

const plain = (value: number) => {
  if (!Number.isFinite(value)) return "–";
  // toString would fall into exponents for very small rests; twelve decimals are more than any bench writes.
  const text = Math.abs(value) < 1e-6 && value !== 0 ? value.toFixed(12).replace(/\.?0+$/, "") : String(value);
  return text.replace("-", "−");
};

/**
 * Prints a value with its SI prefix, three significant digits, a real minus, µ and Ω.
 *
 * @param value in the SI base unit of the quantity (percent: a fraction)
 * @param quantity what the value is
 * @param digits significant digits, 1 to 15
 * @returns number and unit, e.g. `{ number: "47", unit: "nF" }`; a value that is no number is printed as a dash
 */
export function printValue(value: number, quantity: Quantity, digits = 3): Printed {
  const ladder = PRINTED[quantity];
  // A page is never lost over one figure: what cannot be printed is seen to be missing.
  if (!Number.isFinite(value))
    return { number: "–", unit: (ladder.find(({ factor }) => factor === 1) ?? ladder[0])?.symbol ?? "" };
  const size = Math.abs(value);
  const fits = (p: Rung) => size >= (p.from ?? Infinity) || roundTo(size / p.factor, digits) >= 1;
  // Minutes and hours do not divide in tens: 100 min would lose itself in 1.67 h.
  const exact = (p: { factor: number }) => Math.abs(roundTo(size / p.factor, digits) * p.factor - size) < 1e-9 * size;
  const rung =
    size === 0
      ? (ladder.find((p) => p.factor === 1) ?? ladder[0])
      : (ladder.findLast((p) => fits(p) && (quantity !== "time" || exact(p))) ?? ladder.findLast(fits) ?? ladder[0]);
  if (!rung) return { number: plain(roundTo(value, digits)), unit: "" };
  return { number: plain(roundTo(value / rung.factor, digits)), unit: rung.symbol };
}

/**
 * Prints a value as one text, e.g. `format(4.7e-8, "capacitance")` → `47 nF`.
 * @see printValue for ranges and errors
 */
export function format(value: number, quantity: Quantity, digits = 3): string {
  const { number, unit } = printValue(value, quantity, digits);
  return `${number} ${unit}`;
}

/** Prints a deviation with its sign, e.g. `+30 %` or `−5.5 %`. A fraction goes in; below ten percent one decimal comes out. */
export function formatDeviation(fraction: number): string {
  if (!Number.isFinite(fraction)) return "– %";
  const percent = Math.abs(fraction) >= 0.1 ? Math.round(fraction * 100) : Math.round(fraction * 1000) / 10;
  return `${percent > 0 ? "+" : ""}${plain(percent)} %`;
}
