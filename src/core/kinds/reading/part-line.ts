import { drawnSpec, partRules } from "../../model";
import type { PartSpec, Quantity } from "../../quantity";
import { UNMARKED_PART_TOLERANCE } from "../../readings";
import { notUnderstood, payloadOf, type LineContext, type LineReading } from "../../shorthand";
import { buildReading } from "./build";
import type { Reading } from "./payload";
import { phaseOf } from "./phase";

/** What the drawing has at a designator, where it reads in one way. */
export function drawnAt(designator: string, context: LineContext): { text: string; spec: PartSpec } | undefined {
  const component = context.sheet.components.find((item) => item.designator === designator);
  const spec = component ? drawnSpec(context.sheet, component) : undefined;
  return component && spec ? { text: component.drawn, spec } : undefined;
}

/** A part that was measured, as it was typed. */
export type MeasuredPart = {
  designator: string;
  /** its marking, where the line says it */
  was?: string | undefined;
  spec?: PartSpec | undefined;
  quantity: Quantity;
  text: string;
  /** place of the measured value in the line */
  at: number;
  lifted: boolean;
  remark?: string | undefined;
};

/** `R7 470k = 612k`: a part that was measured, against its marking or the drawing. */
export function readPartReading(part: MeasuredPart, context: LineContext): LineReading {
  const { designator, was, quantity, lifted } = part;
  const before = payloadOf<Reading>(context.base, "reading");
  const base = before?.point === designator ? before : undefined;
  const drawn = drawnAt(designator, context);
  const spec = part.spec ?? drawn?.spec;
  const [nominal] = spec && spec.sections.length === 1 ? spec.sections : [];
  const expected =
    nominal !== undefined && nominal > 0
      ? { text: was ?? drawn?.text ?? "", value: nominal, tolerance: spec?.tolerance ?? UNMARKED_PART_TOLERANCE }
      : undefined;
  const kept = base?.expected && (!was || base.expected.text === was) ? base.expected : expected;
  const built = buildReading({
    row: { point: designator, designator, quantity, ...(kept ? { expected: kept } : {}) },
    text: part.text,
    phase: base?.phase ?? phaseOf({ quantity, onChart: false, step: context.step, otherwise: context.phase }),
    lifted,
    rules: partRules(context.sheet, designator),
    remark: part.remark,
  });
  if (built.kind !== "reading")
    return notUnderstood(part.at, built.kind === "problem" ? built.message : built.question);
  const hints = [
    ...built.judgement.reasons,
    ...(built.payload.inCircuit ? ["Taken as in circuit; write “lifted” behind it when one end is off."] : []),
  ];
  if (nominal === undefined && spec) hints.push("A can of several sections: name the section to judge it.");
  return { kind: "payload", of: "reading", payload: built.payload, at: part.at, hints };
}
