/** Tubes: so far what their heaters take. */
export { COLD_OVER_HOT, COLD_SLACK, heaterOf, heatersOf, rectifierTubes, type Heater, type Heaters } from "./heaters";
