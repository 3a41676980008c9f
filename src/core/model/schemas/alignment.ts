import { z } from "zod";
import { positive } from "../../quantity";
import { ADJUSTER, AIMS, ENDS } from "../alignment";

/** One step of a model's alignment. */
export const alignmentSchema = z
  .object({
    /** steps that belong together, and are done again together: `IF`, `MW oscillator` */
    group: z.string().trim().min(1).max(40),
    /** where the generator goes, and through what */
    generator: z.string().trim().max(80).optional(),
    through: z.string().trim().max(60).optional(),
    /** Hz */
    hertz: positive().max(3e9).optional(),
    modulation: z.string().trim().max(40).optional(),
    dial: z.string().trim().max(60).optional(),
    adjust: z.string().regex(ADJUSTER, "What is turned is a part, and which core of it: T3 top, C12.").max(30),
    aim: z.enum(AIMS),
    /** for a figure: what to set */
    figure: z.string().trim().max(40).optional(),
    /** where it is read */
    measure: z.string().trim().max(80).optional(),
    /** output above which the AVC acts, as typed */
    level: z.string().trim().max(40).optional(),
    end: z.enum(ENDS).optional(),
    remark: z.string().trim().max(200).optional(),
  })
  .refine(({ aim, figure }) => aim !== "figure" || figure !== undefined, {
    path: ["figure"],
    message: "Say which figure is set.",
  });
export type AlignmentRow = z.infer<typeof alignmentSchema>;
