import postgres from "postgres";
import { v7 } from "uuid";
import { chance, type Chance } from "../torture/chance";
import { ask, at, residentMb, sorted, type Asked } from "./measure";

/** What so many people met in so long: times of every page and of what they wrote, and the most memory the server took. */
export type Met = {
  pages: { name: string; times: number; p95: number }[];
  wrote: { entries: number; p95: number };
  memory: number;
};

type Place = { set_id: string; id: string };

/** Somebody reads a page for 2 to 8 s. */
const readingMs = (draw: Chance) => 2000 + draw.next() * 6000;
/** Of so many things that somebody does one is an entry. */
const WRITES = 5;
const MINUTE_MS = 60_000;

async function write(base: string, cookie: string, { set_id, id }: Place, text: string): Promise<number> {
  const body = {
    ...{ id: v7(), setId: set_id, visitId: id, at: new Date().toISOString(), amends: null, kind: "note" },
    payload: { v: 1, text, open: false, closes: [] },
  };
  const from = performance.now();
  const answer = await fetch(`${base}/api/entries`, {
    method: "POST",
    headers: { cookie, origin: base, "content-type": "application/json" },
    body: JSON.stringify(body),
  });
  if (!answer.ok) throw new Error(`an entry was refused: ${answer.status} ${await answer.text()}`);
  await answer.arrayBuffer();
  return performance.now() - from;
}

/** People at their benches: each goes through the pages in an order of its own, reads, and now and then writes an entry. */
export async function peopleAtWork(
  { base, cookie, url, pid }: { base: string; cookie: string; url: string; pid: number | undefined },
  asked: readonly Asked[],
  { people, minutes }: { people: number; minutes: number },
  say: (line: string) => void,
): Promise<Met> {
  const sql = postgres(url, { max: 1, onnotice: () => {} });
  const places = await sql<
    Place[]
  >`select v.id, v.set_id from visit v join set_summary y on y.job = v.job order by v.job`;
  await sql.end();
  const pages = new Map<string, number[]>(asked.map(({ name }) => [name, []]));
  const entries: number[] = [];
  const end = Date.now() + minutes * MINUTE_MS;
  let memory = 0;
  const watch = setInterval(() => (memory = Math.max(memory, residentMb(pid))), 1000);
  const told = setInterval(
    () =>
      say(
        `${((end - Date.now()) / MINUTE_MS).toFixed(0)} min to go, ${entries.length} entries, ${memory.toFixed(0)} MB at most`,
      ),
    10 * MINUTE_MS,
  );
  try {
    await Promise.all(
      Array.from({ length: people }, async (_, who) => {
        const draw = chance(who + 1);
        while (Date.now() < end) {
          await new Promise((resolve) => setTimeout(resolve, readingMs(draw)));
          if (draw.below(WRITES) === 0)
            entries.push(await write(base, cookie, draw.of(places), `person ${who}, note ${entries.length}`));
          else {
            const page = draw.of(asked);
            pages.get(page.name)?.push((await ask(base, cookie, page.path)).ms);
          }
        }
      }),
    );
  } finally {
    clearInterval(watch);
    clearInterval(told);
  }
  return {
    pages: asked.map(({ name }) => {
      const times = sorted(pages.get(name) ?? []);
      return { name, times: times.length, p95: at(times, 0.95) };
    }),
    wrote: { entries: entries.length, p95: at(sorted(entries), 0.95) },
    memory,
  };
}
