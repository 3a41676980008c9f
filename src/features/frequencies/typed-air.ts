import { readKilohertz, SERVICES, type Allocation, type Service } from "@/core/frequencies";

/** A row of the table of allocations as it is typed. */
export type TypedAllocation = { service: string; name: string; regions: string; from: string; to: string };

const KILO = 1e3;

export const typedAllocation = ({ service, name, regions, from, to }: Allocation): TypedAllocation => ({
  ...{ service, name },
  regions: regions.join(" "),
  from: String(from / KILO),
  to: String(to / KILO),
});

const kilohertz = (text: string): number | undefined => {
  const hertz = readKilohertz(text);
  return hertz === undefined ? undefined : Math.round(hertz);
};

/**
 * Reads the typed table; empty rows are left out.
 * @returns the allocations, or the first sentence that says what does not read, with its row
 */
export function readAllocations(
  rows: readonly TypedAllocation[],
): { ok: true; allocations: Allocation[] } | { ok: false; message: string } {
  const allocations: Allocation[] = [];
  for (const [at, row] of rows.entries()) {
    if (!row.name.trim() && !row.from.trim() && !row.to.trim()) continue;
    const where = `Row ${at + 1}${row.name.trim() ? `, ${row.name.trim()}` : ""}`;
    const regions = [...new Set(row.regions.match(/[123]/g) ?? [])].map(Number) as Allocation["regions"];
    const [from, to] = [kilohertz(row.from), kilohertz(row.to)];
    if (!row.name.trim()) return { ok: false, message: `${where}: it has no name.` };
    if (regions.length === 0) return { ok: false, message: `${where}: the regions are 1, 2, 3.` };
    if (from === undefined || to === undefined)
      return { ok: false, message: `${where}: from and to are kilohertz: 7000 and 7200.` };
    if (from >= to) return { ok: false, message: `${where}: upside down, the lower end comes first.` };
    const service = SERVICES.find((one): one is Service => one === row.service) ?? "amateur";
    allocations.push({ service, name: row.name.trim().slice(0, 40), regions, from, to });
  }
  return { ok: true, allocations };
}
