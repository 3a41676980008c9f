import { createWriteStream } from "node:fs";
import { mkdtemp, rm } from "node:fs/promises";
import { tmpdir } from "node:os";
import path from "node:path";
import { Readable, type Writable } from "node:stream";
import { pipeline } from "node:stream/promises";

/** A sender or reader that does nothing for so long is given up, ms. */
export const STALLED_MS = 60_000;

export class TooLarge extends Error {}
/** The other side does nothing more, or has hung up: that is no failure of ours. */
export class Stalled extends Error {}

/** The pieces of a body as they come; one that stops coming, or is larger than the limit, ends with an error. */
export async function* piecesOf(request: Request, limit = Infinity): AsyncGenerator<Uint8Array> {
  if (Number(request.headers.get("content-length") ?? 0) > limit) throw new TooLarge();
  const reader = request.body?.getReader();
  if (!reader) return;
  let size = 0;
  try {
    for (;;) {
      const { done, value } = await inTime(reader.read().catch(hungUp));
      if (done) return;
      size += value.length;
      if (size > limit) throw new TooLarge();
      yield value;
    }
  } finally {
    // Nothing beyond this is kept, and whoever still sends hears of it.
    await reader.cancel().catch(() => {});
  }
}

function hungUp(): never {
  throw new Stalled();
}

function inTime<T>(work: Promise<T>): Promise<T> {
  let timer: NodeJS.Timeout | undefined;
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(new Stalled()), STALLED_MS);
  });
  return Promise.race([work, late]).finally(() => clearTimeout(timer));
}

/** Reads a body up to a size; undefined when it is larger. Nothing beyond the limit is kept. */
export async function bodyUpTo(request: Request, limit: number): Promise<Uint8Array | undefined> {
  const pieces: Uint8Array[] = [];
  try {
    for await (const piece of piecesOf(request, limit)) pieces.push(piece);
  } catch (error) {
    if (error instanceof TooLarge) return undefined;
    throw error;
  }
  return Buffer.concat(pieces);
}

/** A body as JSON; undefined when it is none, or was too large to be read. */
export function jsonIn(body: Uint8Array | undefined): unknown {
  try {
    return JSON.parse(new TextDecoder("utf-8", { fatal: true }).decode(body ?? new Uint8Array()));
  } catch {
    return undefined;
  }
}

/** Lays a body down in a file of its own, however large it is. Whoever asked calls `remove` when done. */
export async function bodyOnDisk(
  request: Request,
  limit: number,
): Promise<{ file: string; remove: () => Promise<void> }> {
  const folder = await mkdtemp(path.join(tmpdir(), "jumelle-"));
  const file = path.join(folder, "came-in");
  const remove = () => rm(folder, { recursive: true, force: true });
  try {
    await pipeline(Readable.from(piecesOf(request, limit)), createWriteStream(file));
    return { file, remove };
  } catch (error) {
    await remove();
    throw error;
  }
}

/**
 * A stream for an answer: nothing is made before it is asked for, and a reader that asks for nothing more is given up.
 * @param onEnd called once, however it ends
 */
export function readSteadily(source: ReadableStream<Uint8Array>, onEnd: () => void): ReadableStream<Uint8Array> {
  const reader = source.getReader();
  let timer: NodeJS.Timeout | undefined;
  let ended = false;
  const end = () => {
    clearTimeout(timer);
    if (!ended) onEnd();
    ended = true;
  };
  const wait = (controller: ReadableStreamDefaultController<Uint8Array>) => {
    timer = setTimeout(() => {
      controller.error(new Stalled());
      void reader.cancel(new Stalled()).finally(end);
    }, STALLED_MS);
  };
  return new ReadableStream<Uint8Array>(
    {
      // Whoever asks for the head alone never reads on.
      start: wait,
      async pull(controller) {
        clearTimeout(timer);
        try {
          const { done, value } = await reader.read();
          if (done) {
            end();
            return controller.close();
          }
          controller.enqueue(value);
        } catch (error) {
          end();
          throw error;
        }
        wait(controller);
      },
      async cancel(reason) {
        await reader.cancel(reason).finally(end);
      },
    },
    { highWaterMark: 0 },
  );
}

/** Writes lines to a stream no faster than they are taken; ends with an error when the stream is closed. */
export const linesTo =
  (stream: Writable) =>
  async (piece: string, ends = true): Promise<void> => {
    if (stream.destroyed) throw new Stalled();
    // A piece may be large: it is not copied for the sake of the line's end.
    const flows = stream.write(piece);
    if (ends ? stream.write("\n") : flows) return;
    await new Promise<void>((resolve, reject) => {
      const done = (finish: () => void) => () => {
        stream.off("drain", drained).off("close", closed);
        finish();
      };
      const drained = done(resolve);
      const closed = done(() => reject(new Stalled()));
      stream.on("drain", drained).on("close", closed);
    });
  };
