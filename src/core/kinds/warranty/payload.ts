import { z } from "zod";
import { text, v1 } from "../../log";
import type { StoredForm } from "../kind";

const payload = z.object({
  v: v1,
  /** the job whose warranty it is about */
  job: z.number().int("A job is a whole number.").positive().max(1e9),
  /** does the work count as warranty? */
  counts: z.boolean(),
  why: text("Why"),
});
export type Warranty = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<Warranty>;
