import type { Change } from "./dc";

export type { Change };

/** Two changes of a circuit at once. */
export function joined(a: Change, b: Change): Change {
  const strength = new Map(a.strength ?? []);
  for (const [law, share] of b.strength ?? []) strength.set(law, (strength.get(law) ?? 1) * share);
  return { shunts: [...(a.shunts ?? []), ...(b.shunts ?? [])], strength };
}
