import { z } from "zod";
import { id, short, v1 } from "../../log";
import type { StoredForm } from "../kind";

const payload = z.object({
  v: v1,
  what: short("What is on loan"),
  /** the place that it sits in */
  place: short("The place").optional(),
  from: short("Where it came from").optional(),
  state: z.enum(["in", "out"]),
  /** the entry that put it in */
  about: id.optional(),
});
export type LoanPayload = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<LoanPayload>;
