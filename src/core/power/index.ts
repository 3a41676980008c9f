/** Safety class of a set, what can hurt in it, and what it may draw when it is first powered. */
export { lineCurrent, STOP_AT_FULL_LINE, STOP_AT_STEP } from "./first-power";
export { hazards, hazardsAt, TOUCH_LIMIT_VOLTS, type Hazard } from "./hazards";
