/** Questions over all sets: where a batch, tube or modification sits, what came back, what fails most. */
export { agedIn, type AgedPart } from "./aged";
export { CAUSES, comebacks, comebacksOf, type Cause, type Comeback } from "./comebacks";
export { failedIn, failures, type Failed, type Failure } from "./failures";
export { againstEstimate, ageOfWork, overShare, type AgainstEstimate, type AgeOfWork, type OpenWork } from "./figures";
export type { FileOf } from "./file";
export { HELD, holdingsOf, isWanted, keyOf, type Holding, type Wanted } from "./holders";
export {
  AGES,
  LEAST_CASES,
  picturesOf,
  shareOf,
  type AgeCell,
  type CameBack,
  type ClassHours,
  type MakeAges,
  type PicturedSet,
  type Pictures,
  type YearOriginal,
} from "./pictures";
export { returnOf, warrantyOn, type Return } from "./warranty";
export { staysOf, type Estimated, type Stay } from "./stays";
export { summaryOf, type OpenVisit, type Summary } from "./summary";
