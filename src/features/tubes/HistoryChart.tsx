"use client";

import { extent, line, scaleLinear, scaleTime, timeFormat } from "d3";
import type { TubeRecord } from "@/core/visit";

const WIDTH = 620;
const HEIGHT = 150;
const LEFT = 44;
const RIGHT = 12;
const TOP = 10;
const BOTTOM = 24;
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
  const x = scaleTime([new Date(first.getTime() - pad), new Date(last.getTime() + pad)], [LEFT, WIDTH - RIGHT]);
  const y = scaleLinear([0.3, 1.3], [HEIGHT - BOTTOM, TOP]).clamp(true);
  const path = line<(typeof points)[number]>(
    ({ date }) => x(date),
    ({ ratio }) => y(ratio),
  );
  const year = timeFormat("%Y");
  const ticks = x.ticks(6);
  const said = points.map(({ date, ratio }) => `${year(date)}: ${Math.round(ratio * 100)} %`).join(", ");
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full max-w-3xl"
      role="img"
      aria-label={`Tests of ${position} over the years, percent of nominal: ${said}`}
    >
      {BANDS.map(({ from, to, word }) => (
        <g key={word}>
          <rect
            x={LEFT}
            width={WIDTH - LEFT - RIGHT}
            y={y(to)}
            height={y(from) - y(to)}
            className={word === "good" ? "fill-base-300/60" : "fill-base-300/30"}
          />
          <text x={LEFT + 6} y={y(from) - 4} className="fill-base-content text-[12px]">
            {word} from {from * 100} %
          </text>
        </g>
      ))}
      {[0.4, 0.6, 0.8, 1, 1.2].map((ratio) => (
        <g key={ratio}>
          <line x1={LEFT} x2={WIDTH - RIGHT} y1={y(ratio)} y2={y(ratio)} className="stroke-base-300" />
          <text x={LEFT - 6} y={y(ratio) + 4} textAnchor="end" className="fill-base-content font-mono text-[12px]">
            {ratio * 100} %
          </text>
        </g>
      ))}
      {ticks.map((tick) => (
        <text
          key={tick.getTime()}
          x={x(tick)}
          y={HEIGHT - 6}
          textAnchor="middle"
          className="fill-base-content text-[12px]"
        >
          {last.getTime() - first.getTime() > 86_400_000 * 500 ? year(tick) : timeFormat("%b %Y")(tick)}
        </text>
      ))}
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
    </svg>
  );
}
