import { headAndTail, notUnderstood, readAs, tailOf, textOf } from "../../shorthand";
import type { KindLine, Reader } from "../kind";
import type { Warranty } from "./payload";

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

export const line: KindLine<Warranty> = {
  words: [{ begins: /^(no warranty|warranty)(?=\s|$)\s*/i, read }],
  write: ({ job, counts, why }) => `${counts ? "warranty" : "no warranty"} of job ${job}${tailOf(why)}`,
  examples: [
    {
      line: "warranty of job 1102: the same capacitor",
      says: "this visit counts as warranty; no warranty of job …: why not",
    },
  ],
};
