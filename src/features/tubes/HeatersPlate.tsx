"use client";

import { format } from "@/core/quantity";
import { useCircuitFacts } from "@/ui/circuit/useCircuit";
import { Empty } from "@/ui/Empty";
import { useLogbook } from "@/ui/logbook";
import { fittedHeaters, inSeries, tubePlaces } from "@/core/visit";
import { HeaterBudget } from "./HeaterBudget";
import { HeaterString } from "./HeaterString";

/**
 * What stands between heater and cathode where the sheet of the type says nothing, V. Shop’s rule after the receiving types
 * of the tube manuals.
 */
const HEATER_TO_CATHODE = 90;

/** Cathodes by the net against heaters at chassis; in a string the heater's own place in the line comes on top. */
function HeaterToCathode() {
  const { sheet } = useLogbook().model;
  const facts = useCircuitFacts(sheet);
  const highest = facts?.tubes.reduce<{ tube: string; cathodeVolts: number } | undefined>(
    (most, one) => (Math.abs(one.cathodeVolts) > Math.abs(most?.cathodeVolts ?? 0) ? one : most),
    undefined,
  );
  if (!highest) return null;
  const { tube, cathodeVolts } = highest;
  const over = Math.abs(cathodeVolts) > HEATER_TO_CATHODE;
  return (
    <p className={`mt-2 ${over ? "border-l-4 border-warning pl-2 font-semibold" : "dim"}`}>
      By the net the highest cathode is that of {tube}, {format(cathodeVolts, "voltage", 3)} from chassis
      {inSeries(sheet) ? "; the heater’s own place in the string comes on top" : ""}. Most receiving tubes bear{" "}
      {HEATER_TO_CATHODE} V between heater and cathode.
    </p>
  );
}

/** Heaters: the budget of a transformer's windings, or the series string as it settles. */
export function HeatersPlate() {
  const { input } = useLogbook();
  const places = tubePlaces(input);
  const heaters = fittedHeaters(places, input.sheet);
  if (heaters.length === 0)
    return <Empty title="No heaters here.">The sheet names no tube whose heater is known.</Empty>;
  return (
    <>
      {inSeries(input.sheet) ? (
        <HeaterString key={places.map(({ fitted }) => fitted).join()} places={places} />
      ) : (
        <HeaterBudget places={places} />
      )}
      <HeaterToCathode />
    </>
  );
}
