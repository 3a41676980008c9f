"use client";

import { transfer, wrap, type Remote } from "comlink";
import { useEffect, useRef, useState } from "react";
import type { SoundWorker } from "@/workers/sound.worker";

const FAILED = "The sound could not be worked out on this device. Try it again.";
/** Largest recording that is read: ten minutes of one channel at 48 kHz, 16 bits. */
export const LARGEST_WAV = 120_000_000;

/** A worker that is made when it is first needed, and what it is at. */
export function useSound() {
  const worker = useRef<{ raw: Worker; api: Remote<SoundWorker> }>(undefined);
  const [busy, setBusy] = useState(false);
  const [error, setError] = useState<string>();
  useEffect(() => () => worker.current?.raw.terminate(), []);

  async function ask<T extends { ok: true }>(
    work: (api: Remote<SoundWorker>) => Promise<T | { ok: false; message: string }>,
  ): Promise<T | undefined> {
    if (!worker.current) {
      const raw = new Worker(new URL("../../workers/sound.worker.ts", import.meta.url), { type: "module" });
      worker.current = { raw, api: wrap<SoundWorker>(raw) };
    }
    const { raw, api } = worker.current;
    setBusy(true);
    setError(undefined);
    try {
      const broken = new Promise<never>((_, reject) =>
        raw.addEventListener("error", () => reject(new Error(FAILED)), { once: true }),
      );
      const answer = await Promise.race([work(api), broken]);
      if (answer.ok) return answer as T;
      setError((answer as { message: string }).message);
    } catch {
      worker.current?.raw.terminate();
      worker.current = undefined;
      setError(FAILED);
    } finally {
      setBusy(false);
    }
    return undefined;
  }
  return { ask, busy, error, setError };
}

/** A chosen file's bytes, handed over to the worker. */
export async function bytesOf(file: File): Promise<ArrayBuffer> {
  const bytes = await file.arrayBuffer();
  return transfer(bytes, [bytes]);
}
