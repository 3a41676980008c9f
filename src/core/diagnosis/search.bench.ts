import { bench, describe } from "vitest";
import { topologyOf } from "./circuit";
import { consider, whatIf, type Question } from "./picture";

const circuit = topologyOf("transceiver")?.circuit;
if (!circuit) throw new Error("no transceiver");
// Eight parts of each role in the largest topology, and thirty entries.
const parts = circuit.stages.flatMap(({ id }, at) => [
  { designator: `C${at + 1}`, role: "coupling" as const, stage: id },
  { designator: `C${at + 101}`, role: "decoupling" as const, stage: id },
  { designator: `R${at + 1}`, role: "bias" as const, stage: id },
]);
const outcomes = [
  "play weak",
  "hum none",
  "rail:rails normal",
  "rail:high-voltage normal",
  "inject:af fine",
  "inject:if fine",
];
const evidence = Array.from({ length: 30 }, (_, index) => {
  const [test = "", outcome = ""] = (outcomes[index % outcomes.length] ?? "").split(" ");
  return { id: String(index), test, outcome, weight: index < outcomes.length ? 1 : 0.2 };
});
const question: Question = {
  facts: { circuit, parts, years: 55, highestVolts: 600 },
  evidence,
  done: [],
  mended: [],
  confirmed: [],
  lacking: [],
  met: ["open"],
};

describe("limit: 50 ms for an update and the ranking, largest topology, double faults", () => {
  bench("the picture of a search", () => {
    consider(question);
  });
  bench("what if an outcome came", () => {
    whatIf(question, "inject:mixer1", "dead");
  });
});
