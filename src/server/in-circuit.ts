import { circuitFacts } from "@/core/circuit";
import type { InCircuit } from "@/core/components";
import type { Sheet } from "@/core/model";
import { circuitSheet, inCircuitOf } from "@/core/visit";

type Parts = ReadonlyMap<string, InCircuit> | undefined;

/** Worked out once for each version of a model's sheet, 10 to 80 ms each; the oldest goes when there are many. */
const kept = new Map<string, Parts>();
const MOST_KEPT = 300;

/**
 * What the circuit of a model says of its parts, so that a plan made on the server asks for the same as at the bench.
 * @returns undefined where the sheet has no net
 */
export function circuitOfModel({ id, version, sheet }: { id: string; version: number; sheet: Sheet }): Parts {
  if ((sheet.net?.length ?? 0) === 0) return undefined;
  const key = `${id}.${version}`;
  if (!kept.has(key)) {
    kept.set(key, inCircuitOf(circuitFacts({ sheet: circuitSheet(sheet) })));
    const [oldest] = kept.keys();
    if (kept.size > MOST_KEPT && oldest !== undefined) kept.delete(oldest);
  }
  return kept.get(key);
}
