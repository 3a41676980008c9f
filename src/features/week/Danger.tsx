"use client";

import { TriangleAlert } from "lucide-react";
import { useState } from "react";
import type { PlanInput, Rescue, SetOutlook } from "@/core/plan";
import { dayWords, measureWords, namesOf, surely } from "@/ui/plan/words";
import { useRescue } from "@/ui/plan/useOutlook";

function RescueLine({ rescue, input }: { rescue: Rescue; input: PlanInput }) {
  const names = namesOf(input.people);
  const jobs = rescue.harms.flatMap((visit) => input.sets.find((one) => one.visit === visit)?.job ?? []);
  const [first = "", ...rest] = rescue.measures.map((measure) => measureWords(measure, names));
  return (
    <li>
      {rescue.saves ? <strong>Saves it: </strong> : <span className="dim">Helps: </span>}
      {[first, ...rest].join(", and ")}. By <strong>{dayWords(rescue.promise)}</strong> in nine of ten cases.
      {jobs.length > 0 ? (
        <span className="text-warning"> Then in danger: {jobs.map((job) => `job ${job}`).join(", ")}.</span>
      ) : null}
    </li>
  );
}

type DangerProps = { sure: SetOutlook; input: PlanInput; onOpen: (task: string) => void };

/** A promise that is in danger, and on request what would save it. */
function InDanger({ sure, input, onOpen }: DangerProps) {
  const [asked, setAsked] = useState(false);
  const rescue = useRescue(input, asked ? sure.visit : undefined);
  const set = input.sets.find((one) => one.visit === sure.visit);
  if (!set || !sure.promised) return null;
  const shown = rescue.answer?.slice(0, 4) ?? [];
  return (
    <li className="rounded-box border-2 border-error p-2.5">
      <p className="flex flex-wrap items-center gap-x-3">
        <TriangleAlert size={20} className="text-error" aria-hidden="true" />
        <button type="button" className="min-h-10 font-bold hover:underline" onClick={() => onOpen(sure.visit)}>
          <span className="font-mono">{set.job}</span> {set.name}
        </button>
        <span>
          {sure.standing === "broken" ? (
            <>
              was promised for <strong>{dayWords(sure.promised)}</strong>, which is over
            </>
          ) : (
            <>
              promised for <strong>{dayWords(sure.promised)}</strong>
              {sure.kept === undefined ? "" : `, kept in ${surely(sure.kept)} of the cases`}
            </>
          )}
          {sure.promise ? `; nine of ten are done by ${dayWords(sure.promise)}` : ""}.
        </span>
        {sure.standing === "danger" ? (
          <button
            type="button"
            className="btn btn-outline ml-auto h-11"
            aria-expanded={asked}
            onClick={() => setAsked(!asked)}
          >
            {asked ? "Hide" : "What would save it?"}
          </button>
        ) : (
          <button type="button" className="btn btn-outline ml-auto h-11" onClick={() => onOpen(sure.visit)}>
            Promise a new day
          </button>
        )}
      </p>
      {asked ? (
        <div role="status" aria-live="polite">
          {rescue.failed ? <p className="text-error">It could not be worked out: {rescue.failed}.</p> : null}
          {rescue.answer ? (
            shown.length === 0 ? (
              <p>Nothing that this shop can do brings it forward: talk to the owner before the day.</p>
            ) : (
              <ul className="mt-1 ml-8 list-disc">
                {shown.map((one) => (
                  <RescueLine key={JSON.stringify(one.measures)} rescue={one} input={input} />
                ))}
              </ul>
            )
          ) : rescue.failed ? null : (
            <p className="dim">Trying people, parcels and the order of work…</p>
          )}
        </div>
      ) : null}
    </li>
  );
}

/** Promises that are broken or in danger, before anything else. */
export function Dangers({ sets, input, onOpen }: { sets: readonly SetOutlook[] } & Omit<DangerProps, "sure">) {
  const bad = sets.filter(({ standing }) => standing === "danger" || standing === "broken");
  if (bad.length === 0) return null;
  return (
    <section aria-label="Promises in danger">
      <ul className="flex flex-col gap-2">
        {bad.map((sure) => (
          <InDanger key={sure.visit} sure={sure} input={input} onOpen={onOpen} />
        ))}
      </ul>
    </section>
  );
}
