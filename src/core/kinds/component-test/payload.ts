import { z } from "zod";
import { designator, short, typed, v1 } from "../../log";
import { ROLES } from "../../model";
import { positive } from "../../quantity";
import type { StoredForm } from "../kind";
import { WHERES } from "./values";

const fraction = z.number().min(-1).max(10);
const above = (what: string) => typed.refine(({ value }) => value > 0, `${what} is above zero.`);

/** A capacitor or resistor as it measured, with what it was judged against: kept, whatever the sheet says later. */
export const payload = z
  .object({
    v: v1,
    designator,
    where: z.enum(WHERES),
    quantity: z.enum(["capacitance", "resistance"]),
    value: above("The value").optional(),
    esr: above("The ESR").optional(),
    tan: positive("tan δ is above zero.").max(10, "tan δ lies between 0 and 10.").optional(),
    hertz: positive("The frequency is above zero.").max(1e7).optional(),
    /** A, at `atVolts` */
    leakage: typed.refine(({ value }) => value >= 0, "A leakage is not below zero.").optional(),
    atVolts: above("The voltage of the leakage test").optional(),
    against: z
      .object({
        role: z.enum(ROLES),
        nominal: positive().optional(),
        low: fraction,
        high: fraction,
        electrolytic: z.boolean(),
        ratedVolts: positive().optional(),
        workingVolts: positive().optional(),
        next: z
          .object({
            plateVolts: positive(),
            gridOhms: positive(),
            bias: positive(),
            name: z.string().max(80),
            assumed: z.string().max(200).optional(),
          })
          .optional(),
        school: z.enum(["nominal", "twice", "keep"]).optional(),
      })
      .optional(),
    remark: short("The remark").optional(),
  })
  .superRefine((test, context) => {
    const say = (path: string, message: string) => context.addIssue({ code: "custom", path: [path], message });
    if (!test.value && !test.esr && test.tan === undefined && !test.leakage)
      say("value", "Nothing was measured: give a value, an ESR, tan δ or a leakage.");
    if (test.leakage && !test.atVolts) say("atVolts", "At which voltage was the leakage measured?");
    if (test.quantity === "resistance" && (test.esr || test.tan !== undefined || test.leakage))
      say("esr", "ESR, tan δ and leakage belong to a capacitor.");
  });
export type ComponentTest = z.infer<typeof payload>;

export const stored = {
  version: 1,
  schema: payload,
  upgrades: {},
} satisfies StoredForm<ComponentTest>;
