"use client";

import { useEffect } from "react";
import type { Outlook } from "@/core/plan";
import type { PlanFacts } from "@/db/plan";
import { NextUp } from "@/ui/plan/NextUp";
import { useOutlook } from "@/ui/plan/useOutlook";

type PlannerProps = {
  facts: PlanFacts;
  /** whoever looks, where they work on sets */
  me: { id: string; name: string } | undefined;
  onOutlook: (outlook: Outlook) => void;
};

/** Plans the week behind the Board and tells it; the next things for whoever looks. Loaded when the Board is there. */
export function Planner({ facts, me, onOutlook }: PlannerProps) {
  const { answer, input, failed } = useOutlook(facts);
  useEffect(() => {
    if (answer) onOutlook(answer);
  }, [answer, onOutlook]);
  return me ? <NextUp outlook={answer} input={input} person={me} failed={failed} /> : null;
}
