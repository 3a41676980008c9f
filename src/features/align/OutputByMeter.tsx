"use client";

import { useState } from "react";
import { READS, type Reads } from "@/core/instruments";
import { printMeasured } from "@/core/readings";
import { LiveReading } from "@/ui/instruments/LiveReading";
import { useLogbook } from "@/ui/logbook";

/** What an output is read in by a meter: sound at the voice coil, or the AVC line. */
const OUTPUTS = ["volts-ac", "volts-dc"] as const satisfies Reads[];

/** Less is the noise of the meter, V. */
const NOISE = 5e-4;

/** The output of a step in figures that are seen from the trimmer; a press takes it as before, then as after. */
export function OutputByMeter({ adjust, onTake }: { adjust: string; onTake: (text: string) => void }) {
  const { meters } = useLogbook();
  const [what, setWhat] = useState<Reads>();
  const meter = meters.find(({ link, retired }) => link !== null && !retired);
  if (!meter) return null;
  if (what)
    return (
      <LiveReading
        key={adjust}
        meter={meter}
        what={what}
        point="speaker"
        title={what === "volts-ac" ? "Output" : "AVC, or output as DC"}
        print={(value) => printMeasured(Math.abs(value) < NOISE ? 0 : value, "voltage")}
        byItself={false}
        onTake={(value) => onTake(`${Number(value.toPrecision(4))} V`)}
        onEnd={() => setWhat(undefined)}
      />
    );
  return (
    <div className="mt-2 flex flex-wrap items-center gap-2">
      <span className="dim">Read the output by {meter.name}:</span>
      {OUTPUTS.filter((one) => meter.link?.profile.asks[one]).map((one) => (
        <button key={one} type="button" className="btn btn-outline h-10" onClick={() => setWhat(one)}>
          {READS[one].text}
        </button>
      ))}
    </div>
  );
}
