/** Handing back: what the shop works by, what a visit comes to, and what is asked before a set goes out. */
export { forecast, sumOf, type Forecast, type StepForecast } from "./forecast";
export { finalLines, gates, ownersInstructions, type FinalLine, type Gate } from "./gates";
export { priceOf, type Price, type PriceLine } from "./price";
export { handBackRules } from "./rules";
export { barredByStays } from "./stays";
export { termsSchema } from "./terms-schema";
export { soldFor, USUAL_TERMS, type Terms } from "./terms";
