export { meantBy } from "./meant";
export { meaningsOf, nearestMeanings, type Meaning } from "./nearest";
export { said } from "./said";
export type { Said } from "./types";
