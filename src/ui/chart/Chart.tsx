"use client";

/** The paper of a chart: its size and the room around the plot, in units of its own. */
export type Paper = { width: number; height: number; left: number; right: number; top: number; bottom: number };

type ChartProps = {
  paper: Pick<Paper, "width" | "height">;
  /** what the chart shows, for those who do not see it */
  label: string;
  /** points of it can be pressed */
  pressed?: boolean;
  className?: string;
  ref?: React.Ref<SVGSVGElement>;
  children: React.ReactNode;
};

/** The frame of a chart. It grows with its place; what it shows is said in words too. */
export function Chart({ paper, label, pressed, className = "", ref, children }: ChartProps) {
  return (
    <svg
      ref={ref}
      viewBox={`0 0 ${paper.width} ${paper.height}`}
      className={`w-full ${className}`}
      role={pressed ? "group" : "img"}
      aria-label={label}
    >
      {children}
    </svg>
  );
}

type Scale = (value: number) => number;

type HeightAxisProps = { paper: Paper; y: Scale; ticks: readonly number[]; print: (value: number) => string };

/** Lines across the plot with their values at its left edge. */
export function HeightAxis({ paper: { width, left, right }, y, ticks, print }: HeightAxisProps) {
  return ticks.map((value) => (
    <g key={value}>
      <line x1={left} x2={width - right} y1={y(value)} y2={y(value)} className="stroke-base-300" />
      <text x={left - 6} y={y(value) + 4} textAnchor="end" className="fill-base-content font-mono text-[12px]">
        {print(value)}
      </text>
    </g>
  ));
}

type WidthAxisProps = { paper: Paper; ticks: readonly { key: React.Key; at: number; text: string }[] };

/** Words along the foot of the plot; `at` is where on the paper. */
export function WidthAxis({ paper: { height }, ticks }: WidthAxisProps) {
  return ticks.map(({ key, at, text }) => (
    <text key={key} x={at} y={height - 6} textAnchor="middle" className="fill-base-content text-[12px]">
      {text}
    </text>
  ));
}

type BandProps = { paper: Paper; y: Scale; low?: number | undefined; high?: number | undefined; faint?: boolean };

/** What lies between two values, shaded across the plot; open to its edge where one of them is missing. */
export function Band({ paper: { width, height, left, right, top, bottom }, y, low, high, faint }: BandProps) {
  const [upper, lower] = [high === undefined ? top : y(high), low === undefined ? height - bottom : y(low)];
  return (
    <rect
      x={left}
      width={width - left - right}
      y={upper}
      height={Math.max(lower - upper, 0)}
      className={faint ? "fill-base-300/30" : "fill-base-300/55"}
    />
  );
}

/** A limit across the plot. */
export function Limit({ paper: { width, left, right }, y, value }: { paper: Paper; y: Scale; value: number }) {
  return (
    <line
      x1={left}
      x2={width - right}
      y1={y(value)}
      y2={y(value)}
      strokeDasharray="6 4"
      strokeWidth="1.5"
      className="stroke-warning"
    />
  );
}
