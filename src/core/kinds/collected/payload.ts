import { z } from "zod";
import { optionalText, short, v1 } from "../../log";
import type { StoredForm } from "../kind";

const payload = z.object({
  v: v1,
  by: short("Who collected it"),
  remark: optionalText("The remark"),
});
export type Collected = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<Collected>;
