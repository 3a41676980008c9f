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
