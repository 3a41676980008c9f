import { z } from "zod";
import { ACTIONS, NEEDS_REASON, OLD_PARTS, PUTS_IN, writeLine, type Action } from "@/core/kinds";
import type { Position } from "@/core/history";

/** The fields of one piece of work, as typed. They become a bench line, and the line is what is checked. */
export const workFields = z.object({
  designators: z.string(),
  action: z.enum(ACTIONS),
  was: z.string(),
  measured: z.string(),
  found: z.string(),
  now: z.array(z.object({ designator: z.string(), text: z.string(), owner: z.boolean().default(false) })).min(1),
  why: z.string(),
  oldPart: z.enum(["", ...OLD_PARTS]),
});
export type WorkFields = z.infer<typeof workFields>;

export const EMPTY_WORK: WorkFields = {
  designators: "",
  action: "replaced",
  was: "",
  measured: "",
  found: "",
  now: [{ designator: "", text: "", owner: false }],
  why: "",
  oldPart: "",
};

/** Was nothing typed since the form was emptied? */
export const isEmpty = (fields: WorkFields): boolean => JSON.stringify(fields) === JSON.stringify(EMPTY_WORK);

export const putsIn = (action: Action): boolean => PUTS_IN.includes(action);

/** Fields for working on a place: what is there now is what it was. */
export function fieldsFor(position: Position): WorkFields {
  const [part] = position.parts;
  return {
    ...EMPTY_WORK,
    designators: position.designator,
    was: (position.parts.length === 1 ? part?.text : position.drawn) ?? "",
  };
}

/** What the fields still lack before they are worth reading; undefined when they can be read. */
export function stillMissing(fields: WorkFields): string | undefined {
  if (!fields.designators.trim()) return "Choose a part below, or write its designator.";
  if (putsIn(fields.action) && !fields.now.some((part) => part.text.trim()))
    return "What went in: value and rating, like 0.047/630.";
  if (NEEDS_REASON.includes(fields.action) && !fields.why.trim()) return `Why it is ${fields.action}.`;
  return undefined;
}

/** The bench line of the fields. */
export function lineOfFields(fields: WorkFields): string {
  const designators = fields.designators.split(/[+,\s]+/).filter(Boolean);
  if (designators.length === 0) return "";
  const [first = ""] = designators;
  const now = putsIn(fields.action)
    ? fields.now
        .filter((part) => part.text.trim())
        .map((part) => ({
          designator: part.designator.trim() || first,
          text: part.text.trim(),
          ...(part.owner ? { source: "owner" as const } : {}),
        }))
    : [];
  return writeLine({
    kind: "part-work",
    payload: {
      v: 1,
      designators,
      action: fields.action,
      ...(fields.was.trim() ? { was: fields.was.trim() } : {}),
      ...(fields.measured.trim()
        ? { measured: { text: fields.measured.trim(), value: 0, quantity: "resistance" } }
        : {}),
      ...(fields.found.trim() ? { found: fields.found.trim() } : {}),
      now,
      ...(fields.why.trim() ? { why: fields.why.trim() } : {}),
      ...(fields.oldPart ? { oldPart: fields.oldPart } : {}),
    },
  });
}
