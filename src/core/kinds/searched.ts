import { circuitOf, natureFor, placedParts, systemOf, type System } from "../diagnosis";
import type { Circuit, Sheet } from "../model";

const kept = new WeakMap<Sheet, { circuit: Circuit; system: System }>();

/** Stages, faults and tests of a sheet; worked out when a line first asks for them. */
export function searched(sheet: Sheet): { circuit: Circuit; system: System } {
  const known = kept.get(sheet);
  if (known) return known;
  const { circuit } = circuitOf(sheet);
  const system = systemOf({
    circuit,
    parts: placedParts(circuit, sheet.components),
    highestVolts: sheet.highestVolts,
    nature: natureFor(sheet, circuit),
  });
  const made = { circuit, system };
  kept.set(sheet, made);
  return made;
}
