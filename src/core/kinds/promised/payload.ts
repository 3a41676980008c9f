import { z } from "zod";
import { optionalText, short, v1 } from "../../log";
import { WAYS } from "../approval/values";
import type { StoredForm } from "../kind";

export const payload = z.object({
  v: v1,
  day: z.iso.date("A promise is a day, like 2026-12-04."),
  to: short("To whom"),
  how: z.enum(WAYS),
  remark: optionalText("The remark"),
});
export type Promised = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<Promised>;
