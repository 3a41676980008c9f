import { z } from "zod";
import { positive } from "../../quantity";

/** A winding with its resistance between two named points, as the resistance chart has it. */
export const windingSchema = z.object({
  /** e.g. `T1 primary`, `L1 field coil` */
  winding: z.string().trim().min(1).max(60),
  from: z.string().trim().min(1).max(40),
  to: z.string().trim().min(1).max(40),
  /** DC resistance, Ω */
  ohms: positive().max(1e9),
  /** as it stands in the chart */
  text: z.string().max(60).optional(),
  /** fraction; the chart's own where it names one */
  tolerance: positive().max(1).optional(),
  /** windings of one group are made alike and are compared with each other */
  group: z.string().trim().max(40).optional(),
  note: z.string().trim().max(200).optional(),
});
export type Winding = z.infer<typeof windingSchema>;
