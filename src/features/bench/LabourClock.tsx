"use client";

import { Pause, Play } from "lucide-react";
import { useEffect, useState } from "react";
import { printMinutes } from "@/core/kinds";
import { STEP_NAMES, type Step } from "@/core/model";
import { shapeOf, useKept } from "@/ui/kept";
import { useLogbook } from "@/ui/logbook";

type Running = { step: Step; since: number };

/** Nobody works longer than a day at one step. Minutes. */
const LONGEST = 1440;

/** The step and the moment, ms since 1970; an empty step is a clock that stands. */
const STANDS: { step: Step | ""; since: number } = { step: "", since: 0 };

/** Times the labour of a step; stopped, it is an entry. It goes on over a reload, on this device. */
export function LabourClock({ step }: { step: Step }) {
  const { visit, append } = useLogbook();
  const [now, setNow] = useState(0);
  const [said, setSaid] = useState<string>();
  const kept = useKept(`labour ${visit.id}`, shapeOf(STANDS), STANDS);
  const { step: at, since } = kept.value;
  // A step that this program does not have is no clock.
  const running: Running | undefined = at === "" || !(at in STEP_NAMES) ? undefined : { step: at, since };
  useEffect(() => {
    if (at === "") return;
    const look = () => setNow(Date.now());
    const timer = window.setInterval(look, 10_000);
    const first = window.setTimeout(look, 0);
    return () => {
      window.clearInterval(timer);
      window.clearTimeout(first);
    };
  }, [at]);
  const set = (next: Running | undefined) => (next ? kept.set(next) : kept.clear());
  const stop = async () => {
    if (!running) return;
    const minutes = Math.round((Date.now() - running.since) / 60_000);
    const payload = { v: 1, step: running.step, minutes } as const;
    if (minutes <= 0) setSaid("Under a minute: not written down.");
    // One that nobody stopped is no labour, and one that is refused goes on.
    else if (minutes > LONGEST)
      setSaid(`It ran ${printMinutes(minutes)}: type what it was, labour ${running.step} 2 h.`);
    else {
      const outcome = await append({ kind: "labour", payload });
      if (!outcome.ok) return setSaid(outcome.problems[0]?.message ?? "It was not taken.");
    }
    return set(undefined);
  };
  const minutes = running ? Math.max(0, (now - running.since) / 60_000) : 0;
  return (
    <>
      <button
        type="button"
        className="btn btn-ghost h-11 w-full justify-start gap-2 px-2 text-left"
        aria-label={
          running ? `Stop the labour clock: ${STEP_NAMES[running.step]}` : `Start the labour clock: ${STEP_NAMES[step]}`
        }
        onClick={() => {
          setSaid(undefined);
          if (running) void stop();
          else set({ step, since: Date.now() });
        }}
      >
        {running ? <Pause size={18} aria-hidden="true" /> : <Play size={18} aria-hidden="true" />}
        <span className={`text-sm leading-tight font-normal ${running ? "" : "hidden lg:inline"}`}>
          {running ? `${STEP_NAMES[running.step]}: ${printMinutes(minutes)}` : "Labour clock"}
        </span>
      </button>
      {said ? (
        <p role="status" className="px-2 text-sm text-warning">
          {said}
        </p>
      ) : null}
    </>
  );
}
