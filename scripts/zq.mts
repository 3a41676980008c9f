import { MADE_UP_SETS } from "@/core/practice";
import { practiceSet } from "@/core/practice/set";
for (const k of ["lantern", "fjord"]) {
  const m = MADE_UP_SETS[k]!;
  const set = practiceSet(m.sheet, m.year, "2026-01-06T08:00:00.000Z")!;
  const c = [...set.hot.values()].find(c => /output primary open/.test(c.key))!;
  const ch = c.change(1); const g = 1e-10 - ch.shunts![0]!.siemens;
  let x = set.sound.x;
  for (const r of [1e-3, 1e-4, 3e-5, 1e-5,3e-6, 1e-6,3e-7, 1e-7, 1e-8, 1e-9, 1e-10]) { const s = set.sound.solver.solve({ shunts: [{ ...ch.shunts![0]!, siemens: r - g }] }, x); if (s.ok) x = s.x; console.log(k, r, s.ok, s.ok ? [s.steps, s.x[set.sound.compiled.index.get("V4.plate")!], s.x[set.sound.compiled.index.get("V4.screen")!]] : s.why); }
}
