export const ACTIONS = [
  "replaced",
  "restuffed",
  "reflowed",
  "cleaned",
  "lubricated",
  "adjusted",
  "repaired",
  "left",
  "removed",
  "disconnected",
  /** found with something else in its place, put there by an earlier hand */
  "substituted",
  /** found replaced by an earlier hand, with what belongs there */
  "found fitted",
] as const;
export type Action = (typeof ACTIONS)[number];

export const PUTS_IN: readonly Action[] = ["replaced", "restuffed", "substituted", "found fitted"];
/** The reason of a substitution is what it takes to put the original back. */
export const NEEDS_REASON: readonly Action[] = ["left", "disconnected", "substituted"];

/** Actions that record what is there and change nothing in the set. */
export const CHANGES_NOTHING: readonly Action[] = ["left", "substituted", "found fitted"];

export const OLD_PARTS = ["bag", "kept", "in-shell", "discarded", "supplier"] as const;
export type OldPart = (typeof OLD_PARTS)[number];
export const OLD_PART_NAMES: Record<OldPart, string> = {
  bag: "in the owner's bag",
  kept: "kept in the shop",
  "in-shell": "its shell holds the new part",
  discarded: "discarded",
  supplier: "sent back to the supplier",
};
