import { KIND_RIGHTS } from "./entries";
import { roleRefusal, type Right } from "./rights";
import type { Role } from "./roles";

type Known = { id: string; kind: string; amends: string | null };

/** What a kind of entry asks of its writer; one that is not known asks for the right to write. */
export const rightOfKind = (kind: string): Right =>
  Object.hasOwn(KIND_RIGHTS, kind) ? KIND_RIGHTS[kind as keyof typeof KIND_RIGHTS] : "write";

/**
 * Why somebody of this role may not write this entry, as it is told to them; undefined when they may, as far as the
 * entries that are at hand tell: the server decides.
 */
export function notForRole(
  role: Role,
  { kind, amends }: Pick<Known, "kind" | "amends">,
  entries: readonly Known[],
): string | undefined {
  // An amendment asks what the entry asks that it amends in the end.
  let asked = kind;
  let target = amends;
  const seen = new Set<string>();
  while (target !== null && !seen.has(target)) {
    seen.add(target);
    const one = entries.find(({ id }) => id === target);
    if (one) asked = one.kind;
    target = one?.amends ?? null;
  }
  return roleRefusal(role, rightOfKind(asked));
}
