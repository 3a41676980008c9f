"use client";

import { line, scaleLinear } from "d3";
import type { Point } from "@/core/response";
import type { Hum } from "@/core/sound";
import { Chart, HeightAxis, WidthAxis, type Paper } from "@/ui/chart";

const PAPER: Paper = { width: 620, height: 220, left: 60, right: 20, top: 22, bottom: 28 };
const { width: WIDTH, height: HEIGHT, left: LEFT, right: RIGHT, top: TOP, bottom: BOTTOM } = PAPER;

/** The spectrum up to 1 kHz with the multiples of the line marked. */
export function HumChart({ points, hum }: { points: readonly Point[]; hum: Hum }) {
  const most = Math.max(-20, ...points.map(({ y }) => y));
  const x = scaleLinear([0, points.at(-1)?.x ?? 1000], [LEFT, WIDTH - RIGHT]);
  const y = scaleLinear([-110, most + 6], [HEIGHT - BOTTOM, TOP]);
  const said = hum.multiples
    .map(({ n, hertz, db }) => `${n} times the line at ${hertz.toFixed(1)} Hz ${db.toFixed(0)} dB`)
    .join(", ");
  return (
    <Chart paper={PAPER} className="max-w-3xl" label={`Spectrum to 1 kHz. ${said}`}>
      <HeightAxis paper={PAPER} y={y} ticks={y.ticks(5)} print={(value) => `${String(value).replace("-", "−")} dB`} />
      <WidthAxis paper={PAPER} ticks={x.ticks(8).map((value) => ({ key: value, at: x(value), text: `${value} Hz` }))} />
      {hum.multiples.map(({ n, hertz }) => (
        <g key={n}>
          <line
            x1={x(hertz)}
            x2={x(hertz)}
            y1={TOP}
            y2={HEIGHT - BOTTOM}
            className="stroke-warning"
            strokeDasharray="3 3"
          />
          <text x={x(hertz)} y={TOP - 6} textAnchor="middle" className="fill-base-content text-[12px] font-semibold">
            {n}×
          </text>
        </g>
      ))}
      <path
        d={
          line<Point>(
            (one) => x(one.x),
            (one) => y(Math.max(-110, one.y)),
          )(points) ?? undefined
        }
        fill="none"
        stroke="var(--color-primary)"
        strokeWidth="1.5"
      />
    </Chart>
  );
}
