/** Expected against measured: the ratio, the verdict and its reasons. */
export { compareParts } from "./fitted";
export {
  CHART_TOLERANCE,
  chartTolerance,
  judge,
  UNMARKED_PART_TOLERANCE,
  type Expectation,
  type Judgement,
  type ReadingToJudge,
  type Verdict,
} from "./judge";
export { judgeTest, type Sense, type TestJudgement, type TestVerdict } from "./test-result";
