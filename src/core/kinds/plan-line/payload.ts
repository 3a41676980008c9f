import { z } from "zod";
import { designator, text, typed, v1 } from "../../log";
import type { StoredForm } from "../kind";

const payload = z.object({
  v: v1,
  designator,
  action: z.enum(["keep", "test", "replace", "restuff"]),
  /** a value that was chosen in place of the drawn one: a tone capacitor, by ear */
  value: typed.optional(),
  why: text("The reason"),
});
export type PlanDecision = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<PlanDecision>;
