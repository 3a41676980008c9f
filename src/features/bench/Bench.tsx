"use client";

import { Printer } from "lucide-react";
import { Link } from "@/ui/Link";
import { useEffect, useMemo, useRef } from "react";
import { STEPS, type Step } from "@/core/model";
import { hazards, hazardsAt } from "@/core/power";
import { currentStep, runSheet } from "@/core/visit";
import { ofKind } from "@/core/kinds";
import { HazardStrip } from "@/ui/HazardStrip";
import { useShortcut } from "@/ui/keys";
import { useLogbook } from "@/ui/logbook";
import { Tag } from "@/ui/Tag";
import { BenchLine } from "./BenchLine";
import { Gate } from "./Gate";
import { RunSheet } from "./RunSheet";
import { Tape } from "./Tape";

export type Plates = Record<Step, React.ReactNode>;

/** The bench: tag and hazards on top; run sheet, work plate and tape in sight together. */
export function Bench({ plates }: { plates: Plates }) {
  const { input, settled, visit, model, owner, serial, setId, step: selected, look } = useLogbook();
  const sheet = useMemo(() => runSheet(input), [input]);
  const plate = useRef<HTMLElement>(null);
  const item = sheet.find((one) => one.step === selected);
  const complaint = ofKind(settled, "take-in").findLast(({ entry }) => entry.visitId === visit.id)?.content.payload
    .complaint;
  const dangers = hazardsAt(selected, hazards(model.sheet, model.year));
  const cautions = model.sheet.cautions.filter((caution) => caution.step === selected && selected !== "make-safe");

  // Where the keys have led to: two quick presses are two steps, also before the first one is drawn.
  const asked = useRef(selected);
  useEffect(() => {
    asked.current = selected;
  }, [selected]);

  /** Looks at a step; by key the plate has the focus, so that the next Tab is inside it. */
  useShortcut((key) => {
    const by = key === "]" ? 1 : key === "[" ? -1 : 0;
    const next = by === 0 ? undefined : STEPS[STEPS.indexOf(asked.current) + by];
    if (!next) return false;
    asked.current = next;
    look(next);
    plate.current?.focus();
    return true;
  });

  return (
    <main className="flex h-[calc(100dvh-3rem)] flex-col">
      <h1 className="sr-only">Bench, job {visit.job}</h1>
      <div className="no-print flex flex-wrap items-center gap-x-3 gap-y-1.5 border-b border-base-300 bg-base-200 px-2 py-1.5">
        <div className="min-w-80 flex-1">
          <Tag
            job={visit.job}
            model={model}
            owner={owner}
            serial={serial}
            complaint={complaint}
            href={`/sets/${setId}`}
          />
        </div>
        <HazardStrip hazards={dangers} />
        <Link
          href={`/sets/${setId}/record?visit=${visit.id}`}
          className="btn btn-outline btn-square h-10"
          aria-label="Service record"
          title="Service record"
        >
          <Printer size={18} aria-hidden="true" />
        </Link>
      </div>
      <div className="grid min-h-0 flex-1 grid-rows-[auto_minmax(0,1.25fr)_minmax(0,1fr)] lg:grid-cols-[14rem_minmax(0,1fr)_23.5rem] lg:grid-rows-1">
        <RunSheet sheet={sheet} selected={selected} next={currentStep(sheet)} onSelect={look} />
        <section
          ref={plate}
          aria-label="Work plate"
          tabIndex={-1}
          data-content
          className="relative overflow-y-auto p-3 focus:outline-none"
        >
          {item ? <Gate key={selected} item={item} sheet={sheet} onSelect={look} /> : null}
          {cautions.map((caution) => (
            <p key={caution.text} className="mb-2 border-l-4 border-warning pl-2 font-semibold">
              {caution.text}
              {caution.job ? <span className="dim font-normal"> (learnt in job {caution.job})</span> : null}
            </p>
          ))}
          {plates[selected]}
        </section>
        <div className="flex min-h-0 flex-col border-t border-base-300 lg:border-t-0 lg:border-l">
          <Tape />
          <BenchLine />
        </div>
      </div>
    </main>
  );
}
