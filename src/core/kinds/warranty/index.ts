import type { KindOf } from "../kind";
import { PAPER } from "../paper";
import type { Warranty } from "./payload";

/** The set is back within its warranty: whether this visit counts as that, and why. The last word counts. */
export const warranty: KindOf<"warranty", Warranty, undefined> = {
  kind: "warranty",
  fields: { job: "job", counts: "counts as warranty", why: "why" },
  about: () => "the visit",
  ...PAPER,
  describe: ({ job, counts, why }) => ({
    subject: counts ? "Under warranty" : "No warranty",
    text: `of job ${job}: ${why}`,
  }),
};
