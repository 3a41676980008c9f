/** Practice: made-up sets with a hidden fault, what they show, and what a way to the fault was worth. */
export { CIRCUITS, MADE_UP_SETS, type MadeUpSet } from "./sets";
