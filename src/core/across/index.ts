/** Questions over all sets: where a batch, tube or modification sits, what came back, what fails most. */
export { comebacks, comebacksOf, type Comeback } from "./comebacks";
export { failedIn, failures, type Failed, type Failure } from "./failures";
export type { FileOf } from "./file";
export { HELD, holdingsOf, isWanted, keyOf, type Holding, type Wanted } from "./holders";
export { returnOf, warrantyOn, type Return } from "./warranty";
export { staysOf, type Stay } from "./stays";
export { summaryOf, type OpenVisit, type Summary } from "./summary";
