"use client";

import { useEffect, useMemo, useState } from "react";
import type { Entry } from "@/core/kinds";

/**
 * The entries of a set's log. A short log comes with the page, as one text; a long one is asked for behind it.
 * @param log the entries as JSON; nothing where the log is long
 * @returns nothing while it is on its way; where it does not come, it says so
 */
export function useLog(setId: string, log: string | undefined): { entries: Entry[] | undefined; lost: boolean } {
  const here = useMemo(() => (log === undefined ? undefined : (JSON.parse(log) as Entry[])), [log]);
  const [came, setCame] = useState<Entry[]>();
  const [lost, setLost] = useState(false);
  const asks = log === undefined;
  useEffect(() => {
    if (!asks) return;
    fetch(`/api/sets/${setId}/entries`)
      .then(async (answer) => {
        if (!answer.ok) throw new Error(String(answer.status));
        setCame(((await answer.json()) as { entries: Entry[] }).entries);
      })
      .catch(() => setLost(true));
  }, [asks, setId]);
  return { entries: here ?? came, lost };
}
