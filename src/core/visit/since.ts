import { changeOf, ofKind, type Settled } from "../kinds";

/** What is known of a result, to say whether it holds of the set as it is now. */
type Result = { id: string; at: string };

/** When the set was changed last in this visit; what was measured before it may hold no longer. */
export const lastWorkAt = (settled: readonly Settled[], visitId: string): string | undefined =>
  settled.findLast(({ entry, content }) => entry.visitId === visitId && content !== null && changeOf(content))?.at;

/**
 * Says of a result of a visit what was changed since: `before K1 was cleaned`. Undefined where nothing was, or where
 * somebody has said since that it still holds.
 */
export function markOf(settled: readonly Settled[], visitId: string): (result: Result) => string | undefined {
  const changes = settled.flatMap(({ entry, at, content }) => {
    const words = content && entry.visitId === visitId ? changeOf(content) : undefined;
    return words ? [{ at: Date.parse(at), words }] : [];
  });
  const held = new Map(
    ofKind(settled, "holds").map(({ at, content }) => [content.payload.about, Date.parse(at)] as const),
  );
  return ({ id, at }) => {
    const since = Math.max(Date.parse(at), held.get(id) ?? 0);
    const later = changes.filter((change) => change.at > since);
    const last = later.at(-1);
    if (!last) return undefined;
    return `before ${last.words}${later.length > 1 ? ` (${later.length} changes since)` : ""}`;
  };
}
