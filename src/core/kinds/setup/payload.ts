import { z } from "zod";
import { id, short, v1 } from "../../log";
import { PHASES } from "../../readings";
import type { StoredForm } from "../kind";
import { lineVolts, ohms } from "../reading/payload";

/** A named set-up: what stays the same while a pass of readings is taken, and has to be the same when it is repeated. */
export const payload = z.object({
  v: v1,
  phase: z.enum(PHASES),
  name: short("The name of the set-up"),
  instrument: z
    .object({ name: short("The meter"), ohmsPerVolt: ohms.optional(), inputOhms: ohms.optional() })
    .optional(),
  lineVolts: lineVolts.optional(),
  lineHz: z.number().min(16).max(400).optional(),
  tapVolts: lineVolts.optional(),
  load: short("The load").optional(),
  signal: short("The signal").optional(),
  controls: short("The controls").optional(),
  /** lines of the pre-flight list that were looked at */
  checked: z.array(short("A check")).max(20).default([]),
  /** the set-up that this one repeats */
  like: id.optional(),
});
export type SetUp = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<SetUp>;
