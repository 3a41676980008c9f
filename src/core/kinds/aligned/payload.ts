import { z } from "zod";
import { MOST_EIGHTHS, SCALES } from "../../alignment";
import { short, v1 } from "../../log";
import { ADJUSTER, AIMS, ENDS } from "../../model";
import { signed } from "../../quantity";
import { seenSchema } from "../../sheets";
import type { StoredForm } from "../kind";
import { CABINETS, OUTCOMES } from "./values";

const output = z.object({ text: z.string().trim().min(1).max(40), value: signed(), scale: z.enum(SCALES) });
const hertz = z.number().positive().max(3e9);

/** One step of an alignment as it was done: enough to be read when the model's table is another one. */
export const payload = z
  .object({
    v: v1,
    group: short("What the step is part of"),
    adjust: z.string().regex(ADJUSTER, "What is turned is a part, and which core of it: T3 top, C12.").max(30),
    hertz: hertz.optional(),
    aim: z.enum(AIMS),
    ends: z.enum(ENDS).optional(),
    outcome: z.enum(OUTCOMES),
    before: output.optional(),
    after: output.optional(),
    /** how far it was moved: eighths of a turn, in above 0 */
    eighths: z.number().int().min(-MOST_EIGHTHS).max(MOST_EIGHTHS).optional(),
    /** it stands at the end of its travel */
    end: z.boolean().optional(),
    /** where the output was largest, Hz */
    loudest: hertz.optional(),
    cabinet: z.enum(CABINETS).optional(),
    /** what the pre-flight said */
    preflight: z.array(seenSchema).max(12),
    /** why it was skipped */
    reason: short("The reason").optional(),
    remark: short("The remark").optional(),
  })
  .refine(({ outcome, reason }) => outcome !== "skipped" || reason !== undefined, {
    path: ["reason"],
    message: "Say why the step is skipped.",
  });
export type Aligned = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<Aligned>;
