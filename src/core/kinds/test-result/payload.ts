import { z } from "zod";
import { designator, short, typed, v1 } from "../../log";
import { PHASES, SENSES } from "../../readings";
import type { StoredForm } from "../kind";

const payload = z.object({
  v: v1,
  phase: z.enum(PHASES),
  /** the tube or part that was tested; without it the test is of the whole set */
  designator: designator.optional(),
  test: short("The test"),
  measured: typed,
  unit: z.string().trim().max(20).optional(),
  nominal: typed.optional(),
  sense: z.enum(SENSES),
  /** band, frequency, level or mode that the figure belongs to: the same test under another one is another line */
  condition: short("The condition").optional(),
  setup: short("The set-up").optional(),
});
export type TestResult = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<TestResult>;
