"use client";

import { useEffect, useId, useRef, useState } from "react";
import { useKnown } from "./useKnown";

/** A set that was here before. */
export type KnownSet = {
  id: string;
  label: string;
  modelId: string;
  ownerId: string;
  job?: number;
  warranty?: { job: number; until: string; done: string };
};

type Props = {
  chosen: KnownSet | undefined;
  /** the id that was kept on the device with what was typed */
  kept: string;
  onChoose: (set: KnownSet | undefined) => void;
  className?: string;
};

/** Was the set here before? A field that finds it by serial, owner, telephone number, model or job. */
export function HereBefore({ chosen, kept, onChoose, className = "" }: Props) {
  const [text, setText] = useState("");
  const [known, ask, asking] = useKnown<KnownSet>("sets");
  const id = useId();
  const asked = useRef("");
  // What was chosen before a reload is asked for by its id, which is all that the device kept of it.
  useEffect(() => {
    if (!kept || chosen || asked.current === kept) return;
    asked.current = kept;
    void fetch(`/api/known?what=sets&id=${kept}`)
      .then(async (answer) => (answer.ok ? ((await answer.json()) as { known: KnownSet[] }).known[0] : undefined))
      .then((found) => onChoose(found && found.job === undefined ? found : undefined))
      .catch(() => undefined);
  }, [kept, chosen, onChoose]);
  if (chosen)
    return (
      <div className={className}>
        <p className="font-semibold">It was here before</p>
        <p className="flex flex-wrap items-center gap-3 rounded-box bg-base-200 p-3">
          <strong>{chosen.label}</strong>
          <button type="button" className="btn btn-ghost btn-sm min-h-10" onClick={() => onChoose(undefined)}>
            Another set
          </button>
        </p>
        {chosen.warranty ? (
          <p role="status" className="mt-1 rounded-box border-2 border-warning p-3">
            <strong>Work on it is under the warranty of job {chosen.warranty.job}</strong>, until{" "}
            {chosen.warranty.until}.{chosen.warranty.done ? ` Done then: ${chosen.warranty.done}.` : ""} Whether this
            visit counts as that is said at its Take in.
          </p>
        ) : null}
      </div>
    );
  return (
    <div className={className}>
      <label htmlFor={id} className="font-semibold">
        Was it here before?
      </label>
      <input
        id={id}
        className="input h-11 w-full"
        value={text}
        autoComplete="off"
        placeholder="serial, owner, telephone, model or job; leave it empty for a set that is new to the shop"
        onChange={(event) => {
          setText(event.target.value);
          ask(event.target.value);
        }}
      />
      {text.trim() ? (
        <ul aria-label="Sets that were here before" className="mt-1 flex flex-col gap-1">
          {known.map((one) => (
            <li key={one.id}>
              <button
                type="button"
                className="btn btn-outline h-auto min-h-11 w-full justify-start py-2 text-left font-normal"
                disabled={one.job !== undefined}
                onClick={() => onChoose(one)}
              >
                {one.label}
                {one.job === undefined ? "" : ` (in the shop now, job ${one.job})`}
              </button>
            </li>
          ))}
          <li className="dim" role="status">
            {asking ? "Looking…" : known.length === 0 ? "No set matches: it is new to the shop." : ""}
          </li>
        </ul>
      ) : null}
    </div>
  );
}
