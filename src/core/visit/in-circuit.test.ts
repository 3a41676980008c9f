import { expect, it } from "vitest";
import { inCircuitOf } from ".";
import type { CircuitFacts } from "../circuit";

const facts = (loads: CircuitFacts["loads"], highest: CircuitFacts["highest"] = []): CircuitFacts => ({
  loads,
  highest,
  ...{ tubes: [], gains: [], ohms: [], rise: [] },
});

it("is not known where no circuit was worked out", () => expect(inCircuitOf(undefined)).toBeUndefined());

it("gives the volts across a part as it plays and at most, whatever their sign, and its watts", () => {
  const parts = inCircuitOf(
    facts(
      [
        { part: "C14", volts: -92, watts: 0 },
        { part: "C1", volts: 262, watts: 0 },
        { part: "R7", volts: 60, watts: 0.017 },
      ],
      [
        ["C14", 240],
        ["C1", 250],
      ],
    ),
  );
  expect([...(parts ?? [])]).toEqual([
    ["C14", { works: 92, highest: 240, watts: 0 }],
    // The most that it sees is never less than what it works at.
    ["C1", { works: 262, highest: 262, watts: 0 }],
    ["R7", { works: 60, highest: 60, watts: 0.017 }],
  ]);
});

it("knows nothing of a part that the circuit has not", () =>
  expect(inCircuitOf(facts([]))?.get("C14")).toBeUndefined());
