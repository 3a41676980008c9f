import { z } from "zod";

const line = (most: number) => z.string().trim().max(most);

/** What an invoice says of the shop, and what it goes by. Until a name and an address stand here, none is written. */
export const billingSchema = z.object({
  street: line(120).default(""),
  postcode: line(20).default(""),
  city: line(80).default(""),
  country: z
    .string()
    .trim()
    .regex(/^([A-Z]{2})?$/, "A country is its two letters, like NL or DE.")
    .default(""),
  vatId: line(30).default(""),
  registration: line(60).default(""),
  iban: line(42).default(""),
  payDays: z.number().int().min(0, "Days are not below zero.").max(180).default(14),
  /** why no tax is charged, for a shop whose rate is 0 */
  untaxed: line(200).default("Exempt as a small undertaking"),
  /** rates with the day that each began; before the first the rate of the terms holds */
  rates: z
    .array(z.object({ from: z.iso.date("A rate begins on a day, like 2027-01-01."), rate: z.number().min(0).max(1) }))
    .max(40)
    .default([]),
  /** a set that is not collected so many weeks after the owner was told costs so much a week, minor units; 0: nothing */
  storageWeeks: z.number().int().min(0).max(520).default(8),
  storageMinor: z.number().int().min(0).max(1e6).default(0),
});
export type Billing = z.infer<typeof billingSchema>;

/** What is missing before an invoice can be written; empty when nothing is. */
export const missingOf = ({ street, city, country, vatId, registration }: Billing): string[] => [
  ...(street && city ? [] : ["address"]),
  ...(country ? [] : ["country"]),
  ...(vatId || registration ? [] : ["tax number"]),
];
