"use client";

import { useState } from "react";
import {
  decodeBodyEndDot,
  decodeDots,
  DOT_COUNTS,
  format,
  type Colour,
  type Dots,
  type MicaReading,
} from "@/core/quantity";
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

/** Where the dots of a moulded capacitor stand, by how many there are. */
const PLACES: Record<number, readonly string[]> = {
  3: ["Left", "Middle", "Right"],
  5: ["Top left", "Top right", "Bottom left", "Bottom middle", "Bottom right"],
  6: ["Top left", "Top middle", "Top right", "Bottom left", "Bottom middle", "Bottom right"],
};
const EXAMPLES: Record<number, Dots> = {
  3: ["red", "green", "brown"],
  5: ["red", "green", "green", "green", "brown"],
  6: ["red", "green", "black", "green", "green", "black"],
};
const COUNT_WORDS: Record<number, string> = { 3: "three", 5: "five", 6: "six" };

/** Column and row of a dot on the part. */
function placeOf(index: number, count: number): [column: number, row: number] {
  const top = count === 3 ? 3 : count - 3;
  return index < top ? [index, 0] : [index - top, 1];
}

/** The codes of moulded capacitors. */
export function MicaDots() {
  const [dots, setDots] = useState<Dots>(EXAMPLES[6] ?? []);
  const readings = decodeDots(dots);
  const count = dots.length;
  const change = (at: number, colour: Colour) => setDots(dots.map((other, index) => (index === at ? colour : other)));
  return (
    <section aria-label="Dots of a moulded capacitor" className="rounded-box border border-base-300 p-4">
      <h2 className="mb-2 text-lg font-bold">Moulded capacitor with dots</h2>
      <div className="mb-2 flex flex-wrap items-center gap-2" role="group" aria-label="Dots">
        {DOT_COUNTS.map((one) => (
          <button
            key={one}
            type="button"
            className={`btn h-11 ${one === count ? "btn-primary" : "btn-outline"}`}
            aria-pressed={one === count}
            onClick={() => setDots(EXAMPLES[one] ?? [])}
          >
            {COUNT_WORDS[one]} dots
          </button>
        ))}
      </div>
      <div className="mt-1 flex flex-wrap items-center gap-4">
        <div className="grid grid-cols-3 gap-2">
          {dots.map((dot, index) => (
            <div key={PLACES[count]?.[index]} style={{ gridRow: placeOf(index, count)[1] + 1 }}>
              <ColourSelect
                label={PLACES[count]?.[index] ?? ""}
                value={dot}
                onChange={(colour) => change(index, colour)}
              />
            </div>
          ))}
        </div>
        <svg viewBox="0 0 150 96" className="h-24" role="img" aria-label={`Capacitor with dots ${dots.join(", ")}`}>
          <rect x="3" y="3" width="144" height="90" rx="8" fill="#6f4a33" stroke="#3d281b" />
          {dots.map((dot, index) => {
            const [column, row] = placeOf(index, count);
            return (
              <circle
                key={index}
                cx={35 + column * 40}
                cy={count === 3 ? 48 : 28 + row * 40}
                r="12"
                fill={PAINT[dot]}
                stroke="#0006"
              />
            );
          })}
        </svg>
      </div>
      <div className="mt-2 min-h-9" aria-live="polite">
        {readings.map((reading) => (
          <p key={reading.code}>
            <span className="font-mono text-2xl font-bold">{printed(reading)}</span>{" "}
            <span className="dim">by the {reading.code} code</span>
            {reading.paper ? <strong className="text-warning"> Paper inside: replace it.</strong> : null}
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
