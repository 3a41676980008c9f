/** The shop's week: what is left to do, who does it when, how sure a day is, and what saves a promise. */
export { arrange, type Arrangement } from "./arrange";
export { circular, compile } from "./compile";
export { costOf } from "./cost";
export { type Away } from "./days";
export { ENOUGH, spreadOf, timesOf, USUAL_TIMES, type PastVisit, type StepTime, type Times } from "./durations";
export { leftOf, namedIn, type Left, type StepLeft, type WaitLeft } from "./left";
export { onCabinet, type PointLeft } from "./points";
export {
  outlookOf,
  planOf,
  standingOf,
  type NoDay,
  type Outlook,
  type Placed,
  type SetOutlook,
  type Standing,
} from "./outlook";
export { LEAST_CASES, roughPrice, type Basis, type PastJob, type Range, type RoughPrice } from "./past";
export {
  minutesWithin,
  problemOf,
  stepKey,
  stretchesOf,
  waitKey,
  type DayPin,
  type PlanInput,
  type PlannedSet,
} from "./problem";
export { rescues, type Measure, type Rescue } from "./rescue";
export {
  hoursSchema,
  planRulesSchema,
  USUAL_PLAN,
  USUAL_WEEK,
  weekSchema,
  workerSchema,
  type Hours,
  type PlanRules,
  type Week,
  type WorkerRules,
} from "./rules";
export { SET_CLASSES, setClass, type SetClass } from "./set-class";
export { SKILL_WORDS, SKILLS, type Problem, type Skill, type Task, type Worker } from "./task";
export { nextFor, type Next, type Reason } from "./today";
