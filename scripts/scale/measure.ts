import { readFileSync } from "node:fs";

export type Asked = {
  name: string;
  path: string;
  /** the plain SQL of the same rows. @returns ms */
  raw: () => Promise<number>;
};
export type Measured = { name: string; p50: number; p95: number; sql: number; bytes: number };

export const at = (sorted: readonly number[], share: number): number =>
  sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? 0;
export const sorted = (values: readonly number[]) => values.toSorted((a, b) => a - b);

/** How often each page is asked for. */
const TIMES = 30;

/** Memory of a process that is really in use, MB. */
export function residentMb(pid: number | undefined): number {
  const [, kb = "0"] = /VmRSS:\s+(\d+) kB/.exec(readFileSync(`/proc/${pid}/status`, "utf8")) ?? [];
  return Number(kb) / 1024;
}

/** The session of the demo's owner. */
export async function asOwner(base: string): Promise<string> {
  const entered = await fetch(`${base}/api/demo?as=owner`, { redirect: "manual" });
  return entered.headers
    .getSetCookie()
    .map((one) => one.split(";")[0])
    .join("; ");
}

export async function ask(base: string, cookie: string, path: string): Promise<{ ms: number; bytes: number }> {
  const from = performance.now();
  const answer = await fetch(`${base}${path}`, { headers: { cookie }, redirect: "manual" });
  const bytes = (await answer.arrayBuffer()).byteLength;
  if (answer.status !== 200) throw new Error(`${path}: ${answer.status}`);
  return { ms: performance.now() - from, bytes };
}

/** Every page, one request after the other; the plain SQL between them. */
export async function measure(base: string, cookie: string, asked: readonly Asked[]): Promise<Measured[]> {
  const done: Measured[] = [];
  for (const { name, path, raw } of asked) {
    await ask(base, cookie, path);
    await raw();
    const times: number[] = [];
    const sql: number[] = [];
    let bytes = 0;
    for (let n = 0; n < TIMES; n += 1) {
      const one = await ask(base, cookie, path);
      times.push(one.ms);
      bytes = one.bytes;
      sql.push(await raw());
    }
    done.push({ name, p50: at(sorted(times), 0.5), p95: at(sorted(times), 0.95), sql: at(sorted(sql), 0.5), bytes });
  }
  return done;
}

/** So many readers at once, each going through all the pages in an order of its own. */
export async function readersAtOnce(
  base: string,
  cookie: string,
  asked: readonly Asked[],
  readers: number,
): Promise<{ name: string; p95: number }[]> {
  const times = new Map<string, number[]>(asked.map(({ name }) => [name, []]));
  await Promise.all(
    Array.from({ length: readers }, async (_, reader) => {
      for (let n = 0; n < asked.length * 2; n += 1) {
        const one = asked[(reader * 3 + n) % asked.length];
        if (one) times.get(one.name)?.push((await ask(base, cookie, one.path)).ms);
      }
    }),
  );
  return asked.map(({ name }) => ({ name, p95: at(sorted(times.get(name) ?? []), 0.95) }));
}
