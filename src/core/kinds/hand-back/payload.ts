import { z } from "zod";
import { money, optionalText, text, v1 } from "../../log";
import type { StoredForm } from "../kind";
import { OLD_PARTS_SENT } from "./values";

const payload = z.object({
  v: v1,
  summary: text("What was done"),
  left: optionalText("What was left"),
  watch: optionalText("What to watch"),
  oldParts: z.enum(OLD_PARTS_SENT),
  nextService: z.iso.date("The next service is a date, like 2027-05-01.").optional(),
  warrantyMonths: z
    .number()
    .int("A warranty is whole months.")
    .min(0)
    .max(600, "That is more than 50 years.")
    .optional(),
  /** how to use what was fitted, in the owner's words */
  instructions: optionalText("The owner's instructions"),
  /** what it came to, as it stood when the set went out */
  price: z.object({ labourMinutes: z.number().min(0).max(1e6), total: money }).optional(),
});
export type HandBack = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<HandBack>;
