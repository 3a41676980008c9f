import { contentSchema, describe, type Content } from "../history";
import { notUnderstood, type LineResult } from "./types";

/** Holds a content against its schema: a draft with its line, or the first sentence of what is wrong. */
export function draftOf(content: unknown, at: number, hints: string[] = []): LineResult {
  const parsed = contentSchema.safeParse(content);
  if (!parsed.success) return notUnderstood(at, parsed.error.issues[0]?.message ?? "This is not a complete entry.");
  const value: Content = parsed.data;
  return { kind: "draft", draft: { type: "content", content: value }, line: describe(value), hints };
}
