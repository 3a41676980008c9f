import { headAndTail, notUnderstood, readAs, tailOf, textOf } from "../../shorthand";
import type { KindLine, Reader } from "../kind";
import { stockAt } from "../part-work/pieces";
import type { SentBack } from "./payload";

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

export const line: KindLine<SentBack> = {
  words: [{ begins: /^(sent back)(?=\s)\s*/i, read }],
  write: ({ what, to, stock, why }) => `sent back ${what}${stock ? ` from ${stock.code}` : ""} to ${to}${tailOf(why)}`,
  examples: [
    {
      line: "sent back AF board to supplier: one is fitted already",
      says: "a part that is not needed goes back, to the supplier or the owner",
    },
  ],
};
