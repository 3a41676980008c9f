import type { Imported } from "@/db/exchange";
import { ChildFailed, runChild } from "./child";

/** Files that are on their way, are taken in, or wait for their turn; more are asked to come again. */
const MOST_WAITING = 4;
const LONGEST_MS = 15 * 60_000;
const MEMORY_MB = 1024;

// The development server loads modules again on every change; the queue outlives them.
const global = globalThis as typeof globalThis & { jumelleImports?: { waiting: number; last: Promise<unknown> } };

export const BUSY = "Several files are being taken in already: try again in a minute.";
const TOO_MUCH =
  "This file is too large or too tangled to be read: it was ended, and nothing was changed. Was it written by this program?";

const queueOf = () => (global.jumelleImports ??= { waiting: 0, last: Promise.resolve() });

/** Takes a place in the queue, from the first byte that comes. @returns how to leave it; undefined when it is full */
export function queueUp(): (() => void) | undefined {
  const queue = queueOf();
  if (queue.waiting >= MOST_WAITING) return undefined;
  queue.waiting += 1;
  return () => {
    queue.waiting -= 1;
  };
}

/** Takes a set's file in, in a process of its own, one at a time. */
export async function takeInFile(path: string): Promise<Imported> {
  const queue = queueOf();
  const work = queue.last.then(async (): Promise<Imported> => {
    try {
      const answer = await runChild({
        script: "server/import-main.mts",
        args: [path],
        memoryMb: MEMORY_MB,
        longestMs: LONGEST_MS,
      });
      return JSON.parse(answer.toString("utf8")) as Imported;
    } catch (error) {
      if (error instanceof ChildFailed && (error.why === "time" || /heap out of memory/.test(error.message)))
        return { ok: false, problems: [TOO_MUCH] };
      throw error;
    }
  });
  queue.last = work.catch(() => {});
  return work;
}
