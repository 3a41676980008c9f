import { z } from "zod";
import { id, short, v1 } from "../../log";
import { PHASES } from "../../readings";
import { rowSchema, seenSchema } from "../../sheets";
import type { StoredForm } from "../kind";

/** A row of a run of a test sheet, with all that it takes to be read and judged. */
export const payload = rowSchema.extend({
  v: v1,
  phase: z.enum(PHASES),
  /** the first row of its run; the first one has none */
  run: id.optional(),
  /** what the pre-flight said before it was measured */
  preflight: z.array(seenSchema).max(12),
  /** why it counts for nothing */
  void: short("The reason").optional(),
  remark: short("The remark").optional(),
});
export type MeasuredRow = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<MeasuredRow>;
