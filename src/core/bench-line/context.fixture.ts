import { entry, note, resistance, SHEET, symptom } from "../history/fixtures";
import { settle } from "../history";
import { chartRows } from "../visit";
import type { LineContext } from "./types";

const entries = [
  entry(1, symptom("hum worse when warm")),
  entry(2, resistance("R7", 612e3, 470e3)),
  entry(3, note("mains lead", { open: true })),
];

/** The line's context on the bench of the fixture set, with three entries on the tape. */
export const CONTEXT: LineContext = {
  sheet: SHEET,
  year: 1937,
  bench: { volts: 230, hz: 50 },
  policy: "original",
  setups: {},
  points: chartRows(SHEET, 1937),
  known: new Set([...SHEET.components.map((c) => c.designator), ...SHEET.tubes.map((t) => t.position)]),
  phase: "baseline",
  tape: settle(entries).settled.map((item, index) => ({ n: index + 1, id: item.entry.id, content: item.content })),
};
