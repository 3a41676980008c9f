import { z } from "zod";
import { id, optionalText, short, v1 } from "../../log";
import type { StoredForm } from "../kind";
import { modBody } from "./body";
import { bodyTrouble } from "./trouble";
import { MOD_STATES, MOD_THERE } from "./values";

/** A modification of this set, described in full at every change of its state. */
export const payload = modBody
  .extend({
    v: v1,
    /** the recipe that it follows, as it stood */
    recipe: z.object({ id, version: z.number().int().positive() }).optional(),
    name: short("The name of the modification"),
    state: z.enum(MOD_STATES),
    askedBy: short("Who asked for it").optional(),
    /** the first entry of this modification on this set */
    about: id.optional(),
    remark: optionalText("The remark"),
  })
  .superRefine((value, context) => {
    for (const { path, message } of bodyTrouble(value, MOD_THERE.includes(value.state)))
      context.addIssue({ code: "custom", path: [path], message });
    if (value.state === "dropped" && !value.remark)
      context.addIssue({ code: "custom", path: ["remark"], message: "Say why it is not done." });
  });
export type ModPayload = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<ModPayload>;
