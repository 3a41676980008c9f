import { chmodSync, mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { parseArgs } from "node:util";
import { connect } from "@/db/client";
import { migrateDatabase } from "@/db/migrate";
import { refreshSummaries } from "@/db/summaries";
import { ensureDatabase, freePort, startCluster } from "./cluster";
import { seedWhenEmpty } from "./demo-data/seed";
import { build, end, ROOT, serve } from "./server";
import { freshSecret } from "./secret";
import { fill } from "./scale/fill";
import { asOwner, measure, readersAtOnce, residentMb } from "./scale/measure";
import { peopleAtWork } from "./scale/people";
import { pagesOf } from "./scale/pages";

/**
 * `npm run bench:scale [-- --sets 10000 --entries 100 --minutes 3]`: a throw-away shop with so many sets, their logs made of
 * the demo's entries; every page is asked for again and again, alone, by 20 people who read and write for so many minutes,
 * and by 20 readers who never pause, beside the plain SQL of the same rows.
 */
const { values } = parseArgs({
  options: {
    sets: { type: "string", default: "10000" },
    entries: { type: "string", default: "100" },
    minutes: { type: "string", default: "3" },
  },
});
const [SETS, ENTRIES] = [Number(values.sets), Number(values.entries)];
const LONG = 5000;
const PEOPLE = 20;
const seconds = (from: number) => `${((Date.now() - from) / 1000).toFixed(0)} s`;
const say = (line: string) => console.log(line);

const folder = mkdtempSync(path.join(os.tmpdir(), "jumelle-scale-"));
chmodSync(folder, 0o755);
const cluster = await startCluster(path.join(folder, "pg"), () => {}, [
  "-c",
  "shared_buffers=512MB",
  "-c",
  "max_wal_size=4GB",
]);
let server: Awaited<ReturnType<typeof serve>> | undefined;

try {
  await ensureDatabase(cluster.url("postgres"), "scale");
  const url = cluster.url("scale");
  await migrateDatabase(url, path.join(ROOT, "drizzle"));
  await seedWhenEmpty(url, new Date());
  const laid = Date.now();
  const places = await fill(url, { sets: SETS, entries: ENTRIES, long: LONG });
  say(`${SETS} sets, ${places.rows} entries laid down and sealed in ${seconds(laid)}`);
  const held = connect(url, 2);
  const from = Date.now();
  await refreshSummaries(held.db, Number.POSITIVE_INFINITY);
  say(`summaries of all sets made in ${seconds(from)}`);
  await build(() => {}, say);
  const port = await freePort();
  server = await serve(port, cluster.appUrl("scale"), () => {}, { secret: freshSecret(), demo: true });
  const base = `http://127.0.0.1:${port}`;
  const cookie = await asOwner(base);
  const asked = await pagesOf(url, places, { entries: ENTRIES, long: LONG });
  const alone = await measure(base, cookie, asked);
  const work = { people: PEOPLE, minutes: Number(values.minutes) };
  const met = await peopleAtWork({ base, cookie, url, pid: server.pid }, asked, work, say);
  const many = await readersAtOnce(base, cookie, asked, PEOPLE);
  say(
    `\n| page | p50, ms | p95, ms | plain SQL, ms | ${PEOPLE} people p95, ms | ${PEOPLE} without a pause p95, ms | kB |\n|---|---:|---:|---:|---:|---:|---:|`,
  );
  for (const [n, one] of alone.entries())
    say(
      `| ${one.name} | ${one.p50.toFixed(0)} | ${one.p95.toFixed(0)} | ${one.sql.toFixed(1)} | ${met.pages[n]?.p95.toFixed(0) ?? ""} | ${many[n]?.p95.toFixed(0) ?? ""} | ${(one.bytes / 1000).toFixed(0)} |`,
    );
  const read = met.pages.reduce((sum, { times }) => sum + times, 0);
  say(
    `\n${PEOPLE} people in ${values.minutes} min: ${read} pages, ${met.wrote.entries} entries (p95 ${met.wrote.p95.toFixed(0)} ms); the server took ${met.memory.toFixed(0)} MB at most, ${residentMb(server.pid).toFixed(0)} MB at the end.`,
  );
  await held.close();
} finally {
  await end(server);
  cluster.stop();
  rmSync(folder, { recursive: true, force: true });
}
