import { ofKind, type Modification, type Settled } from "../kinds";
import { unitName, type Quantity } from "../quantity";

/** A point or test before and after a modification went in. */
export type Around = { name: string; quantity?: Quantity; unit?: string; before?: number; after?: number };

/**
 * Readings of a modification's own: what was measured at its tap points, and every test of the whole set in its visit,
 * last before it was fitted and last after. Before it is fitted everything is "before".
 */
export function aroundFitting(settled: readonly Settled[], modification: Modification): Around[] {
  const fitted = modification.changes.find(({ state }) => state === "fitted");
  const points = new Set(modification.payload.taps.map(({ at }) => at.trim().toLowerCase()));
  const rows = new Map<string, Around>();
  const take = (row: Around, at: string, value: number) => {
    const side = fitted && Date.parse(at) >= Date.parse(fitted.at) ? "after" : "before";
    rows.set(row.name, { ...rows.get(row.name), ...row, [side]: value });
  };
  for (const {
    at,
    content: { payload },
  } of ofKind(settled, "reading"))
    if (payload.phase !== "cold" && points.has(payload.point.trim().toLowerCase()))
      take({ name: payload.point, quantity: payload.quantity }, at, payload.measured.value);
  for (const {
    entry,
    at,
    content: { payload },
  } of ofKind(settled, "test-result"))
    if (!payload.designator && entry.visitId === modification.visitId)
      take(
        {
          name: `${payload.test}${payload.condition ? ` at ${payload.condition}` : ""}`,
          ...(payload.unit ? { unit: unitName(payload.unit) } : {}),
        },
        at,
        payload.measured.value,
      );
  return [...rows.values()];
}
