import { z } from "zod";
import { NEEDS } from "./data/parts";
import { modeOf } from "./modes";

/** The shop's own figures for faults, and whether what it finds moves them. */
export const figuresSchema = z.object({
  /** share of a thousand faults, by key of the mode */
  often: z
    .record(
      z.string().refine((key) => modeOf(key) !== undefined, "No such fault is in the table."),
      z
        .number("How often a fault is found is a number.")
        .positive("A fault that is never found would never be looked for: write a small number, such as 0.5.")
        .max(1000, "No more than a thousand in a thousand."),
    )
    .default({}),
  learns: z.boolean().default(true),
  /** instruments and spares that this shop does not have at hand */
  lacking: z.array(z.enum(NEEDS)).optional(),
});
export type Figures = z.infer<typeof figuresSchema>;
