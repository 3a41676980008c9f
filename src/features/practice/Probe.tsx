"use client";

import { useState } from "react";
import { printMeasured } from "@/core/readings";
import { later } from "@/ui/later";
import { Segments } from "@/ui/Segments";
import { VerdictMark } from "@/ui/VerdictMark";
import type { PanelProps } from "./hand";
import { lastReadings } from "./readings";

/** The drawing is loaded when it is asked for. */
const Schematic = later(async () => (await import("./Schematic")).Schematic);

/** The meter: a point is touched, and what it shows stands in large figures. */
export function Probe({ view, act, busy }: PanelProps) {
  const [what, setWhat] = useState<"volts" | "ohms">("volts");
  const [clip, setClip] = useState(false);
  const [how, setHow] = useState<"list" | "circuit">("list");
  const probe = (point: string) => void act(what === "volts" ? { do: "volts", point, clip } : { do: "ohms", point });
  const readings = lastReadings(view.done, what);
  const shows = view.done.findLast(({ act: { do: did } }) => did === "volts" || did === "ohms");
  return (
    <div className="flex flex-col gap-3">
      <div className="sticky -top-3 z-10 flex flex-wrap items-center gap-x-4 gap-y-1 rounded-box bg-base-200 p-2">
        <p className="min-w-44 flex-1" aria-live="polite">
          <span className="dim block">{shows ? shows.what : "Digital meter, 10 MΩ"}</span>
          <span className="font-mono text-[40px] leading-tight" data-testid="meter">
            {shows ? shows.said : "– – –"}
          </span>
          {shows?.read?.verdict ? <VerdictMark mark={shows.read.verdict} /> : null}
        </p>
        <Segments
          label="What the meter reads"
          options={[
            ["volts", "Volts, DC"],
            ["ohms", "Ohms to chassis"],
          ]}
          value={what}
          onChange={setWhat}
        />
        <Segments
          label="How the points are shown"
          options={[
            ["list", "List"],
            ["circuit", "Circuit"],
          ]}
          value={how}
          onChange={setHow}
        />
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={clip}
            onChange={({ target }) => setClip(target.checked)}
          />
          Clip on first, power off (3 min)
        </label>
      </div>
      {how === "circuit" ? (
        <Schematic view={view} act={act} busy={busy} onProbe={probe} />
      ) : (
        <ul className="grid grid-cols-2 gap-2 sm:grid-cols-3 xl:grid-cols-4" aria-label="Points to probe">
          {view.points.map(({ point, expected, high }) => {
            const read = readings.get(point);
            return (
              <li key={point}>
                <button
                  type="button"
                  disabled={busy}
                  className="btn btn-outline h-auto min-h-14 w-full flex-col items-start gap-0 px-3 py-1 font-normal"
                  onClick={() => probe(point)}
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
      )}
    </div>
  );
}
