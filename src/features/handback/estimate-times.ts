import { forecast } from "@/core/handback";
import type { Step } from "@/core/model";
import type { ForecastFacts } from "@/server/forecast";

const NOTHING = { hourMinor: 0, tax: 0 };

export type ProposedTime = {
  step: Step;
  minutes: number;
  p90: number;
  /** what there is of it */
  text: string;
  /** cases of the shop that it comes from; none: the usual time */
  cases: number;
};

/** Time that is proposed for every step that is left. */
export const roundedTimes = ({ left, times }: ForecastFacts): ProposedTime[] =>
  forecast(left.steps, times, NOTHING, { partsMinor: 0 }).steps.map((one) => ({
    ...one,
    text: left.steps.find(({ step }) => step === one.step)?.text ?? "",
    cases: times[one.step].cases,
  }));
