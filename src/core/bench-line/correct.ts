import { kindOf, writeAmendment, writeLine, type Body, type Content } from "../kinds";
import type { LineContext, NumberOf } from "../shorthand";
import { merge } from "./merge";

const numberIn =
  (context: LineContext): NumberOf =>
  (id) =>
    context.tape.find((item) => item.id === id)?.n;

/** The line of an entry as it is edited in a correction. */
export const lineOf = (content: Content, context: LineContext): string => writeLine(content, numberIn(context));

/** The line that writes an entry or an amendment anew. @param amends the entry that it amends, where it amends one */
export function lineAnew(body: Body, amends: string | null, context: LineContext): string {
  const numberOf = numberIn(context);
  return body.kind === "amendment"
    ? writeAmendment(body.payload, numberOf(amends ?? "") ?? 0, numberOf)
    : lineOf(body, context);
}

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
  const { about, tied, onlyWhile = {} } = kindOf(base);
  if (about(before.payload) !== about(after.payload))
    for (const field of tied as readonly string[]) {
      const value = fieldsOf(after)[field];
      if (value === undefined) delete merged[field];
      else merged[field] = value;
    }
  for (const [field, of] of Object.entries(onlyWhile))
    if (JSON.stringify(fieldsOf(before)[of]) !== JSON.stringify(fieldsOf(after)[of])) delete merged[field];
  return { kind: base.kind, payload: merged } as unknown as Content;
}
