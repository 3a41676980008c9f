"use client";

import { useState } from "react";
import { asBuilt, openPoints, originality, type Position } from "@/core/history";
import type { Settled } from "@/core/kinds";
import type { PartState } from "@/core/components";
import type { Sheet } from "@/core/model";
import { later } from "@/ui/later";
import type { Picture } from "@/ui/picture";
import { PART_STATE_WORDS, PartShape } from "@/ui/PartStateMark";
import { dateField } from "@/ui/dates";
import { capital } from "@/ui/words";
import { momentOf } from "./stops";

type ChassisProps = {
  settled: readonly Settled[];
  sheet: Sheet;
  pictures: readonly Picture[];
  now: string;
  onPart: (designator: string) => void;
};

/** Parts under suspicion: out by a reading or a test, and nobody has worked on them since. */
function suspects(settled: readonly Settled[], moment: string, places: readonly Position[]): Set<string> {
  const texts = openPoints(settled, moment)
    .filter(({ kind }) => kind === "reading")
    .map(({ text }) => text);
  return new Set(
    places.map(({ designator }) => designator).filter((name) => texts.some((text) => text.startsWith(`${name} `))),
  );
}

const stageOf = ({ stage, role }: Position) => stage ?? (role === "tube" ? "tubes" : "elsewhere");

const InPicture = later(async () => (await import("./InPicture")).InPicture);

/** The set by its stages, each part by shape and colour: how original it is, in one look. */
export function Chassis({ settled, sheet, pictures, now, onPart }: ChassisProps) {
  const [day, setDay] = useState(() => dateField(now));
  const moment = momentOf(day);
  const places = asBuilt(settled, sheet, moment);
  const sum = originality(places);
  const out = suspects(settled, moment, places);
  const stages = [...new Set(places.map(stageOf))].sort((a, b) => a.localeCompare(b, "en"));
  const counts = new Map<PartState, number>();
  for (const { state } of places) counts.set(state, (counts.get(state) ?? 0) + 1);
  return (
    <section aria-label="Chassis" className="flex flex-col gap-3">
      <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
        <p className="text-3xl font-bold">
          {Math.round(sum.share * 100)} % <span className="text-lg font-normal">original by count</span>
        </p>
        <p className="dim min-w-72 flex-1" role="status">
          {sum.text}. Every place counts as one, whatever its worth; what was serviced, left or only put out of use is
          still the original part.
        </p>
        <label className="flex items-center gap-2">
          <span className="font-semibold">On</span>
          <input
            type="date"
            className="input h-11 w-44"
            value={day}
            max={dateField(now)}
            onChange={(event) => event.target.value && setDay(event.target.value)}
          />
        </label>
      </div>
      {places.length === 0 ? (
        <p className="dim">No parts are known yet: neither from the model nor from work on this set.</p>
      ) : null}
      {places.length > 0 ? (
        <InPicture sheet={sheet} pictures={pictures} places={places} out={out} onPart={onPart} />
      ) : null}
      <div className="grid items-start gap-2 sm:grid-cols-2 lg:grid-cols-3 xl:grid-cols-4">
        {stages.map((stage) => {
          const mine = places.filter((place) => stageOf(place) === stage);
          return (
            <div key={stage} className="rounded-box border border-base-300 bg-base-200 p-2">
              <h2 className="font-bold">
                {capital(stage)}{" "}
                <span className="dim font-normal">
                  {mine.filter(({ state }) => ["original", "serviced", "left", "disconnected"].includes(state)).length}{" "}
                  of {mine.length}
                </span>
              </h2>
              <div className="flex flex-wrap gap-1 pt-1">
                {mine.map((place) => {
                  const suspect = out.has(place.designator);
                  const word = `${place.modification?.found || place.state === "substituted" ? "found modified" : PART_STATE_WORDS[place.state]}${suspect ? ", suspect" : ""}`;
                  return (
                    <button
                      key={place.designator}
                      type="button"
                      title={`${place.designator}: ${word}`}
                      aria-label={`${place.designator}: ${word}`}
                      className={`flex min-h-10 min-w-16 items-center gap-1 rounded-field border bg-base-100 px-1.5 font-mono text-sm hover:border-primary ${suspect ? "border-2 border-dashed border-warning" : "border-base-300"}`}
                      onClick={() => onPart(place.designator)}
                    >
                      <PartShape state={place.state} />
                      {place.designator}
                    </button>
                  );
                })}
              </div>
            </div>
          );
        })}
      </div>
      <ul className="flex flex-wrap gap-x-4 gap-y-1" aria-label="What the marks mean">
        {[...counts].map(([state, count]) => (
          <li key={state} className="flex items-center gap-1.5">
            <PartShape state={state} /> {PART_STATE_WORDS[state]} <span className="dim">{count}</span>
          </li>
        ))}
        <li className="flex items-center gap-1.5">
          <span className="inline-block h-4 w-6 rounded-field border-2 border-dashed border-warning" /> suspect{" "}
          <span className="dim">{out.size}</span>
        </li>
      </ul>
    </section>
  );
}
