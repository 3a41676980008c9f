import { z } from "zod";
import { text, v1 } from "../log";
import { headAndTail, notUnderstood, readAs, tailOf, textOf } from "../shorthand";
import { defineKind, type Reader } from "./kind";
import { PAPER } from "./paper";

const payload = z.object({
  v: v1,
  /** the job whose warranty it is about */
  job: z.number().int("A job is a whole number.").positive().max(1e9),
  /** does the work count as warranty? */
  counts: z.boolean(),
  why: text("Why"),
});
export type Warranty = z.infer<typeof payload>;

/** `warranty of job 1102: the same capacitor`, `no warranty of job 1102: another stage` */
const read: Reader = (rest, _context, word) => {
  const { head, tail } = headAndTail(textOf(rest));
  const job = /^(?:of\s+)?(?:job\s+)?(\d{1,9})$/i.exec(head.trim())?.[1];
  if (!job || !tail)
    return notUnderstood(
      rest.start,
      "Say of which job, and why: warranty of job 1102: the same capacitor; or no warranty of job 1102: another stage.",
    );
  return readAs({ v: 1, job: Number(job), counts: !word.toLowerCase().startsWith("no"), why: tail }, rest.start);
};

/** The set is back within its warranty: whether this visit counts as that, and why. The last word counts. */
export const warranty = defineKind({
  kind: "warranty",
  version: 1,
  schema: payload,
  upgrades: {},
  fields: { job: "job", counts: "counts as warranty", why: "why" },
  about: () => "the visit",
  ...PAPER,
  describe: ({ job, counts, why }) => ({
    subject: counts ? "Under warranty" : "No warranty",
    text: `of job ${job}: ${why}`,
  }),
  words: [{ begins: /^(no warranty|warranty)(?=\s|$)\s*/i, read }],
  write: ({ job, counts, why }) => `${counts ? "warranty" : "no warranty"} of job ${job}${tailOf(why)}`,
  examples: [
    {
      line: "warranty of job 1102: the same capacitor",
      says: "this visit counts as warranty; no warranty of job …: why not",
    },
  ],
});
