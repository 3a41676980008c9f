import { z } from "zod";
import { fromStock, optionalText, short, v1 } from "../../log";
import type { StoredForm } from "../kind";
import { SENT_TO } from "./values";

const payload = z.object({
  v: v1,
  /** a part that was ordered or brought, and is not needed */
  what: short("What is sent back"),
  to: z.enum(SENT_TO),
  stock: fromStock.optional(),
  why: optionalText("The reason"),
});

export type SentBack = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<SentBack>;
