import { z } from "zod";
import { optionalText, v1 } from "../../log";
import { positive } from "../../quantity";
import type { StoredForm } from "../kind";

const payload = z
  .object({
    v: v1,
    state: z.enum(["start", "pause", "resume", "end"]),
    /** how long it should run */
    hours: positive("Enter more than 0 hours.").max(500, "That is weeks: at most 500 hours.").optional(),
    lineVolts: positive().max(480).optional(),
    remark: optionalText("The remark"),
  })
  .superRefine((value, context) => {
    if (value.state === "start" && value.hours === undefined)
      context.addIssue({ code: "custom", path: ["hours"], message: "Say how many hours it should run." });
  });

export type Soak = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<Soak>;
