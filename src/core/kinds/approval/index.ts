import { formatMoney } from "../../quantity";
import type { KindOf } from "../kind";
import { PAPER } from "../paper";
import type { Approval } from "./payload";

/** The owner's yes to a sum. */
export const approval: KindOf<"approval", Approval, undefined> = {
  kind: "approval",
  fields: { limit: "sum", who: "by", how: "how", remark: "remark" },
  about: () => "the visit",
  ...PAPER,
  describe: ({ limit, who, how, remark }) => ({
    subject: "Approved",
    text: `up to ${formatMoney(limit)} by ${who}, ${how}${remark ? `, ${remark}` : ""}`,
  }),
};
