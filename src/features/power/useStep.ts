"use client";

import { useEffect, useState } from "react";
import { EMPTY, type Typed } from "./fields";

type Kept = { step: string; typed: Typed; startedAt?: number };

const keyOf = (visitId: string) => `jumelle-power-${visitId}`;

function read(visitId: string): Kept | undefined {
  try {
    return JSON.parse(window.localStorage.getItem(keyOf(visitId)) ?? "null") ?? undefined;
  } catch {
    return undefined;
  }
}

/** How long a hold has lasted, whole seconds; undefined when none was begun. */
export const heldFor = (startedAt: number | undefined): number | undefined =>
  startedAt === undefined ? undefined : Math.round((Date.now() - startedAt) / 1000);

/** What is typed at a step, and when its hold began. It outlives a reload of the page. */
export function useStep(visitId: string, step: string | undefined) {
  const [kept, setKept] = useState<Kept>();
  useEffect(() => {
    const found = read(visitId);
    // What was being typed when the page went away.
    // eslint-disable-next-line react-hooks/set-state-in-effect
    if (found) setKept(found);
  }, [visitId]);
  const mine = kept && kept.step === step ? kept : undefined;
  const typed = mine?.typed ?? EMPTY;
  const put = (next: Kept) => {
    setKept(next);
    window.localStorage.setItem(keyOf(visitId), JSON.stringify(next));
  };
  return {
    typed,
    startedAt: mine?.startedAt,
    change: (part: Partial<Typed>) =>
      put({
        step: step ?? "",
        typed: { ...typed, ...part },
        ...(mine?.startedAt === undefined ? {} : { startedAt: mine.startedAt }),
      }),
    start: () => put({ step: step ?? "", typed, startedAt: mine?.startedAt ?? Date.now() }),
    /** Forgets a step that is written; what is typed at the next one by then stays. */
    clear: (written: string) => {
      setKept((current) => (current?.step === written ? undefined : current));
      if (read(visitId)?.step === written) window.localStorage.removeItem(keyOf(visitId));
    },
  };
}
