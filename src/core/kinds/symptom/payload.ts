import { z } from "zod";
import { id, text, v1 } from "../../log";
import type { StoredForm } from "../kind";
import { readsSchema } from "../reads";

const payload = z.object({
  v: v1,
  what: text("The symptom"),
  state: z.enum(["present", "changed", "gone"]),
  /** the entry of the symptom that changed or is gone */
  about: id.optional(),
  /** how it is to be read, where somebody has put that right */
  reads: readsSchema.optional(),
});
export type Symptom = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<Symptom>;
