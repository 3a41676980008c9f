import type { KindOf } from "../kind";
import { PAPER } from "../paper";
import type { Collected } from "./payload";

/** The set left the house: who took it along. The signature is a file of the entry. */
export const collected: KindOf<"collected", Collected, undefined> = {
  kind: "collected",
  fields: { by: "by", remark: "remark" },
  about: () => "the visit",
  ...PAPER,
  describe: ({ by, remark }) => ({ subject: "Collected", text: `by ${by}${remark ? `, ${remark}` : ""}` }),
};
