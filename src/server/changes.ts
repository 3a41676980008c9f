import postgres from "postgres";

/** The channel of the database that says which set's log has grown (a trigger of log_entry). */
const CHANNEL = "jumelle_log";
/** Pages that listen at once; those beyond ask every now and then, as all do where nothing is heard. */
const MOST = 300;
/** Something is sent so often, that no proxy takes the line for dead, ms. */
const BEAT_MS = 20_000;

type Hears = { hear: (setId: string) => void; close: () => Promise<void> };
type Listening = { sets: Map<string, Set<() => void>>; count: number; hears?: Promise<Hears> };

// The development server loads modules again on every change; one line to the database is enough.
const global = globalThis as typeof globalThis & { jumelleChanges?: Listening };
const listening = (): Listening => (global.jumelleChanges ??= { sets: new Map(), count: 0 });

/** One connection of its own listens for all pages; when it breaks it is made again. */
function listen(): void {
  const now = listening();
  now.hears ??= (async (): Promise<Hears> => {
    const hear = (setId: string) => {
      for (const tell of now.sets.get(setId) ?? []) tell();
    };
    const sql = postgres(process.env.DATABASE_URL ?? "", { max: 1, onnotice: () => {}, backoff: () => 0.5 });
    await sql.listen(CHANNEL, hear);
    return { hear, close: () => sql.end({ timeout: 1 }) };
  })().catch((error: unknown) => {
    // The database is away: the next page that listens tries again.
    delete now.hears;
    throw error;
  });
  now.hears.catch(() => undefined);
}

const EVENT = { changed: "data: changed\n\n", beat: ": here\n\n" };

/** A stream of events (server-sent) that says each time that a set's log has grown. It says nothing of what is in it. */
export function changesOf(setId: string): Response {
  const now = listening();
  if (now.count >= MOST)
    return new Response("Too many pages listen.", { status: 503, headers: { "retry-after": "60" } });
  listen();
  const encoder = new TextEncoder();
  let stop = () => {};
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      const say = (text: string) => {
        try {
          controller.enqueue(encoder.encode(text));
        } catch {
          stop();
        }
      };
      const tell = () => say(EVENT.changed);
      const beat = setInterval(() => say(EVENT.beat), BEAT_MS);
      const tells = now.sets.get(setId) ?? new Set();
      now.sets.set(setId, tells.add(tell));
      now.count += 1;
      let stopped = false;
      stop = () => {
        if (stopped) return;
        stopped = true;
        clearInterval(beat);
        tells.delete(tell);
        if (tells.size === 0) now.sets.delete(setId);
        now.count -= 1;
      };
      say(EVENT.beat);
    },
    cancel: () => stop(),
  });
  return new Response(body, {
    headers: { "content-type": "text/event-stream", "cache-control": "no-store", "x-accel-buffering": "no" },
  });
}

/** For tests: the line to the database is given up. */
export async function stopListening(): Promise<void> {
  const { hears } = listening();
  delete global.jumelleChanges;
  await (await hears?.catch(() => undefined))?.close();
}
