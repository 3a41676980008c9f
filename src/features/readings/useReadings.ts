"use client";

import { useState } from "react";
import type { Phase } from "@/core/history";
import { lastWorkAt, takenIn, type PointRow, type Taken } from "@/core/visit";
import { useLogbook } from "@/ui/logbook";
import { lineVoltsOf, liveVerdict, type Live } from "./rows";
import type { SetUp } from "./SetUp";

export type Cell = {
  text: string;
  live: Live;
  stale?: Taken | undefined;
  error?: string | undefined;
  save: () => void;
  setText: (text: string) => void;
};

/** What the table's cells hold while they are typed, and how they are written to the log. */
export function useReadings(phase: Phase) {
  const { settled, visit, append } = useLogbook();
  const taken = takenIn(settled, visit.id, phase);
  const worked = lastWorkAt(settled, visit.id);
  const before = [...taken.values()].map((one) => one.payload);
  const lastLine = before.findLast((payload) => payload.lineVolts !== undefined)?.lineVolts;
  const lastMeter = before.findLast((payload) => payload.meter !== undefined)?.meter;
  const [typed, setTyped] = useState<Record<string, string>>({});
  const [errors, setErrors] = useState<Record<string, string | undefined>>({});
  const [own, setSetUp] = useState<SetUp>();
  // The set-up of the last reading goes on until somebody changes it.
  const setUp = own ?? { line: lastLine ? String(lastLine) : "", meter: lastMeter ?? "" };
  const { volts } = lineVoltsOf(setUp.line);

  const cell = (row: PointRow): Cell => {
    const found = taken.get(row.point);
    // A proof from before the last work proves nothing: it is shown as stale, and the cell waits for a new one.
    const stale =
      phase === "prove" && found !== undefined && worked !== undefined && Date.parse(found.at) < Date.parse(worked);
    const known = stale ? undefined : found;
    const text = typed[row.point] ?? known?.payload.measured.text ?? "";
    // What was taken is judged at the line it was taken at; what is being typed, at the line as it is now.
    const live = liveVerdict(text, row, typed[row.point] === undefined && known ? known.payload.lineVolts : volts);
    const save = async () => {
      if (live.kind !== "value" || (known && known.payload.measured.text === text.trim())) return;
      const reading = {
        v: 1,
        phase,
        point: row.point,
        quantity: row.quantity,
        measured: { text: text.trim(), value: live.value },
        ...(row.designator ? { designator: row.designator } : {}),
        ...(row.expected ? { expected: row.expected } : {}),
        ...(volts ? { lineVolts: volts } : {}),
        ...(setUp.meter.trim() ? { meter: setUp.meter.trim() } : {}),
        ...(row.quantity === "resistance" ? { inCircuit: true } : {}),
      } as const;
      const outcome = await append({ kind: "reading", payload: reading });
      setErrors((all) => ({ ...all, [row.point]: outcome.ok ? undefined : outcome.problems[0]?.message }));
      if (outcome.ok) setTyped(({ [row.point]: _saved, ...rest }) => rest);
    };
    return {
      text,
      live,
      stale: stale ? found : undefined,
      error: errors[row.point],
      save: () => void save(),
      setText: (next) => setTyped((all) => ({ ...all, [row.point]: next })),
    };
  };
  return { cell, setUp, setSetUp };
}
