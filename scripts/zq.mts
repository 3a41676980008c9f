import { MADE_UP_SETS } from "@/core/practice";
import { netMoves, solveSheet, isSolved } from "@/core/circuit";
import { circuitSheet, searchOf } from "@/core/visit";
import { searched } from "@/core/kinds";
for (const [k, m] of Object.entries(MADE_UP_SETS)) {
  const { sheet } = m as any;
  const t = performance.now();
  const cs = circuitSheet(sheet);
  const s = solveSheet(cs);
  const physics = netMoves(cs);
  const t1 = performance.now();
  const search = searchOf({ sheet, year: (m as any).year, settled: [], visitId: "x", now: "2026-01-06T08:00:00.000Z", ...(physics ? {physics} : {}) } as any);
  const faults = search.system.faults;
  console.log(k, (m as any).maker, (m as any).designation, sheet.kind, "net", sheet.net?.length ?? 0, s && isSolved(s), "faults", faults.length, "net", faults.filter(f => f.net).length, "novolts", faults.filter(f => !f.net && f.mode.volts.length === 0).length, "tests", search.system.tests.length, Math.round(t1 - t), "ms", search.circuit.topology, search.proposed);
}
