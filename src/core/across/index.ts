/** Questions over all sets: where a batch, tube or modification sits, what came back, what fails most. */
export { comebacks, type Comeback } from "./comebacks";
export { failures, type Failure } from "./failures";
export { holders, namesOf, type Holder, type Wanted } from "./holders";
export type { FileOf } from "./file";
