/** Finding the fault: what a set is built of, what fails in it, what can be done to find out, and what follows from it. */
export {
  addStage,
  feedersOf,
  freeId,
  joinedTo,
  joinTo,
  placeInPath,
  removeStage,
  TOPOLOGIES,
  topologyOf,
  withFeeders,
  type Topology,
} from "./circuit";
export { AGEING, RECORD } from "./data/ageing";
export { complaintKeys } from "./complaint";
export { bareId, onPath, PATH_FACTS, pathId } from "./data/paths";
export { NEED_NAMES, NEEDS, PARTS, TO_GET_THERE, type Hazard, type TestNeed } from "./data/parts";
export { isHeard } from "./data/heard";
export { KINDS } from "./data/kinds";
export { circuitFrom, circuitOf, natureFor, nearestTopology, placedParts, stageNamed } from "./from-sheet";
export { MODES, modeOf } from "./modes";
export {
  consider,
  whatIf,
  type AnyTest,
  type Cause,
  type NextTest,
  type Picture,
  type Question,
  type StageShare,
} from "./picture";
export type { Shown } from "./mend";
export { learn, NOTHING_LEARNT, TABLE_WEIGHS, type Learnt, type PartRecord } from "./priors";
export { chanceFrom, shown, type Chance } from "./simulate";
export { infer, posterior } from "./infer";
export { minutesOf } from "./outlook";
export { checkId } from "./tests";
export { NET_TEST, netOutcome, nodeOf, type NetEvidence, type Physics } from "./physics";
export { figuresSchema, type Figures } from "./figures";
export type { Nature } from "./traits";
export { faultName } from "./names";
export { SHORT_BELOW } from "./short";
export { knownOf, knownSet, type KnownSet } from "./known";
export { systemFor, systemOf, type PlacedPart, type SetFacts } from "./system";
export { meaningsOf, nearestMeanings, readingOf, said, type Meaning, type Reading, type Said } from "./words";
export { ELECTRODES } from "./types";
export type { Evidence, Fault, FaultMode, System, Test, TestAct } from "./types";
