import { z } from "zod";
import { optionalText, typed, v1 } from "../../log";
import { TOUCH_LIMIT_VOLTS } from "../../power";
import { format } from "../../quantity";
import type { StoredForm } from "../kind";
import { waits } from "../waits";
import { CHECK_LISTS, CHECK_STATES, RESIDUAL } from "./values";

/** A line of a list that was ticked, measured, found wrong, or does not apply. */
export const payload = z
  .object({
    v: v1,
    list: z.enum(CHECK_LISTS),
    key: z.string().regex(/^[a-z][a-z0-9-]{0,40}$/, "A line of the list is named by its short word."),
    /** the line as it stood on the list */
    text: z.string().trim().min(1).max(300),
    state: z.enum(CHECK_STATES),
    /** volts, where the line is measured */
    measured: typed.optional(),
    remark: optionalText("The remark"),
    waits,
  })
  .superRefine((value, context) => {
    const say = (path: string, message: string) => context.addIssue({ code: "custom", path: [path], message });
    if (value.state === "trouble" && !value.remark) say("remark", "Say what is wrong.");
    if (value.state === "na" && !value.remark) say("remark", "Say why it does not apply: not fitted, done before.");
    if (value.key !== RESIDUAL || value.state === "trouble") return;
    if (value.state === "na") say("state", "What is left on the reservoir is measured, whatever the set.");
    else if (!value.measured)
      say(
        "measured",
        "Measure what is left on the reservoir and write it down: no calculated time is permission to touch.",
      );
    else if (Math.abs(value.measured.value) > TOUCH_LIMIT_VOLTS)
      say(
        "measured",
        `${format(value.measured.value, "voltage")} is still there, above ${TOUCH_LIMIT_VOLTS} V. Discharge through a resistor and measure again.`,
      );
  });
export type Check = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<Check>;
