import { z } from "zod";
import { ROLES } from "../model";

const fraction = z
  .number()
  .min(-1, "A window does not go below −100 %.")
  .max(5, "A window of more than +500 % is too wide.");

/** What a shop may change of a role's rule; what it leaves out stays as the trade has it. */
export const roleChangeSchema = z
  .object({
    role: z.enum(ROLES),
    low: fraction.optional(),
    high: fraction.optional(),
    factor: z
      .number()
      .min(1, "A rating is at least the voltage itself: 1.0 or more.")
      .max(10, "Ten times is the most.")
      .optional(),
    least: z.number().min(0, "A rating is not below zero.").max(10_000, "That rating is beyond any part.").optional(),
  })
  .refine(({ low, high }) => low === undefined || high === undefined || low <= high, {
    path: ["high"],
    message: "The upper end of the window lies below its lower end.",
  });
export type RoleChange = z.infer<typeof roleChangeSchema>;

export const shopRulesSchema = z.object({
  roles: z.array(roleChangeSchema).max(ROLES.length).default([]),
  /** wattage of a resistor over its dissipation */
  wattMargin: z.number().min(1, "At least the dissipation itself: 1.0 or more.").max(10).optional(),
  /** value window of a resistor, ± */
  resistorWindow: z
    .number()
    .positive("A window is above zero.")
    .max(0.5, "More than ±50 % is another resistor.")
    .optional(),
});
export type ShopRules = z.infer<typeof shopRulesSchema>;
