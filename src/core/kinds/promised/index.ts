import type { KindOf } from "../kind";
import { PAPER } from "../paper";
import type { Promised } from "./payload";

/** The day by which the set was promised to its owner. The last one counts. */
export const promised: KindOf<"promised", Promised, undefined> = {
  kind: "promised",
  fields: { day: "day", to: "to", how: "how", remark: "remark" },
  about: () => "the visit",
  ...PAPER,
  describe: ({ day, to, how, remark }) => ({
    subject: "Promised",
    text: `for ${day} to ${to}, ${how}${remark ? `, ${remark}` : ""}`,
  }),
};
