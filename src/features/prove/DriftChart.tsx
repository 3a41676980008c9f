"use client";

import { line, scaleLinear, schemeTableau10 } from "d3";
import { spread } from "@/core/quantity";
import type { Drift } from "@/core/visit";

const WIDTH = 620;
const HEIGHT = 190;
const LEFT = 52;
const RIGHT = 110;
const TOP = 12;
const BOTTOM = 28;

/** Marks of the lines: told apart by shape as well as by colour. */
const DASHES = ["", "7 4", "2 4", "10 3 2 3"];

type DriftChartProps = { drifts: readonly Drift[]; hours: number; warmMinutes: number };

/** How far each point went from where it was once warm, in percent, over the time under power. */
export function DriftChart({ drifts, hours, warmMinutes }: DriftChartProps) {
  const drawn = drifts.filter(({ reference }) => reference && reference.value !== 0);
  if (drawn.length === 0) return null;
  const limit = Math.max(...drawn.map((one) => one.limit));
  const shares = drawn.flatMap(({ taken, reference }) => taken.map(({ value }) => value / (reference?.value ?? 1) - 1));
  const most = Math.max(limit * 1.4, ...shares.map(Math.abs));
  const longest = Math.max(hours * 60, ...drawn.flatMap(({ taken }) => taken.map(({ minutes }) => minutes)));
  const x = scaleLinear([0, longest], [LEFT, WIDTH - RIGHT]);
  const y = scaleLinear([-most, most], [HEIGHT - BOTTOM, TOP]);
  const labels = spread(
    drawn.map(({ taken, reference }) => y((taken.at(-1)?.value ?? 0) / (reference?.value ?? 1) - 1)),
    15,
  );
  const said = drawn
    .map(({ point, share }) => `${point} ${share === undefined ? "one reading" : `${(share * 100).toFixed(1)} %`}`)
    .join(", ");
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full max-w-3xl"
      role="img"
      aria-label={`Drift from the first warm reading: ${said}`}
    >
      <rect
        x={LEFT}
        y={y(limit)}
        width={WIDTH - LEFT - RIGHT}
        height={y(-limit) - y(limit)}
        className="fill-base-300/50"
      />
      <rect
        x={LEFT}
        y={TOP}
        width={x(Math.min(warmMinutes, longest)) - LEFT}
        height={HEIGHT - TOP - BOTTOM}
        className="fill-base-300/40"
      />
      <text x={LEFT + 3} y={TOP + 12} className="fill-base-content text-[12px]">
        warms up
      </text>
      {y.ticks(5).map((tick) => (
        <g key={tick}>
          <line x1={LEFT} x2={WIDTH - RIGHT} y1={y(tick)} y2={y(tick)} className="stroke-base-300" />
          <text x={LEFT - 6} y={y(tick) + 4} textAnchor="end" className="fill-base-content font-mono text-[12px]">
            {`${tick > 0 ? "+" : tick < 0 ? "−" : ""}${(Math.abs(tick) * 100).toFixed(most < 0.05 ? 1 : 0)} %`}
          </text>
        </g>
      ))}
      {x.ticks(6).map((tick) => (
        <text key={tick} x={x(tick)} y={HEIGHT - 8} textAnchor="middle" className="fill-base-content text-[12px]">
          {tick >= 60 && longest > 120 ? `${(tick / 60).toFixed(tick % 60 === 0 ? 0 : 1)} h` : `${tick} min`}
        </text>
      ))}
      {drawn.map(({ point, taken, reference }, index) => {
        const share = (value: number) => value / (reference?.value ?? 1) - 1;
        const path = line<(typeof taken)[number]>(
          ({ minutes }) => x(minutes),
          ({ value }) => y(share(value)),
        )(taken);
        const last = taken.at(-1);
        const colour = schemeTableau10[index % 10];
        return (
          <g key={point}>
            <path
              d={path ?? undefined}
              fill="none"
              stroke={colour}
              strokeWidth="2.5"
              strokeDasharray={DASHES[index % DASHES.length]}
            />
            {taken.map(({ minutes, value, entry }) => (
              <circle key={entry} cx={x(minutes)} cy={y(share(value))} r="4" fill={colour} />
            ))}
            {last ? (
              <text
                x={Math.min(x(last.minutes) + 8, WIDTH - RIGHT + 6)}
                y={(labels[index] ?? 0) + 4}
                className="fill-base-content text-[13px] font-semibold"
              >
                {point}
              </text>
            ) : null}
          </g>
        );
      })}
    </svg>
  );
}
