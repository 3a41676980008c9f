import { z } from "zod";

/**
 * How the parts of a model are joined: a row a part, with the nodes at its two ends. The ends of tubes and transistors need
 * no row: their electrodes are nodes, `V3.plate`.
 */
const node = z
  .string()
  .trim()
  .min(1)
  .max(40)
  .regex(/^[\p{L}\d][\p{L}\d +\-−./()]*$/u, "letters and numbers, like V3.plate or B+ 2");

export const joinSchema = z.object({
  /** a designator, a section of one (`C3/2`), or the name of a winding as the resistance chart has it */
  part: z.string().trim().min(1).max(60),
  from: node,
  to: node,
  /** the slider of a potentiometer */
  tap: node.optional(),
  /** where the slider stands, from `from` to `to`; of a switch 1 is closed and 0 open */
  at: z.number().min(0).max(1).optional(),
});
export type Join = z.infer<typeof joinSchema>;
