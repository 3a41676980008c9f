export { meaningsOf, nearestMeanings, type Meaning } from "./meanings";
export { said, type Said } from "./said";
