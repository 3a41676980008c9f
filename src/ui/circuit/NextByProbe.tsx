"use client";

import { useState } from "react";
import { buildReading, POWERED } from "@/core/kinds";
import { isSerial } from "@/core/instruments";
import { nodeOfPoint } from "@/core/model";
import { printMeasured, type Phase } from "@/core/readings";
import { ErrorText } from "../form";
import { LiveReading } from "../instruments/LiveReading";
import { useLogbook, useLineContext } from "../logbook";

type NextProps = {
  /** as it is called at the bench */
  point: string;
  volts: number;
  phase: Phase;
};

/** The next best point of the search, read by the meter of the shop and written down when it stands still. */
export function NextByProbe({ point, volts, phase }: NextProps) {
  const { meters, model, append } = useLogbook();
  const context = useLineContext();
  const [open, setOpen] = useState(false);
  const [error, setError] = useState<string>();
  const meter = meters.find(({ link, retired }) => link?.profile.asks["volts-dc"] && !retired);
  if (!meter) return null;
  // The chart may have it, with what is expected there.
  const charted = model.sheet.points.find((one) => nodeOfPoint(one.point) === nodeOfPoint(point));
  const row = { point: charted?.point ?? point, quantity: "voltage" as const };
  const write = async (value: number, range?: number) => {
    const { name, ohmsPerVolt, inputOhms } = meter;
    const instrument = { name, ...(ohmsPerVolt ? { ohmsPerVolt } : {}), ...(inputOhms ? { inputOhms } : {}) };
    const built = buildReading({
      ...{ row, phase, instrument, range, text: String(Number(value.toPrecision(4))) },
      ...(context.unsafe ? { remark: POWERED } : {}),
    });
    if (built.kind !== "reading") return setError("This figure could not be read: type it.");
    const came = meter.link && isSerial(meter.link) ? "serial" : "network";
    const done = await append({ kind: "reading", payload: { ...built.payload, came } });
    setError(done.ok ? undefined : done.problems[0]?.message);
    return done.ok ? setOpen(false) : undefined;
  };
  return (
    <div className="mt-1">
      {open ? (
        <LiveReading
          meter={meter}
          what="volts-dc"
          point={row.point}
          expected={volts}
          live={model.sheet.supply === "live-chassis"}
          print={(value) => printMeasured(value, "voltage")}
          byItself
          onTake={(value, range) => void write(value, range)}
          onEnd={() => setOpen(false)}
        />
      ) : (
        <button type="button" className="btn btn-outline h-10" onClick={() => setOpen(true)}>
          Read {row.point} by {meter.name}
        </button>
      )}
      {error ? <ErrorText>{error}</ErrorText> : null}
    </div>
  );
}
