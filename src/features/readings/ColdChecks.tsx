"use client";

import { useState } from "react";
import type { CircuitFacts } from "@/core/circuit";
import { spoken } from "@/core/drawing";
import { format } from "@/core/quantity";
import { judgeSisters, type PointRow } from "@/core/readings";
import { coldRows } from "@/core/visit";
import { useCircuitFacts } from "@/ui/circuit/useCircuit";
import { later } from "@/ui/later";
import { LineHint } from "@/ui/LineHint";
import { useLogbook } from "@/ui/logbook";
import { VerdictMark } from "@/ui/VerdictMark";
import { Detail } from "./Detail";
import { ReadingsTable } from "./ReadingsTable";
import { useReadings } from "./useReadings";

const WalkPanel = later(async () => (await import("./WalkPanel")).WalkPanel);

/** Ohms in circuit are as good as the parts’ tolerances, as a fraction. */
const BY_NET = 0.2;

/** From each electrode and rail to chassis, as the set’s circuit has it. */
function netRows({ ohms }: CircuitFacts, live: boolean, there: ReadonlySet<string>): PointRow[] {
  return ohms.flatMap(({ node, plus, minus }): PointRow[] => {
    const point = `${spoken(node)} to ${live ? "B−" : "chassis"}`;
    if (there.has(point) || !Number.isFinite(plus)) return [];
    const other =
      Number.isFinite(minus) && Math.abs(minus / plus - 1) > BY_NET
        ? ` With minus of the meter at it: ${format(minus, "resistance", 3)}, for a junction is on the way.`
        : "";
    return [
      {
        point,
        quantity: "resistance",
        phase: "cold",
        expected: { text: format(plus, "resistance", 3), value: plus, tolerance: BY_NET },
        how: `Computed from the net, everything in its place: all ways to chassis together.${other}`,
      },
    ];
  });
}

/** Cold checks: resistances with the set unplugged and discharged, each with its verdict. */
export function ColdChecks() {
  const { model, meters } = useLogbook();
  const { cell, take, takeBack, taken, circumstances } = useReadings("cold");
  const [focused, setFocused] = useState<string>();
  const [byNet, setByNet] = useState(false);
  const facts = useCircuitFacts(model.sheet);
  const own = coldRows(model.sheet);
  const fromNet = facts
    ? netRows(facts, model.sheet.supply === "live-chassis", new Set(own.map(({ point }) => point)))
    : [];
  const rows = [...own, ...fromNet.filter(({ point }) => byNet || taken.has(point))];
  const at = rows.find((row) => row.point === focused);
  const asked = meters.find(({ link, retired }) => link?.profile.asks.ohms && !retired);
  const open = rows.filter(({ point, quantity }) => quantity === "resistance" && !taken.has(point));
  /** the points of a walk are those that were open when it began */
  const [walking, setWalking] = useState<readonly PointRow[]>();
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
      {walking && asked ? (
        <WalkPanel
          cold
          meter={asked}
          rows={walking}
          circumstances={circumstances}
          take={take}
          takeBack={takeBack}
          onEnd={() => setWalking(undefined)}
        />
      ) : asked && open.length > 0 ? (
        <button type="button" className="btn btn-outline mb-2 h-11" onClick={() => setWalking(open)}>
          Walk with the probe: {open.length} {open.length === 1 ? "point" : "points"} by {asked.name}
        </button>
      ) : null}
      <ReadingsTable
        label="Cold checks"
        rows={rows}
        nowTitle="Reads"
        cellOf={cell}
        circumstances={circumstances}
        focused={focused}
        onFocus={setFocused}
      />
      {fromNet.length > 0 ? (
        <button
          type="button"
          className="btn btn-outline mt-2 h-10"
          aria-pressed={byNet}
          onClick={() => setByNet(!byNet)}
        >
          {byNet ? "Without the ohms by the net" : `Ohms by the net at ${fromNet.length} points`}
        </button>
      ) : null}
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
