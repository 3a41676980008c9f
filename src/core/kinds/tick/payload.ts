import { z } from "zod";
import { id, optionalText, v1 } from "../../log";
import type { StoredForm } from "../kind";
import { TICK_LISTS, TICK_STATES } from "./values";

const screws = z.number().int("Screws are counted in whole numbers.").min(0).max(500);

/** A line of a modification's lists that was looked at, done, or passed over with a reason. */
export const payload = z
  .object({
    v: v1,
    /** the first entry of the modification */
    about: id,
    list: z.enum(TICK_LISTS),
    key: z.string().regex(/^[a-z0-9][a-z0-9-]{0,40}$/, "A line of the list is named by its short word."),
    /** the line as it stood */
    text: z.string().trim().min(1).max(400),
    state: z.enum(TICK_STATES),
    /** what was seen, with one's own eyes */
    saw: optionalText("What was seen"),
    why: optionalText("The reason"),
    /** screws and other hardware taken out and put back */
    out: screws.optional(),
    back: screws.optional(),
  })
  .superRefine((value, context) => {
    const say = (path: string, message: string) => context.addIssue({ code: "custom", path: [path], message });
    if (value.list === "prerequisite" && value.state === "done" && !value.saw)
      say("saw", "Say what was seen: a prerequisite is confirmed by looking.");
    if (value.state === "na" && !value.why) say("why", "Say why it does not apply.");
    if (value.state === "unmet" && !value.why) say("why", "Say what is missing.");
    if (value.state === "skipped" && !value.why) say("why", "Say why it is skipped: not fitted, done before.");
  });
export type Tick = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<Tick>;
