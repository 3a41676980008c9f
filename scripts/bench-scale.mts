import { randomUUID } from "node:crypto";
import { chmodSync, mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { parseArgs } from "node:util";
import postgres from "postgres";
import { GENESIS, seal } from "@/core/exchange";
import { connect } from "@/db/client";
import { stored } from "@/db/chain";
import { migrateDatabase } from "@/db/migrate";
import { logEntry } from "@/db/schema";
import { refreshSummaries } from "@/db/summaries";
import { ensureDatabase, freePort, startCluster } from "./cluster";
import { seedWhenEmpty } from "./demo-data/seed";
import { build, end, ROOT, serve } from "./server";
import { freshSecret } from "./secret";
import { asOwner, measure, readersAtOnce, type Asked } from "./scale/measure";
import { rawQueries } from "./scale/raw";

/**
 * `npm run bench:scale [-- --sets 10000 --entries 100]`: a throw-away shop with so many sets, their logs made of the demo's
 * entries; every page is asked for again and again, alone and with 20 readers at once, beside the plain SQL of the same rows.
 */
const { values } = parseArgs({
  options: { sets: { type: "string", default: "10000" }, entries: { type: "string", default: "100" } },
});
const [SETS, ENTRIES] = [Number(values.sets), Number(values.entries)];
const LONG = 5000;
const seconds = (from: number) => `${((Date.now() - from) / 1000).toFixed(0)} s`;
const say = (line: string) => console.log(line);

type Row = typeof logEntry.$inferSelect;
/** A text of the COPY format of PostgreSQL. */
const cell = (value: unknown): string =>
  value === null
    ? "\\N"
    : String(value).replaceAll("\\", "\\\\").replaceAll("\n", "\\n").replaceAll("\t", "\\t").replaceAll("\r", "\\r");

const folder = mkdtempSync(path.join(os.tmpdir(), "jumelle-scale-"));
chmodSync(folder, 0o755);
const cluster = await startCluster(path.join(folder, "pg"), () => {}, [
  "-c",
  "shared_buffers=512MB",
  "-c",
  "max_wal_size=4GB",
]);
let server: Awaited<ReturnType<typeof serve>> | undefined;

/** Lays rows into a table as one stream. */
async function copy(sql: postgres.Sql, into: string, rows: AsyncIterable<string> | Iterable<string>): Promise<void> {
  const stream = await sql.unsafe(`copy ${into} from stdin`).writable();
  for await (const row of rows) if (!stream.write(row)) await new Promise((resolve) => stream.once("drain", resolve));
  await new Promise<void>((resolve, reject) =>
    stream.end((error?: Error | null) => (error ? reject(error) : resolve())),
  );
}

/** Sets like those of the demo: their logs are the demo's entries again and again, sealed as entries are. */
async function fill(url: string): Promise<{ longJob: number; usualJob: number; usualSet: string }> {
  const { db, close } = connect(url, 1);
  const all = await db.select().from(logEntry);
  const amended = new Set(all.flatMap(({ amends }) => amends ?? []));
  const sample = all.filter(
    ({ id, amends, kind, payload }) =>
      amends === null &&
      !amended.has(id) &&
      kind !== "hand-back" &&
      kind !== "take-in" &&
      !JSON.stringify(payload).includes('"stock"'),
  );
  const byModel = await db.execute<{ model_id: string; owner_id: string }>(
    'select distinct model_id, owner_id from "set"',
  );
  const takeIn = all.find(({ kind }) => kind === "take-in");
  const handBack = all.find(({ kind }) => kind === "hand-back");
  await close();
  if (!takeIn || !handBack) throw new Error("the demo has changed");
  const sql = postgres(url, { max: 1, onnotice: () => {} });
  const [jobs] = await sql`select max(job) + 1 as first from visit`;
  const sets = Array.from({ length: SETS }, (_, n) => {
    const kind = byModel[n % byModel.length];
    return { id: randomUUID(), visit: randomUUID(), job: Number(jobs?.first) + n, modelId: kind?.model_id, n };
  });
  const customers = Array.from({ length: Math.ceil(SETS / 4) }, (_, n) => ({
    id: randomUUID(),
    name: `Owner ${n}`,
    contact: `0555 ${String(100_000 + n)}`,
  }));
  await copy(
    sql,
    "customer (id, name, contact)",
    customers.map(({ id, name, contact }) => `${id}\t${name}\t${contact}\n`),
  );
  await copy(
    sql,
    '"set" (id, model_id, owner_id, serial)',
    sets.map(({ id, modelId, n }) => `${id}\t${modelId}\t${customers[n >> 2]?.id}\tS-${n}\n`),
  );
  await copy(
    sql,
    "visit (id, set_id, job, opened_at)",
    sets.map(
      ({ id, visit, job, n }) =>
        `${visit}\t${id}\t${job}\t${new Date(Date.UTC(2015, 0, 1) + n * 300_000).toISOString()}\n`,
    ),
  );
  const entriesOf = ({ id, visit, n }: (typeof sets)[number]): Row[] => {
    const count = n === 0 ? LONG : ENTRIES;
    const at = (place: number) => new Date(Date.UTC(2015, 0, 1) + n * 300_000 + place * 60_000).toISOString();
    const row = (one: Row, place: number): Row => ({
      ...one,
      id: randomUUID(),
      setId: id,
      visitId: visit,
      at: at(place),
      recordedAt: at(place),
      amends: null,
    });
    const work = Array.from({ length: count - 2 }, (_, place) =>
      row(sample[(n * 7 + place) % sample.length] as Row, place + 1),
    );
    // One set in 250 is in the shop.
    return [row(takeIn, 0), ...work, ...(n % 250 === 0 ? [] : [row(handBack, count)])];
  };
  const from = Date.now();
  await sql`drop index log_entry_payload`;
  let rows = 0;
  for (let first = 0; first < sets.length; first += 200) {
    const some = sets.slice(first, first + 200).map(entriesOf);
    await copy(
      sql,
      "log_entry (id, set_id, visit_id, kind, payload, at, recorded_at, by, amends)",
      some
        .flat()
        .map(
          (one) =>
            `${[one.id, one.setId, one.visitId, one.kind, JSON.stringify(one.payload), one.at, one.recordedAt, one.by, null].map(cell).join("\t")}\n`,
        ),
    );
    await copy(
      sql,
      "log_chain (entry_id, set_id, seq, hash)",
      some.flatMap((log) => {
        let hash = GENESIS;
        return log.map((one, place) => {
          hash = seal(hash, stored(one));
          return `${one.id}\t${one.setId}\t${place + 1}\t${hash}\n`;
        });
      }),
    );
    rows += some.flat().length;
  }
  await sql`create index log_entry_payload on log_entry using gin (payload jsonb_path_ops)`;
  await sql`select setval(pg_get_serial_sequence('visit', 'job'), (select max(job) from visit))`;
  await sql`analyze`;
  await sql.end();
  say(`${SETS} sets, ${rows} entries laid down and sealed in ${seconds(from)}`);
  return { longJob: sets[0]?.job ?? 0, usualJob: sets[250]?.job ?? sets[0]?.job ?? 0, usualSet: sets[1]?.id ?? "" };
}

try {
  await ensureDatabase(cluster.url("postgres"), "scale");
  const url = cluster.url("scale");
  await migrateDatabase(url, path.join(ROOT, "drizzle"));
  await seedWhenEmpty(url, new Date());
  const places = await fill(url);
  const held = connect(url, 2);
  const from = Date.now();
  await refreshSummaries(held.db, Number.POSITIVE_INFINITY);
  say(`summaries of all sets made in ${seconds(from)}`);
  await build(() => {}, say);
  const port = await freePort();
  server = await serve(port, cluster.appUrl("scale"), () => {}, { secret: freshSecret(), demo: true });
  const base = `http://127.0.0.1:${port}`;
  const cookie = await asOwner(base);
  const raw = await rawQueries(url);
  const asked: Asked[] = [
    { name: "Board", path: "/", raw: raw.board },
    { name: "Sets", path: "/sets", raw: raw.sets },
    { name: "Sets, a search", path: "/sets?q=Owner+1234", raw: raw.search },
    { name: "Sets, by serial and designator", path: "/sets?q=S-123+c14", raw: raw.search },
    { name: "New job", path: "/sets/new", raw: raw.models },
    { name: "was it here before?", path: "/api/known?what=sets&q=S-77", raw: raw.search },
    { name: "Across all sets", path: "/sets/across", raw: raw.across },
    { name: "Across: a tube", path: "/sets/across?kind=tube&text=6V6", raw: raw.across },
    { name: "Calendar", path: "/api/calendar", raw: raw.calendar },
    { name: "A set's file", path: `/sets/${places.usualSet}`, raw: raw.usual(places.usualSet) },
    { name: `A bench, ${ENTRIES} entries`, path: `/bench/${places.usualJob}`, raw: raw.bench(places.usualJob) },
    { name: `A bench, ${LONG} entries`, path: `/bench/${places.longJob}`, raw: raw.bench(places.longJob) },
    { name: "Parts", path: "/parts", raw: raw.parts },
    { name: "Reference", path: "/reference", raw: raw.models },
    { name: "Shop", path: "/shop", raw: raw.shop },
  ];
  const alone = await measure(base, cookie, asked);
  const many = await readersAtOnce(base, cookie, asked, 20);
  say("\n| page | p50, ms | p95, ms | plain SQL, ms | with 20 readers p95, ms | kB |\n|---|---:|---:|---:|---:|---:|");
  for (const [n, one] of alone.entries())
    say(
      `| ${one.name} | ${one.p50.toFixed(0)} | ${one.p95.toFixed(0)} | ${one.sql.toFixed(1)} | ${many[n]?.p95.toFixed(0) ?? ""} | ${(one.bytes / 1000).toFixed(0)} |`,
    );
  say(
    `\nTaken together; nothing else ran. Server: ${(await import("./scale/measure")).residentMb(server.pid).toFixed(0)} MB after it.`,
  );
  await held.close();
} finally {
  await end(server);
  cluster.stop();
  rmSync(folder, { recursive: true, force: true });
}
