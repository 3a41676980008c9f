/** An amount in minor units (cents) with its currency. */
export type Money = { minor: number; currency: string };

const SIGNS: Record<string, string> = { "€": "EUR", $: "USD", "£": "GBP" };

/**
 * Reads an amount, e.g. `250`, `250,50 €`, `EUR 1200`. Currencies with two decimals.
 * @param currency of the shop: taken where the text names none
 * @returns undefined when it cannot be read as an amount above zero
 */
export function parseMoney(text: string, currency: string): Money | undefined {
  const found = /^\s*(€|\$|£|[A-Za-z]{3})?\s*(\d{1,7})(?:[.,](\d{1,2}))?\s*(€|\$|£|[A-Za-z]{3})?\s*$/.exec(text);
  if (!found || (found[1] && found[4])) return undefined;
  const sign = found[1] ?? found[4];
  const minor = Number(found[2]) * 100 + Number((found[3] ?? "").padEnd(2, "0"));
  return minor > 0 ? { minor, currency: sign ? (SIGNS[sign] ?? sign.toUpperCase()) : currency } : undefined;
}

/** Prints an amount, e.g. `250.50 EUR`; whole amounts without decimals. */
export const formatMoney = ({ minor, currency }: Money): string =>
  `${minor % 100 === 0 ? minor / 100 : (minor / 100).toFixed(2)} ${currency}`;

/** So many decimals of a factor (a tax rate, hours from minutes) are kept: beyond it lies the noise of binary fractions. */
const FACTOR_DIGITS = 1e9;

/**
 * A share of an amount, rounded half up, in integers: 8.75 % of 360.00 is 31.50, and 69 of 60 minutes at 62.50 is 71.88.
 * @param minor in minor units @param factor above or equal zero @param over divides it, above zero
 */
export function share(minor: number, factor: number, over = 1): number {
  const scaled = BigInt(Math.round(minor)) * BigInt(Math.round(factor * FACTOR_DIGITS));
  const whole = BigInt(Math.round(over * FACTOR_DIGITS));
  return Number((2n * scaled + whole) / (2n * whole));
}
