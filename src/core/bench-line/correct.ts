import { kindOf, writeLine, type Content } from "../kinds";
import type { LineContext, NumberOf } from "../shorthand";
import { merge, same } from "./merge";

const numberIn =
  (context: LineContext): NumberOf =>
  (id) =>
    context.tape.find((item) => item.id === id)?.n;

/** The line of an entry as it is edited in a correction. */
export const lineOf = (content: Content, context: LineContext): string => writeLine(content, numberIn(context));

/** Fields of one content over those of another, key by key. */
const fieldsOf = (content: Content) => content.payload as unknown as Record<string, unknown>;

/**
 * What an entry says after a correction through its line: what the line changed is changed, all else stays. A correction
 * that makes it an entry of another kind says all of it anew. What hangs on the point or part goes with it.
 * @param read reads a line as this entry's own, undefined where it does not read
 */
export function corrected(
  base: Content,
  after: Content,
  context: LineContext,
  read: (line: string) => Content | undefined,
): Content {
  const before = read(lineOf(base, context));
  if (!before || before.kind !== base.kind || after.kind !== base.kind) return after;
  const merged = merge(fieldsOf(base), fieldsOf(before), fieldsOf(after)) as Record<string, unknown>;
  const { about, tied } = kindOf(base);
  if (about(before.payload) !== about(after.payload))
    for (const field of tied as readonly string[]) {
      const value = fieldsOf(after)[field];
      if (value === undefined) delete merged[field];
      else merged[field] = value;
    }
  return { kind: base.kind, payload: merged } as unknown as Content;
}

/** A field in words with what it says. */
export type FieldInWords = { field: string; name: string };

/** Fields of an entry that its line does not say, and that a correction through it leaves untouched. */
export function untouched(
  base: Content,
  context: LineContext,
  read: (line: string) => Content | undefined,
): FieldInWords[] {
  const before = read(lineOf(base, context));
  const said: Record<string, unknown> = before?.kind === base.kind ? fieldsOf(before) : {};
  const { fields } = kindOf(base) as unknown as { fields: Record<string, string> };
  return Object.entries(fieldsOf(base)).flatMap(([field, value]): FieldInWords[] => {
    const empty = value === undefined || (Array.isArray(value) && value.length === 0) || value === false;
    if (field === "v" || empty || same(said[field], value)) return [];
    return [{ field, name: fields[field] ?? field }];
  });
}
