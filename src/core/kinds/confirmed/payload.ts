import { z } from "zod";
import { id, optionalText, v1 } from "../../log";
import type { StoredForm } from "../kind";

const payload = z.object({
  v: v1,
  /** what an apprentice wrote where it counts for safety */
  entries: z.array(id).min(1, "Say which entries.").max(50),
  remark: optionalText("The remark"),
});
export type Confirmed = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<Confirmed>;
