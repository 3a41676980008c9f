import { z } from "zod";
import { id, text, v1 } from "../../log";
import type { StoredForm } from "../kind";

const payload = z.object({
  v: v1,
  /** the reading or test that still holds */
  about: id,
  why: text("The reason"),
});
export type Holds = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<Holds>;
