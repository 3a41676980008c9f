import { z } from "zod";
import { fromStock, optionalText, short, v1 } from "../../log";
import { GRADES } from "../../policy";
import type { StoredForm } from "../kind";
import { OLD_PARTS } from "../part-work/values";
import { PLACE_ACTIONS } from "./values";

/** Something used up at the work: grease, lacquer, paint, glue, a new cord. */
const material = z.object({ text: short("The material"), stock: fromStock.optional() });

export const payload = z
  .object({
    v: v1,
    /** as it is called: `tuning drive`, `V3 socket`, `cabinet` */
    place: short("The place"),
    actions: z.array(z.enum(PLACE_ACTIONS)).min(1, "Say what was done.").max(5),
    found: short("What was found").optional(),
    before: z.enum(GRADES).optional(),
    after: z.enum(GRADES).optional(),
    /** what went in or was used */
    materials: z.array(material).max(10).default([]),
    why: optionalText("The reason"),
    oldPart: z.enum(OLD_PARTS).optional(),
  })
  .superRefine((work, context) => {
    if (work.actions.includes("left") && !work.why)
      context.addIssue({ code: "custom", path: ["why"], message: "Say why it is left as it is." });
  });
export type PlaceWork = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<PlaceWork>;
