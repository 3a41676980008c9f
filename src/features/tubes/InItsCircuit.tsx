"use client";

import { useMemo } from "react";
import type { StageGain, TubeLoad } from "@/core/circuit";
import { format } from "@/core/quantity";
import { useCircuitFacts } from "@/ui/circuit/useCircuit";
import { useLogbook } from "@/ui/logbook";

const volts = (value: number) => format(value, "voltage", 3);
const amps = (value: number) => format(value, "current", 3);
const watts = (value: number) => format(value, "power", 3);

/** Beyond its limit, near it, or well below. */
function Against({ spent, limit, of }: { spent: number; limit: number | undefined; of: string }) {
  if (limit === undefined)
    return (
      <>
        {watts(spent)} at the {of}
      </>
    );
  return (
    <>
      {watts(spent)} of {watts(limit)} at the {of}
      {spent > limit ? <strong className="text-warning">, more than it may</strong> : null}
    </>
  );
}

function Load({ load, name, gain }: { load: TubeLoad; name: string; gain: StageGain | undefined }) {
  return (
    <p>
      {name}: bias <strong className="font-mono">{volts(load.bias)}</strong>, cathode {volts(load.cathodeVolts)}, plate{" "}
      <strong className="font-mono">{amps(load.plateAmps)}</strong>
      {load.screenAmps > 0 ? `, screen ${amps(load.screenAmps)}` : ""};{" "}
      <Against spent={load.plateWatts} limit={load.plateLimit} of="plate" />
      {load.screenWatts > 0 ? (
        <>
          , <Against spent={load.screenWatts} limit={load.screenLimit} of="screen" />
        </>
      ) : null}
      {gain
        ? `; gain at ${format(gain.hertz, "frequency")} ${gain.gain.toPrecision(3)}, ${(20 * Math.log10(gain.gain)).toFixed(1)} dB`
        : ""}
      .
    </p>
  );
}

/** A tube that tests within this of nominal works as a new one does, as a fraction. */
const AS_NEW = 0.05;

/**
 * What a tube does in this set, by its net: bias, currents, dissipation; and with the tube as it tested.
 * @param ratio its last test, as a share of nominal
 */
export function InItsCircuit({ position, ratio }: { position: string; ratio: number | undefined }) {
  const { sheet } = useLogbook().model;
  const facts = useCircuitFacts(sheet);
  const tested = useMemo(
    () =>
      ratio === undefined || Math.abs(ratio - 1) < AS_NEW
        ? undefined
        : { strengths: [[position, ratio]] satisfies [string, number][] },
    [position, ratio],
  );
  const withIt = useCircuitFacts(sheet, tested);
  const own = (load: TubeLoad) => load.tube.replace(/[ab]$/, "") === position;
  const loads = facts?.tubes.filter(own) ?? [];
  if (loads.length === 0) return null;
  return (
    <section aria-label={`${position} in its circuit`} className="mt-2 border-t border-base-300 pt-2">
      <h3 className="font-bold">In its circuit, by the net</h3>
      {loads.map((load) => (
        <Load
          key={load.tube}
          load={load}
          gain={facts?.gains.find(({ stage }) => stage === load.tube)}
          name={loads.length > 1 ? load.tube : "With a nominal tube"}
        />
      ))}
      {tested && ratio !== undefined
        ? withIt?.tubes
            .filter(own)
            .map((load) => (
              <Load
                key={load.tube}
                load={load}
                gain={withIt.gains.find(({ stage }) => stage === load.tube)}
                name={`${loads.length > 1 ? `${load.tube}, ` : ""}With this one, ${Math.round(100 * ratio)} % as tested`}
              />
            ))
        : null}
    </section>
  );
}
