/** Practice: made-up sets with a hidden fault, what they show, and what a way to the fault was worth. */
export { actSchema, type Act } from "./acts";
export { doAct, evidenceIn, faultsBehind, isRefused, MINUTES, type CannotDo } from "./bench";
export { bestWay, pictureOf, type WayStep } from "./best-way";
export { type Told } from "./complaint";
export { courseCase, COURSES, type Course, type CourseCase } from "./courses";
export {
  caseOf,
  DIFFICULTIES,
  difficultyOf,
  draw,
  drawable,
  faultWordsOf,
  KIND_WORDS,
  kindOfFault,
  KINDS_OF_FAULT,
  measurable,
  type Difficulty,
  type Drawn,
  type KindOfFault,
  type Wish,
} from "./draw";
export { DANGERS, stateOf, wasExchanged, type BenchState, type Danger, type Done } from "./done";
export { readAct, type ActRead, type ActWords } from "./line";
export { partChecked } from "./part-checked";
export { mondayOf, progressOf, type Ended, type KindProgress, type WeekProgress } from "./progress";
export { COSTS, doneTwice, reviewOf, wayTaken, wordsOf, type Review } from "./review";
export { sealedText, sealOf } from "./seal";
export { practiceSet, type PracticeSet } from "./set";
export { CIRCUITS, MADE_UP_SETS, type MadeUpSet } from "./sets";
export { METER_OHMS, practiceWorld, probePoints, type Hidden, type PracticeWorld, type Sign } from "./world";
