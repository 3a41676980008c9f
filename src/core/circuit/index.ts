/** The circuit of a set: its net, its operating point, its signals, its time. */
export { acAt, degreesOf, sizeOf, type Phasor } from "./ac";
export { compile, LEAST_OHMS, type Compiled } from "./compile";
export { solverOf, voltsAt, type Change, type DcFailure, type DcSolution, type Shunt, type Solver } from "./dc";
export { GROUND, nodesOf, type Element, type ElementKind, type ElementOf, type Net } from "./net";
export { steadyOf, transient, type TransientQuestion, type Wave } from "./transient";
export { diodeModel, tubeModel, type TubeModel } from "./tube-model";
export { writeSpice } from "./spice/write";
