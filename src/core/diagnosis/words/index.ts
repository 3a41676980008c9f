export { meaningsOf, nearestMeanings, type Meaning } from "./nearest";
export { SHORT_BELOW } from "./measured";
export { said } from "./said";
export type { Said } from "./types";
