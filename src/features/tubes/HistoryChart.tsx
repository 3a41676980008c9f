"use client";

import { extent, line, scaleLinear, scaleTime, timeFormat } from "d3";
import type { TubeRecord } from "@/core/visit";
import { Band, Chart, HeightAxis, WidthAxis, type Paper } from "@/ui/chart";

const PAPER: Paper = { width: 620, height: 150, left: 44, right: 12, top: 10, bottom: 24 };
/** Shop rule for tubes: good from 80 %, replaced below 60 % of nominal. */
const BANDS = [
  { from: 0.8, to: 1.3, word: "good" },
  { from: 0.6, to: 0.8, word: "watch" },
] as const;

/** The readings of the tubes at one position over the years, as percent of nominal; a new tube begins a new line. */
export function HistoryChart({ records, position }: { records: readonly TubeRecord[]; position: string }) {
  const points = records.flatMap(({ at, ratio, current, id }) =>
    ratio === undefined ? [] : [{ id, date: new Date(at), ratio, current }],
  );
  const [first, last] = extent(points, ({ date }) => date);
  if (!first || !last) return null;
  const pad = Math.max((last.getTime() - first.getTime()) * 0.04, 86_400_000 * 20);
  const x = scaleTime(
    [new Date(first.getTime() - pad), new Date(last.getTime() + pad)],
    [PAPER.left, PAPER.width - PAPER.right],
  );
  const y = scaleLinear([0.3, 1.3], [PAPER.height - PAPER.bottom, PAPER.top]).clamp(true);
  const path = line<(typeof points)[number]>(
    ({ date }) => x(date),
    ({ ratio }) => y(ratio),
  );
  const year = timeFormat("%Y");
  const said = points.map(({ date, ratio }) => `${year(date)}: ${Math.round(ratio * 100)} %`).join(", ");
  return (
    <Chart
      paper={PAPER}
      className="max-w-3xl"
      label={`Tests of ${position} over the years, percent of nominal: ${said}`}
    >
      {BANDS.map(({ from, to, word }) => (
        <g key={word}>
          <Band paper={PAPER} y={y} low={from} high={to} faint={word === "watch"} />
          <text x={PAPER.left + 6} y={y(from) - 4} className="fill-base-content text-[12px]">
            {word} from {from * 100} %
          </text>
        </g>
      ))}
      <HeightAxis paper={PAPER} y={y} ticks={[0.4, 0.6, 0.8, 1, 1.2]} print={(ratio) => `${ratio * 100} %`} />
      <WidthAxis
        paper={PAPER}
        ticks={x.ticks(6).map((tick) => ({
          key: tick.getTime(),
          at: x(tick),
          text: last.getTime() - first.getTime() > 86_400_000 * 500 ? year(tick) : timeFormat("%b %Y")(tick),
        }))}
      />
      {[true, false].map((current) => (
        <path
          key={String(current)}
          d={path(points.filter((point) => point.current === current)) ?? undefined}
          fill="none"
          strokeWidth="2.5"
          strokeDasharray={current ? undefined : "5 4"}
          className="stroke-primary"
        />
      ))}
      {points.map(({ id, date, ratio, current }) => (
        <circle
          key={id}
          cx={x(date)}
          cy={y(ratio)}
          r="4.5"
          className={current ? "fill-primary" : "fill-base-100 stroke-primary"}
          strokeWidth="2"
        />
      ))}
    </Chart>
  );
}
