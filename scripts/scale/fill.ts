import { randomUUID } from "node:crypto";
import postgres from "postgres";
import { GENESIS, monthsLater, seal } from "@/core/exchange";
import { connect } from "@/db/client";
import { stored } from "@/db/chain";
import { logEntry } from "@/db/schema";

const DAY_MS = 86_400_000;

/** How many sets, with how many entries each; one of them has a long log. */
type Size = { sets: number; entries: number; long: number };

/** What was laid down: the rows, the job of the long log, a usual set in the shop, and one that is away. */
type Places = { rows: number; longJob: number; usualJob: number; usualSet: string };

type Row = typeof logEntry.$inferSelect;
/** A text of the COPY format of PostgreSQL. */
const cell = (value: unknown): string =>
  value === null
    ? "\\N"
    : String(value).replaceAll("\\", "\\\\").replaceAll("\n", "\\n").replaceAll("\t", "\\t").replaceAll("\r", "\\r");

/** Lays rows into a table as one stream. */
async function copy(sql: postgres.Sql, into: string, rows: AsyncIterable<string> | Iterable<string>): Promise<void> {
  const stream = await sql.unsafe(`copy ${into} from stdin`).writable();
  for await (const row of rows) if (!stream.write(row)) await new Promise((resolve) => stream.once("drain", resolve));
  await new Promise<void>((resolve, reject) =>
    stream.end((error?: Error | null) => (error ? reject(error) : resolve())),
  );
}

/**
 * Sets like those of the demo over ten years: their logs are the demo's entries again and again, sealed as entries are.
 * @returns where the long and a usual log are
 */
export async function fill(url: string, { sets: SETS, entries: ENTRIES, long: LONG }: Size): Promise<Places> {
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
  // Ten years, the last set a fortnight ago.
  const opened = (n: number) => Date.now() - 14 * DAY_MS - (SETS - n) * ((3650 * DAY_MS) / SETS);
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
    sets.map(({ id, visit, job, n }) => `${visit}\t${id}\t${job}\t${new Date(opened(n)).toISOString()}\n`),
  );
  const entriesOf = ({ id, visit, n }: (typeof sets)[number]): Row[] => {
    const count = n === 0 ? LONG : ENTRIES;
    const at = (place: number) => new Date(opened(n) + place * 60_000).toISOString();
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
    const out = { ...handBack, payload: { ...(handBack.payload as object), nextService: monthsLater(at(0), 24) } };
    return [row(takeIn, 0), ...work, ...(n % 250 === 0 ? [] : [row(out, count)])];
  };
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
  return {
    rows,
    longJob: sets[0]?.job ?? 0,
    usualJob: sets[250]?.job ?? sets[0]?.job ?? 0,
    usualSet: sets[1]?.id ?? "",
  };
}
