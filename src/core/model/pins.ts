import { z } from "zod";

/** Sides from which a chassis is looked at. The plan is drawn from the stages where there is no photo. */
export const VIEWS = ["top", "underside", "front", "plan"] as const;
export type View = (typeof VIEWS)[number];
export const VIEW_WORDS: Record<View, string> = {
  top: "Top",
  underside: "Underside",
  front: "Front",
  plan: "Plan by stages",
};
/** Views that a photo can be taken of. */
export const PHOTO_VIEWS = ["top", "underside", "front"] as const satisfies readonly View[];

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
