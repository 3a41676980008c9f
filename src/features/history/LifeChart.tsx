"use client";

import { scaleLinear, scaleTime, timeFormat } from "d3";
import { ChevronLeft, ChevronRight, ZoomIn, ZoomOut } from "lucide-react";
import { useEffect, useState } from "react";
import { describe, type Settled } from "@/core/kinds";
import type { Visit } from "@/core/history";
import { Chart, WIDEST, wideFor } from "@/ui/chart";
import { usePlaceWidth } from "@/ui/usePlaceWidth";
import { erasOf, eraScale, gapWords } from "./eras";
import { around, LANE_NAMES, LANES, marksOf, moved, WHOLE, zoomed, type Lane, type Mark, type Span } from "./life";

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
  const eras = erasOf(settled, visits);
  const era = eraScale(eras, now);
  const [span, setSpan] = useState<Span>(WHOLE);
  const [lanes, setLanes] = useState<ReadonlySet<Lane>>(new Set(LANES));
  const [svg, place] = usePlaceWidth<SVGSVGElement>(WIDEST);
  const width = wideFor(place);
  const x = scaleLinear([...span], [LEFT, width - RIGHT]);
  const at = (time: number) => x(era(time));
  const placeOf = (iso: string) => {
    const share = era(Date.parse(iso));
    return share < span[0] || share > span[1] ? undefined : x(share);
  };
  const drawn = LANES.filter((lane) => lanes.has(lane));
  const marks = marksOf(settled, lanes, placeOf);
  const height = TOP + drawn.length * ROW + BOTTOM;
  const zoom = (factor: number, about = (span[0] + span[1]) / 2) => setSpan(zoomed(span, about, factor));
  const isWhole = span[0] <= 0 && span[1] >= 1;

  // The wheel zooms; the page must not scroll under it, which a passive listener cannot say.
  useEffect(() => {
    const element = svg.current;
    if (!element) return;
    const onWheel = (event: WheelEvent) => {
      event.preventDefault();
      const box = element.getBoundingClientRect();
      const about = x.invert(((event.clientX - box.left) / box.width) * width);
      setSpan((before) => zoomed(before, about, event.deltaY > 0 ? 1.25 : 0.8));
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
  return (
    <section aria-label="Life of this set" className="flex flex-col gap-2">
      <div className="flex flex-wrap items-center gap-1.5">
        <button
          type="button"
          aria-pressed={isWhole}
          className={`btn h-10 ${isWhole ? "btn-primary" : "btn-outline"}`}
          onClick={() => setSpan(WHOLE)}
        >
          Whole life
        </button>
        {eras.map(({ visit, from, to }) => (
          <button
            key={visit.id}
            type="button"
            className="btn btn-outline h-10"
            onClick={() => setSpan(around(era(from), era(to)))}
          >
            Job {visit.job}
          </button>
        ))}
        <span className="ml-auto flex gap-1">
          <button
            type="button"
            className="btn btn-ghost btn-square h-10"
            aria-label="Earlier"
            onClick={() => setSpan(moved(span, -0.4))}
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
            onClick={() => setSpan(moved(span, 0.4))}
          >
            <ChevronRight size={20} aria-hidden="true" />
          </button>
        </span>
      </div>
      <Chart
        ref={svg}
        paper={{ width, height }}
        pressed
        className="rounded-box border border-base-300"
        label="Timeline"
      >
        {eras.map(({ visit, from, to }, index) => {
          const [left, right] = [Math.max(at(from), LEFT), Math.min(at(to), width - RIGHT)];
          const before = eras[index - 1];
          const gap = before ? (at(before.to) + at(from)) / 2 : 0;
          return (
            <g key={visit.id}>
              {right > left ? (
                <>
                  <rect
                    x={left}
                    y={TOP - 4}
                    width={Math.max(right - left, 3)}
                    height={height - TOP - BOTTOM + 8}
                    className="fill-base-300/45"
                  />
                  <text x={left + 4} y={16} className="fill-base-content text-[15px]">
                    <tspan className="font-mono font-bold">{visit.job}</tspan>
                    {right - left > 150 ? <tspan dx="8">{timeFormat("%-d %b %Y")(new Date(from))}</tspan> : null}
                  </text>
                  {scaleTime([new Date(from), new Date(to)], [at(from), at(to)])
                    .ticks(Math.max(1, Math.floor((at(to) - at(from)) / 120)))
                    .filter((time) => at(time.getTime()) > left + 26 && at(time.getTime()) < right - 26)
                    .map((time) => (
                      <text
                        key={time.getTime()}
                        x={at(time.getTime())}
                        y={height - 7}
                        textAnchor="middle"
                        className="fill-base-content text-[14px]"
                      >
                        {(to - from > 86_400_000 * 3 && span[1] - span[0] > 0.2
                          ? timeFormat("%-d %b")
                          : timeFormat("%-d %b, %H:%M"))(time)}
                      </text>
                    ))}
                </>
              ) : null}
              {before && gap > LEFT + 30 && gap < width - RIGHT - 30 ? (
                <text x={gap} y={height - 7} textAnchor="middle" className="fill-base-content text-[14px] italic">
                  {gapWords(from - before.to)}
                </text>
              ) : null}
            </g>
          );
        })}
        {drawn.map((lane, index) => {
          const y = TOP + index * ROW + ROW / 2;
          return (
            <g key={lane}>
              <line x1={LEFT} x2={width - RIGHT} y1={y} y2={y} className="stroke-base-300" />
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
      </Chart>
      <div className="flex flex-wrap gap-1.5" role="group" aria-label="What is shown">
        {LANES.map((lane) => (
          <button
            key={lane}
            type="button"
            aria-pressed={lanes.has(lane)}
            className={`flex min-h-10 items-center gap-2 rounded-field border-2 px-3 hover:bg-base-200 ${lanes.has(lane) ? "border-primary font-semibold" : "dim border-transparent line-through"}`}
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
