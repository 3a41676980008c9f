import type { RecipeLine } from "@/core/kinds";

/** Reads a text line by line; the first line that does not read is named by its number. */
export function readLines<T>(text: string, read: (line: string) => RecipeLine<T>): { values: T[]; trouble?: string } {
  const values: T[] = [];
  for (const [index, line] of text.split("\n").entries()) {
    if (!line.trim()) continue;
    const one = read(line.trim());
    if (!one.ok) return { values, trouble: `Line ${index + 1}: ${one.message}` };
    values.push(one.value);
  }
  return { values };
}
