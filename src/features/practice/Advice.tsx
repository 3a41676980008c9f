"use client";

import type { PanelProps } from "./hand";
import { minutesText, percentText } from "./words";

/** What the search advises: all the time, when it is asked for, or never. */
export function Advice({ view, act, busy }: PanelProps) {
  const { now, advice } = view;
  if (advice === "off") return null;
  return (
    <section aria-label="Advice" className="border-b border-base-300 p-3">
      <div className="flex items-center gap-2">
        <h2 className="grow font-bold">Advice</h2>
        {advice === "asked" ? (
          <button
            type="button"
            className="btn btn-outline h-10"
            disabled={busy || now !== undefined}
            onClick={() => void act({ do: "advice" })}
          >
            Ask, 3 points
          </button>
        ) : null}
      </div>
      {now ? (
        <>
          <ol className="flex flex-col gap-1">
            {now.next.length === 0 ? <li>No test tells more: put right what is likeliest.</li> : null}
            {now.next.map((one) => (
              <li key={one.id} className="flex items-center gap-2">
                <span className="flex-1" title={one.reason}>
                  {one.name} <span className="dim text-sm">{minutesText(one.minutes)}</span>
                </span>
                <button
                  type="button"
                  className="btn btn-outline h-10"
                  disabled={busy}
                  aria-label={`Do as advised: ${one.name}`}
                  onClick={() => void act(one.shown ? { do: "exchange", check: one.id } : { do: "test", test: one.id })}
                >
                  Do it
                </button>
              </li>
            ))}
          </ol>
          <details className="mt-1">
            <summary className="dim min-h-10 cursor-pointer py-2">Likely causes</summary>
            <ul>
              {now.causes.map(({ name, probability }) => (
                <li key={name} className="flex justify-between gap-2">
                  {name} <span className="font-mono">{percentText(probability)}</span>
                </li>
              ))}
            </ul>
          </details>
        </>
      ) : null}
    </section>
  );
}
