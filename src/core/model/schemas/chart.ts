import { z } from "zod";
import { positive, QUANTITIES, signed } from "../../quantity";

const ohms = positive().max(1e12);
const words = z.string().trim().max(200);

/** What a meter does to the circuit: so many ohms for each volt of its range, or one input resistance on all ranges. */
export const meterSchema = z.object({
  name: z.string().trim().min(1).max(80).optional(),
  ohmsPerVolt: ohms.optional(),
  inputOhms: ohms.optional(),
});
export type MeterLoad = z.infer<typeof meterSchema>;

/** The conditions under which a voltage chart was made. What it does not say stays open, and is said to be open. */
export const chartSchema = z.object({
  /** line voltage of the chart; without it the model's nominal one is taken */
  lineVolts: positive().max(480).optional(),
  meter: meterSchema.optional(),
  /** “none”, or the signal that was on */
  signal: words.optional(),
  /** where the controls stood */
  controls: words.optional(),
  note: words.optional(),
});
export type ChartConditions = z.infer<typeof chartSchema>;

export const pointSchema = z.object({
  point: z.string().trim().min(1).max(80),
  quantity: z.enum(QUANTITIES),
  /** in base units */
  expected: signed(),
  /** as it stands in the chart, e.g. `250` or `6.3 V` */
  text: z.string().max(60).optional(),
  /** fraction; the chart's own where it names one */
  tolerance: positive().max(1).optional(),
  /** unregulated: moves with the line */
  withLine: z.boolean().optional(),
  /** range of the chart's meter at this point, V */
  range: positive().max(50_000).optional(),
  /** resistance that the point is fed through, Ω: it decides how far a meter pulls it down */
  sourceOhms: ohms.optional(),
  /** where this point was read under conditions of its own */
  note: words.optional(),
});
export type ChartPoint = z.infer<typeof pointSchema>;
