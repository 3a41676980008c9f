import { z } from "zod";
import { optionalText, v1 } from "../../log";
import { STEPS } from "../../model";
import type { StoredForm } from "../kind";
import { waits } from "../waits";

const payload = z
  .object({
    v: v1,
    step: z.enum(STEPS),
    state: z.enum(["passed", "overridden"]),
    reason: optionalText("The reason"),
    waits,
  })
  .superRefine((value, context) => {
    if (value.state === "overridden" && !value.reason)
      context.addIssue({ code: "custom", path: ["reason"], message: "Passing a gate that is not met needs a reason." });
  });

export type StepWord = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<StepWord>;
