"use client";

import { useState } from "react";
import { printMeasured } from "@/core/readings";
import { VerdictMark } from "@/ui/VerdictMark";
import type { PanelProps } from "./hand";
import { lastReadings } from "./words";

/** The meter: a point is touched, and what it shows stands in large figures. */
export function Probe({ view, act, busy }: PanelProps) {
  const [what, setWhat] = useState<"volts" | "ohms">("volts");
  const [clip, setClip] = useState(false);
  const readings = lastReadings(view.done, what);
  const shows = view.done.findLast(({ act: { do: did } }) => did === "volts" || did === "ohms");
  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap items-center gap-x-6 gap-y-2 rounded-box bg-base-200 p-3">
        <p className="min-w-72 flex-1" aria-live="polite">
          <span className="dim block">{shows ? shows.what : "Digital meter, 10 MΩ"}</span>
          <span className="font-mono text-[40px] leading-tight" data-testid="meter">
            {shows ? shows.said : "– – –"}
          </span>
          {shows?.read?.verdict ? <VerdictMark mark={shows.read.verdict} /> : null}
        </p>
        <div className="join" role="group" aria-label="What the meter reads">
          {(["volts", "ohms"] as const).map((one) => (
            <button
              key={one}
              type="button"
              aria-pressed={what === one}
              className={`btn join-item h-12 ${what === one ? "btn-primary" : "btn-outline"}`}
              onClick={() => setWhat(one)}
            >
              {one === "volts" ? "Volts, DC" : "Ohms to chassis"}
            </button>
          ))}
        </div>
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={clip}
            onChange={({ target }) => setClip(target.checked)}
          />
          Clip on with the power off first (3 min)
        </label>
      </div>
      <ul className="grid grid-cols-2 gap-2 sm:grid-cols-3 xl:grid-cols-4" aria-label="Points to probe">
        {view.points.map(({ point, expected, high }) => {
          const read = readings.get(point);
          return (
            <li key={point}>
              <button
                type="button"
                disabled={busy}
                className="btn btn-outline h-auto min-h-14 w-full flex-col items-start gap-0 px-3 py-1 font-normal"
                onClick={() => void act(what === "volts" ? { do: "volts", point, clip } : { do: "ohms", point })}
              >
                <span className="font-semibold">
                  {point} {high ? <span className="text-error">≥ 500 V</span> : null}
                </span>
                <span className="flex w-full justify-between gap-2 text-sm">
                  <span className="dim">
                    {what === "volts" && expected !== undefined ? `chart ${printMeasured(expected, "voltage")}` : ""}
                  </span>
                  <span className="font-mono">
                    {read ? (read.read?.value === null ? "> 100 MΩ" : read.read ? read.said : "") : ""}
                  </span>
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </div>
  );
}
