/** What an open point waits for. */
export const WAITS = ["parts", "owner", "process"] as const;
export type Wait = (typeof WAITS)[number];
export const WAIT_NAMES: Record<Wait, string> = {
  parts: "parts",
  owner: "the owner's answer",
  process: "paint, glue or soak",
};

/** A line of what a modification made necessary, with the word by which it is ticked. */
export type PendingLine = { list: "verify" | "recalibrate"; key: string; text: string };

/** Something a set still asks for. `blocks` tells whether it should be cleared or explained before hand-back. */
export type OpenPoint = {
  /** the entry it comes from */
  id: string;
  visitId: string;
  kind:
    "note" | "symptom" | "reading" | "left" | "check" | "stop" | "loan" | "modification" | "found" | "soak" | "confirm";
  text: string;
  blocks: boolean;
  /** the part that it asks about, where it asks about one */
  designator?: string;
  waits?: Wait;
  /** a line that a modification made necessary: it is ticked or waived, each by itself */
  line?: PendingLine;
};
