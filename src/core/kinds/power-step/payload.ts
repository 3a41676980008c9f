import { z } from "zod";
import { optionalText, typed, v1 } from "../../log";
import { DANGERS, METHODS, STAGES } from "../../power";
import { positive, signed } from "../../quantity";
import type { StoredForm } from "../kind";
import { waits } from "../waits";
import { LAMPS } from "./values";

/** A step of a power-up as it was read, with what was expected then. A stop follows from its figures. */
export const payload = z.object({
  v: v1,
  method: z.enum(METHODS),
  stage: z.enum(STAGES),
  fraction: positive("The share of the line is above zero.").max(1.2, "That is far above full line."),
  lineVolts: typed.optional(),
  lineHz: z.number().min(16).max(400).optional(),
  /** settled, after warm-up */
  amps: typed.optional(),
  /** at the end of the hold */
  endAmps: typed.optional(),
  bplus: typed.optional(),
  heaters: typed.optional(),
  /** at each heater winding, by its name */
  rails: z
    .array(typed.extend({ name: z.string().trim().min(1).max(30) }))
    .max(8)
    .optional(),
  /** how long it was held, s */
  held: z.number().min(0).max(86_400).optional(),
  /** with a lamp in series */
  lamp: z.enum(LAMPS).optional(),
  seen: z.array(z.enum(DANGERS)).max(DANGERS.length).default([]),
  remark: optionalText("The remark"),
  waits,
  expected: z.object({
    fullVolts: positive(),
    fullAmps: positive().optional(),
    bplus: signed().optional(),
    ceiling: signed().optional(),
    warm: z.boolean().optional(),
    heaters: positive().optional(),
    rails: z
      .array(z.object({ name: z.string().max(30), volts: positive(), unloaded: z.boolean().optional() }))
      .max(8)
      .optional(),
    heaterTolerance: positive().max(1).optional(),
    filaments: z.boolean().optional(),
    heaterWatts: positive().optional(),
    assumedAmps: positive().optional(),
    lineOver: positive().max(1).optional(),
  }),
});
export type PowerStep = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<PowerStep>;
