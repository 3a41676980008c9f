"use client";

import { line, scaleLinear, schemeTableau10 } from "d3";
import { spread } from "@/core/quantity";
import type { Drift } from "@/core/visit";
import { Band, Chart, HeightAxis, WidthAxis, type Paper } from "@/ui/chart";

const PAPER: Paper = { width: 620, height: 190, left: 52, right: 110, top: 12, bottom: 28 };
const { width: WIDTH, height: HEIGHT, left: LEFT, right: RIGHT, top: TOP, bottom: BOTTOM } = PAPER;

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
    <Chart paper={PAPER} className="max-w-3xl" label={`Drift from the first warm reading: ${said}`}>
      <Band paper={PAPER} y={y} low={-limit} high={limit} />
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
      <HeightAxis
        paper={PAPER}
        y={y}
        ticks={y.ticks(5)}
        print={(tick) =>
          `${tick > 0 ? "+" : tick < 0 ? "−" : ""}${(Math.abs(tick) * 100).toFixed(most < 0.05 ? 1 : 0)} %`
        }
      />
      <WidthAxis
        paper={PAPER}
        ticks={x.ticks(6).map((tick) => ({
          key: tick,
          at: x(tick),
          text: tick >= 60 && longest > 120 ? `${(tick / 60).toFixed(tick % 60 === 0 ? 0 : 1)} h` : `${tick} min`,
        }))}
      />
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
    </Chart>
  );
}
