import { OUTCOME_WORDS, type Outcome } from "@/core/visit";
import { VerdictMark, type Mark } from "./VerdictMark";

const MARKS: Record<Outcome, Mark> = {
  mended: "good",
  good: "good",
  "still-out": "bad",
  worse: "bad",
  better: "watch",
  "good-alone": "good",
  "out-alone": "bad",
  "no-baseline": "none",
  "to-measure": "none",
  unjudged: "none",
};

/** What a repair did to a reading or a test. */
export const OutcomeMark = ({ outcome }: { outcome: Outcome }) => (
  <VerdictMark mark={MARKS[outcome]} note={OUTCOME_WORDS[outcome]} />
);
