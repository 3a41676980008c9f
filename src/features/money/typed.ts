import { billingSchema, type Billing } from "@/core/invoice";
import { minorIn, readNumber } from "@/core/quantity";

export type TypedBilling = Record<
  | "street"
  | "postcode"
  | "city"
  | "country"
  | "vatId"
  | "registration"
  | "iban"
  | "payDays"
  | "untaxed"
  | "rates"
  | "storageWeeks"
  | "storage",
  string
>;

/** What the invoices say of the shop, as it is typed: rates are lines like `2027-01-01 22 %`. */
export const typedBilling = (billing: Billing): TypedBilling => {
  const { rates, payDays, storageWeeks, storageMinor, ...words } = billing;
  return {
    ...words,
    payDays: String(payDays),
    storageWeeks: String(storageWeeks),
    storage: storageMinor > 0 ? (storageMinor / 100).toFixed(2) : "",
    rates: rates.map(({ from, rate }) => `${from} ${Number((rate * 100).toFixed(4))} %`).join(", "),
  };
};

const number = (text: string): number => readNumber(text) ?? Number.NaN;

/** Reads the rates: a day and a percentage each, separated by commas. */
export function readRates(text: string): { from: string; rate: number }[] | undefined {
  const rates = text
    .split(/[,;\n]/)
    .map((one) => one.trim())
    .filter(Boolean)
    .map((one) => /^(\d{4}-\d{2}-\d{2})\s+(\d{1,2}(?:\.\d{1,3})?)\s*%?$/.exec(one));
  return rates.every((one) => one !== null)
    ? rates.map((one) => ({ from: one[1] ?? "", rate: Number(one[2]) / 100 }))
    : undefined;
}

/** Reads what was typed; every problem stands beside its field. */
export function readBilling(
  typed: TypedBilling,
  currency: string,
): { ok: true; value: Billing } | { ok: false; problems: Record<string, string> } {
  const problems: Record<string, string> = {};
  const rates = readRates(typed.rates);
  if (!rates) problems.rates = "A rate is a day and a percentage, like 2027-01-01 22 %; several with commas between.";
  const storage = typed.storage.trim() === "" ? 0 : minorIn(typed.storage, currency);
  if (storage === undefined) problems.storage = `A sum is like 5 or 5.50 ${currency}.`;
  const { storage: _storage, rates: _rates, ...words } = typed;
  const read = billingSchema.safeParse({
    ...words,
    country: words.country.toUpperCase(),
    payDays: number(typed.payDays),
    storageWeeks: number(typed.storageWeeks),
    storageMinor: storage ?? 0,
    rates: rates ?? [],
  });
  if (!read.success)
    for (const { path, code, message } of read.error.issues)
      problems[path[0] === "rates" ? "rates" : String(path[0])] ??=
        code === "invalid_type" ? "A whole number is needed here." : message;
  return read.success && Object.keys(problems).length === 0 ? { ok: true, value: read.data } : { ok: false, problems };
}
