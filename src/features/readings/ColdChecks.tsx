"use client";

import { useState } from "react";
import { judgeSisters } from "@/core/readings";
import { coldRows } from "@/core/visit";
import { LineHint } from "@/ui/LineHint";
import { useLogbook } from "@/ui/logbook";
import { VerdictMark } from "@/ui/VerdictMark";
import { Detail } from "./Detail";
import { ReadingsTable } from "./ReadingsTable";
import { useReadings } from "./useReadings";

/** Cold checks: resistances with the set unplugged and discharged, each with its verdict. */
export function ColdChecks() {
  const { model } = useLogbook();
  const { cell, taken, circumstances } = useReadings("cold");
  const [focused, setFocused] = useState<string>();
  const rows = coldRows(model.sheet);
  const at = rows.find((row) => row.point === focused);
  const sisters = judgeSisters(
    rows.flatMap((row) => {
      const value = taken.get(row.point)?.payload.measured.value;
      return row.group && value !== undefined ? [{ name: row.point, group: row.group, ohms: value }] : [];
    }),
  );
  return (
    <section aria-label="Cold checks" className="mt-5">
      <h2 className="text-lg font-bold">Cold checks</h2>
      <p className="dim">
        Unplugged and discharged, switch on. Write <span className="font-mono">open</span> where there is no path. A
        winding that reads right is continuous, no more: a shorted turn does not show at DC.
      </p>
      <ReadingsTable
        label="Cold checks"
        rows={rows}
        nowTitle="Reads"
        cellOf={cell}
        circumstances={circumstances}
        focused={focused}
        onFocus={setFocused}
      />
      {at ? <Detail row={at} cell={cell(at)} taken={taken} checked={[]} /> : null}
      <ul className="mt-2">
        {sisters.map((one) => (
          <li key={one.group} className="flex gap-2">
            <VerdictMark mark={one.apart ? "bad" : "good"} note={one.apart ? "apart" : "alike"} />
            <span>{one.text}</span>
          </li>
        ))}
      </ul>
      <div className="mt-2">
        <LineHint line={`${rows[0]?.point ?? "B+ to chassis"} 24.5 Ω`} />
      </div>
    </section>
  );
}
