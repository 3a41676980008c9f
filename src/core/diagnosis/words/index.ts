export { meaningsOf, nearestMeanings, type Meaning } from "./meanings";
export { said } from "./said";
export type { Said } from "./types";
