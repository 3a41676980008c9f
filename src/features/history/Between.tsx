"use client";

import { useState } from "react";
import { differences, type Position, type Visit } from "@/core/history";
import { printPart, type Settled } from "@/core/kinds";
import type { Sheet } from "@/core/model";
import { PartStateMark } from "@/ui/PartStateMark";
import { dateField, day as printDay } from "@/ui/dates";
import { capital } from "@/ui/words";
import { momentOf, stopsOf } from "./stops";

type BetweenProps = {
  settled: readonly Settled[];
  visits: readonly Visit[];
  sheet: Sheet;
  now: string;
  onPart: (designator: string) => void;
};

function Place({ place, sheet }: { place: Position | undefined; sheet: Sheet }) {
  if (!place) return <span className="dim">not there</span>;
  const parts = place.parts.map((part) => printPart(part.text, part.designator)).join(" + ");
  const drawn = place.drawn ? printPart(place.drawn, place.designator, sheet) : "";
  return (
    <>
      <PartStateMark state={place.state} /> <span className="font-mono">{parts || drawn}</span>
      {place.why ? <span className="dim block text-sm">{place.why}</span> : null}
    </>
  );
}

/** What changed in the set between two days, by stage and by designator. */
export function Between({ settled, visits, sheet, now, onPart }: BetweenProps) {
  const stops = stopsOf(settled, visits, now);
  const [from, setFrom] = useState(stops[0]?.day ?? dateField(now));
  const [to, setTo] = useState(dateField(now));
  const changes = differences(settled, sheet, momentOf(from), momentOf(to));
  const stageOf = (change: (typeof changes)[number]) => (change.after ?? change.before)?.stage ?? "elsewhere";
  const stages = [...new Set(changes.map(stageOf))].sort((a, b) => a.localeCompare(b, "en"));
  const field = (label: string, value: string, onChange: (day: string) => void) => (
    <label className="flex items-center gap-2">
      <span className="font-semibold">{label}</span>
      <input
        type="date"
        className="input h-11"
        value={value}
        max={dateField(now)}
        onChange={(event) => event.target.value && onChange(event.target.value)}
      />
    </label>
  );
  return (
    <section aria-label="Between two days" className="flex flex-col gap-3">
      <div className="flex flex-wrap items-center gap-3">
        {field("From the end of", from, setFrom)}
        {field("to the end of", to, setTo)}
        {visits.map((visit) => {
          const before = stops.find(({ label }) => label === `before job ${visit.job}`);
          const last = stops.findLast(({ label }) => label === `job ${visit.job}`);
          return before && last ? (
            <button
              key={visit.id}
              type="button"
              className="btn btn-outline h-10"
              onClick={() => {
                setFrom(before.day);
                setTo(last.day);
              }}
            >
              By job {visit.job}
            </button>
          ) : null;
        })}
      </div>
      <p role="status">
        {changes.length === 0
          ? `Nothing changed between ${printDay(from)} and ${printDay(to)}.`
          : `${changes.length} ${changes.length === 1 ? "place" : "places"} changed in ${stages.length} ${stages.length === 1 ? "stage" : "stages"}.`}
      </p>
      {stages.map((stage) => (
        <div key={stage}>
          <h2 className="font-bold">{capital(stage)}</h2>
          <table className="table table-fixed">
            <colgroup>
              <col className="w-24" />
              <col />
              <col />
            </colgroup>
            <thead className="sr-only">
              <tr>
                <th scope="col">Part</th>
                <th scope="col">Before</th>
                <th scope="col">After</th>
              </tr>
            </thead>
            <tbody>
              {changes
                .filter((change) => stageOf(change) === stage)
                .map(({ designator, before, after }) => (
                  <tr key={designator} className="text-base">
                    <th scope="row" className="w-24 py-1">
                      <button type="button" className="min-h-10 font-mono underline" onClick={() => onPart(designator)}>
                        {designator}
                      </button>
                    </th>
                    <td className="py-1">
                      <Place place={before} sheet={sheet} />
                    </td>
                    <td className="py-1">
                      <Place place={after} sheet={sheet} />
                    </td>
                  </tr>
                ))}
            </tbody>
          </table>
        </div>
      ))}
    </section>
  );
}
