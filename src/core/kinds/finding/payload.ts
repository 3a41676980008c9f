import { z } from "zod";
import { id, optionalText, text, v1 } from "../../log";
import type { StoredForm } from "../kind";

/** A fault that was found: the cause, what showed it, what mended it, and the test that shows it gone. */
export const payload = z
  .object({
    v: v1,
    /** the fault as the search names it, e.g. `output.coupling-leaky@C14` */
    fault: z
      .string()
      .regex(/^[a-z0-9-]+\.[a-z0-9-]+(@[A-Z0-9]+)?$/, "A fault is named by its stage and its short word."),
    cause: text("The cause"),
    state: z.enum(["found", "reopened"]),
    /** entries that show it */
    evidence: z.array(id).max(50).default([]),
    /** what mended it: entries of work, or words */
    work: z.array(id).max(50).default([]),
    mended: optionalText("What mended it"),
    /** entries that show it gone */
    gone: z.array(id).max(50).default([]),
    /** the finding that this one completes or reopens */
    about: id.optional(),
    why: optionalText("The reason"),
  })
  .superRefine((value, context) => {
    if (value.state === "reopened" && !value.why)
      context.addIssue({ code: "custom", path: ["why"], message: "Say why the search goes on: what is still there?" });
  });
export type Finding = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<Finding>;
