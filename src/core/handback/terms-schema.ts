import { z } from "zod";
import { positive } from "../quantity";
import { USUAL_TERMS, type Terms } from "./terms";

/** What a shop works by; what it has not said is as usual. */
export const termsSchema = z.object({
  hourMinor: z.number().int().min(0).max(1e7).default(USUAL_TERMS.hourMinor),
  partsMarkup: z
    .number()
    .min(0, "A part is not sold for less than it cost.")
    .max(5, "At most 500 %.")
    .default(USUAL_TERMS.partsMarkup),
  tax: z.number().min(0, "A tax is not below zero.").max(1, "A tax is at most 100 %.").default(USUAL_TERMS.tax),
  taxName: z.string().trim().min(1).max(20).default(USUAL_TERMS.taxName),
  warrantyMonths: z.number().int().min(0).max(120).default(USUAL_TERMS.warrantyMonths),
  serviceMonths: z.number().int().min(0).max(240).default(USUAL_TERMS.serviceMonths),
  comebackMonths: z.number().int().min(1).max(120).default(USUAL_TERMS.comebackMonths),
  soakHours: positive().max(500).default(USUAL_TERMS.soakHours),
  warmMinutes: z.number().min(0).max(240).default(USUAL_TERMS.warmMinutes),
  driftVolts: positive().max(1).default(USUAL_TERMS.driftVolts),
  driftAmps: positive().max(1).default(USUAL_TERMS.driftAmps),
  driftOther: positive().max(1).default(USUAL_TERMS.driftOther),
}) satisfies z.ZodType<Terms>;
