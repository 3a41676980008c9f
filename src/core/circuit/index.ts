/** The circuit of a set: its net, its operating point, its signals, its time. */
export { acAt, degreesOf, sizeOf, type Phasor } from "./ac";
export { compile, LEAST_OHMS, type Compiled } from "./compile";
export { solverOf, voltsAt, type Change, type DcFailure, type DcSolution, type Shunt, type Solver } from "./dc";
export { GROUND, nodesOf, type Element, type ElementKind, type ElementOf, type Net } from "./net";
export { steadyOf, transient, type TransientQuestion, type Wave } from "./transient";
export { diodeModel, tubeModel, type TubeModel } from "./tube-model";
export { writeSpice } from "./spice/write";
export { checkNet } from "./check";
export {
  netOfSheet,
  SOURCE,
  SUPPLY,
  transistorModel,
  valueOf,
  WIRE,
  type BuiltNet,
  type CircuitSheet,
  type NetRemark,
  type SetState,
} from "./from-sheet";
export { proposeNet, type Proposal, type Proposed } from "./propose/index";
export { NEW, type Condition } from "./laws/tube";
export { candidatesOf, WAYS, type Candidate, type Way } from "./candidates";
export {
  chartNodes,
  disagrees,
  expectedChart,
  highestVolts,
  isSolved,
  loadsOf,
  metered,
  solveSheet,
  tubeLoads,
  type Expected,
  type Load,
  type Solved,
  type TubeLoad,
} from "./expect";
export { explainer, USUAL_SPREAD, type Explained, type Explanation, type NodeReading, type Spread } from "./explain";
export { coldCircuit, nextOhms, ohmsAt, type Cold, type OhmsCheck } from "./ohms";
export { answerCircuit, type CircuitAnswer, type CircuitQuestion, type Cause } from "./question";
export { plateAmps, plateCurves, type PlateCurve } from "./curves";
export { circuitFacts, type CircuitFacts, type FactsQuestion, type Rise } from "./facts";
export { moveOf, netMoves, type Moves, type NodeMove } from "./moves";
export type { Fault } from "./fit";
export { GAIN_HZ, gainsOf, type StageGain } from "./gain";
export { ratingsOf, type Rating } from "./ratings";
export { readSpice, type Netlist, type NetlistRow } from "./spice/read";
