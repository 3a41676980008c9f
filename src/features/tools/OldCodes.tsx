"use client";

import { useState } from "react";
import { decodeBodyEndDot, decodeSixDots, format, type Colour, type MicaReading, type SixDots } from "@/core/quantity";
import { ColourSelect } from "./ColourSelect";
import { PAINT } from "./paint";

const printed = (reading: MicaReading) =>
  `${format(reading.value, "capacitance")} ±${format(reading.tolerance, "percent")}${reading.volts === undefined ? "" : ` ${format(reading.volts, "voltage")}`}`;

/** The code of resistors from before the bands. */
export function BodyEndDot() {
  const [body, setBody] = useState<Colour>("yellow");
  const [end, setEnd] = useState<Colour>("violet");
  const [dot, setDot] = useState<Colour>("yellow");
  const [otherEnd, setOtherEnd] = useState<Colour | "">("");
  const decoded = decodeBodyEndDot({ body, end, dot, ...(otherEnd ? { otherEnd } : {}) });
  return (
    <section aria-label="Body, end and dot" className="rounded-box border border-base-300 p-4">
      <h2 className="mb-2 text-lg font-bold">Resistor marked on body, end and dot</h2>
      <div className="mt-1 flex flex-wrap items-end gap-2">
        <ColourSelect label="Body" value={body} onChange={setBody} />
        <ColourSelect label="End" value={end} onChange={setEnd} />
        <ColourSelect label="Dot" value={dot} onChange={setDot} />
        <ColourSelect label="Other end" value={otherEnd} onChange={setOtherEnd} none="none" />
      </div>
      <p className="mt-2 min-h-9" aria-live="polite">
        {decoded.ok ? (
          <span className="font-mono text-2xl font-bold">
            {format(decoded.value.value, "resistance")} ±{format(decoded.value.tolerance, "percent")}
          </span>
        ) : (
          <span className="font-semibold text-warning">
            No such resistor: one of these colours stands for nothing here.
          </span>
        )}
      </p>
    </section>
  );
}

const PLACES = ["Top left", "Top middle", "Top right", "Bottom left", "Bottom middle", "Bottom right"];

/** The codes of moulded mica capacitors. */
export function MicaDots() {
  const [dots, setDots] = useState<SixDots>(["red", "green", "black", "green", "green", "black"]);
  const readings = decodeSixDots(dots);
  const change = (at: number, colour: Colour) =>
    setDots(dots.map((other, index) => (index === at ? colour : other)) as unknown as SixDots);
  return (
    <section aria-label="Six dots" className="rounded-box border border-base-300 p-4">
      <h2 className="mb-2 text-lg font-bold">Mica capacitor with six dots</h2>
      <div className="mt-1 flex flex-wrap items-center gap-4">
        <div className="grid grid-cols-3 gap-2">
          {dots.map((dot, index) => (
            <ColourSelect
              key={PLACES[index]}
              label={PLACES[index] ?? ""}
              value={dot}
              onChange={(colour) => change(index, colour)}
            />
          ))}
        </div>
        <svg
          viewBox="0 0 150 96"
          className="h-24"
          role="img"
          aria-label={`Mica capacitor with dots ${dots.join(", ")}`}
        >
          <rect x="3" y="3" width="144" height="90" rx="8" fill="#6f4a33" stroke="#3d281b" />
          {dots.map((dot, index) => (
            <circle
              key={index}
              cx={35 + (index % 3) * 40}
              cy={index < 3 ? 28 : 68}
              r="12"
              fill={PAINT[dot]}
              stroke="#0006"
            />
          ))}
        </svg>
      </div>
      <div className="mt-2 min-h-9" aria-live="polite">
        {readings.map((reading) => (
          <p key={reading.code}>
            <span className="font-mono text-2xl font-bold">{printed(reading)}</span>{" "}
            <span className="dim">by the {reading.code} code</span>
          </p>
        ))}
        {readings.length > 1 ? <p className="dim">A white first dot can be a nine or say “mica”: measure it.</p> : null}
        {readings.length === 0 ? (
          <p className="font-semibold text-warning">
            These dots fit no code: hold the part with its arrow pointing right, and try again.
          </p>
        ) : null}
      </div>
    </section>
  );
}
