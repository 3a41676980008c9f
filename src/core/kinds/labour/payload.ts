import { z } from "zod";
import { short, v1 } from "../../log";
import { STEPS } from "../../model";
import { positive } from "../../quantity";
import type { StoredForm } from "../kind";

const payload = z.object({
  v: v1,
  step: z.enum(STEPS),
  minutes: positive("Enter more than 0 minutes.").max(1440, "That is more than a day: split it."),
  what: short("What the time went into").optional(),
});

export type Labour = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<Labour>;
