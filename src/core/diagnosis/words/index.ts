export { meaningsOf, nearestMeanings, type Meaning } from "./meanings";
export { SHORT_BELOW } from "./measured";
export { said } from "./said";
export type { Said } from "./types";
