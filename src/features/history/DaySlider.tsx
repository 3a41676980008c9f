"use client";

import { scalePoint } from "d3";
import type { Stop } from "./stops";
import { day as printDay } from "@/ui/dates";

type DaySliderProps = { stops: readonly Stop[]; day: string; onDay: (day: string) => void };

const WIDTH = 1000;
/** Half the slider's thumb, as a share of the width: the ticks stand where the thumb stops. */
const INSET = 9;

/** Walks through the days of a set's history; a calendar field reaches any other day. */
export function DaySlider({ stops, day, onDay }: DaySliderProps) {
  const place = scalePoint(
    stops.map((stop) => stop.day),
    [INSET, WIDTH - INSET],
  );
  const at = Math.max(
    0,
    stops.findLastIndex((stop) => stop.day <= day),
  );
  const stop = stops[at];
  return (
    <div className="rounded-box border border-base-300 bg-base-200 p-3">
      <div className="flex flex-wrap items-center gap-3">
        <label className="flex items-center gap-2">
          <span className="font-semibold">As it stood at the end of</span>
          <input
            type="date"
            className="input h-11 w-44"
            value={day}
            max={stops.at(-1)?.day}
            onChange={(event) => event.target.value && onDay(event.target.value)}
          />
        </label>
        <span className="dim">{stop ? stop.label : ""}</span>
        <div className="ml-auto flex gap-2">
          {stops
            .filter((one) => one.label.startsWith("before") || one.label === "today")
            .slice(-4)
            .map((one) => (
              <button
                key={one.day}
                type="button"
                className={`btn h-10 ${one.day === day ? "btn-primary" : "btn-outline"}`}
                onClick={() => onDay(one.day)}
              >
                {one.label === "today" ? "Today" : one.label.replace("before", "Before")}
              </button>
            ))}
        </div>
      </div>
      <input
        type="range"
        aria-label="Day in the set's history"
        aria-valuetext={stop ? `${printDay(stop.day)}, ${stop.label}` : undefined}
        className="range range-primary mt-3 w-full"
        min={0}
        max={stops.length - 1}
        step={1}
        value={at}
        onChange={(event) => onDay(stops[Number(event.target.value)]?.day ?? day)}
      />
      <svg viewBox={`0 0 ${WIDTH} 26`} className="block w-full" aria-hidden="true">
        {stops.map((one, index) => {
          const x = place(one.day) ?? 0;
          const yearBefore = stops[index - 1]?.day.slice(0, 4);
          const year = one.day.slice(0, 4);
          return (
            <g key={one.day}>
              <line
                x1={x}
                x2={x}
                y1={0}
                y2={one.label.startsWith("job") ? 8 : 4}
                className="stroke-base-content"
                strokeWidth={2}
              />
              {year !== yearBefore ? (
                <text
                  x={x}
                  y={23}
                  textAnchor={index === 0 ? "start" : index === stops.length - 1 ? "end" : "middle"}
                  className="fill-base-content text-[15px]"
                >
                  {year}
                </text>
              ) : null}
            </g>
          );
        })}
      </svg>
    </div>
  );
}
