"use client";

import { useCallback, useEffect, useRef, useState } from "react";

/** So long nothing is typed before the shop is asked, ms. */
const PAUSE_MS = 150;

/** What the shop knows of what is being typed: its sets or its customers, a few of them. */
export function useKnown<T>(
  what: "sets" | "customers",
): [known: readonly T[], ask: (text: string) => void, asking: boolean] {
  const [known, setKnown] = useState<readonly T[]>([]);
  const [asking, setAsking] = useState(false);
  const timer = useRef<number>(undefined);
  const last = useRef("");
  useEffect(() => () => window.clearTimeout(timer.current), []);
  const ask = useCallback(
    (text: string) => {
      last.current = text;
      window.clearTimeout(timer.current);
      if (text.trim() === "") {
        setAsking(false);
        return setKnown([]);
      }
      setAsking(true);
      timer.current = window.setTimeout(() => {
        void fetch(`/api/known?what=${what}&q=${encodeURIComponent(text)}`)
          .then(async (answer) => (answer.ok ? ((await answer.json()) as { known: T[] }).known : []))
          .catch((): T[] => [])
          .then((found) => {
            // An answer to what was typed before comes too late.
            if (last.current !== text) return;
            setKnown(found);
            setAsking(false);
          });
      }, PAUSE_MS);
      return undefined;
    },
    [what],
  );
  return [known, ask, asking];
}
