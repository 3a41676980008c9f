"use client";

import { Timer } from "lucide-react";
import { useEffect, useState } from "react";
import { SeenList } from "@/ui/SeenList";
import { WARM_MINUTES } from "./before";
import type { Align } from "./useAlign";

/** How long the set has played: begun by hand, counted in minutes. */
function WarmClock({ align: { held, setSince } }: { align: Align }) {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = window.setInterval(() => setNow(Date.now()), 10_000);
    return () => window.clearInterval(timer);
  }, []);
  if (held.since === 0)
    return (
      <button type="button" className="btn btn-outline h-10" onClick={() => setSince(Date.now())}>
        <Timer size={16} aria-hidden="true" /> Switched on now
      </button>
    );
  const minutes = Math.max(0, Math.floor((now - held.since) / 60_000));
  const warm = minutes >= WARM_MINUTES;
  return (
    <span className="inline-flex items-center gap-2" role="timer" aria-label="Time since it was switched on">
      <span className={`font-mono font-bold ${warm ? "text-success" : "text-warning"}`}>{minutes} min on</span>
      <span className="dim">{warm ? "warm" : `${WARM_MINUTES - minutes} min to go`}</span>
      <button type="button" className="btn btn-ghost h-10" onClick={() => setSince(0)}>
        Off again
      </button>
    </span>
  );
}

/** What is looked at before the first core is turned. */
export function Checks({ align }: { align: Align }) {
  const { checks, unseen, held, see, setCabinet } = align;
  const [chosen, setOpen] = useState<boolean>();
  const open = chosen ?? unseen.length > 0;
  const failed = checks.filter(({ key }) => held.seen[key] === "not");
  const cabinet = (
    <label className="flex items-center gap-2 whitespace-nowrap">
      Chassis
      <select className="select h-10" value={held.cabinet} onChange={(event) => setCabinet(event.target.value)}>
        <option value="out">out of the cabinet</option>
        <option value="in">in the cabinet</option>
      </select>
    </label>
  );
  const place = (
    <div className="mb-2 flex flex-wrap items-center gap-x-4 gap-y-2">
      <WarmClock align={align} />
      {cabinet}
      {open ? null : (
        <>
          {failed.length > 0 ? (
            <span className="font-semibold text-warning">Not so: {failed.map(({ text }) => text).join("; ")}.</span>
          ) : (
            <span className="dim">All was so.</span>
          )}
          <button type="button" className="btn btn-outline h-10" onClick={() => setOpen(true)}>
            Look again
          </button>
        </>
      )}
    </div>
  );
  if (!open) return place;
  return (
    <>
      {place}
      <SeenList
        title="Read the steps through once. Look at this before the first core is turned"
        items={checks}
        seen={held.seen}
        onSee={see}
        onClose={() => setOpen(false)}
      />
    </>
  );
}
