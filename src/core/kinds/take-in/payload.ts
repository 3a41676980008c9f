import { z } from "zod";
import { items, optionalText, short, text, v1 } from "../../log";
import { GRADES, POLICIES, switchesSchema } from "../../policy";
import type { StoredForm } from "../kind";
import { readsSchema } from "../reads";

export const payload = z.object({
  v: v1,
  complaint: text("The complaint"),
  since: optionalText("Since when"),
  wants: optionalText("What the owner wants"),
  policy: z.enum(POLICIES),
  received: items.default([]),
  missing: items.default([]),
  earlierWork: optionalText("Traces of earlier work"),
  loose: optionalText("Loose things"),
  cosmetic: optionalText("Cosmetic state"),
  /** parts of the outside with their grades */
  grades: z
    .array(z.object({ part: short("The part"), grade: z.enum(GRADES) }))
    .max(20)
    .optional(),
  dateCodes: optionalText("Date codes"),
  provenance: optionalText("Provenance"),
  /** the owner is asked before it costs more; minor units */
  costLimit: z
    .object({
      minor: z.number().int().positive("A limit of cost is above zero.").max(1e9, "That limit is beyond any repair."),
      currency: z.string().regex(/^[A-Z]{3}$/, "A currency is three letters, like EUR."),
    })
    .optional(),
  /** the visit's own choices where schools disagree */
  switches: switchesSchema.optional(),
  /** how the complaint is to be read by the search, where somebody has put that right */
  reads: readsSchema.optional(),
});
export type TakeIn = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<TakeIn>;
