import { kindOf, type Content } from "../kinds";
import type { LineContext } from "../shorthand";
import { lineOf } from "./correct";
import { same } from "./merge";
import { parseLine } from "./parse";

/** A field of an entry, by its name in words. */
export type NamedField = { field: string; name: string; value: unknown };

const isEmpty = (value: unknown): boolean =>
  value === undefined || value === false || (Array.isArray(value) && value.length === 0);

/** Fields of an entry that its line does not say: a correction through the line leaves them as they are. */
export function untouchedFields(base: Content, context: LineContext): NamedField[] {
  const read = parseLine(lineOf(base, context), { ...context, base });
  const own = read.kind === "draft" && read.draft.type === "content" ? read.draft.content : undefined;
  const said: Record<string, unknown> = own?.kind === base.kind ? { ...own.payload } : {};
  const { fields } = kindOf(base) as unknown as { fields: Record<string, string> };
  return Object.entries(base.payload).flatMap(([field, value]): NamedField[] =>
    field === "v" || isEmpty(value) || same(said[field], value) ? [] : [{ field, name: fields[field] ?? field, value }],
  );
}
