import { z } from "zod";
import { money, optionalText } from "../../log";
import { STEPS } from "../../model";
import { positive } from "../../quantity";
import type { StoredForm } from "../kind";

/** What the owner was told it would cost, tax included; what it is made up of is before tax. */
const payload = z
  .object({
    v: z.literal(2),
    labourMinutes: z.number().min(0).max(100_000),
    /** the hours by step, where they were said */
    steps: z
      .array(z.object({ step: z.enum(STEPS), minutes: positive().max(100_000) }))
      .max(STEPS.length)
      .optional(),
    parts: money,
    travel: money.optional(),
    /** for what nobody can see before the set is open */
    reserve: money.optional(),
    total: money,
    /** the most that it should come to: the upper end of the range */
    upTo: money.optional(),
    deposit: money.optional(),
    remark: optionalText("The remark"),
  })
  .superRefine(({ total, upTo, deposit }, context) => {
    if (upTo && (upTo.currency !== total.currency || upTo.minor < total.minor))
      context.addIssue({ code: "custom", path: ["upTo"], message: "The most lies above the estimate itself." });
    if (deposit && (deposit.currency !== total.currency || deposit.minor > (upTo ?? total).minor))
      context.addIssue({ code: "custom", path: ["deposit"], message: "A deposit is at most what the work will cost." });
  });
export type Estimate = z.infer<typeof payload>;

export const stored = {
  version: 2,
  schema: payload,
  // Before version 2 an estimate was a sum with its labour and parts.
  upgrades: { 1: (old) => ({ ...old, v: 2 }) },
} satisfies StoredForm<Estimate>;
