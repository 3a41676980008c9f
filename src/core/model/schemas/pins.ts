import { z } from "zod";
import { VIEWS } from "../pins";

const share = z.number().min(0).max(1);

/** Where a part, an adjuster or a test point sits in a picture: shares of its width and height. */
export const pinSchema = z.object({
  view: z.enum(VIEWS),
  /** designator, `T3 top`, or a point of the chart */
  name: z.string().trim().min(1).max(60),
  x: share,
  y: share,
});
export type Pin = z.infer<typeof pinSchema>;
