import { z } from "zod";
import { positive } from "../../quantity";

/** A heater winding of the transformer, or a filament supply: what it is called, its volts, what it gives. */
export const heaterRailSchema = z.object({
  name: z
    .string()
    .trim()
    .min(1)
    .max(30)
    .regex(/^[^\d;,][^;,]*$/, "A winding’s name begins with a letter and has no commas."),
  volts: positive().max(120),
  amps: positive().max(100).optional(),
});
export type HeaterRail = z.infer<typeof heaterRailSchema>;

/** Most heater windings of a set. */
export const MOST_RAILS = 8;
