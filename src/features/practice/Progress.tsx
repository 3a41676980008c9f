"use client";

import { scaleLinear } from "d3";
import { KIND_WORDS, type KindProgress, type WeekProgress } from "@/core/practice";
import { Chart, HeightAxis, WidthAxis } from "@/ui/chart";
import { ResultTable } from "@/ui/ResultTable";

const PAPER = { width: 520, height: 190, left: 34, right: 10, top: 12, bottom: 26 };
/** Weeks that have room. */
const WEEKS = 12;
const plural = (count: number, word: string) => `${count} ${word}${count === 1 ? "" : "s"}`;

/** Points over the weeks, and by kind of fault; each with its count, so that few look like few. */
export function Progress({ weeks, kinds }: { weeks: readonly WeekProgress[]; kinds: readonly KindProgress[] }) {
  const shown = weeks.slice(-WEEKS);
  const y = scaleLinear([0, 100], [PAPER.height - PAPER.bottom, PAPER.top]);
  const step = (PAPER.width - PAPER.left - PAPER.right) / Math.max(4, shown.length);
  const x = (at: number) => PAPER.left + step * (at + 0.5);
  return (
    <div className="grid items-start gap-4 lg:grid-cols-2">
      <Chart
        paper={PAPER}
        label={`Mean points by week: ${shown.map(({ week, points, runs }) => `week of ${week} ${points} points, ${plural(runs, "run")}`).join("; ")}`}
      >
        <HeightAxis paper={PAPER} y={y} ticks={[0, 25, 50, 75, 100]} print={String} />
        {shown.map(({ week, points, runs }, at) => (
          <g key={week}>
            <rect
              x={x(at) - Math.min(20, step / 3)}
              width={2 * Math.min(20, step / 3)}
              y={y(points)}
              height={y(0) - y(points)}
              className="fill-primary/60"
            />
            <text x={x(at)} y={y(points) - 4} textAnchor="middle" className="fill-base-content font-mono text-[12px]">
              {points} ({runs})
            </text>
          </g>
        ))}
        <WidthAxis paper={PAPER} ticks={shown.map(({ week }, at) => ({ key: week, at: x(at), text: week.slice(5) }))} />
      </Chart>
      <ResultTable
        label="By kind of fault"
        rows={kinds}
        keyOf={({ kind }) => kind}
        columns={[
          { head: "Kind of fault", cell: ({ kind }) => KIND_WORDS[kind] },
          { head: "Found", figure: true, cell: ({ found, runs }) => `${found} of ${runs}` },
          { head: "Points, mean", figure: true, cell: ({ points }) => points },
        ]}
      />
    </div>
  );
}
