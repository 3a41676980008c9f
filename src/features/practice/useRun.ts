"use client";

import { useState } from "react";
import type { Act } from "@/core/practice";
import type { RunView } from "@/server/practice/view";

type Answer = { ok: boolean; message?: string; view?: RunView };

/** A practice run: what is done to it goes to the server, which answers with how things stand. */
export function useRun(first: RunView) {
  const [view, setView] = useState(first);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string>();
  const act = async (what: Act) => {
    if (busy) return;
    setBusy(true);
    try {
      const answer = await fetch(`/api/practice/${view.id}`, { method: "POST", body: JSON.stringify(what) });
      const said = (await answer.json()) as Answer;
      setProblem(said.ok ? undefined : (said.message ?? "It could not be done."));
      if (said.view) setView(said.view);
    } catch {
      setProblem("The server cannot be reached: nothing was done. Try again in a moment.");
    }
    setBusy(false);
  };
  return { view, busy, problem, act };
}
export type RunHand = ReturnType<typeof useRun>;
