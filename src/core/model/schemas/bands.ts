import { z } from "zod";
import { positive } from "../../quantity";
import { SIDES } from "../bands";

/** Highest frequency that a band of this trade has, Hz. */
const hertz = positive().max(3e9);
const farads = positive().max(1e-6);
const place = z
  .string()
  .trim()
  .regex(/^[A-Z]{1,3}\d{1,3}[A-Z]?$/, "A place is a letter and a number, such as C12.");

/** A band of a model: what it receives or sends, how it is converted, and what tunes its oscillator. */
export const bandSchema = z
  .object({
    name: z.string().trim().min(1).max(30),
    from: hertz,
    to: hertz,
    side: z.enum(SIDES),
    /** first intermediate frequency, Hz; where the first conversion is by a crystal, its lowest */
    mid: hertz.optional(),
    /** the other end of a first intermediate frequency that is tuned */
    midTo: hertz.optional(),
    /** second intermediate frequency */
    mid2: hertz.optional(),
    /** second oscillator; without it the sum of both intermediate frequencies is taken */
    second: hertz.optional(),
    bfo: hertz.optional(),
    /** crystal of the first conversion, Hz, on its fundamental */
    crystal: hertz.optional(),
    /** of the oscillator's section of the gang */
    gangMin: farads.optional(),
    gangMax: farads.optional(),
    coil: place.optional(),
    trimmer: place.optional(),
    padder: place.optional(),
  })
  .refine(({ from, to }) => from < to, { path: ["to"], message: "The upper end is not above the lower one." })
  .refine(({ side, mid }) => side === "none" || mid !== undefined, {
    path: ["mid"],
    message: "A set that converts has an intermediate frequency.",
  })
  .refine(({ mid, midTo }) => midTo === undefined || (mid !== undefined && mid < midTo), {
    path: ["midTo"],
    message: "The tuned intermediate frequency ends below its beginning.",
  })
  .refine(({ gangMin, gangMax }) => gangMin === undefined || gangMax === undefined || gangMin < gangMax, {
    path: ["gangMax"],
    message: "The gang's largest capacity is not above its smallest.",
  });
export type ModelBand = z.infer<typeof bandSchema>;
