"use client";

import { useState } from "react";
import { format, parseQuantity } from "@/core/quantity";
import type { Margins } from "@/core/thumb";
import { cathodeBias, cathodeCurrent, LOW_HZ, pointNear, screenResistor, type TubeType } from "@/core/tubes";
import { ErrorText, TextField } from "@/ui/form";

type BiasPanelProps = {
  /** of the shop's rules */
  margins: Margins;
  type: TubeType;
  plateVolts?: number | undefined;
  supplyVolts?: number | undefined;
  cathodeOhms?: number | undefined;
};

const read = (text: string, quantity: "voltage" | "frequency" | "resistance") => {
  const parsed = text.trim() ? parseQuantity(text, quantity) : undefined;
  return parsed?.ok ? parsed.value : undefined;
};

/** Cathode and screen resistors from the table's operation, or from what the cathode measures now. */
export function BiasPanel({ margins, type, plateVolts, supplyVolts, cathodeOhms }: BiasPanelProps) {
  const point = pointNear(type, plateVolts);
  const [measured, setMeasured] = useState("");
  const [low, setLow] = useState(`${LOW_HZ} Hz`);
  const [supply, setSupply] = useState(supplyVolts ? format(supplyVolts, "voltage") : "");
  if (!point?.amps || point.grid >= 0)
    return <p className="dim">The table has no operation with a bias for the {type.type}.</p>;
  const lowHz = read(low, "frequency");
  const at = read(measured, "voltage");
  const now = at && cathodeOhms ? cathodeCurrent(at, cathodeOhms) : undefined;
  const bias =
    lowHz && lowHz > 0
      ? cathodeBias({ grid: point.grid, amps: point.amps, screenAmps: point.screenAmps, gm: point.gm, lowHz }, margins)
      : undefined;
  const rail = read(supply, "voltage");
  const screen =
    point.screen && point.screenAmps && rail && rail > point.screen
      ? screenResistor({ supply: rail, screen: point.screen, screenAmps: point.screenAmps }, margins)
      : undefined;
  const typical = point.amps + (point.screenAmps ?? 0);
  return (
    <section aria-label="Bias" className="flex flex-col gap-2">
      <p>
        Typical operation of the {type.type}: plate {format(point.plate, "voltage")}
        {point.screen ? `, screen ${format(point.screen, "voltage")}` : ""}, grid {format(point.grid, "voltage")}, plate{" "}
        {format(point.amps, "current")}
        {point.screenAmps ? `, screen ${format(point.screenAmps, "current")}` : ""}.
      </p>
      <div className="grid grid-cols-3 gap-2">
        <TextField label="Lowest frequency" value={low} onChange={setLow} />
        <TextField
          label="Cathode measures"
          hint={cathodeOhms ? `across ${format(cathodeOhms, "resistance")}` : "the sheet has no cathode resistor here"}
          value={measured}
          placeholder="12.5 V"
          onChange={setMeasured}
        />
        <TextField label="Screen is fed from" value={supply} placeholder="250 V" onChange={setSupply} />
      </div>
      {bias ? (
        <p>
          Cathode <strong className="font-mono">{format(bias.ohms, "resistance")}</strong>, nearest{" "}
          <strong className="font-mono">{format(bias.preferred.ohms, "resistance")}</strong> of{" "}
          {format(bias.rated, "power", 2)} or more: it settles at {format(bias.preferred.volts, "voltage")} and{" "}
          {format(bias.preferred.amps, "current")}. Bypass at least {format(bias.bypass.farads, "capacitance", 2)} of{" "}
          {format(bias.bypass.volts, "voltage", 2)}.
        </p>
      ) : (
        <ErrorText>The lowest frequency is above zero, like 50 Hz.</ErrorText>
      )}
      {now ? (
        <p>
          Measured: <strong className="font-mono">{format(now, "current")}</strong> of cathode current,{" "}
          {Math.round((now / typical) * 100)} % of typical.
          {type.limits.plateWatts && plateVolts
            ? ` About ${format(plateVolts * now, "power", 2)} at the plate of ${format(type.limits.plateWatts, "power")} that it may.`
            : ""}
        </p>
      ) : null}
      {screen ? (
        <p>
          Screen <strong className="font-mono">{format(screen.ohms, "resistance")}</strong>, nearest{" "}
          <strong className="font-mono">{format(screen.preferred.ohms, "resistance")}</strong> of{" "}
          {format(screen.rated, "power", 2)} or more: the screen stands at {format(screen.preferred.screen, "voltage")}.
        </p>
      ) : null}
    </section>
  );
}
