"use client";

import { area, line, scaleLinear } from "d3";
import { bplusBand, stopCurrent, type PowerExpectation } from "@/core/power";
import { format } from "@/core/quantity";
import { Chart, HeightAxis, WidthAxis, type Paper } from "@/ui/chart";

/** A point of the rise: line volts, and what was read there. */
export type RisePoint = {
  key: string;
  volts: number;
  amps?: number | undefined;
  bplus?: number | undefined;
  /** with the rectifier out */
  out: boolean;
  stopped: boolean;
  /** from before the last stop, or not written yet */
  faint: boolean;
};

type PanelProps = {
  title: string;
  width: number;
  height: number;
  most: number;
  full: number;
  print: (value: number) => string;
  children: (scales: { x: (volts: number) => number; y: (value: number) => number }) => React.ReactNode;
};

const EDGE = { left: 52, right: 10, top: 18, bottom: 20 };

/** Axes and grid of one panel: something against line volts. */
function Panel({ title, width, height, most, full, print, children }: PanelProps) {
  const paper: Paper = { width, height, ...EDGE };
  const x = scaleLinear([0, full * 1.08], [EDGE.left, width - EDGE.right]);
  const y = scaleLinear([0, most], [height - EDGE.bottom, EDGE.top]).nice(4);
  return (
    <g>
      <text x={EDGE.left} y={12} className="fill-base-content text-[13px] font-bold">
        {title}
      </text>
      <HeightAxis paper={paper} y={y} ticks={y.ticks(4)} print={print} />
      <WidthAxis
        paper={paper}
        ticks={[0.25, 0.5, 0.75, 1].map((share) => ({
          key: share,
          at: x(full * share),
          text: format(full * share, "voltage"),
        }))}
      />
      {children({ x, y })}
    </g>
  );
}

/** A point: round with the rectifier in, square with it out, a cross where it was stopped. */
function Mark({ x, y, point }: { x: number; y: number; point: RisePoint }) {
  const look = point.faint ? "fill-none stroke-base-content opacity-60" : "fill-primary stroke-primary";
  if (point.stopped)
    return (
      <path
        d={`M${x - 6} ${y - 6}l12 12M${x + 6} ${y - 6}l-12 12`}
        className="stroke-error"
        strokeWidth="3"
        fill="none"
      />
    );
  return point.out ? (
    <rect x={x - 4} y={y - 4} width="8" height="8" className={look} strokeWidth="1.5" />
  ) : (
    <circle cx={x} cy={y} r="4.5" className={look} strokeWidth="1.5" />
  );
}

const SHARES = Array.from({ length: 21 }, (_, n) => n / 20);

/** Current and B+ against line voltage as the rise goes on, with the expected band and the limit. */
export function PowerChart({ expected, points }: { expected: PowerExpectation; points: readonly RisePoint[] }) {
  const { fullVolts, fullAmps, bplus, ceiling = bplus ?? 0, warm } = expected;
  const width = 330;
  const height = bplus ? 152 : 250;
  const mostAmps = Math.max((fullAmps ?? 0) * 1.4, ...points.map((point) => (point.amps ?? 0) * 1.05), 0.01);
  const mostVolts = Math.max(ceiling * 1.05, ...points.map((point) => point.bplus ?? 0));
  const read = (key: "amps" | "bplus") => points.filter((point) => point[key] !== undefined);
  const words = points
    .filter((point) => !point.faint)
    .map(
      (point) =>
        `${format(point.volts, "voltage")}: ${point.amps === undefined ? "no current read" : format(point.amps, "current")}`,
    )
    .join("; ");
  return (
    <Chart
      paper={{ width, height: bplus ? height * 2 : height }}
      label={`Current and B+ against line voltage. ${words || "Nothing read yet."}`}
    >
      <Panel
        title="Current"
        width={width}
        height={height}
        most={mostAmps}
        full={fullVolts}
        print={(value) => format(value, "current", 2)}
      >
        {({ x, y }) => (
          <>
            {fullAmps ? (
              <>
                <path
                  d={
                    area<number>(
                      (share) => x(fullVolts * share),
                      () => y(0),
                      (share) => y(fullAmps * share),
                    )(SHARES) ?? ""
                  }
                  className="fill-primary opacity-15"
                />
                <path
                  d={
                    line<number>(
                      (share) => x(fullVolts * share),
                      (share) => y(Math.min(mostAmps, stopCurrent(fullAmps, share))),
                    )(SHARES) ?? ""
                  }
                  className="fill-none stroke-error"
                  strokeWidth="1.5"
                  strokeDasharray="5 4"
                />
                <text
                  x={x(fullVolts)}
                  y={y(Math.min(mostAmps, stopCurrent(fullAmps, 1))) - 4}
                  textAnchor="end"
                  className="fill-error text-[12px]"
                >
                  stop
                </text>
              </>
            ) : null}
            {read("amps").map((point) => (
              <Mark key={point.key} x={x(point.volts)} y={y(point.amps ?? 0)} point={point} />
            ))}
          </>
        )}
      </Panel>
      {bplus ? (
        <g transform={`translate(0 ${height})`}>
          <Panel
            title="B+"
            width={width}
            height={height}
            most={mostVolts}
            full={fullVolts}
            print={(value) => format(value, "voltage", 3)}
          >
            {({ x, y }) => (
              <>
                <path
                  d={
                    area<number>(
                      (share) => x(fullVolts * share),
                      (share) => y(bplusBand(share, bplus, ceiling, Boolean(warm))[0]),
                      (share) => y(bplusBand(share, bplus, ceiling, Boolean(warm))[1]),
                    )(SHARES) ?? ""
                  }
                  className="fill-primary opacity-15"
                />
                {read("bplus").map((point) => (
                  <Mark key={point.key} x={x(point.volts)} y={y(point.bplus ?? 0)} point={point} />
                ))}
              </>
            )}
          </Panel>
        </g>
      ) : null}
    </Chart>
  );
}
