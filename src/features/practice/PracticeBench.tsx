"use client";

import { HazardStrip } from "@/ui/HazardStrip";
import { Tabs } from "@/ui/Tabs";
import type { RunView } from "@/server/practice/view";
import { Advice } from "./Advice";
import { DoneList } from "./DoneList";
import { End } from "./End";
import { Parts } from "./Parts";
import { Power } from "./Power";
import { PracticeLine } from "./PracticeLine";
import { Probe } from "./Probe";
import { TestList } from "./TestList";
import { useRun } from "./useRun";
import { minutesText, standsAs } from "./words";

/** A practice bench: the complaint on top, the instruments and senses in the middle, what was done beside them. */
export function PracticeBench({ first }: { first: RunView }) {
  const hand = useRun(first);
  const { view, busy, problem, act } = hand;
  const { state, end } = view;
  return (
    <main className="flex min-h-[calc(100dvh-3rem)] flex-col lg:h-[calc(100dvh-3rem)]">
      <div className="no-print flex flex-wrap items-center gap-x-4 gap-y-1 border-b-4 border-dashed border-info bg-base-200 px-3 py-1.5">
        <div className="min-w-96 flex-1">
          <h1 className="font-bold">
            Practice: {view.name} <span className="dim font-normal">{view.year}</span>
          </h1>
          <p className="text-lg">“{view.complaint}”</p>
        </div>
        <HazardStrip hazards={view.hazards} />
      </div>
      <div className="grid min-h-0 flex-1 lg:grid-cols-[minmax(0,1fr)_24rem]">
        <section aria-label="Practice bench" className="overflow-y-auto p-3" data-content aria-busy={busy}>
          {end ? (
            <End end={end} />
          ) : (
            <>
              <Power view={view} act={act} busy={busy} />
              <div className="mb-2 flex flex-wrap items-baseline gap-x-4">
                <p role="status">The set is {standsAs(state)}.</p>
                <p className="dim ml-auto text-sm">
                  Seal <span className="font-mono">{view.seal}</span>
                </p>
                <p className="font-mono text-2xl font-bold" data-testid="minutes">
                  {minutesText(state.minutes)}
                </p>
              </div>
              {problem ? (
                <p role="alert" className="mb-2 border-l-4 border-warning pl-2">
                  {problem}
                </p>
              ) : null}
              <Tabs
                label="What is done"
                tabs={[
                  { key: "probe", name: "Meter", body: <Probe view={view} act={act} busy={busy} /> },
                  { key: "tests", name: "Eyes, ears and tests", body: <TestList view={view} act={act} busy={busy} /> },
                  { key: "parts", name: "Check and put right", body: <Parts view={view} act={act} busy={busy} /> },
                ]}
              />
            </>
          )}
        </section>
        <aside className="flex min-h-0 flex-col border-t border-base-300 lg:border-t-0 lg:border-l">
          {end ? null : <Advice view={view} act={act} busy={busy} />}
          <DoneList done={view.done} />
        </aside>
      </div>
      {end ? null : <PracticeLine view={view} act={act} busy={busy} />}
    </main>
  );
}
