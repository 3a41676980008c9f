import { z } from "zod";
import { designator, fitted, optionalText, short, typed, v1 } from "../../log";
import { QUANTITIES } from "../../quantity";
import type { StoredForm } from "../kind";
import { ACTIONS, NEEDS_REASON, OLD_PARTS, PUTS_IN } from "./values";

export const payload = z
  .object({
    v: v1,
    /** several originals may give way to one part */
    designators: z.array(designator).min(1, "Say which part, by its designator.").max(20),
    action: z.enum(ACTIONS),
    was: short("What it was").optional(),
    found: short("What was found").optional(),
    measured: typed.extend({ quantity: z.enum(QUANTITIES) }).optional(),
    /** one original may give way to several parts */
    now: z.array(fitted).max(20).default([]),
    why: optionalText("The reason"),
    oldPart: z.enum(OLD_PARTS).optional(),
  })
  .superRefine((work, context) => {
    const putsIn = PUTS_IN.includes(work.action);
    const say = (path: string, message: string) => context.addIssue({ code: "custom", path: [path], message });
    if (putsIn && work.now.length === 0) say("now", "Say what was put in: value and rating.");
    if (!putsIn && work.now.length > 0) say("now", `Nothing goes in when a part is ${work.action}.`);
    const names = work.now.map((part) => part.designator);
    const twice = names.find((name, index) => names.indexOf(name) !== index);
    if (twice) say("now", `${twice} stands twice among the new parts: each has a designator of its own.`);
    if (NEEDS_REASON.includes(work.action) && !work.why)
      say(
        "why",
        work.action === "substituted"
          ? "Say what it takes to put the original back."
          : `A part that is ${work.action} needs the reason why.`,
      );
  });
export type PartWork = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<PartWork>;
