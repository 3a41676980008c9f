"use client";

import type { Remote } from "comlink";
import { useEffect, useMemo, useState } from "react";
import type { Outlook, PlanInput, Rescue } from "@/core/plan";
import { clock, dateField } from "@/ui/dates";
import { useAsked, type Asked } from "@/ui/useAsked";
import type { PlanWorker } from "@/workers/plan.worker";

const load = (): Worker => new Worker(new URL("../../workers/plan.worker.ts", import.meta.url), { type: "module" });
const askPlan = (worker: Remote<PlanWorker>, input: PlanInput): Promise<Outlook> => worker.plan(input);
const askRescue = (worker: Remote<PlanWorker>, question: { input: PlanInput; visit: string }): Promise<Rescue[]> =>
  worker.rescue(question);

/** A plan is made anew after so long, ms: what was to be done by now is looked at again. */
const QUARTER = 15 * 60_000;

/** The present quarter of an hour. Nothing before the page is alive: the server cannot know the reader's day. */
export function useQuarter(): number | undefined {
  const [at, setAt] = useState<number>();
  useEffect(() => {
    const look = () => setAt(Math.floor(Date.now() / QUARTER) * QUARTER);
    look();
    const timer = setInterval(look, 60_000);
    return () => clearInterval(timer);
  }, []);
  return at;
}

/** What the server knows of the plan, at a moment of the reader's. */
export function inputAt(facts: Omit<PlanInput, "now" | "today" | "time">, at: number): PlanInput {
  const now = new Date(at).toISOString();
  return { ...facts, now, today: dateField(now), time: clock(now) };
}

export type OutlookView = Asked<Outlook> & { input: PlanInput | undefined };

/** The plan of the shop, worked out away from the page. */
export function useOutlook(facts: Omit<PlanInput, "now" | "today" | "time">): OutlookView {
  const at = useQuarter();
  const input = useMemo(() => (at === undefined ? undefined : inputAt(facts, at)), [facts, at]);
  const asked = useAsked<PlanWorker, PlanInput, Outlook>(load, input, askPlan);
  return { ...asked, thinking: asked.thinking || at === undefined, input };
}

/** What would save the promise of a set; asked for when somebody wants to know. */
export function useRescue(input: PlanInput | undefined, visit: string | undefined): Asked<Rescue[]> {
  const question = useMemo(() => (input && visit ? { input, visit } : undefined), [input, visit]);
  return useAsked<PlanWorker, { input: PlanInput; visit: string }, Rescue[]>(load, question, askRescue);
}
