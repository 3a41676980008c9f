"use client";

import { useEffect, useRef, useState } from "react";
import type { ReportKind } from "@/reports/input";

export type Making = {
  kind: ReportKind;
  progress: number;
  state: "working" | "done" | "failed";
  url?: string;
  message?: string;
};

const EVERY_MS = 400;
const UNREACHABLE = "The server cannot be reached: the report was not made.";

/** Has a report made and follows it until it can be opened. */
export function useReport(setId: string) {
  const [making, setMaking] = useState<Making>();
  const timer = useRef<number>(undefined);
  useEffect(() => () => window.clearTimeout(timer.current), []);

  const follow = (kind: ReportKind, id: string) => {
    timer.current = window.setTimeout(() => {
      void fetch(`/api/reports/${id}`)
        .then(async (answer) => {
          if (!answer.ok) throw new Error(UNREACHABLE);
          const status = (await answer.json()) as { state: Making["state"]; progress: number; message?: string };
          setMaking({ kind, ...status, ...(status.state === "done" ? { url: `/api/reports/${id}/file` } : {}) });
          if (status.state === "working") follow(kind, id);
        })
        .catch(() => setMaking({ kind, state: "failed", progress: 0, message: UNREACHABLE }));
    }, EVERY_MS);
  };

  const make = async (kind: ReportKind, visitId: string | undefined) => {
    window.clearTimeout(timer.current);
    setMaking({ kind, state: "working", progress: 0 });
    const answer = await fetch("/api/reports", {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ setId, kind, ...(visitId ? { visitId } : {}) }),
    }).catch(() => undefined);
    const body = (await answer?.json().catch(() => undefined)) as
      { id?: string; problems?: { message: string }[] } | undefined;
    if (body?.id) follow(kind, body.id);
    else setMaking({ kind, state: "failed", progress: 0, message: body?.problems?.[0]?.message ?? UNREACHABLE });
  };

  return { making, make };
}
