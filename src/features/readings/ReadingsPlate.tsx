"use client";

import { useState } from "react";
import { chartTolerance, printMeterLoad, type PointRow } from "@/core/readings";
import { baselineWarning, passesOf, pointRows, setupsOf } from "@/core/visit";
import { nodeOfPoint } from "@/core/model";
import type { Picked } from "@/ui/circuit/CircuitDrawing";
import { Explains } from "@/ui/circuit/later";
import { shapeOf, useKept } from "@/ui/kept";
import { later } from "@/ui/later";
import { LineHint } from "@/ui/LineHint";
import { PastOf } from "@/ui/PastOf";
import { SideBySide } from "@/ui/SideBySide";
import { useLogbook } from "@/ui/logbook";
import { AddPoint } from "./AddPoint";
import { Detail } from "./Detail";
import { ReadingsTable } from "./ReadingsTable";
import { SetUp } from "./SetUp";
import { useReadings } from "./useReadings";

const WalkPanel = later(async () => (await import("./WalkPanel")).WalkPanel);
const DrawnReadings = later(async () => (await import("./DrawnReadings")).DrawnReadings);

/** Passes that stand beside the one that is being read: the last that have a word on it. */
const BESIDE = 1;

type Reading = "baseline" | "check";

/** How the chart was made, in one sentence. */
function ChartConditions() {
  const { sheet } = useLogbook().model;
  if (sheet.points.length === 0) return null;
  const { meter, signal, controls } = sheet.chart ?? {};
  const load = printMeterLoad(meter);
  if (!load)
    return <p className="dim mb-1 text-sm">The chart states no meter: it is judged as found, without loading.</p>;
  const line = sheet.chart?.lineVolts ?? sheet.lineVolts;
  return (
    <p className="dim mb-1 text-sm">
      Chart: {[`${load} meter`, `${line} V line`, signal && `signal ${signal}`, controls].filter(Boolean).join(", ")}.
    </p>
  );
}

type PassProps = { phase: Reading; fresh: boolean };

function PassTable({ phase, fresh }: PassProps) {
  const { model, settled, visit, meters } = useLogbook();
  const { cell, take, takeBack, taken, setUp, setSetUp, holds, writeSetup, circumstances, payload, written } =
    useReadings(phase, {
      fresh,
    });
  const [added, setAdded] = useState<PointRow[]>([]);
  const [focused, setFocused] = useState<string>();
  const known = pointRows(model.sheet, model.year, settled, visit.id).filter((row) => !row.designator);
  const { value: drawn, set: setDrawn } = useKept("readings drawn", shapeOf(false), false);
  const [picked, setPicked] = useState<Picked>();
  const hasNet = (model.sheet.net?.length ?? 0) > 0;
  const rows = [...known, ...added.filter((row) => !known.some((other) => other.point === row.point))];
  const first = rows[0] ?? { point: "B+", quantity: "voltage" as const };
  const at = rows.find((row) => row.point === focused);
  /** A node of the drawing opens its reading; one that the chart does not have becomes a point of this pass. */
  const pick = (next: Picked) => {
    setPicked(next);
    if (next.kind === "part") return setFocused(next.name.split(/[/ ]/)[0]);
    const row = rows.find(({ point, quantity }) => quantity === "voltage" && nodeOfPoint(point) === next.name);
    const point = row?.point ?? next.name.replace(".", " ");
    if (!row) setAdded([...added, { point, quantity: "voltage" }]);
    return setFocused(point);
  };
  // The instrument that is in use here, else the first that can be asked.
  const speaking = meters.filter(({ link, retired }) => link !== null && !retired);
  const asked = speaking.find(({ name }) => name === setUp.meter) ?? speaking[0];
  const volts = rows.filter(({ quantity, point }) => quantity === "voltage" && !taken.has(point));
  const [walking, setWalking] = useState(false);
  /** the points of a walk are those that were open when it began */
  const [walked, setToWalk] = useState<readonly PointRow[]>([]);
  const toWalk = walking ? walked : volts;
  const inSight = hasNet && drawn ? rows.filter((row) => row === at) : rows;
  const beside = passesOf(settled, visit.id)
    .filter((pass) => (phase === "baseline" ? pass.phase !== "baseline" : pass.key !== (written?.id ?? "check")))
    .slice(-BESIDE);
  return (
    <SideBySide side={<PastOf name={focused ?? rows[0]?.point} />}>
      <SetUp setUp={setUp} payload={payload} holds={holds} onChange={setSetUp} onWrite={() => void writeSetup()} />
      <ChartConditions />
      {walking && asked ? (
        <WalkPanel
          meter={asked}
          rows={toWalk}
          circumstances={circumstances}
          take={take}
          takeBack={takeBack}
          onEnd={() => setWalking(false)}
        />
      ) : asked && toWalk.length > 0 ? (
        <button
          type="button"
          className="btn btn-outline mb-2 h-11"
          onClick={() => {
            setSetUp({ meter: asked.name });
            setToWalk(volts);
            setWalking(true);
          }}
        >
          Walk with the probe: {toWalk.length} {toWalk.length === 1 ? "point" : "points"} by {asked.name}
        </button>
      ) : null}
      {hasNet ? (
        <div className="mb-2 flex gap-2" role="group" aria-label="How the points are shown">
          {[false, true].map((asDrawing) => (
            <button
              key={String(asDrawing)}
              type="button"
              className={`btn h-10 ${drawn === asDrawing ? "btn-primary" : "btn-outline"}`}
              aria-pressed={drawn === asDrawing}
              onClick={() => setDrawn(asDrawing)}
            >
              {asDrawing ? "Circuit" : "Table"}
            </button>
          ))}
        </div>
      ) : null}
      {hasNet && drawn ? <DrawnReadings phase={phase} taken={taken} picked={picked} onPick={pick} /> : null}
      {inSight.length > 0 ? (
        <ReadingsTable
          label="Readings"
          rows={inSight}
          passes={beside}
          nowTitle="Measured"
          cellOf={cell}
          circumstances={circumstances}
          focused={focused}
          onFocus={setFocused}
        />
      ) : rows.length > 0 ? null : (
        <p className="dim py-2">
          This model has no voltage chart yet. Add the points you measure; what you expect there is kept with each
          reading.
        </p>
      )}
      {at ? <Detail row={at} cell={cell(at)} taken={taken} checked={setUp.checked} /> : null}
      <Explains phase={phase} />
      <AddPoint
        onAdd={(row) => setAdded([...added, row])}
        taken={rows.map((row) => row.point)}
        tolerance={chartTolerance(model.year ?? undefined)}
      />
      <div className="mt-2">
        <LineHint
          line={`${first.point} ${cell(first).text || "248"} @ ${setUp.line || model.sheet.lineVolts}${setUp.meter ? ` with ${setUp.meter}` : ""} ${phase}`}
        />
      </div>
    </SideBySide>
  );
}

/** Baseline: the chart's points with what was measured, judged while one types; and passes in between. */
export function ReadingsPlate() {
  const { settled, visit } = useLogbook();
  const [phase, setPhase] = useState<Reading>("baseline");
  /** how many set-ups there were when a fresh pass was begun: its own makes one more */
  const [begun, setBegun] = useState<number>();
  const checks = setupsOf(settled, visit.id).filter((one) => one.payload.phase === "check").length;
  const fresh = begun !== undefined && checks === begun;
  const warning = baselineWarning(settled, visit.id);
  const tab = (name: string, active: boolean, onClick: () => void) => (
    <button
      type="button"
      className={`btn h-10 ${active ? "btn-primary" : "btn-outline"}`}
      aria-pressed={active}
      onClick={onClick}
    >
      {name}
    </button>
  );
  return (
    <div>
      {warning ? <p className="mb-2 border-l-4 border-warning pl-2 font-semibold">{warning}</p> : null}
      <div className="mb-2 flex flex-wrap gap-2" role="group" aria-label="Pass">
        {tab("Baseline", phase === "baseline", () => setPhase("baseline"))}
        {tab("In between", phase === "check" && !fresh, () => {
          setPhase("check");
          setBegun(undefined);
        })}
        {tab("New pass", phase === "check" && fresh, () => {
          setPhase("check");
          setBegun(checks);
        })}
      </div>
      <PassTable key={`${phase} ${begun ?? ""}`} phase={phase} fresh={fresh} />
    </div>
  );
}
