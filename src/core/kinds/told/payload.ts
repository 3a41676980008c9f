import { z } from "zod";
import { optionalText, short, v1 } from "../../log";
import type { StoredForm } from "../kind";
import { TELLING } from "./values";

const payload = z.object({
  v: v1,
  to: short("Who was told"),
  how: z.enum(TELLING),
  remark: optionalText("The remark"),
});
export type Told = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<Told>;
