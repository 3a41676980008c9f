"use client";

import { useState } from "react";
import { HANDS_AWAY, STAGE_WORDS, STAGES, steadyOf, USUAL_STEADY, type Reads, type Timed } from "@/core/instruments";
import type { Meter } from "@/db/shop";
import { useAsking, useStandInHand } from "./useWalk";

type LiveProps = {
  meter: Meter;
  what: Reads;
  /** what stands in large letters */
  title?: string;
  /** where the probe of a stand-in goes */
  point: string;
  /** V that are expected there: from 500 V on no hand is near */
  expected?: number | undefined;
  live?: boolean;
  print: (value: number) => string;
  /** by itself when it stands still, or by the button alone */
  byItself: boolean;
  onTake: (value: number, range?: number) => void;
  onEnd: () => void;
};

/** Readings that are kept to see whether they stand still. */
const KEPT = 20;

/** One reading, large: it is taken when it stands still, or by a press. */
export function LiveReading({
  meter,
  what,
  point,
  title = point,
  expected = 0,
  live = false,
  print,
  byItself,
  onTake,
  onEnd,
}: LiveProps) {
  const [readings, setReadings] = useState<readonly (Timed & { range?: number | undefined })[]>([]);
  const stages = what !== "ohms" && (live || Math.abs(expected) >= HANDS_AWAY) ? STAGES : [];
  const [stage, setStage] = useState(0);
  const waiting = stages[stage];
  const [taken, setTaken] = useState(false);
  const shown = useAsking(meter, what, (answer) => {
    if (!answer.ok || waiting || taken) return;
    const next = [...readings, { at: performance.now(), value: answer.value, range: answer.range }].slice(-KEPT);
    setReadings(next);
    const { value } = steadyOf(next, USUAL_STEADY);
    // Leads in the air stand still too.
    if (!byItself || value === undefined || Math.abs(value) < 0.05) return;
    setTaken(true);
    onTake(value, answer.range);
  });
  useStandInHand(meter, point, what !== "ohms" && waiting === undefined);
  const still = steadyOf(readings, USUAL_STEADY).value !== undefined;
  const last = readings.at(-1);
  return (
    <div role="group" aria-label={`Reading of ${title}`} className="mt-2 rounded-box border-2 border-primary p-3">
      <p className="text-[40px] leading-tight font-bold">{waiting ? STAGE_WORDS[waiting] : title}</p>
      {waiting ? null : (
        <p className="font-mono text-[40px] leading-tight" data-testid="live">
          {shown === undefined ? "…" : shown.ok ? print(shown.value) : ""}
          {still ? <span className="dim ml-3 font-sans text-base">stands still</span> : null}
        </p>
      )}
      {shown && !shown.ok && !waiting ? (
        <p role="alert" className="text-warning">
          {shown.message}
        </p>
      ) : null}
      <div className="flex flex-wrap gap-2">
        {waiting ? (
          <button type="button" className="btn btn-primary h-12" onClick={() => setStage(stage + 1)}>
            Done
          </button>
        ) : (
          <button
            type="button"
            className="btn btn-primary h-12"
            disabled={!last}
            onClick={() => last && onTake(last.value, last.range)}
          >
            Take it as it stands
          </button>
        )}
        <button type="button" className="btn btn-ghost h-12" onClick={onEnd}>
          End
        </button>
        <span className="dim self-center">{meter.name}</span>
      </div>
    </div>
  );
}
