import { z } from "zod";
import { short, v1 } from "../../log";
import type { StoredForm } from "../kind";

/** A test made to find a fault: which one, and what came of it. */
export const payload = z.object({
  v: v1,
  /** the test as the search names it, e.g. `inject:af` or `check:C14` */
  test: z.string().regex(/^[a-z-]+(:[A-Za-z0-9:-]{1,60})?$/, "A test is named by its short word."),
  /** its outcome, as the search names it */
  outcome: z.string().regex(/^[a-z]{1,20}$/, "An outcome is one word."),
  /** both in words, as they stood on the board */
  what: short("The test"),
  says: short("The outcome"),
  /** it came and went, or the set-up is doubted: it counts little */
  doubtful: z.boolean().optional(),
  remark: short("The remark").optional(),
});
export type FaultTest = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<FaultTest>;
