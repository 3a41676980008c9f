import { expose } from "comlink";
import { answerCircuit, circuitFacts, type CircuitQuestion, type FactsQuestion } from "@/core/circuit";

/** Solves circuits away from the page: an explanation goes through some thousand solutions. */
const api = {
  answer: (question: CircuitQuestion) => answerCircuit(question),
  facts: (question: FactsQuestion) => circuitFacts(question),
};
export type CircuitWorker = typeof api;

expose(api);
