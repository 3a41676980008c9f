/** What the log says of a place: the part of the works, or what became of it. */
export type PartState =
  | "original"
  | "serviced"
  | "left"
  | "replaced"
  | "restuffed"
  | "substituted"
  | "disconnected"
  | "removed"
  /** put there by a modification */
  | "modified";
