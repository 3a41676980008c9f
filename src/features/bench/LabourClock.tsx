"use client";

import { Pause, Play } from "lucide-react";
import { useEffect, useState, useSyncExternalStore } from "react";
import { printMinutes } from "@/core/kinds";
import { STEP_NAMES, STEPS, type Step } from "@/core/model";
import { useLogbook } from "@/ui/logbook";

type Running = { step: Step; since: number };

const key = (visitId: string) => `jumelle-labour-${visitId}`;
/** Nobody works longer than a day at one step. Minutes. */
const LONGEST = 1440;
const CHANGED = "jumelle-labour-changed";

function readRunning(text: string | null): Running | undefined {
  const [step, since] = (text ?? "").split(" ");
  const known = STEPS.find((one) => one === step);
  return known && Number(since) > 0 ? { step: known, since: Number(since) } : undefined;
}

function subscribe(changed: () => void) {
  window.addEventListener(CHANGED, changed);
  window.addEventListener("storage", changed);
  return () => {
    window.removeEventListener(CHANGED, changed);
    window.removeEventListener("storage", changed);
  };
}

/** Times the labour of a step; stopped, it is an entry. It goes on over a reload, on this device. */
export function LabourClock({ step }: { step: Step }) {
  const { visit, append } = useLogbook();
  const [now, setNow] = useState(0);
  const [said, setSaid] = useState<string>();
  const text = useSyncExternalStore(
    subscribe,
    () => window.localStorage.getItem(key(visit.id)),
    () => null,
  );
  const running = readRunning(text);
  useEffect(() => {
    if (!text) return;
    const look = () => setNow(Date.now());
    const timer = window.setInterval(look, 10_000);
    const first = window.setTimeout(look, 0);
    return () => {
      window.clearInterval(timer);
      window.clearTimeout(first);
    };
  }, [text]);
  const set = (next: Running | undefined) => {
    if (next) window.localStorage.setItem(key(visit.id), `${next.step} ${next.since}`);
    else window.localStorage.removeItem(key(visit.id));
    window.dispatchEvent(new Event(CHANGED));
  };
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
