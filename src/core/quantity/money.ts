import { normalise } from "./scan-number";

/** An amount in minor units (cents) with its currency. */
export type Money = { minor: number; currency: string };

/**
 * What people write for a currency, and which it may be: the shop's own where that is one of them, else the first.
 * ISO 4217 for the codes, Unicode CLDR 44 for the signs.
 */
const SIGNS: [pattern: RegExp, currencies: readonly string[]][] = [
  [/^(?:€|euros?)$/i, ["EUR"]],
  [/^(?:£|pounds?)$/i, ["GBP"]],
  [/^(?:\$|dollars?)$/i, ["USD", "CAD", "AUD", "NZD", "SGD", "HKD"]],
  [/^(?:kr|kronor|kroner)$/i, ["SEK", "NOK", "DKK"]],
  [/^(?:s?fr|francs?|franken)$/i, ["CHF"]],
  [/^zł$/i, ["PLN"]],
  [/^kč$/i, ["CZK"]],
];

const CODES: ReadonlySet<string> = new Set(Intl.supportedValuesOf("currency"));

/** Is it the code of a currency, by ISO 4217? */
export const isCurrency = (code: string): boolean => CODES.has(code);

/** Which currency is meant by what stands beside a figure; none where it names no currency. */
function currencyOf(sign: string, own: string): string | undefined {
  const named = SIGNS.find(([pattern]) => pattern.test(sign))?.[1];
  if (named) return named.includes(own) ? own : named[0];
  const code = sign.toUpperCase();
  return code === own || isCurrency(code) ? code : undefined;
}

const SIGN = String.raw`([€£$]|\p{L}{2,7})?\.?`;
/** `1250`, `1250.5`, and in groups `1 250`, `1'250.50`, `1,250.00`, `1.250,00`. A single point or comma before three digits could be either. */
const FIGURE = String.raw`(\d{1,7}|\d{1,3}(?:[ '’]\d{3})+|\d{1,3}(?:,\d{3})+(?=\.)|\d{1,3}(?:\.\d{3})+(?=,)|\d{1,3}(?:[.,]\d{3}){2,})(?:[.,](?:(\d{1,2})|[-–—]{1,2}))?`;
const AMOUNT = new RegExp(String.raw`^\s*${SIGN}\s*${FIGURE}\s*${SIGN}\s*$`, "u");
/** Largest amount that is read, in whole units. */
const LARGEST_AMOUNT = 9_999_999;

/**
 * Reads an amount of nothing or more, e.g. `0`, `250,50 €`, `EUR 1200`, `1.250,00`, `250.-`. Currencies with two decimals.
 * @param currency of the shop: taken where the text names none
 * @returns undefined when it cannot be read as an amount
 */
export function parseSum(text: string, currency: string): Money | undefined {
  const found = AMOUNT.exec(normalise(text));
  if (!found) return undefined;
  const [, before, whole = "", cents = "", behind] = found;
  if (before && behind) return undefined;
  const units = Number(whole.replace(/\D/g, ""));
  const meant = currencyOf(before ?? behind ?? currency, currency);
  return meant === undefined || units > LARGEST_AMOUNT
    ? undefined
    : { minor: units * 100 + Number(cents.padEnd(2, "0")), currency: meant };
}

/** Reads an amount above zero, as `parseSum` reads any. */
export function parseMoney(text: string, currency: string): Money | undefined {
  const sum = parseSum(text, currency);
  return sum && sum.minor > 0 ? sum : undefined;
}

/**
 * Reads a sum that is reckoned with others: in the shop's currency, or in none that is named. No rate is guessed here.
 * @returns minor units; undefined when it is no amount, or one in another currency
 */
export function minorIn(text: string, currency: string): number | undefined {
  const sum = parseSum(text, currency);
  return sum?.currency === currency ? sum.minor : undefined;
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
