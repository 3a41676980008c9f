export { meaningsOf, nearestMeanings, type Meaning } from "./nearest";
export { readingOf, type Reading } from "./reading";
export { said } from "./said";
export type { Said } from "./types";
