import { z } from "zod";

/** What can be done at a practice bench. */
export const actSchema = z.discriminatedUnion("do", [
  /** switched on: from the wall, through a lamp in series, or through an isolating transformer */
  z.object({ do: z.literal("on"), through: z.enum(["line", "lamp", "isolated"]) }),
  z.object({ do: z.literal("off") }),
  /** discharged through a resistor, and measured to be */
  z.object({ do: z.literal("discharge") }),
  /** a probe on a point; clipped on with the power off, or held by hand */
  z.object({ do: z.literal("volts"), point: z.string().min(1).max(80), clip: z.boolean().default(false) }),
  z.object({ do: z.literal("ohms"), point: z.string().min(1).max(80) }),
  z.object({ do: z.literal("test"), test: z.string().min(1).max(200) }),
  /** the part behind a check is exchanged or put right, and one listens */
  z.object({ do: z.literal("exchange"), check: z.string().min(1).max(200) }),
  z.object({ do: z.literal("advice") }),
  z.object({ do: z.literal("give-up") }),
]);
export type Act = z.infer<typeof actSchema>;
