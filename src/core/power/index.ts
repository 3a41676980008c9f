/** Safety class of a set and what can hurt in it. */
export { hazards, hazardsAt, TOUCH_LIMIT_VOLTS, type Hazard } from "./hazards";
