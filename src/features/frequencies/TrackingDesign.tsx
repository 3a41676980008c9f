"use client";

import { line, scaleLinear } from "d3";
import { useState } from "react";
import { format, parseQuantity, type Quantity } from "@/core/quantity";
import {
  designTracking,
  TRIMMER_PLACE_WORDS,
  TRIMMER_PLACES,
  trackingPoints,
  type Design,
  type TrimmerPlace,
} from "@/core/tracking";
import { Chart, HeightAxis, WidthAxis, type Paper } from "@/ui/chart";
import { ErrorText, SelectField, TextField } from "@/ui/form";
import { TROUBLE_TEXTS } from "@/ui/tracking-words";
import { hz } from "./words";

const PAPER: Paper = { width: 560, height: 220, left: 66, right: 30, top: 14, bottom: 30 };
const START = {
  from: "550 kHz",
  to: "1600 kHz",
  mid: "465 kHz",
  gangMin: "12 pF",
  gangMax: "450 pF",
  low: "",
  middle: "",
  high: "",
};

/** The tracking error along the band, in kHz. */
function ErrorCurve({ design }: { design: Design }) {
  const { left, right, top, bottom, width, height } = PAPER;
  const { curve, points } = design;
  const from = curve[0]?.signal ?? 0;
  const to = curve.at(-1)?.signal ?? 1;
  const most = Math.max(...curve.map(({ off }) => Math.abs(off))) / 1e3;
  const x = scaleLinear([from, to], [left, width - right]);
  const y = scaleLinear([-most * 1.1, most * 1.1], [height - bottom, top]);
  const path = line<(typeof curve)[number]>(
    ({ signal }) => x(signal),
    ({ off }) => y(off / 1e3),
  )([...curve]);
  return (
    <figure>
      <Chart
        paper={PAPER}
        className="max-w-2xl"
        label={`Tracking error along the band: at most ${most.toFixed(1)} kHz, none at ${points.map(hz).join(", ")}.`}
      >
        <HeightAxis
          paper={PAPER}
          y={y}
          ticks={y.ticks(5)}
          print={(value) => `${value < 0 ? "−" : ""}${Math.abs(value)} kHz`}
        />
        <WidthAxis
          paper={PAPER}
          ticks={x.ticks(6).map((value) => ({ key: value, at: x(value), text: format(value, "frequency") }))}
        />
        <path d={path ?? undefined} fill="none" stroke="var(--color-primary)" strokeWidth="2.5" />
        {points.map((hertz) => (
          <circle key={hertz} cx={x(hertz)} cy={y(0)} r="4.5" className="fill-base-content" />
        ))}
      </Chart>
      <figcaption className="text-sm">
        How far the oscillator puts the signal off its circuit: at most {most.toFixed(1)} kHz
      </figcaption>
    </figure>
  );
}

/** Three-point tracking: coil, trimmer and padder of an oscillator from band, IF and gang. */
export function TrackingDesign() {
  const [typed, setTyped] = useState(START);
  const [side, setSide] = useState<"above" | "below">("above");
  const [place, setPlace] = useState<TrimmerPlace>("coil");
  const put = (key: keyof typeof START) => (text: string) => setTyped((now) => ({ ...now, [key]: text }));
  const read = (key: keyof typeof START, quantity: Quantity) => {
    const parsed = parseQuantity(typed[key], quantity);
    return parsed.ok && parsed.value > 0 ? parsed.value : undefined;
  };
  const band = {
    from: read("from", "frequency"),
    to: read("to", "frequency"),
    mid: read("mid", "frequency"),
    gangMin: read("gangMin", "capacitance"),
    gangMax: read("gangMax", "capacitance"),
  };
  const whole = Object.values(band).every((value) => value !== undefined);
  const usual = whole ? trackingPoints(band.from ?? 0, band.to ?? 1) : undefined;
  const points = (["low", "middle", "high"] as const).map((key, n) => read(key, "frequency") ?? usual?.[n] ?? 0) as [
    number,
    number,
    number,
  ];
  const inside = points.every(
    (hertz, n) =>
      hertz > (points[n - 1] ?? 0) && hertz >= (band.from ?? 0) && hertz <= (band.to ?? Number.POSITIVE_INFINITY),
  );
  const made =
    whole && inside
      ? designTracking(
          {
            from: band.from ?? 0,
            to: band.to ?? 0,
            mid: band.mid ?? 0,
            gangMin: band.gangMin ?? 0,
            gangMax: band.gangMax ?? 0,
            side,
            place,
          },
          points,
        )
      : undefined;
  const wrong = (key: keyof typeof band) => (band[key] === undefined ? "A figure with its unit." : undefined);
  return (
    <section aria-label="Three-point tracking" className="rounded-box border border-base-300 p-4">
      <h2 className="mb-2 text-lg font-bold">Three-point tracking</h2>
      <div className="grid grid-cols-2 items-start gap-3 sm:grid-cols-4">
        <TextField label="Band from" value={typed.from} error={wrong("from")} onChange={put("from")} />
        <TextField label="Band to" value={typed.to} error={wrong("to")} onChange={put("to")} />
        <TextField label="IF" value={typed.mid} error={wrong("mid")} onChange={put("mid")} />
        <SelectField
          label="Oscillator"
          value={side}
          options={
            [
              ["above", "above"],
              ["below", "below"],
            ] as const
          }
          onChange={setSide}
        />
        <TextField label="Gang, least" value={typed.gangMin} error={wrong("gangMin")} onChange={put("gangMin")} />
        <TextField label="Gang, most" value={typed.gangMax} error={wrong("gangMax")} onChange={put("gangMax")} />
        <SelectField
          label="Trimmer"
          className="col-span-2"
          value={place}
          options={TRIMMER_PLACES.map((one) => [one, TRIMMER_PLACE_WORDS[one]] as const)}
          onChange={setPlace}
        />
        {(["low", "middle", "high"] as const).map((key, n) => (
          <TextField
            key={key}
            label={`Agrees, ${key}`}
            value={typed[key]}
            placeholder={usual ? format(usual[n] ?? 0, "frequency", 4) : ""}
            onChange={put(key)}
          />
        ))}
      </div>
      {whole && !inside ? <ErrorText>The three points lie inside the band, the lowest first.</ErrorText> : null}
      {made && !made.ok ? <ErrorText>{TROUBLE_TEXTS[made.trouble]}</ErrorText> : null}
      {made?.ok ? (
        <div className="mt-2">
          <dl className="mb-2 grid grid-cols-3 gap-3">
            {(
              [
                ["Oscillator coil", made.design.oscillator.l, "inductance"],
                ["Trimmer with strays", made.design.oscillator.trimmer, "capacitance"],
                ["Padder", made.design.oscillator.padder ?? 0, "capacitance"],
                ["Signal coil", made.design.signal.l, "inductance"],
                ["Its trimmer with strays", made.design.signal.trimmer, "capacitance"],
              ] as const
            ).map(([name, value, quantity]) => (
              <div key={name}>
                <dt className="dim text-sm">{name}</dt>
                <dd className="font-mono text-lg font-bold">{format(value, quantity, 4)}</dd>
              </div>
            ))}
          </dl>
          <ErrorCurve design={made.design} />
        </div>
      ) : null}
    </section>
  );
}
