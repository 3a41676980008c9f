import type { CircuitQuestion } from "@/core/circuit";
import { partRules, type Sheet } from "@/core/model";
import { parsePart } from "@/core/quantity";
import { tubeType } from "@/core/tubes";

export type Imagined =
  | { kind: "empty" }
  | { kind: "problem"; message: string }
  | { kind: "question"; question: CircuitQuestion; says: string };

/** A part with another value, or a tube of another type: the question about the set as it would be. */
export function imagine(base: CircuitQuestion, sheet: Sheet, part: string, becomes: string): Imagined {
  const name = part.trim().toUpperCase();
  const text = becomes.trim();
  if (name === "" || text === "") return { kind: "empty" };
  const tube = sheet.tubes.find(({ position }) => position === name);
  if (tube) {
    const type = tubeType(text);
    if (!type) return { kind: "problem", message: `${text} is not in the tube table.` };
    const tubes = base.sheet.tubes.map((one) => (one.position === name ? { ...one, type: type.type } : one));
    return {
      kind: "question",
      question: { ...base, sheet: { ...base.sheet, tubes } },
      says: `${name} is a ${type.type} in place of the ${tube.type}`,
    };
  }
  const component = sheet.components.find(({ designator }) => designator === name);
  if (!component) return { kind: "problem", message: `${name} is neither a part nor a tube of this model.` };
  const parsed = parsePart(text, partRules(sheet, name));
  const value = parsed.ok ? parsed.value.sections[0] : undefined;
  if (!parsed.ok || value === undefined)
    return {
      kind: "problem",
      message: parsed.ok ? "A value is needed." : parsed.kind === "ambiguous" ? parsed.question : parsed.message,
    };
  return {
    kind: "question",
    question: { ...base, values: [...base.values.filter(([one]) => one !== name), [name, value]] },
    says: `${name} is ${text} in place of ${component.drawn}`,
  };
}
