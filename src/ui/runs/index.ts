/** Runs of test sheets as they are shown: curve, sums, table. */
export { axesOf } from "./axes";
export { RunChart, type Axis, type Drawn } from "./RunChart";
export { RunTable } from "./RunTable";
export { Sums } from "./Sums";
