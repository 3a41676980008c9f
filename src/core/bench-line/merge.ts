/**
 * What a correction makes of an entry: the three-way merge of its fields. `before` and `after` are what the line of the
 * entry reads as, before it was edited and after. Where the two agree nothing was said: the entry keeps what it has,
 * also what no line can say. Where they differ the edited line holds.
 */

type Fields = Record<string, unknown>;

const isFields = (value: unknown): value is Fields =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/** The same value, whatever the order of its fields; a field that is undefined is none. */
export function same(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (Array.isArray(a) && Array.isArray(b))
    return a.length === b.length && a.every((value, index) => same(value, b[index]));
  if (!isFields(a) || !isFields(b)) return false;
  const keys = new Set([...Object.keys(a), ...Object.keys(b)]);
  return [...keys].every((key) => same(a[key], b[key]));
}

/** What tells the items of a list apart: a place in the set, else a name. */
const nameOf = (item: unknown): unknown => (isFields(item) ? (item.designator ?? item.part ?? item.name) : undefined);

/** The item of the entry that an item of the edited line stands for. */
function originOf(item: unknown, index: number, before: readonly unknown[], after: readonly unknown[]): number {
  const equal = before.findIndex((one) => same(one, item));
  if (equal >= 0) return equal;
  const name = nameOf(item);
  const named = name === undefined ? -1 : before.findIndex((one) => same(nameOf(one), name));
  if (named >= 0) return named;
  return before.length === after.length ? index : -1;
}

function mergeLists(base: readonly unknown[], before: readonly unknown[], after: readonly unknown[]): unknown[] {
  // The line told other items than the entry has: there is nothing to hold them against.
  if (base.length !== before.length) return [...after];
  return after.map((item, index) => {
    const origin = originOf(item, index, before, after);
    return origin < 0 ? item : merge(base[origin], before[origin], item);
  });
}

/**
 * @param base what the entry says @param before what its own line reads as @param after what the edited line reads as
 * @example merge({ what: "x", price: 3 }, { what: "x" }, { what: "y" }) // { what: "y", price: 3 }
 */
export function merge(base: unknown, before: unknown, after: unknown): unknown {
  if (same(before, after)) return base;
  if (Array.isArray(base) && Array.isArray(before) && Array.isArray(after)) return mergeLists(base, before, after);
  if (!isFields(base) || !isFields(before) || !isFields(after)) return after;
  const keys = new Set([...Object.keys(base), ...Object.keys(after)]);
  const merged: Fields = {};
  for (const key of keys) {
    const value = same(before[key], after[key]) ? base[key] : merge(base[key], before[key], after[key]);
    if (value !== undefined) merged[key] = value;
  }
  return merged;
}
