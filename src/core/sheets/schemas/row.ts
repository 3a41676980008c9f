import { z } from "zod";
import { signed } from "../../quantity";
import { COLUMN_QUANTITIES } from "../quantities";
import { MOST_COLUMNS } from "../sheet";
import { limitSchema, preflightSchema, workedSchema } from "./sheet";

/** A figure that stands in a row: enough to be read when its sheet is long gone. */
export const cellSchema = z.object({
  key: z.string().regex(/^[a-z][a-z0-9-]{0,30}$/),
  name: z.string().trim().min(1).max(60),
  word: z.string().trim().max(16),
  quantity: z.enum(COLUMN_QUANTITIES),
  unit: z.string().trim().max(12),
  text: z.string().trim().min(1).max(40),
  /** SI; of words with choices the place of the choice */
  value: signed().optional(),
});
export type Cell = z.infer<typeof cellSchema>;

/** What the pre-flight said. */
export const seenSchema = preflightSchema.omit({ voids: true }).extend({ ok: z.boolean() });

/** A row of a run with all that it takes to be judged. */
export const rowSchema = z.object({
  sheet: z.object({
    key: z.string().regex(/^[a-z][a-z0-9-]{0,30}$/),
    version: z.number().int().min(1).max(1e6),
    name: z.string().trim().min(1).max(60),
  }),
  /** figures that say what the row is */
  at: z.array(cellSchema).min(1).max(3),
  cells: z.array(cellSchema).max(MOST_COLUMNS),
  given: z.array(cellSchema).max(10),
  worked: z.array(workedSchema).max(MOST_COLUMNS),
  limits: z.array(limitSchema.omit({ row: true })).max(60),
});
export type Row = z.infer<typeof rowSchema>;
