import { z } from "zod";
import { designator, id, short, typed, v1 } from "../../log";
import { positive, QUANTITIES } from "../../quantity";
import { PHASES, RULES } from "../../readings";
import type { StoredForm } from "../kind";

export const lineVolts = z
  .number()
  .min(1, "The line voltage is above zero: at least 1 V.")
  .max(480, "A line above 480 V is not a bench supply.");
export const ohms = positive("A meter's resistance is above zero.").max(1e12);

export const payload = z.object({
  v: v1,
  phase: z.enum(PHASES),
  point: short("The point"),
  /** set when the point is a component */
  designator: designator.optional(),
  quantity: z.enum(QUANTITIES),
  measured: typed,
  /** what it was judged against: kept with the reading, whatever the model says later */
  expected: typed
    .extend({
      tolerance: positive().max(1),
      lineVolts: positive().optional(),
      tapVolts: positive().optional(),
      sourceOhms: positive().optional(),
      chartOhms: positive().optional(),
      asFound: z.boolean().optional(),
      rule: z.enum(RULES).optional(),
    })
    .optional(),
  lineVolts: lineVolts.optional(),
  tapVolts: lineVolts.optional(),
  meter: short("The meter").optional(),
  /** what the meter was to the circuit on its range, Ω */
  meterOhms: ohms.optional(),
  /** the meter's range, full scale in the unit of the reading, where it was said or the instrument told it */
  range: positive("A range is above zero.").max(1e12).optional(),
  /** the entry of the set-up that it was taken with */
  setup: id.optional(),
  inCircuit: z.boolean().optional(),
  /** how it came in, where nobody typed it: the instrument was asked over the network, or at a serial port */
  came: z.enum(["network", "serial"]).optional(),
  remark: short("The remark").optional(),
});
export type Reading = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<Reading>;
