import { judgeReading } from "../history";
import { UNMARKED_PART_TOLERANCE } from "../readings";
import { draftOf } from "./check";
import { drawnAt, type Before } from "./part-pieces";
import { notUnderstood, type LineContext, type LineResult } from "./types";

/** `R7 470k = 612k`: a part that was measured, against its marking or the drawing. */
export function readingDraft(designator: string, before: Before, context: LineContext, at: number): LineResult {
  const measured = before.measured;
  if (!measured) return notUnderstood(at, `${designator}: write = and the measured value.`);
  const base =
    context.base?.kind === "reading" && context.base.payload.point === designator ? context.base.payload : undefined;
  const drawn = drawnAt(designator, context);
  const spec = before.spec ?? drawn?.spec;
  const [nominal] = spec && spec.sections.length === 1 ? spec.sections : [];
  const expected =
    nominal !== undefined && nominal > 0
      ? { text: before.was ?? drawn?.text ?? "", value: nominal, tolerance: spec?.tolerance ?? UNMARKED_PART_TOLERANCE }
      : undefined;
  const keep = base?.expected && (!before.was || base.expected.text === before.was) ? base.expected : expected;
  const inCircuit = measured.quantity === "resistance" && before.inCircuit;
  const payload = {
    v: 1 as const,
    phase: base?.phase ?? context.phase,
    point: designator,
    designator,
    quantity: measured.quantity,
    measured: { text: measured.text, value: measured.value },
    ...(keep ? { expected: keep } : {}),
    ...(inCircuit ? { inCircuit } : {}),
    ...(base?.meter ? { meter: base.meter } : {}),
    ...(before.found ? { remark: before.found } : {}),
  };
  const hints = [
    ...judgeReading(payload).reasons,
    ...(inCircuit ? ["Taken as in circuit; write “lifted” behind it when one end is off."] : []),
  ];
  if (nominal === undefined && spec) hints.push("A can of several sections: name the section to judge it.");
  return draftOf({ kind: "reading", payload }, at, hints);
}
