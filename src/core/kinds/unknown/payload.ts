import { z } from "zod";
import { v1 } from "../../log";
import type { StoredForm } from "../kind";

const payload = z.object({
  v: v1,
  kind: z.string().min(1).max(80),
  payload: z.record(z.string(), z.unknown()),
  /** why it cannot be shown, where its kind is known */
  trouble: z.string().max(500).optional(),
});

export type Unknown = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<Unknown>;
