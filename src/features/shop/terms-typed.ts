import { termsSchema, type Terms } from "@/core/handback";
import { minorIn, readNumber } from "@/core/quantity";
import type { FormRead } from "./form-read";

/** What the shop works by, as it is typed. */
export type TypedTerms = Record<keyof Terms, string>;

const PERCENT = ["partsMarkup", "tax", "driftVolts", "driftAmps", "driftOther"] as const;

export const typedTerms = (terms: Terms): TypedTerms => ({
  ...(Object.fromEntries(Object.entries(terms).map(([key, value]) => [key, String(value)])) as TypedTerms),
  hourMinor: (terms.hourMinor / 100).toFixed(2),
  ...(Object.fromEntries(
    PERCENT.map((key) => [key, String(Math.round(terms[key] * 1e4) / 100)]),
  ) as Partial<TypedTerms>),
});

const number = (text: string): number => readNumber(text, /%/) ?? Number.NaN;

/** Reads the terms as they were typed; shares are typed in percent. Every problem stands beside its field. */
export function readTerms(typed: TypedTerms, currency: string): FormRead<Terms> {
  const values: Record<string, unknown> = { taxName: typed.taxName.trim() };
  for (const key of Object.keys(typed) as (keyof Terms)[]) {
    if (key === "taxName") continue;
    if (key === "hourMinor") values[key] = minorIn(typed[key], currency) ?? Number.NaN;
    else values[key] = (PERCENT as readonly string[]).includes(key) ? number(typed[key]) / 100 : number(typed[key]);
  }
  const read = termsSchema.safeParse(values);
  if (read.success) return { ok: true, value: read.data };
  const problems: Record<string, string> = {};
  for (const { path, code, message } of read.error.issues)
    problems[String(path[0])] ??=
      code !== "invalid_type"
        ? message
        : path[0] === "hourMinor"
          ? `A sum is like 62.50 ${currency}.`
          : "A number is needed here.";
  return { ok: false, problems };
}
