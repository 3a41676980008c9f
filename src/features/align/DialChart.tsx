"use client";

import { extent, line, scaleLinear } from "d3";
import { format } from "@/core/quantity";
import { DIAL_GOAL } from "@/core/tracking";
import { Band, Chart, HeightAxis, WidthAxis, type Paper } from "@/ui/chart";

const PAPER: Paper = { width: 560, height: 240, left: 58, right: 30, top: 14, bottom: 30 };

export type DialCurve = {
  name: string;
  dash: string;
  /** a curve that is worked out has no marks */ plain?: boolean;
  points: readonly { dial: number; error: number }[];
};

/** Dial error over the dial, in per cent: what was measured, what explains it, and what will remain. */
export function DialChart({ curves, from, to }: { curves: readonly DialCurve[]; from: number; to: number }) {
  const { left, right, top, bottom, width, height } = PAPER;
  const all = curves.flatMap(({ points }) => points.map(({ error }) => error * 100));
  const [low = 0, high = 0] = extent(all);
  const goal = DIAL_GOAL * 100;
  const room = Math.max((high - low) * 0.1, 0.3);
  const x = scaleLinear([from, to], [left, width - right]);
  const y = scaleLinear([Math.min(low, -goal) - room, Math.max(high, goal) + room], [height - bottom, top]);
  const print = (value: number) => `${value < 0 ? "−" : value > 0 ? "+" : ""}${Math.abs(value)} %`;
  const said = curves
    .map(
      ({ name, points }) =>
        `${name}: ${points.map(({ dial, error }) => `${format(dial, "frequency", 4)} ${print(Number((error * 100).toFixed(2)))}`).join(", ")}`,
    )
    .join("; ");
  return (
    <figure>
      <Chart paper={PAPER} className="max-w-2xl" label={`Dial error along the dial. ${said}`}>
        <Band paper={PAPER} y={y} low={-goal} high={goal} />
        <HeightAxis paper={PAPER} y={y} ticks={y.ticks(6)} print={print} />
        <WidthAxis
          paper={PAPER}
          ticks={x.ticks(6).map((value) => ({ key: value, at: x(value), text: format(value, "frequency") }))}
        />
        {curves.map(({ name, dash, plain, points }, n) => {
          const tone =
            n === 0 ? "var(--color-base-content)" : n === 1 ? "var(--color-warning)" : "var(--color-primary)";
          const path = line<(typeof points)[number]>(
            ({ dial }) => x(dial),
            ({ error }) => y(error * 100),
          )([...points].sort((a, b) => a.dial - b.dial));
          return (
            <g key={name}>
              <path d={path ?? undefined} fill="none" stroke={tone} strokeWidth="2.5" strokeDasharray={dash} />
              {(plain ? [] : points).map(({ dial, error }) => (
                <circle key={dial} cx={x(dial)} cy={y(error * 100)} r="4" fill={tone} />
              ))}
            </g>
          );
        })}
      </Chart>
      <figcaption className="text-sm">
        Dial error: {curves.map(({ name }, n) => `${name} ${["solid", "dashed", "dotted"][n] ?? ""}`).join(", ")};
        shaded: within {goal} %
      </figcaption>
    </figure>
  );
}
