import { expose } from "comlink";
import { consider, whatIf, type Question } from "@/core/diagnosis";

/** Weighs the causes away from the page: every pair of faults of a set is gone through. */
const api = {
  consider: (question: Question) => consider(question),
  whatIf: (question: Question, test: string, outcome: string) => whatIf(question, test, outcome),
};
export type SearchWorker = typeof api;

expose(api);
