import { z } from "zod";
import { positive } from "../quantity";

/** What a step of an alignment goes for. */
export const AIMS = ["maximum", "minimum", "zero", "zero-beat", "figure"] as const;
export type Aim = (typeof AIMS)[number];
export const AIM_WORDS: Record<Aim, string> = {
  maximum: "maximum",
  minimum: "minimum",
  zero: "zero",
  "zero-beat": "zero beat",
  figure: "the figure",
};

/** What is turned: a part, and which core or section of it where it has several. `T3 top`, `C12`, `L4 bottom`. */
export const ADJUSTER = /^[A-Z]{1,3}\d{1,3}[A-Z]?(?: [a-z][a-z0-9 -]{0,19})?$/;

/** Is the step at the end of a band where the trimmer acts, or at the one where padder or core act? */
export const ENDS = ["high", "low"] as const;
export type End = (typeof ENDS)[number];

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

/** The part of an adjuster: `T3` of `T3 top`. */
export const partOf = (adjust: string): string => adjust.split(" ")[0] ?? adjust;
