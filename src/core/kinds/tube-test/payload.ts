import { z } from "zod";
import { designator, short, typed, v1 } from "../../log";
import { PHASES } from "../../readings";
import { GAS, SHORTS } from "../../tubes";
import type { StoredForm } from "../kind";

/** A tube on the tester: shorts first, then gas, then strength. */
export const payload = z
  .object({
    v: v1,
    phase: z.enum(PHASES),
    designator,
    /** the tube that was tested, where another than the drawn type sits there */
    type: short("The type").optional(),
    shorts: z.enum(SHORTS),
    /** the electrodes between which they are, `g1-k` */
    between: z
      .array(z.string().regex(/^[a-z]\d?-[a-z]\d?$/, "A short lies between two electrodes: g1-k."))
      .min(1)
      .max(10)
      .optional(),
    gas: z.enum(GAS).optional(),
    strength: z
      .object({
        test: short("What was measured"),
        measured: typed,
        nominal: typed.refine(({ value }) => value > 0, "The nominal is above zero."),
        unit: z.string().max(20),
      })
      .optional(),
    /** tester and its settings */
    tester: short("The tester").optional(),
    remark: short("The remark").optional(),
  })
  .superRefine((test, context) => {
    if (test.between && test.shorts === "none")
      context.addIssue({
        code: "custom",
        path: ["between"],
        message: "Without shorts there are no electrodes to name.",
      });
    const say = (path: string, message: string) => context.addIssue({ code: "custom", path: [path], message });
    if (test.shorts === "found" && (test.strength || test.gas))
      say("shorts", "A shorted tube is not tested further: it can harm the tester.");
    if (test.strength && test.strength.measured.value < 0) say("strength", "A strength is not below zero.");
  });
export type TubeTest = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<TubeTest>;
