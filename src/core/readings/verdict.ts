export type Verdict = "good" | "high" | "low" | "no-proof" | "none";

export type Judgement = {
  verdict: Verdict;
  /** measured over the corrected expectation; undefined when there is nothing to divide by */
  ratio?: number;
  /** the expectation after line scaling and meter loading, in base units */
  corrected?: number;
  reasons: string[];
};
