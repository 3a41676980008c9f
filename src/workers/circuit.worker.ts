import { expose } from "comlink";
import { answerCircuit, type CircuitQuestion } from "@/core/circuit";

/** Solves circuits away from the page: an explanation goes through some thousand solutions. */
const api = { answer: (question: CircuitQuestion) => answerCircuit(question) };
export type CircuitWorker = typeof api;

expose(api);
