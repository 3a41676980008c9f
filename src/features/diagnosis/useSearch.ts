"use client";

import { wrap, type Remote } from "comlink";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import type { TestNeed, Picture, StageShare } from "@/core/diagnosis";
import { netMoves } from "@/core/circuit";
import { circuitQuestion, circuitSheet, learntFrom, searchOf, type Search, type SearchInput } from "@/core/visit";
import { useCircuit } from "@/ui/circuit/useCircuit";
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
  /** the worker could not weigh it: why, and the way to ask it again */
  failed: string | undefined;
  retry: () => void;
};

type SearchThread = { raw: Worker; api: Remote<SearchWorker>; broken: Promise<never> };

/** Fails when the worker cannot be loaded or breaks; without it a question to it would wait for ever. */
function brokenOf(raw: Worker): Promise<never> {
  const broken = new Promise<never>((_, reject) => {
    raw.addEventListener("error", ({ message }) => reject(new Error(message || "its program could not be loaded")));
  });
  // Nobody need be waiting when it breaks.
  broken.catch(() => undefined);
  return broken;
}

/** The volts that were read, weighed by the set's circuit; undefined without a net, and until it is worked out. */
function useWeighed(): SearchInput["weighed"] {
  const { model, settled, visit } = useLogbook();
  const question = useMemo(
    () => circuitQuestion({ sheet: model.sheet, settled, visitId: visit.id }),
    [model.sheet, settled, visit.id],
  );
  const { answer } = useCircuit(question && question.readings.length > 0 ? question : undefined);
  const entries = question?.readings.map(({ id }) => id).join(" ") ?? "";
  return useMemo(() => {
    const times = answer?.ok ? answer.explained?.times : undefined;
    return times && entries ? { entries: entries.split(" "), times } : undefined;
  }, [answer, entries]);
}

/** The search of this visit: read from the log here, weighed in a worker. An answer to an old question is dropped. */
export function useSearch(lacking: readonly TestNeed[]): SearchView {
  const { input, figures, found, model, visit } = useLogbook();
  const physics = useMemo(() => netMoves(circuitSheet(model.sheet)), [model.sheet]);
  const weighed = useWeighed();
  const search = useMemo(
    () => searchOf({ ...input, figures, lacking, learnt: learntFrom(found, model.id, visit.id), physics, weighed }),
    [input, figures, found, lacking, model.id, visit.id, physics, weighed],
  );
  // The log is folded anew now and then; only another question is worth asking.
  const key = JSON.stringify(search.question);
  const [answer, setAnswer] = useState<{ key: string; picture: Picture }>();
  const [imagined, setImagined] = useState<Imagined>();
  const worker = useRef<SearchThread>(undefined);
  const asked = useRef("");
  const [failure, setFailure] = useState<{ key: string; why: string }>();
  const [tries, setTries] = useState(0);

  const thread = useCallback(() => {
    if (!worker.current) {
      const raw = new Worker(new URL("../../workers/search.worker.ts", import.meta.url), { type: "module" });
      worker.current = { raw, api: wrap<SearchWorker>(raw), broken: brokenOf(raw) };
    }
    return worker.current;
  }, []);

  const stop = useCallback(() => {
    worker.current?.raw.terminate();
    worker.current = undefined;
  }, []);

  useEffect(() => stop, [stop]);

  useEffect(() => {
    let current = true;
    const { api, broken } = thread();
    void Promise.race([api.consider(JSON.parse(key)), broken]).then(
      (picture) => current && setAnswer({ key, picture }),
      (error: unknown) => {
        stop();
        if (current) setFailure({ key, why: error instanceof Error ? error.message : "no reason given" });
      },
    );
    return () => {
      current = false;
    };
  }, [key, thread, stop, tries]);

  const imagine = useCallback(
    (test?: string, outcome?: string) => {
      asked.current = test && outcome ? `${test}=${outcome}` : "";
      if (!test || !outcome) return setImagined(undefined);
      const mine = asked.current;
      void thread()
        .api.whatIf(JSON.parse(key), test, outcome)
        .then((what) => asked.current === mine && setImagined({ test, outcome, ...what }))
        .catch(() => setImagined(undefined));
      return undefined;
    },
    [key, thread],
  );

  const failed = failure?.key === key && answer?.key !== key ? failure.why : undefined;
  const retry = () => {
    setFailure(undefined);
    setTries(tries + 1);
  };
  return {
    search,
    picture: answer?.picture,
    thinking: answer?.key !== key && !failed,
    imagined,
    imagine,
    failed,
    retry,
  };
}
