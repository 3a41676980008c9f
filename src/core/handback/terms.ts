import { z } from "zod";
import { positive, share } from "../quantity";

/**
 * What a shop works by: labour, tax, warranty, soak. Every figure is a shop rule and can be changed on the page Shop.
 */
export const termsSchema = z.object({
  /** an hour of labour before tax, minor units of the shop's currency */
  hourMinor: z.number().int().min(0).max(1e7).default(4500),
  /** what is put on the price that the shop paid for a part, as a share of it */
  partsMarkup: z.number().min(0, "A part is not sold for less than it cost.").max(5, "At most 500 %.").default(0),
  /** tax as a share of the net sum */
  tax: z.number().min(0, "A tax is not below zero.").max(1, "A tax is at most 100 %.").default(0.21),
  taxName: z.string().trim().min(1).max(20).default("VAT"),
  warrantyMonths: z.number().int().min(0).max(120).default(6),
  /** a service is due again after so many months; 0: never said */
  serviceMonths: z.number().int().min(0).max(240).default(36),
  /** a set that is back within so many months is a comeback */
  comebackMonths: z.number().int().min(1).max(120).default(12),
  soakHours: positive().max(500).default(4),
  /** readings before this are still warming up, minutes */
  warmMinutes: z.number().min(0).max(240).default(15),
  /** the most that a reading may drift once it is warm, as a share */
  driftVolts: positive().max(1).default(0.03),
  driftAmps: positive().max(1).default(0.05),
  driftOther: positive().max(1).default(0.1),
});
export type Terms = z.infer<typeof termsSchema>;

/** What a part is sold for that the shop paid so much for, minor units before tax. */
export const soldFor = (minor: number, { partsMarkup }: Pick<Terms, "partsMarkup">): number =>
  minor + share(minor, partsMarkup);

export const USUAL_TERMS: Terms = termsSchema.parse({});
