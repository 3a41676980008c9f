"use client";

import { line as path, scaleLinear } from "d3";
import { useRef } from "react";
import type { Waveform } from "@/core/instruments";
import { format } from "@/core/quantity";
import { Chart, HeightAxis, WidthAxis } from "@/ui/chart";

const PAPER = { width: 720, height: 300, left: 64, right: 12, top: 12, bottom: 28 };
/** A screen shows no more; of more samples the lowest and the highest of each column are drawn. */
const MOST_DRAWN = 1400;

export type Cursors = readonly [from: number, to: number];

/** The trace, thinned so that no peak of it is lost. */
function drawn(volts: readonly number[]): [at: number, volts: number][] {
  if (volts.length <= MOST_DRAWN) return volts.map((one, at) => [at, one]);
  const width = Math.ceil((2 * volts.length) / MOST_DRAWN);
  const points: [number, number][] = [];
  for (let from = 0; from < volts.length; from += width) {
    const piece = volts.slice(from, from + width);
    const [low, high] = [Math.min(...piece), Math.max(...piece)];
    points.push([from, low], [from + width / 2, high]);
  }
  return points;
}

type TraceProps = { waveform: Waveform; cursors: Cursors; onCursors: (next: Cursors) => void };

/** A captured trace with two cursors: they are dragged, or moved by the arrow keys. */
export function TraceDrawing({ waveform: { step, volts }, cursors, onCursors }: TraceProps) {
  const frame = useRef<SVGSVGElement>(null);
  const last = volts.length - 1;
  const x = scaleLinear([0, last], [PAPER.left, PAPER.width - PAPER.right]);
  const [low, high] = volts.reduce(([a, b], one) => [Math.min(a, one), Math.max(b, one)], [Infinity, -Infinity]);
  const y = scaleLinear([low, high === low ? low + 1 : high], [PAPER.height - PAPER.bottom, PAPER.top]).nice();
  const time = (at: number) => format(at * step, "time", 3);
  const clamp = (at: number) => Math.round(Math.min(last, Math.max(0, at)));
  const put = (which: 0 | 1, at: number) => {
    const next: [number, number] = [cursors[0], cursors[1]];
    next[which] = clamp(at);
    onCursors(next);
  };
  const drag = (which: 0 | 1) => (event: React.PointerEvent) => {
    if (event.buttons === 0) return;
    const box = frame.current?.getBoundingClientRect();
    if (box) put(which, x.invert(((event.clientX - box.left) / box.width) * PAPER.width));
  };
  const key = (which: 0 | 1) => (event: React.KeyboardEvent) => {
    const by = { ArrowLeft: -1, ArrowRight: 1, PageDown: -20, PageUp: 20 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    put(which, cursors[which] + by * (event.shiftKey ? 10 : 1));
  };
  return (
    <Chart ref={frame} paper={PAPER} pressed label={`A trace of ${volts.length} samples over ${time(last)}`}>
      <HeightAxis paper={PAPER} y={y} ticks={y.ticks(6)} print={(value) => format(value, "voltage", 3)} />
      <WidthAxis paper={PAPER} ticks={x.ticks(6).map((at) => ({ key: at, at: x(at), text: time(at) }))} />
      <path
        d={
          path<[number, number]>()
            .x(([at]) => x(at))
            .y(([, one]) => y(one))(drawn(volts)) ?? ""
        }
        fill="none"
        strokeWidth="1.5"
        className="stroke-primary"
      />
      {([0, 1] as const).map((which) => (
        <g
          key={which}
          role="slider"
          tabIndex={0}
          aria-label={which === 0 ? "First cursor" : "Second cursor"}
          aria-valuemin={0}
          aria-valuemax={last}
          aria-valuenow={cursors[which]}
          aria-valuetext={`${time(cursors[which])}, ${format(volts[cursors[which]] ?? 0, "voltage", 3)}`}
          className="cursor-ew-resize touch-none"
          onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
          onPointerMove={drag(which)}
          onKeyDown={key(which)}
        >
          <rect
            x={x(cursors[which]) - 14}
            width={28}
            y={PAPER.top}
            height={PAPER.height - PAPER.top - PAPER.bottom}
            fill="transparent"
          />
          <line
            x1={x(cursors[which])}
            x2={x(cursors[which])}
            y1={PAPER.top}
            y2={PAPER.height - PAPER.bottom}
            strokeWidth="2"
            strokeDasharray={which === 0 ? undefined : "6 3"}
            className="stroke-warning"
          />
        </g>
      ))}
    </Chart>
  );
}
