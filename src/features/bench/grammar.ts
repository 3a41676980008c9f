"use client";

import { useEffect, useState } from "react";
import type { LineResult } from "@/core/bench-line";
import type { LineContext } from "@/core/shorthand";

type ReadLine = (line: string, context: LineContext) => LineResult;

let known: ReadLine | undefined;

/** The grammar of the line, with all words of the search behind it: it is large, and the page is alive before it. */
export async function grammar(): Promise<ReadLine> {
  known ??= (await import("@/core/bench-line")).parseLine;
  return known;
}

/**
 * The grammar once it is there. It is fetched as soon as the page is alive, so that it is there without a network, too.
 * @returns undefined until then
 */
export function useGrammar(): ReadLine | undefined {
  const [read, setRead] = useState(() => known);
  useEffect(() => {
    const get = () =>
      grammar().then(
        (one) => setRead(() => one),
        // It is asked for again when the network is back, and by Enter.
        () => undefined,
      );
    void get();
    window.addEventListener("online", get);
    return () => window.removeEventListener("online", get);
  }, []);
  return read;
}
