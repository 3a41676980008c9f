import { tailOf } from "../../shorthand";
import { noRow, nothing, silent, unchanged, unjudged, type KindOf } from "../kind";
import type { SentBack } from "./payload";

/** A part that is not needed goes back: one was fitted already, it does not fit. It leaves the stock it came from. */
export const sentBack: KindOf<"sent-back", SentBack, undefined> = {
  kind: "sent-back",
  fields: { what: "what", to: "to", stock: "label", why: "reason" },
  about: ({ what }) => what,
  tied: [],
  judge: unjudged,
  describe: ({ what, to, stock, why }) => ({
    subject: `Sent back to the ${to}`,
    text: `${what}${stock ? ` (${stock.code})` : ""}${tailOf(why)}`,
  }),
  designators: nothing,
  works: nothing,
  changes: unchanged,
  handsInside: false,
  afterHandBack: "taken",
  // It leaves the drawer, and nobody pays for it.
  takes: ({ what, stock }) => (stock ? [{ text: what, stock, source: "owner" as const }] : []),
  lane: "parts",
  inFile: "shown",
  csv: noRow,
  sections: () => ["notes"],
  open: nothing,
  evidence: silent,
};
