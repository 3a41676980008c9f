"use client";

import { useState } from "react";
import { decodeBands, encodeBands, format, parseQuantity, type Banded, type Colour } from "@/core/quantity";
import { Field } from "@/ui/form";
import { ColourSelect } from "./ColourSelect";
import { PAINT } from "./paint";

const TOLERANCES = [0.2, 0.1, 0.05, 0.02, 0.01, 0.005];

const printed = ({ value, tolerance, coefficient }: Banded) =>
  `${format(value, "resistance")} ±${format(tolerance, "percent")}${coefficient === undefined ? "" : `, ${coefficient} ppm/K`}`;

function Picture({ bands }: { bands: readonly Colour[] }) {
  return (
    <svg
      viewBox="0 0 320 70"
      className="w-full max-w-md"
      role="img"
      aria-label={`Resistor with bands ${bands.join(", ")}`}
    >
      <line x1="0" x2="320" y1="35" y2="35" className="stroke-base-content" strokeWidth="4" />
      <rect x="40" y="8" width="240" height="54" rx="18" fill="#d8c39a" stroke="#7d6a44" />
      {bands.map((colour, index) => (
        <rect
          key={index}
          x={70 + index * (180 / (bands.length - 1)) - 8}
          y="8"
          width="16"
          height="54"
          fill={PAINT[colour]}
          stroke="#0006"
        />
      ))}
    </svg>
  );
}

/** Colour bands both ways: bands to value, from either end, and value to bands. */
export function ColourBands() {
  const [bands, setBands] = useState<Colour[]>(["yellow", "violet", "yellow", "gold"]);
  const [text, setText] = useState("470k");
  const [tolerance, setTolerance] = useState(0.05);
  const decoded = decodeBands(bands);
  const reversed = decodeBands(bands.toReversed());
  const parsed = parseQuantity(text, "resistance", { dialect: "m-is-million" });
  const short = parsed.ok ? encodeBands({ value: parsed.value, tolerance }, 2) : undefined;
  const coded = parsed.ok && short && !short.ok ? encodeBands({ value: parsed.value, tolerance }, 3) : short;
  const resize = (count: number) => setBands(Array.from({ length: count }, (_, index) => bands[index] ?? "brown"));
  return (
    <section aria-label="Colour bands" className="rounded-box border border-base-300 p-4">
      <h2 className="mb-2 text-lg font-bold">Colour bands</h2>
      <div className="flex flex-wrap items-end gap-2">
        <Field label="Bands">
          {(props) => (
            <select
              {...props}
              className="select h-11 w-20"
              value={bands.length}
              onChange={(event) => resize(Number(event.target.value))}
            >
              {[3, 4, 5, 6].map((count) => (
                <option key={count}>{count}</option>
              ))}
            </select>
          )}
        </Field>
        {bands.map((band, index) => (
          <ColourSelect
            key={index}
            label={`Band ${index + 1}`}
            value={band}
            onChange={(colour) => setBands(bands.map((other, at) => (at === index ? colour : other)))}
          />
        ))}
      </div>
      <div className="mt-3">
        <Picture bands={bands} />
      </div>
      <div className="min-h-16" aria-live="polite">
        {decoded.ok ? (
          <p>
            <span className="font-mono text-2xl font-bold">{printed(decoded.value)}</span>
            {decoded.value.or ? (
              <span className="dim">
                {" "}
                or {printed(decoded.value.or)}: {decoded.value.or.why}.
              </span>
            ) : null}
          </p>
        ) : (
          <p className="font-semibold text-warning">{decoded.message}</p>
        )}
        {reversed.ok ? (
          <p className="dim">
            From the other end it reads {printed(reversed.value)}: begin at the band nearest an end.
          </p>
        ) : null}
      </div>
      <div className="mt-3 flex flex-wrap items-end gap-2 border-t border-base-300 pt-3">
        <Field label="Bands of">
          {(props) => (
            <input
              {...props}
              className="input h-11 w-32 font-mono"
              value={text}
              onChange={(event) => setText(event.target.value)}
            />
          )}
        </Field>
        <Field label="Tolerance">
          {(props) => (
            <select
              {...props}
              className="select h-11 w-28"
              value={tolerance}
              onChange={(event) => setTolerance(Number(event.target.value))}
            >
              {TOLERANCES.map((one) => (
                <option key={one} value={one}>
                  ±{format(one, "percent")}
                </option>
              ))}
            </select>
          )}
        </Field>
        <p className="min-h-11 content-center font-semibold" aria-live="polite">
          {!parsed.ok
            ? parsed.kind === "ambiguous"
              ? parsed.question
              : parsed.message
            : coded?.ok
              ? coded.bands.join(", ")
              : coded?.message}
        </p>
        {coded?.ok ? (
          <button type="button" className="btn h-11" onClick={() => setBands(coded.bands)}>
            Show
          </button>
        ) : null}
      </div>
    </section>
  );
}
