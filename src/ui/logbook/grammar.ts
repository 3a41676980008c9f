"use client";

import { useEffect, useState } from "react";

type Grammar = typeof import("./behind");

let known: Grammar | undefined;

/** The grammar of the line, with all words of the search behind it: it is large, and the page is alive before it. */
export async function grammar(): Promise<Grammar> {
  known ??= await import("./behind");
  return known;
}

/** The grammar, where it has come already. */
export const grammarHere = (): Grammar | undefined => known;

/**
 * The grammar once it is there. It is fetched as soon as the page is alive, so that it is there without a network, too.
 * @returns undefined until then
 */
export function useGrammar(): Grammar | undefined {
  const [read, setRead] = useState(() => known);
  useEffect(() => {
    const get = () =>
      grammar().then(
        (one) => setRead(one),
        // It is asked for again when the network is back, and by Enter.
        () => undefined,
      );
    void get();
    window.addEventListener("online", get);
    return () => window.removeEventListener("online", get);
  }, []);
  return read;
}
