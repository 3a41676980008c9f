"use client";

import { extent, line, scaleLinear, scaleLog, type ScaleContinuousNumeric } from "d3";
import { crossings, type Point } from "@/core/response";
import { figureText, type ColumnQuantity } from "@/core/sheets";
import { Chart, HeightAxis, WidthAxis, type Paper } from "@/ui/chart";

const WIDE: Paper = { width: 620, height: 260, left: 62, right: 96, top: 14, bottom: 30 };
/** Beside a table: its letters stay as large as those of a wide one. */
const NARROW: Paper = { width: 340, height: 280, left: 70, right: 26, top: 14, bottom: 30 };

/** Marks of the lines: told apart by shape as well as by colour. */
const LOOKS = [
  { tone: "var(--color-primary)", dash: "" },
  { tone: "var(--color-base-content)", dash: "7 4" },
  { tone: "var(--color-warning)", dash: "2 4" },
  { tone: "var(--color-info)", dash: "10 3 2 3" },
] as const;

export type Drawn = { name: string; points: readonly Point[] };
export type Axis = { name: string; quantity: ColumnQuantity; unit: string };

type RunChartProps = { runs: readonly Drawn[]; x: Axis; y: Axis; log: boolean; narrow?: boolean };

/** Frequencies where the first two curves pass one another. */
function passings([a, b]: readonly Drawn[]): number[] {
  if (!a || !b) return [];
  const of = new Map(b.points.map(({ x, y }) => [x, y]));
  const differences = a.points.flatMap(({ x, y }) => {
    const other = of.get(x);
    return other === undefined ? [] : [{ x, y: y - other }];
  });
  if (differences.length < 3) return [];
  // Where two curves begin or end at one level they do not pass one another.
  const [from, to] = [differences[0]?.x, differences.at(-1)?.x];
  return crossings(differences, 0)
    .filter((value) => value !== from && value !== to)
    .slice(0, 4);
}

/** Curves of runs over one another. What they show is said in words too. */
export function RunChart({ runs, x: across, y: up, log, narrow }: RunChartProps) {
  const paper = narrow ? NARROW : WIDE;
  const { width: WIDTH, height: HEIGHT, left: LEFT, right: RIGHT, top: TOP, bottom: BOTTOM } = paper;
  const drawn = runs.filter(({ points }) => points.length > 1);
  const all = drawn.flatMap(({ points }) => points);
  const [xs, ys] = [extent(all, (one) => one.x), extent(all, (one) => one.y)];
  if (drawn.length === 0 || xs[0] === undefined || ys[0] === undefined) return null;
  const room = Math.max((ys[1] - ys[0]) * 0.08, Math.abs(ys[1]) * 0.02, up.quantity === "decibel" ? 1 : 1e-12);
  const place: [number, number] = [LEFT, WIDTH - RIGHT];
  const x: ScaleContinuousNumeric<number, number> = log
    ? scaleLog([xs[0], xs[1]], place)
    : scaleLinear([xs[0], xs[1]], place);
  const y = scaleLinear([ys[0] - room, ys[1] + room], [HEIGHT - BOTTOM, TOP]);
  const tell = (value: number, axis: Axis) => figureText(value, axis.quantity, axis.unit);
  const ticks = log ? logTicks(xs[0], xs[1], narrow) : x.ticks(narrow ? 4 : 6);
  const passes = passings(drawn);
  const said = drawn
    .map(
      ({ name, points }) =>
        `${name}: ${points.length} points from ${tell(points[0]?.x ?? 0, across)} to ${tell(points.at(-1)?.x ?? 0, across)}`,
    )
    .join("; ");
  return (
    <figure>
      <Chart paper={paper} className="max-w-3xl" label={`${up.name} over ${across.name}. ${said}`}>
        <HeightAxis paper={paper} y={y} ticks={y.ticks(6)} print={(value) => tell(value, up)} />
        <WidthAxis
          paper={paper}
          ticks={ticks.map((value) => ({ key: value, at: x(value), text: tell(value, across) }))}
        />
        {passes.map((value) => (
          <line
            key={value}
            x1={x(value)}
            x2={x(value)}
            y1={TOP}
            y2={HEIGHT - BOTTOM}
            className="stroke-base-content/50"
            strokeDasharray="2 3"
          />
        ))}
        {drawn.map(({ name, points }, index) => {
          const look = LOOKS[index % LOOKS.length] ?? LOOKS[0];
          const last = points.at(-1);
          return (
            <g key={name}>
              <path
                d={
                  line<Point>(
                    (one) => x(one.x),
                    (one) => y(one.y),
                  )(points) ?? undefined
                }
                fill="none"
                stroke={look.tone}
                strokeWidth="2.5"
                strokeDasharray={look.dash}
              />
              {points.length <= 60
                ? points.map((one) => <circle key={one.x} cx={x(one.x)} cy={y(one.y)} r="3.5" fill={look.tone} />)
                : null}
              {last && drawn.length > 1 && !narrow ? (
                <text
                  x={x(last.x) + 8}
                  y={y(last.y) + 4 + (index % 2) * 12}
                  className="fill-base-content text-[13px] font-semibold"
                >
                  {name.length > 12 ? `${name.slice(0, 11)}…` : name}
                </text>
              ) : null}
            </g>
          );
        })}
      </Chart>
      <figcaption className="text-sm">
        {up.name} over {across.name.toLowerCase()}
        {drawn.length > 1
          ? `: ${drawn.map(({ name }, index) => `${name} ${["solid", "dashed", "dotted", "dot and dash"][index % 4]}`).join(", ")}`
          : ""}
        .
        {passes.length > 0
          ? ` The first two pass one another at ${passes.map((value) => tell(value, across)).join(", ")}.`
          : ""}
      </figcaption>
    </figure>
  );
}

/** 1, 2 and 5 of each decade; where there are many decades, only the ones. */
function logTicks(from: number, to: number, narrow?: boolean): number[] {
  const decades = Math.log10(to / from);
  const steps = decades > 4 || narrow ? [1] : decades > 2.2 ? [1, 3] : [1, 2, 5];
  const first = Math.floor(Math.log10(from));
  return Array.from({ length: Math.ceil(decades) + 2 }, (_, n) => 10 ** (first + n))
    .flatMap((power) => steps.map((step) => Number((step * power).toPrecision(3))))
    .filter((value) => value >= from * 0.999 && value <= to * 1.001);
}
