import { z } from "zod";
import { fromStock, optionalText, short, v1 } from "../log";
import { headAndTail, notUnderstood, readAs, tailOf, textOf } from "../shorthand";
import { defineKind, noRow, nothing, silent, unchanged, unjudged, type Reader } from "./kind";
import { stockAt } from "./part-work/pieces";

export const SENT_TO = ["owner", "supplier"] as const;

const payload = z.object({
  v: v1,
  /** a part that was ordered or brought, and is not needed */
  what: short("What is sent back"),
  to: z.enum(SENT_TO),
  stock: fromStock.optional(),
  why: optionalText("The reason"),
});

const EXAMPLE = "It reads like: sent back AF board to supplier: one is fitted already.";

/** `sent back 0.047/630 from JP00001A7 to supplier: one was fitted already` */
const read: Reader = (rest, context) => {
  const { head, tail } = headAndTail(textOf(rest));
  const found = /^(.+?)(?:\s+from\s+(JP[0-9A-Z]{7}))?\s+to\s+(?:the\s+)?(owner|supplier)$/i.exec(head);
  if (!found) return notUnderstood(rest.start, EXAMPLE);
  const [, what = "", code, to = ""] = found;
  const stock = code ? stockAt(code.toUpperCase(), context) : undefined;
  if (code && !stock)
    return notUnderstood(
      rest.start,
      `${code.toUpperCase()} is not a label of the stock: scan it again, or leave it out.`,
    );
  return readAs(
    { v: 1, what, to: to.toLowerCase(), ...(stock ? { stock } : {}), ...(tail ? { why: tail } : {}) },
    rest.start,
  );
};

/** A part that is not needed goes back: one was fitted already, it does not fit. It leaves the stock it came from. */
export const sentBack = defineKind({
  kind: "sent-back",
  version: 1,
  schema: payload,
  upgrades: {},
  fields: { what: "what", to: "to", stock: "label", why: "reason" },
  about: ({ what }) => what,
  tied: [],
  judge: unjudged,
  describe: ({ what, to, stock, why }) => ({
    subject: `Sent back to the ${to}`,
    text: `${what}${stock ? ` (${stock.code})` : ""}${tailOf(why)}`,
  }),
  words: [{ begins: /^(sent back)(?=\s)\s*/i, read }],
  write: ({ what, to, stock, why }) => `sent back ${what}${stock ? ` from ${stock.code}` : ""} to ${to}${tailOf(why)}`,
  examples: [
    {
      line: "sent back AF board to supplier: one is fitted already",
      says: "a part that is not needed goes back, to the supplier or the owner",
    },
  ],
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
});
