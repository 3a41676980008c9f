import type { KindOf } from "../kind";
import { PAPER } from "../paper";
import type { Told } from "./payload";

/** The owner was told that the set is ready: who, and how. */
export const told: KindOf<"told", Told, undefined> = {
  kind: "told",
  fields: { to: "who", how: "how", remark: "remark" },
  about: () => "the visit",
  ...PAPER,
  describe: ({ to, how, remark }) => ({
    subject: "Told",
    text: `${to} that it is ready, ${how}${remark ? `, ${remark}` : ""}`,
  }),
};
