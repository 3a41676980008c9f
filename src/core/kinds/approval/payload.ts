import { z } from "zod";
import { money, optionalText, short, v1 } from "../../log";
import type { StoredForm } from "../kind";
import { WAYS } from "./values";

/** The owner's yes to a sum, tax included: who said it, and how. */
const payload = z.object({
  v: v1,
  limit: money.refine(({ minor }) => minor > 0, "An approved sum is above zero."),
  who: short("Who approved"),
  how: z.enum(WAYS),
  remark: optionalText("The remark"),
});

export type Approval = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<Approval>;
