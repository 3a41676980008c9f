"use client";

import { wrap, type Remote } from "comlink";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import type { TestNeed, Picture, StageShare } from "@/core/diagnosis";
import { learntFrom, searchOf, type Search } from "@/core/visit";
import { useLogbook } from "@/ui/logbook";
import type { SearchWorker } from "@/workers/search.worker";

export type Imagined = {
  test: string;
  outcome: string;
  stages: StageShare[];
  causes: { name: string; probability: number }[];
};

export type SearchView = {
  search: Search;
  /** undefined until the worker has answered for the first time */
  picture: Picture | undefined;
  /** the picture is of an earlier log: the worker is at it */
  thinking: boolean;
  /** where the suspicion would go, while an outcome is looked at */
  imagined: Imagined | undefined;
  imagine: (test?: string, outcome?: string) => void;
};

/** The search of this visit: read from the log here, weighed in a worker. An answer to an old question is dropped. */
export function useSearch(lacking: readonly TestNeed[]): SearchView {
  const { input, figures, found, model, visit } = useLogbook();
  const search = useMemo(
    () => searchOf({ ...input, figures, lacking, learnt: learntFrom(found, model.id, visit.id) }),
    [input, figures, found, lacking, model.id, visit.id],
  );
  // The log is folded anew now and then; only another question is worth asking.
  const key = JSON.stringify(search.question);
  const [answer, setAnswer] = useState<{ key: string; picture: Picture }>();
  const [imagined, setImagined] = useState<Imagined>();
  const worker = useRef<{ raw: Worker; api: Remote<SearchWorker> }>(undefined);
  const asked = useRef("");

  const api = useCallback(() => {
    if (!worker.current) {
      const raw = new Worker(new URL("../../workers/search.worker.ts", import.meta.url), { type: "module" });
      worker.current = { raw, api: wrap<SearchWorker>(raw) };
    }
    return worker.current.api;
  }, []);

  useEffect(
    () => () => {
      worker.current?.raw.terminate();
      worker.current = undefined;
    },
    [],
  );

  useEffect(() => {
    let current = true;
    void api()
      .consider(JSON.parse(key))
      .then((picture) => current && setAnswer({ key, picture }));
    return () => {
      current = false;
    };
  }, [key, api]);

  const imagine = useCallback(
    (test?: string, outcome?: string) => {
      asked.current = test && outcome ? `${test}=${outcome}` : "";
      if (!test || !outcome) return setImagined(undefined);
      const mine = asked.current;
      void api()
        .whatIf(JSON.parse(key), test, outcome)
        .then((what) => asked.current === mine && setImagined({ test, outcome, ...what }));
      return undefined;
    },
    [key, api],
  );

  return { search, picture: answer?.picture, thinking: answer?.key !== key, imagined, imagine };
}
