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
