import { createHash } from "node:crypto";
import type { Readable } from "node:stream";
import { pipeline } from "node:stream/promises";
import { createGunzip } from "node:zlib";
import { sql } from "drizzle-orm";
import type { Db, Tx } from "./client";
import { oneAtATime } from "./first-day";

export const ARCHIVE_FORMAT = "jumelle-archive";
export const ARCHIVE_VERSION = 1;

/** Every table, parents first, each in an order in which its rows can be laid down again. */
const TABLES: readonly (readonly [table: string, order: string])[] = [
  ["shop", "id"],
  ["meter", "id"],
  ["person", "id"],
  ["customer", "id"],
  ["model", "id"],
  ["model_revision", "model_id, version"],
  ["recipe", "id"],
  ["set", "id"],
  ["visit", "id"],
  // An amendment is recorded after what it amends.
  ["log_entry", "recorded_at, (amends is not null), id"],
  ["log_chain", "set_id, seq"],
  ["attachment", "id"],
  ["stock_part", "number"],
  ["stock_move", "id"],
  ["stock_test", "at, id"],
  ["price_offer", "supplier, order_number"],
];

/** Columns that count on by themselves: after a restore they go on behind the highest. */
const COUNTERS = [
  ["visit", "job"],
  ["stock_part", "number"],
  ["stock_move", "id"],
] as const;

/** Rows that are read or laid down at once; files are large, so that is few. */
const BATCH = 100;

type Row = { row: Record<string, unknown> };

/**
 * Writes the whole database as lines of JSON, as it is at one moment: a head, a line for each row, an end with the
 * count and a digest.
 */
export async function writeArchive(
  db: Db,
  now: string,
  write: (line: string) => Promise<void> | void,
): Promise<number> {
  const digest = createHash("sha256");
  let rows = 0;
  const put = async (value: unknown) => {
    const line = JSON.stringify(value);
    digest.update(`${line}\n`);
    await write(line);
  };
  await db.transaction(
    async (tx) => {
      await put({ format: ARCHIVE_FORMAT, version: ARCHIVE_VERSION, at: now, tables: TABLES.map(([table]) => table) });
      for (const [table, order] of TABLES) {
        const query = sql.raw(
          `declare rows_of_table no scroll cursor for select row_to_json(t) as row from "${table}" t order by ${order}`,
        );
        await tx.execute(query);
        for (;;) {
          const some = await tx.execute<Row>(sql.raw(`fetch ${BATCH} from rows_of_table`));
          for (const { row } of some) await put({ table, row });
          rows += some.length;
          if (some.length < BATCH) break;
        }
        await tx.execute(sql.raw("close rows_of_table"));
      }
    },
    { isolationLevel: "repeatable read", accessMode: "read only" },
  );
  await write(JSON.stringify({ end: true, rows, digest: digest.digest("hex") }));
  return rows;
}

export type Restored = { ok: true; rows: number } | { ok: false; message: string };

class Refused extends Error {}

async function isEmpty(tx: Tx): Promise<boolean> {
  for (const [table] of TABLES) {
    const [found] = await tx.execute(sql.raw(`select 1 from "${table}" limit 1`));
    if (found) return false;
  }
  return true;
}

const parse = (line: string, at: number): Record<string, unknown> => {
  try {
    return JSON.parse(line) as Record<string, unknown>;
  } catch {
    throw new Refused(`Line ${at} of the archive is cut off or was changed.`);
  }
};

async function lay(tx: Tx, table: string, rows: readonly unknown[]): Promise<void> {
  if (rows.length === 0) return;
  await tx.execute(
    sql`insert into ${sql.identifier(table)} overriding system value
        select * from json_populate_recordset(null::${sql.identifier(table)}, ${JSON.stringify(rows)}::json)`,
  );
}

/** Codes of a stream that is no gzip file, or that ends in the middle of one. */
const NOT_ZIPPED = new Set(["Z_DATA_ERROR", "Z_BUF_ERROR"]);

/** The lines of a packed archive. An error of the stream is thrown where they are read. */
async function* linesOf(zipped: Readable): AsyncGenerator<string> {
  const unzip = createGunzip();
  // Whatever goes wrong on either side ends the reading below.
  const through = pipeline(zipped, unzip).catch((error: Error) => void unzip.destroy(error));
  unzip.setEncoding("utf8");
  let rest = "";
  try {
    for await (const piece of unzip as AsyncIterable<string>) {
      const lines = (rest + piece).split("\n");
      rest = lines.pop() ?? "";
      yield* lines;
    }
  } catch (error) {
    if (NOT_ZIPPED.has((error as NodeJS.ErrnoException).code ?? ""))
      throw new Refused("This is not an archive, or it is cut off: an archive is a whole .ndjson.gz file.");
    throw error;
  }
  await through;
  if (rest) yield rest;
}

/** Lays an archive into an empty database, all or nothing. One that was cut off or changed is refused. */
export async function restoreArchive(db: Db, zipped: Readable): Promise<Restored> {
  try {
    return await db.transaction(async (tx): Promise<Restored> => {
      await oneAtATime(tx);
      if (!(await isEmpty(tx)))
        throw new Refused(
          "This database is not empty: an archive is restored into an empty one, so that nothing is mixed up.",
        );
      const digest = createHash("sha256");
      let at = 0;
      let rows = 0;
      let ended = false;
      let batch: { table: string; rows: unknown[] } = { table: "", rows: [] };
      const flush = async () => {
        await lay(tx, batch.table, batch.rows);
        batch = { table: "", rows: [] };
      };
      for await (const line of linesOf(zipped)) {
        if (line === "") continue;
        at += 1;
        const value = parse(line, at);
        if (at === 1) {
          if (value.format !== ARCHIVE_FORMAT)
            throw new Refused(`This is not an archive: its first line is not of the format “${ARCHIVE_FORMAT}”.`);
          if (Number(value.version) > ARCHIVE_VERSION)
            throw new Refused("This archive was written by a newer version of the program: update it first.");
        } else if (value.end) {
          await flush();
          if (value.rows !== rows || value.digest !== digest.digest("hex"))
            throw new Refused("The archive does not fit its digest: something in it was changed, or is missing.");
          ended = true;
          break;
        } else {
          const table = String(value.table);
          if (!TABLES.some(([known]) => known === table))
            throw new Refused(`Line ${at}: there is no table “${table}”.`);
          if (table !== batch.table || batch.rows.length >= BATCH) {
            await flush();
            batch.table = table;
          }
          batch.rows.push(value.row);
          rows += 1;
        }
        digest.update(`${line}\n`);
      }
      if (!ended) throw new Refused("The archive is cut off: its last line is missing.");
      for (const [table, column] of COUNTERS)
        await tx.execute(
          sql.raw(
            `select setval(pg_get_serial_sequence('"${table}"', '${column}'), greatest((select max("${column}") from "${table}"), (select last_value from "${table}_${column}_seq")))`,
          ),
        );
      return { ok: true, rows };
    });
  } catch (error) {
    if (error instanceof Refused) return { ok: false, message: error.message };
    throw error;
  }
}
