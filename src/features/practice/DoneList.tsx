"use client";

import { DANGERS, type Done } from "@/core/practice";
import { VerdictMark } from "@/ui/VerdictMark";
import { useStaysAtEnd } from "@/ui/useStaysAtEnd";
import { asked } from "@/ui/words";
import { minutesText } from "./words";

/** What was done and what came of it, the latest last. */
export function DoneList({ done }: { done: readonly Done[] }) {
  const list = useStaysAtEnd<HTMLOListElement>(done.length);
  return (
    <section aria-label="What was done" className="flex min-h-0 flex-1 flex-col p-3">
      <h2 className="font-bold">What was done</h2>
      {done.length === 0 ? (
        <p className="dim">Nothing yet. The set stands there unplugged, with nothing in its capacitors.</p>
      ) : null}
      <ol ref={list} className="min-h-0 flex-1 overflow-y-auto" tabIndex={0} aria-label="Steps">
        {done.map((one, at) => (
          <li key={at} className="border-b border-base-300 py-1">
            <div className="flex gap-2">
              <span className="dim w-6 shrink-0 text-right font-mono">{at + 1}</span>
              <span className="flex-1">
                {one.said ? asked(one.what) : one.what}{" "}
                {one.said ? <span className="font-semibold">{one.said}</span> : null}{" "}
                {one.read?.verdict ? <VerdictMark mark={one.read.verdict} /> : null}
              </span>
              <span className="dim font-mono text-sm whitespace-nowrap">{minutesText(one.minutes)}</span>
            </div>
            {one.dangers?.map((danger) => (
              <p key={danger} role="alert" className="ml-8 border-l-4 border-error pl-2 font-semibold text-error">
                Dangerous. {DANGERS[danger]}
              </p>
            ))}
          </li>
        ))}
      </ol>
    </section>
  );
}
