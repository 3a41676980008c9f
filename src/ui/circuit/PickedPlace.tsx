"use client";

import { ratingsOf, type CircuitAnswer } from "@/core/circuit";
import { spoken } from "@/core/drawing";
import { CHASSIS, nodeOfPoint, type Sheet } from "@/core/model";
import { format } from "@/core/quantity";
import type { Picked } from "./CircuitDrawing";

type Solved = Extract<CircuitAnswer, { ok: true }>;
type PickedPlaceProps = { picked: Picked; sheet: Sheet; answer: Solved };

const volts = (value: number) => format(value, "voltage", 3);
const watts = (value: number) => format(value, "power", 2);

function OfNode({ node, sheet, answer }: { node: string; sheet: Sheet; answer: Solved }) {
  const net = answer.nodes.find((one) => one.node === node)?.volts;
  const charted = sheet.points.find((one) => one.quantity === "voltage" && nodeOfPoint(one.point) === node);
  const metered = answer.points.find((one) => one.node === node);
  const joined = (sheet.net ?? [])
    .filter(({ from, to, tap }) => [from, to, tap].includes(node))
    .map(({ part }) => part);
  return (
    <>
      <strong>{spoken(node)}</strong>
      {net === undefined ? null : <> {volts(net)} by the net</>}
      {metered && net !== undefined && Math.abs(metered.volts - net) > 0.02 * Math.abs(net) ? (
        <>, {volts(metered.volts)} with the meter of the chart</>
      ) : null}
      {charted ? <>; the chart has {volts(charted.expected)}</> : null}
      {metered?.disagrees ? <span className="font-semibold text-warning">: they disagree</span> : null}
      {joined.length > 0 ? <>. Joined here: {joined.join(", ")}.</> : "."}
    </>
  );
}

function OfPart({ part, sheet, answer }: { part: string; sheet: Sheet; answer: Solved }) {
  const rating = ratingsOf(sheet, answer.loads, new Map(answer.highest)).find((one) => one.part === part);
  const tube = answer.tubes.find((one) => one.tube === part);
  const load = answer.loads.find((one) => one.part === part);
  const row = sheet.net?.find((one) => one.part === part);
  const end = (node: string) =>
    node === CHASSIS ? (sheet.supply === "live-chassis" ? "B−" : "chassis") : spoken(node);
  if (tube)
    return (
      <>
        <strong>{part}</strong> dissipates {watts(tube.plateWatts)} at its plate
        {tube.plateLimit === undefined ? "" : `, of ${watts(tube.plateLimit)}`}
        {tube.screenWatts > 0
          ? `; ${watts(tube.screenWatts)} at its screen${tube.screenLimit === undefined ? "" : `, of ${watts(tube.screenLimit)}`}`
          : ""}
        .
      </>
    );
  const [across, spent] = [rating?.volts ?? Math.abs(load?.volts ?? 0), rating?.watts ?? load?.watts ?? 0];
  return (
    <>
      <strong>{part}</strong>
      {row ? ` from ${end(row.from)} to ${end(row.to)}` : ""}
      {load ? `: ${volts(across)} across it` : "."}
      {spent > 1e-4 ? `, ${watts(spent)}` : ""}
      {load && !rating?.highest ? "." : ""}
      {rating?.highest === undefined
        ? ""
        : `, at most ${volts(rating.highest)} while the tubes are cold or the line is high.`}
      {rating?.ratedVolts === undefined ? "" : ` It is made for ${volts(rating.ratedVolts)}.`}
      {rating?.ratedWatts === undefined ? "" : ` It is made for ${watts(rating.ratedWatts)}.`}
      {rating && rating.over.length > 0 ? (
        <span className="font-semibold text-warning"> More {rating.over.join(" and ")} than it is made for.</span>
      ) : null}
    </>
  );
}

/** What the net says of the node or the part that was pressed. */
export function PickedPlace({ picked, sheet, answer }: PickedPlaceProps) {
  return (
    <p role="status" className="min-h-6">
      {picked.kind === "node" ? (
        <OfNode node={picked.name} sheet={sheet} answer={answer} />
      ) : (
        <OfPart part={picked.name} sheet={sheet} answer={answer} />
      )}
    </p>
  );
}
