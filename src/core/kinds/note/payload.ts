import { z } from "zod";
import { id, text, v1 } from "../../log";
import type { StoredForm } from "../kind";
import { WAITS } from "../open";

const payload = z.object({
  v: v1,
  text: text("The note"),
  /** an open point stays on the run sheet until a later note closes it */
  open: z.boolean().default(false),
  waits: z.enum(WAITS).optional(),
  closes: z.array(id).max(50).default([]),
  /** it goes into the owner's record: what was found inside, what a case was painted with */
  record: z.boolean().optional(),
});
export type Note = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<Note>;
