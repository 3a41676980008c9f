"use client";

import { scaleTime, timeFormat } from "d3";
import { ChevronLeft, ChevronRight, ZoomIn, ZoomOut } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { closedAt, describe, type Settled, type Visit } from "@/core/history";
import { LANE_NAMES, LANES, marksOf, moved, spanOf, zoomed, type Lane, type Mark, type Span } from "./life";

const WIDTH = 1200;
const LEFT = 150;
const RIGHT = 16;
const ROW = 46;
const TOP = 26;
const BOTTOM = 26;

/** A shape for each lane, so that colour is not needed to tell them apart. */
const SHAPES: Record<Lane, React.ReactNode> = {
  symptoms: <path d="M0-8 8 6H-8Z" />,
  findings: <path d="M0-8 8 0 0 8-8 0Z" />,
  parts: <rect x="-7" y="-7" width="14" height="14" />,
  modifications: <path d="M-8-3h5v-5h6v5h5v6h-5v5h-6v-5h-5Z" />,
  tests: <circle r="7" />,
  notes: <rect x="-8" y="-3.5" width="16" height="7" />,
};

const TONES: Record<Lane, string> = {
  symptoms: "fill-warning",
  findings: "fill-info",
  parts: "fill-primary",
  modifications: "fill-secondary",
  tests: "fill-primary",
  notes: "fill-secondary",
};

type LifeChartProps = {
  settled: readonly Settled[];
  visits: readonly Visit[];
  now: string;
  onOpen: (items: readonly Settled[], title: string) => void;
};

/** A set's life: every visit with what was seen, found, done and measured; zoomed by wheel, buttons or a visit's name. */
export function LifeChart({ settled, visits, now, onOpen }: LifeChartProps) {
  const whole = spanOf([
    ...settled.map(({ at }) => Date.parse(at)),
    ...visits.map(({ openedAt }) => Date.parse(openedAt)),
    Date.parse(now),
  ]);
  const [span, setSpan] = useState<Span>();
  const [lanes, setLanes] = useState<ReadonlySet<Lane>>(new Set(LANES));
  const svg = useRef<SVGSVGElement>(null);
  const shown = span ?? whole;
  const x = scaleTime([new Date(shown[0]), new Date(shown[1])], [LEFT, WIDTH - RIGHT]);
  const place = (at: string) => {
    const time = Date.parse(at);
    return time < shown[0] || time > shown[1] ? undefined : x(time);
  };
  const drawn = LANES.filter((lane) => lanes.has(lane));
  const marks = marksOf(settled, lanes, place);
  const height = TOP + drawn.length * ROW + BOTTOM;
  const zoom = (factor: number, about = (shown[0] + shown[1]) / 2) => setSpan(zoomed(shown, about, factor, whole));

  // The wheel zooms; the page must not scroll under it, which a passive listener cannot say.
  useEffect(() => {
    const element = svg.current;
    if (!element) return;
    const onWheel = (event: WheelEvent) => {
      event.preventDefault();
      const box = element.getBoundingClientRect();
      const at = x.invert(((event.clientX - box.left) / box.width) * WIDTH).getTime();
      setSpan(zoomed(shown, at, event.deltaY > 0 ? 1.25 : 0.8, whole));
    };
    element.addEventListener("wheel", onWheel, { passive: false });
    return () => element.removeEventListener("wheel", onWheel);
  });

  const open = (mark: Mark) => {
    const [first] = mark.items;
    if (!first?.content) return;
    if (mark.items.length === 1) return onOpen(mark.items, describe(first.content).subject);
    return onOpen(mark.items, `${mark.items.length} entries: ${LANE_NAMES[mark.lane]}`);
  };
  const label = (mark: Mark) => {
    const [first] = mark.items;
    if (mark.items.length > 1)
      return `${mark.items.length} entries, ${LANE_NAMES[mark.lane]}, ${timeFormat("%-d %b %Y")(new Date(first?.at ?? 0))}`;
    const line = first?.content ? describe(first.content) : undefined;
    return `${line?.subject ?? ""} ${line?.text ?? ""}`.slice(0, 140);
  };
  const visitSpan = (visit: Visit): Span => {
    const mine = settled.filter(({ entry }) => entry.visitId === visit.id).map(({ at }) => Date.parse(at));
    return spanOf([Date.parse(visit.openedAt), ...mine]);
  };
  const long = shown[1] - shown[0];
  const tick =
    long > 86_400_000 * 700
      ? timeFormat("%Y")
      : long > 86_400_000 * 3
        ? timeFormat("%-d %b %Y")
        : timeFormat("%-d %b, %H:%M");
  return (
    <section aria-label="Life of this set" className="flex flex-col gap-2">
      <div className="flex flex-wrap items-center gap-1.5">
        <button
          type="button"
          aria-pressed={!span}
          className={`btn h-10 ${span ? "btn-outline" : "btn-primary"}`}
          onClick={() => setSpan(undefined)}
        >
          Whole life
        </button>
        {visits.map((visit) => (
          <button
            key={visit.id}
            type="button"
            className="btn btn-outline h-10"
            onClick={() => setSpan(visitSpan(visit))}
          >
            Job {visit.job}
          </button>
        ))}
        <span className="ml-auto flex gap-1">
          <button
            type="button"
            className="btn btn-ghost btn-square h-10"
            aria-label="Earlier"
            onClick={() => setSpan(moved(shown, -0.4, whole))}
          >
            <ChevronLeft size={20} aria-hidden="true" />
          </button>
          <button type="button" className="btn btn-ghost btn-square h-10" aria-label="Closer" onClick={() => zoom(0.6)}>
            <ZoomIn size={20} aria-hidden="true" />
          </button>
          <button
            type="button"
            className="btn btn-ghost btn-square h-10"
            aria-label="Farther"
            onClick={() => zoom(1.7)}
          >
            <ZoomOut size={20} aria-hidden="true" />
          </button>
          <button
            type="button"
            className="btn btn-ghost btn-square h-10"
            aria-label="Later"
            onClick={() => setSpan(moved(shown, 0.4, whole))}
          >
            <ChevronRight size={20} aria-hidden="true" />
          </button>
        </span>
      </div>
      <svg
        ref={svg}
        viewBox={`0 0 ${WIDTH} ${height}`}
        className="w-full rounded-box border border-base-300"
        role="group"
        aria-label="Timeline"
      >
        {visits.map((visit) => {
          const from = Math.max(Date.parse(visit.openedAt), shown[0]);
          const to = Math.min(Date.parse(closedAt(settled, visit.id) ?? now), shown[1]);
          if (to < from) return null;
          const wide = Math.max(x(to) - x(from), 4);
          return (
            <g key={visit.id}>
              <rect
                x={x(from)}
                y={TOP - 4}
                width={wide}
                height={height - TOP - BOTTOM + 8}
                className="fill-base-300/45"
              />
              <text
                x={Math.min(x(from) + 3, WIDTH - 60)}
                y={16}
                className="fill-base-content font-mono text-[15px] font-bold"
              >
                {visit.job}
              </text>
            </g>
          );
        })}
        {drawn.map((lane, index) => {
          const y = TOP + index * ROW + ROW / 2;
          return (
            <g key={lane}>
              <line x1={LEFT} x2={WIDTH - RIGHT} y1={y} y2={y} className="stroke-base-300" />
              <text x={8} y={y + 5} className="fill-base-content text-[15px]">
                {LANE_NAMES[lane]}
              </text>
              {marks
                .filter((mark) => mark.lane === lane)
                .map((mark) => (
                  <g
                    key={mark.key}
                    role="button"
                    tabIndex={0}
                    aria-label={label(mark)}
                    transform={`translate(${mark.x} ${y})`}
                    className={`cursor-pointer ${TONES[lane]}`}
                    onClick={() => open(mark)}
                    onKeyDown={(event) => {
                      if (event.key !== "Enter" && event.key !== " ") return;
                      event.preventDefault();
                      open(mark);
                    }}
                  >
                    <title>{label(mark)}</title>
                    <rect x="-10" y={-ROW / 2} width="20" height={ROW} fill="transparent" />
                    {SHAPES[lane]}
                    {mark.items.length > 1 ? (
                      <text y={-11} textAnchor="middle" className="fill-base-content text-[13px] font-bold">
                        {mark.items.length}
                      </text>
                    ) : null}
                  </g>
                ))}
            </g>
          );
        })}
        {x.ticks(7).map((time) => (
          <text
            key={time.getTime()}
            x={x(time)}
            y={height - 7}
            textAnchor="middle"
            className="fill-base-content text-[14px]"
            suppressHydrationWarning
          >
            {tick(time)}
          </text>
        ))}
      </svg>
      <div className="flex flex-wrap gap-1.5" role="group" aria-label="What is shown">
        {LANES.map((lane) => (
          <button
            key={lane}
            type="button"
            aria-pressed={lanes.has(lane)}
            className={`btn h-10 ${lanes.has(lane) ? "btn-outline btn-primary" : "btn-ghost"}`}
            onClick={() =>
              setLanes((all) => new Set(all.has(lane) ? [...all].filter((one) => one !== lane) : [...all, lane]))
            }
          >
            <svg width="18" height="18" viewBox="-10 -10 20 20" className={TONES[lane]} aria-hidden="true">
              {SHAPES[lane]}
            </svg>
            {LANE_NAMES[lane]}
          </button>
        ))}
      </div>
    </section>
  );
}
