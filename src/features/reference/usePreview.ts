"use client";

import { wrap, type Remote } from "comlink";
import { useEffect, useRef, useState } from "react";
import type { Preview, PreviewInput } from "@/workers/preview";
import type { TableWorker } from "@/workers/table.worker";

/** How long typing rests before the table is read again, ms. */
const REST_MS = 120;

/** The preview of a pasted table, read in a worker: typing is never held up, and a late answer to an old text is dropped. */
export function usePreview(input: PreviewInput | undefined): { preview: Preview | undefined; reading: boolean } {
  const [answer, setAnswer] = useState<{ input: PreviewInput; preview: Preview }>();
  const worker = useRef<{ raw: Worker; api: Remote<TableWorker> }>(undefined);

  useEffect(
    () => () => {
      worker.current?.raw.terminate();
      worker.current = undefined;
    },
    [],
  );

  useEffect(() => {
    if (!input) return;
    let current = true;
    const timer = window.setTimeout(async () => {
      if (!worker.current) {
        const raw = new Worker(new URL("../../workers/table.worker.ts", import.meta.url), { type: "module" });
        worker.current = { raw, api: wrap<TableWorker>(raw) };
      }
      const preview = await worker.current.api.preview(input);
      if (current) setAnswer({ input, preview });
    }, REST_MS);
    return () => {
      current = false;
      window.clearTimeout(timer);
    };
  }, [input]);

  return {
    preview: input ? answer?.preview : undefined,
    reading: input !== undefined && answer?.input !== input,
  };
}
