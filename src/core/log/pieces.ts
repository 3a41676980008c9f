import { z } from "zod";
import { DESIGNATOR } from "../model";
import { signed } from "../quantity";
import { LONGEST_TEXT } from "./limits";

export const text = (what: string) =>
  z
    .string()
    .trim()
    .min(1, `${what} is empty: write a word or two.`)
    .max(LONGEST_TEXT, `${what} is longer than ${LONGEST_TEXT} characters: split it into several notes.`);
export const optionalText = (what: string) => text(what).optional();
export const short = (what: string) =>
  z.string().trim().min(1, `${what} is empty.`).max(120, `${what} is longer than 120 characters.`);

export const id = z.uuid("That reference is not an entry.");
export const designator = z
  .string()
  .transform((value) => value.trim().toUpperCase())
  .pipe(z.string().regex(DESIGNATOR, "A designator is letters and a number, like C14 or VR2."));

/** A value in the SI base unit together with the text as it was typed. */
export const typed = z.object({
  text: z.string().trim().min(1).max(200),
  value: signed(),
});
export type TypedValue = z.infer<typeof typed>;

export const v1 = z.literal(1);

export const items = z.array(short("An item")).max(40);

export const money = z.object({
  minor: z.number().int().min(0).max(1e9),
  currency: z.string().regex(/^[A-Z]{3}$/, "A currency is three letters, like EUR."),
});

/** A part out of stock, as its line stood when it was taken: the record keeps it whatever the stock says later. */
export const fromStock = z.object({
  part: id,
  code: z.string().regex(/^JP[0-9A-Z]{7}$/, "A label begins with JP."),
  maker: z.string().max(60).optional(),
  partNumber: z.string().max(60).optional(),
  batch: z.string().max(40).optional(),
  bin: z.string().max(40).optional(),
  price: money.optional(),
  warrantyMonths: z.number().int().positive().max(600).optional(),
});
export type FromStock = z.infer<typeof fromStock>;

export const fitted = z.object({
  designator,
  text: short("The new part"),
  note: short("The note").optional(),
  stock: fromStock.optional(),
  /** the owner brought it: the shop neither stocks nor charges it */
  source: z.literal("owner").optional(),
});
export type Fitted = z.infer<typeof fitted>;
