import { z } from "zod";
import { money, optionalText, v1 } from "../log";
import { formatMoney } from "../quantity";
import { clause, clauses, notUnderstood, readAs } from "../shorthand";
import { defineKind, unchanged, noRow, nothing, silent, unjudged, type Reader } from "./kind";
import { readMinutes } from "./minutes";
import { printMinutes } from "./print";
import { readSum } from "./sums";

/** What the owner was told it would cost, tax included. */
const payload = z.object({
  v: v1,
  labourMinutes: z.number().min(0).max(100_000),
  parts: money,
  total: money,
  remark: optionalText("The remark"),
});

/** `estimate 180 EUR; labour 2 h; parts 40 EUR; remark tubes not counted` */
const read: Reader = (rest, { currency }) => {
  const { first, named } = clauses(rest);
  const total = readSum(first, currency);
  if (!total)
    return notUnderstood(
      rest.start,
      "An estimate begins with its sum, tax included: estimate 180 EUR; labour 2 h; parts 40 EUR.",
    );
  const said: Record<string, unknown> = { v: 1, total, labourMinutes: 0, parts: { ...total, minor: 0 } };
  for (const { word, value, at } of named) {
    const minutes = word === "labour" ? readMinutes(value) : undefined;
    const parts = word === "parts" ? readSum(value, total.currency) : undefined;
    if (minutes !== undefined) said.labourMinutes = minutes;
    else if (parts) said.parts = parts;
    else if (word === "remark") said.remark = value;
    else return notUnderstood(at, `“${word} ${value}” is not known here: labour and a time, parts and a sum, remark.`);
  }
  return readAs(said, rest.start);
};

/** What the owner was told it would cost. */
export const estimate = defineKind({
  kind: "estimate",
  version: 1,
  schema: payload,
  upgrades: {},
  fields: { labourMinutes: "labour", parts: "parts", total: "total", remark: "remark" },
  about: () => "the visit",
  tied: [],
  judge: unjudged,
  describe: ({ total, labourMinutes, parts, remark }) => ({
    subject: "Estimate",
    text: `${formatMoney(total)}: ${printMinutes(labourMinutes)} of labour, parts ${formatMoney(parts)}${remark ? `, ${remark}` : ""}`,
  }),
  words: [{ begins: /^(estimate)(?=\s|$)\s*/i, read }],
  write: ({ total, labourMinutes, parts, remark }) =>
    `estimate ${formatMoney(total)}; labour ${labourMinutes} min; parts ${formatMoney(parts)}${clause("remark", remark)}`,
  examples: [{ line: "estimate 310 EUR; labour 4 h; parts 18 EUR", says: "what the owner was told" }],
  designators: nothing,
  works: nothing,
  changes: unchanged,
  handsInside: false,
  afterHandBack: "taken",
  takes: nothing,
  lane: "notes",
  inFile: "shown",
  csv: noRow,
  sections: nothing,
  open: nothing,
  evidence: silent,
});
