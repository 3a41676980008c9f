import { formatMoney } from "../../quantity";
import type { KindOf } from "../kind";
import { PAPER } from "../paper";
import { printMinutes } from "../print";
import type { Estimate } from "./payload";

/** What the owner was told it would cost. */
export const estimate: KindOf<"estimate", Estimate, undefined> = {
  kind: "estimate",
  fields: {
    labourMinutes: "labour",
    steps: "time by step",
    parts: "parts",
    travel: "travel",
    reserve: "reserve",
    total: "total",
    upTo: "at most",
    deposit: "deposit",
    remark: "remark",
  },
  about: () => "the visit",
  ...PAPER,
  describe: ({ total, upTo, labourMinutes, parts, travel, reserve, deposit, remark }) => ({
    subject: "Estimate",
    text: [
      `${formatMoney(total)}${upTo ? ` to ${formatMoney(upTo)}` : ""}: ${printMinutes(labourMinutes)} of labour`,
      `parts ${formatMoney(parts)}`,
      travel && `travel ${formatMoney(travel)}`,
      reserve && `reserve ${formatMoney(reserve)}`,
      deposit && `deposit ${formatMoney(deposit)}`,
      remark,
    ]
      .filter(Boolean)
      .join(", "),
  }),
};
