import type { CircuitFacts } from "../circuit";
import type { InCircuit } from "../components";

/** What a circuit’s facts say of a part, by its name in the net: V across it as it plays and at most, W in it. */
export function inCircuitOf(facts: CircuitFacts | undefined): ReadonlyMap<string, InCircuit> | undefined {
  if (!facts) return undefined;
  const highest = new Map(facts.highest);
  return new Map(
    facts.loads.map(({ part, volts, watts }) => [
      part,
      { works: Math.abs(volts), highest: Math.max(Math.abs(volts), highest.get(part) ?? 0), watts },
    ]),
  );
}
