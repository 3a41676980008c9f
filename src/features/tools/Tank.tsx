"use client";

import { useState } from "react";
import { format, readNumber } from "@/core/quantity";
import {
  CLASS_EFFICIENCY,
  CLASS_WORDS,
  coilTurns,
  HIGH_Q,
  loadOhms,
  piNetwork,
  spacing,
  type StageClass,
} from "@/core/transmit";
import { SelectField, TextField } from "@/ui/form";
import { figure } from "./typed";

/** Middle of each band, Hz: what a tank is designed for. Allocations differ by region: the licence decides. */
const BANDS = [
  ["80 m", 3.65e6],
  ["40 m", 7.1e6],
  ["20 m", 14.15e6],
  ["15 m", 21.2e6],
  ["10 m", 28.8e6],
] as const;

const START = {
  volts: "1500 V",
  amps: "500 mA",
  antenna: "50 Ω",
  q: "12",
  stray: "30 pF",
  gap: "1.5",
  former: "50",
  winding: "75",
};

/** Tank and network of a final: load, capacitors and coil per band, and what the capacitors must stand. */
export function Tank() {
  const [typed, setTyped] = useState(START);
  const [stage, setStage] = useState<StageClass>("AB");
  const put = (key: keyof typeof START) => (text: string) => setTyped({ ...typed, [key]: text });
  const volts = figure(typed.volts, "voltage");
  const amps = figure(typed.amps, "current");
  const antenna = figure(typed.antenna, "resistance");
  const stray = figure(typed.stray, "capacitance");
  const q = readNumber(typed.q) ?? 0;
  const gap = readNumber(typed.gap, /mm/) ?? 0;
  const [former, winding] = [typed.former, typed.winding].map((text) => (readNumber(text, /mm/) ?? 0) / 1000);
  const rl = volts.value && amps.value ? loadOhms(volts.value, amps.value, stage) : undefined;
  // Input times the usual efficiency of the class.
  const watts = volts.value && amps.value ? volts.value * amps.value * CLASS_EFFICIENCY[stage] : 0;
  const nets =
    rl && antenna.value && q > 0
      ? BANDS.map(([band, hertz]) => ({
          band,
          net: piNetwork({ rl, ra: antenna.value ?? 50, hertz, q, watts, stray: stray.value ?? 0 }),
        }))
      : [];
  const peak = nets[0]?.net?.peak1;
  const needs = peak === undefined ? undefined : spacing(peak);
  const turnsOf = (henry: number): string => {
    const coil = former && winding ? coilTurns(henry, former / 2, winding) : undefined;
    return coil ? `${coil.turns.toFixed(1)} turns` : "too short";
  };
  return (
    <section aria-label="Tank and network" className="rounded-box border border-base-300 p-4">
      <h2 className="mb-2 text-lg font-bold">Tank and network of a final</h2>
      <div className="grid grid-cols-2 items-start gap-3 sm:grid-cols-5">
        <TextField label="Plate volts" value={typed.volts} error={volts.problem} onChange={put("volts")} />
        <TextField label="Plate current" value={typed.amps} error={amps.problem} onChange={put("amps")} />
        <SelectField
          label="Class"
          value={stage}
          options={Object.entries(CLASS_WORDS) as [StageClass, string][]}
          onChange={setStage}
        />
        <TextField label="Antenna" value={typed.antenna} error={antenna.problem} onChange={put("antenna")} />
        <TextField
          label="Loaded Q"
          value={typed.q}
          error={q > 0 ? undefined : "A number, 10 to 15."}
          onChange={put("q")}
        />
        <TextField label="Stray" value={typed.stray} error={stray.problem} onChange={put("stray")} />
        <TextField
          label="Air gap, mm"
          value={typed.gap}
          error={gap > 0 ? undefined : "Millimetres."}
          onChange={put("gap")}
        />
        <TextField
          label="Coil Ø, mm"
          value={typed.former}
          error={former && former > 0 ? undefined : "Millimetres."}
          onChange={put("former")}
        />
        <TextField
          label="Length, mm"
          value={typed.winding}
          error={winding && winding > 0 ? undefined : "Millimetres."}
          onChange={put("winding")}
        />
      </div>
      {rl ? (
        <p className="mt-2">
          Load <strong className="font-mono">{format(rl, "resistance")}</strong>, about {format(watts, "power")} out.
          {needs !== undefined ? (
            <>
              {" "}
              C1 stands {format(peak ?? 0, "voltage")} peak and wants {needs.toFixed(1)} mm of air (still air, 1 mm a
              kilovolt).
              {gap > 0 && needs > gap ? (
                <strong className="text-warning">
                  {" "}
                  With {typed.gap} mm it holds about {format(gap * 1000, "voltage")}: it arcs. Look for dirt and a loose
                  stator too.
                </strong>
              ) : null}
            </>
          ) : null}
        </p>
      ) : null}
      {nets.length > 0 ? (
        <div role="region" aria-label="Networks by band" tabIndex={0} className="overflow-x-auto">
          <table className="table [&_td]:px-2 [&_td]:py-1 [&_td]:whitespace-nowrap [&_th]:px-2 [&_th]:py-1">
            <thead>
              <tr className="text-base text-base-content">
                <th scope="col">Band</th>
                <th scope="col" className="text-right">
                  C1
                </th>
                <th scope="col" className="text-right">
                  L
                </th>
                <th scope="col" className="text-right">
                  C2
                </th>
                <th scope="col" className="text-right">
                  Q
                </th>
                <th scope="col" className="text-right">
                  In the coil
                </th>
                <th scope="col" className="text-right">
                  Coil
                </th>
              </tr>
            </thead>
            <tbody className="font-mono">
              {nets.map(({ band, net }) => (
                <tr key={band} className="text-base">
                  <th scope="row" className="font-sans whitespace-nowrap">
                    {band}
                  </th>
                  {net ? (
                    <>
                      <td className="text-right">{format(net.c1, "capacitance")}</td>
                      <td className="text-right">{format(net.l, "inductance")}</td>
                      <td className="text-right">{format(net.c2, "capacitance")}</td>
                      <td className="text-right">
                        {net.q.toFixed(1)}
                        {net.forced ? (
                          <span className="block font-sans text-sm text-warning">forced by stray</span>
                        ) : null}
                        {net.q > HIGH_Q ? (
                          <span className="block font-sans text-sm text-warning">too high: hot, narrow</span>
                        ) : null}
                      </td>
                      <td className="text-right">{format(net.ampsL, "current")}</td>
                      <td className="text-right">{turnsOf(net.l)}</td>
                    </>
                  ) : (
                    <td colSpan={6} className="font-sans">
                      No network has this Q: the load is too high for it.
                    </td>
                  )}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      ) : null}
      <p className="dim mt-1 text-sm">
        Stray is what the tubes, the wiring and the capacitor at its least have. Calculated, not measured. Kilovolts:
        power off, discharged and measured before a hand goes in; interlocks stay.
      </p>
    </section>
  );
}
