"use client";

import { useState } from "react";
import type { Modification } from "@/core/kinds";
import { prerequisites, readyToOrder } from "@/core/modifications";
import { AskWords } from "@/ui/AskWords";
import { ErrorText } from "@/ui/form";
import { LineHint } from "@/ui/LineHint";
import { useLogbook, useLineContext } from "@/ui/logbook";
import { Tabs } from "@/ui/Tabs";
import { ModAfter } from "./ModAfter";
import { ModParts } from "./ModParts";
import { ModSteps } from "./ModSteps";
import { Prerequisites } from "./Prerequisites";
import { useWrite } from "./useWrite";

function Drop({ modification }: { modification: Modification }) {
  const { write, error } = useWrite();
  const [asking, setAsking] = useState(false);
  if (!asking)
    return (
      <button type="button" className="btn btn-ghost h-10" onClick={() => setAsking(true)}>
        Not after all
      </button>
    );
  const drop = (why: string) => {
    const { payload } = modification;
    const remark = why ? { remark: why } : {};
    void write({ kind: "modification", payload: { ...payload, state: "dropped", about: modification.id, ...remark } });
  };
  return (
    <div>
      <AskWords label="Why it is not done" onWrite={drop} onCancel={() => setAsking(false)} />
      {error ? <ErrorText>{error}</ErrorText> : null}
    </div>
  );
}

/** A modification at work: before ordering, parts, steps, and what comes after. */
export function Running({ modification, onClose }: { modification: Modification; onClose: () => void }) {
  const { input } = useLogbook();
  const context = useLineContext();
  const lines = prerequisites(modification, input);
  const ready = readyToOrder(lines);
  const { payload } = modification;
  const open = lines.filter(({ state }) => state !== "met").length;
  const done = [...modification.ticks.values()].filter(({ list }) => list === "step").length;
  const n = context.tape.find(({ id }) => id === modification.id)?.n;
  const tabs = [
    {
      key: "before",
      name: open > 0 ? `Before ordering (${open} open)` : "Before ordering",
      body: <Prerequisites modification={modification} lines={lines} />,
    },
    { key: "parts", name: "Parts", body: <ModParts modification={modification} ready={ready} /> },
    {
      key: "steps",
      name: `Steps (${done} of ${payload.steps.length})`,
      body: <ModSteps modification={modification} ready={ready} />,
    },
    { key: "after", name: "After", body: <ModAfter modification={modification} ready={ready} /> },
  ];
  // Fitted a moment ago, it stays where it was: what it made necessary stands under the same tab.
  const first = modification.state === "fitted" ? "after" : ready ? "steps" : "before";
  return (
    <section aria-label={payload.name} className="flex flex-col gap-2">
      <div className="flex flex-wrap items-center gap-2">
        <h2 className="min-w-60 flex-1 text-lg font-bold">{payload.name}</h2>
        {modification.state === "planned" ? <Drop modification={modification} /> : null}
        <button type="button" className="btn btn-outline h-10" onClick={onClose}>
          All modifications
        </button>
      </div>
      <p className="dim">{payload.what}.</p>
      <Tabs label="Stages of the modification" tabs={tabs} initial={first} />
      <LineHint line={`tick #${n ?? 1} step 1 done; out 6`} />
    </section>
  );
}
