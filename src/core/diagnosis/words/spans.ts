/** A stretch of a text, and what was found there. */
export type Span = { from: number; to: number };
export type Tagged<T extends string> = Span & { tag: T };
/** All places where the words of a list stand. */
export function spansOf<T extends string>(text: string, words: Readonly<Record<T, RegExp>>): Tagged<T>[] {
  return (Object.keys(words) as T[]).flatMap((tag) =>
    [...text.matchAll(new RegExp(words[tag].source, "g"))].map(({ 0: found, index }) => ({
      tag,
      from: index,
      to: index + found.length,
    })),
  );
}

/** Of matches that overlap the longest counts, then the first in the list. */
export function longest<T extends Span>(spans: readonly T[]): T[] {
  const kept: T[] = [];
  for (const one of [...spans].sort((a, b) => b.to - b.from - (a.to - a.from)))
    if (!kept.some(({ from, to }) => one.from < to && from < one.to)) kept.push(one);
  return kept.sort((a, b) => a.from - b.from);
}
