/** What reads lines and checks entries. It comes behind the page, in one piece: where the one is there, so is the other. */
export { contextFor, lineAnew, parseLine } from "@/core/bench-line";
export { draftSchema, sentences } from "@/core/kinds";
