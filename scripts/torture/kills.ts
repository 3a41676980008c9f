import { sql } from "drizzle-orm";
import { v7 } from "uuid";
import { logEntry, visit } from "@/db/schema";
import { allHeads } from "@/db/verify";
import type { Chance } from "./chance";
import type { Shop } from "./shop";

type Sent = { id: string; acknowledged: boolean };

/** Writes note after note, and remembers which ones the server took, until it is told to stop. */
async function writer(shop: Shop, place: { setId: string; id: string }, going: () => boolean): Promise<Sent[]> {
  const sent: Sent[] = [];
  // One after the other to each of the application's processes: they write to the same log.
  for (let n = 0; going(); n += 1) {
    const one: Sent = { id: v7(), acknowledged: false };
    const draft = { ...place, id: one.id, visitId: place.id, at: new Date().toISOString(), amends: null };
    const body = { ...draft, kind: "note", payload: { v: 1, text: `written ${sent.length}`, open: false, closes: [] } };
    sent.push(one);
    const answer = await shop
      .ask("/api/entries", { method: "POST", body: JSON.stringify(body) }, n % shop.processes)
      .catch(() => undefined);
    one.acknowledged = answer?.ok === true && Boolean(await answer.json().catch(() => undefined));
    if (!one.acknowledged) await new Promise((resolve) => setTimeout(resolve, 50));
  }
  return sent;
}

/** Other work that is under way when something dies: archives, set files out and in again, reports. */
async function otherWork(shop: Shop, setId: string, draw: Chance, going: () => boolean): Promise<void> {
  while (going()) {
    const of = draw.of(["archive", "file", "import", "report"]);
    const { ask } = shop;
    try {
      if (of === "archive") await (await ask("/api/archive")).arrayBuffer();
      else if (of === "report")
        await ask("/api/reports", { method: "POST", body: JSON.stringify({ setId, kind: "owner" }) });
      else {
        const file = await (await ask(`/api/sets/${setId}/file`)).arrayBuffer();
        if (of === "import") await ask("/api/sets/import", { method: "POST", body: file });
      }
    } catch {
      // It was killed: that is what this is about.
    }
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
}

export type Kills = {
  kills: number;
  sent: number;
  acknowledged: number;
  lost: number;
  doubled: number;
  troubles: string[];
  slowest: number;
};

/** Connections of this process died with the database too: the first question on each of them may fail once. */
async function onceBack<T>(ask: () => Promise<T>): Promise<T> {
  for (let tries = 0; ; tries += 1) {
    try {
      return await ask();
    } catch (error) {
      if (tries === 20) throw error;
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
  }
}

/** Do all processes of the application answer, and their database? */
async function isWell(shop: Shop): Promise<boolean> {
  const asked = Array.from({ length: shop.processes }, (_, n) => fetch(`${shop.url(n)}/api/health`));
  return (await Promise.allSettled(asked)).every((one) => one.status === "fulfilled" && one.value.ok);
}

/** Starts what is not running, until all is well. @returns ms from the start to being well */
async function bringBack(shop: Shop): Promise<number> {
  // A killed database may answer once more before its processes have noticed: then it is looked at again.
  for (;;) {
    await shop.revive().catch(() => undefined);
    const from = Date.now();
    for (let tries = 0; tries < 100; tries += 1) {
      if (await isWell(shop)) return Date.now() - from;
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
  }
}

export type Away = { asked: number; wrong: string[]; slowest: number; back: number };

/** The database is away for a while: pages and interfaces say so at once, and are well again when it is back. */
export async function withoutDatabase(shop: Shop, pages: readonly string[]): Promise<Away> {
  shop.cluster().kill();
  const wrong: string[] = [];
  let slowest = 0;
  for (const page of pages) {
    const from = Date.now();
    const answer = await shop.ask(page).catch(() => undefined);
    const text = await answer?.text().catch(() => undefined);
    slowest = Math.max(slowest, Date.now() - from);
    if (answer?.status !== 503 || !text) wrong.push(`${page}: ${answer?.status ?? "no answer"}`);
  }
  return { asked: pages.length, wrong, slowest, back: await bringBack(shop) };
}

/** Kills the application, a backend, the whole database, or both, in the middle of work, again and again. */
export async function killThings(shop: Shop, draw: Chance, kills: number): Promise<Kills> {
  const places = (await shop.db.select().from(visit)).slice(0, 4);
  let going = true;
  const writers = places.map((place) => writer(shop, place, () => going));
  const other = otherWork(shop, places[0]?.setId ?? "", draw, () => going);
  let slowest = 0;
  for (let n = 0; n < kills; n += 1) {
    await new Promise((resolve) => setTimeout(resolve, 200 + draw.below(800)));
    const what = draw.of(["app", "app", "backend", "backend", "postmaster", "both"]);
    if (what === "backend")
      await shop.db
        .execute(
          sql`select pg_terminate_backend(pid) from pg_stat_activity
              where usename = 'jumelle_app' order by random() limit ${1 + draw.below(4)}`,
        )
        .catch(() => undefined);
    if (what === "postmaster" || what === "both") shop.cluster().kill();
    if (what === "app" || what === "both") {
      const pid = shop.server(draw.below(shop.processes))?.pid;
      if (pid) process.kill(-pid, "SIGKILL");
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
    slowest = Math.max(slowest, await bringBack(shop));
  }
  going = false;
  const sent = (await Promise.all(writers)).flat();
  await other;
  const stored = await onceBack(() => shop.db.select({ id: logEntry.id }).from(logEntry));
  const here = new Set(stored.map(({ id }) => id));
  const acknowledged = sent.filter((one) => one.acknowledged);
  return {
    kills,
    sent: sent.length,
    acknowledged: acknowledged.length,
    lost: acknowledged.filter(({ id }) => !here.has(id)).length,
    doubled: stored.length - here.size,
    troubles: (await onceBack(() => allHeads(shop.db))).troubles.map(({ name, text }) => `${name}: ${text}`),
    slowest,
  };
}
