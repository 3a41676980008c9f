import { createHash } from "node:crypto";
import type { Readable } from "node:stream";
import { eq, sql } from "drizzle-orm";
import type { Db, Tx } from "./client";
import { databaseError } from "./error";
import { oneAtATime } from "./first-day";
import { linesOf, Refused } from "./lines";
import { rolesFromWords } from "./people";
import { attachment, shopIdentity } from "./schema";
import { sealAll } from "./seal-all";
import { countJobsOn } from "./sets";

export const ARCHIVE_FORMAT = "jumelle-archive";
/** Version 1 had the bytes of files in hexadecimal inside their rows; before version 3 nobody signed in. */
export const ARCHIVE_VERSION = 3;

/**
 * Every table but what can be worked out anew (seal_check), what holds for a device alone (sessions, turns), codes
 * from phones, which are sealed with the secret of this machine, and links
 * that lead to this machine; parents first, each in an order in which its rows can be laid down again.
 */
const TABLES: readonly (readonly [table: string, order: string])[] = [
  ["shop_identity", "id"],
  ["shop", "id"],
  ["meter", "id"],
  ["instrument", "id"],
  ["person", "id"],
  ["sign_in_user", "id"],
  ["sign_in_account", "id"],
  ["event", "id"],
  ["customer", "id"],
  ["model", "id"],
  ["model_revision", "model_id, version"],
  ["model_picture", "id"],
  ["recipe", "id"],
  ["test_sheet", "key"],
  ["set", "id"],
  ["visit", "id"],
  ["log_entry", "recorded_at, (amends is not null), id"],
  ["log_chain", "set_id, seq"],
  ["attachment", "id"],
  ["for_owner", "attachment_id"],
  ["file_chain", "set_id, seq"],
  ["stock_part", "number"],
  ["stock_move", "id"],
  ["stock_test", "at, id"],
  ["price_offer", "supplier, order_number"],
  ["worker", "person_id"],
  ["away", "id"],
  ["set_holder", "visit_id"],
  ["plan_pin", "visit_id, task"],
  ["enquiry", "number"],
  ["invoice", "number"],
  ["payment", "at, id"],
  ["supplier", "name"],
  ["part_order", "number"],
  ["order_line", "id"],
  ["order_want", "id"],
  ["order_arrival", "at, id"],
  ["practice_exercise", "at, id"],
  ["practice_run", "started_at, id"],
];

/** Columns that count on by themselves: after a restore they go on behind the highest. */
const COUNTERS = [
  ["stock_part", "number"],
  ["stock_move", "id"],
  ["event", "id"],
  ["enquiry", "number"],
  ["part_order", "number"],
] as const;

/** Rows that are read at once. */
const BATCH = 200;
/** Rows with a picture in them are large: a few at a time. */
const LARGE: Readonly<Record<string, number>> = { model_picture: 2 };
/** Rows are laid down in batches of so many characters: a row may be large. */
const BATCH_LENGTH = 1_000_000;

type Row = { row: Record<string, unknown> };
type Line = { table: string; row: Record<string, unknown>; content?: string; thumb?: string | null };

/** A piece of a line, and whether the line ends with it. */
export type Put = (piece: string, ends: boolean) => Promise<void> | void;

/** Bytes of a file that are read at once; three of them are four letters of base64, so that pieces join. */
const SLICE = 360_000;

type FileColumn = typeof attachment.content | typeof attachment.thumb;

/**
 * A file's bytes stand beside its row. They come in slices, encoded by the database: a photo is never held whole, and
 * base64 needs no escaping.
 */
async function putFile(tx: Tx, row: Record<string, unknown>, put: Put): Promise<void> {
  const sliceOf = (column: FileColumn, from: number) =>
    tx
      .select({
        text: sql<
          string | null
        >`replace(encode(substring(${column} from ${from}::int for ${SLICE}::int), 'base64'), E'\\n', '')`,
      })
      .from(attachment)
      .where(eq(attachment.id, String(row.id)))
      .then(([found]) => found?.text);
  const slices = async (column: FileColumn) => {
    // The database encodes a slice while the one before it is packed.
    let next = sliceOf(column, 1);
    for (let from = 1; ; from += SLICE) {
      const text = await next;
      if (!text) return;
      next = sliceOf(column, from + SLICE);
      // Where the packing ends early, nobody asks for it any more.
      next.catch(() => undefined);
      await put(text, false);
    }
  };
  await put(`{"table":"attachment","row":${JSON.stringify(row)},"content":"`, false);
  await slices(attachment.content);
  const [{ thumb } = { thumb: false }] = await tx
    .select({ thumb: sql<boolean>`${attachment.thumb} is not null` })
    .from(attachment)
    .where(eq(attachment.id, String(row.id)));
  if (!thumb) return put('","thumb":null}', true);
  await put('","thumb":"', false);
  await slices(attachment.thumb);
  return put('"}', true);
}

/**
 * Writes the whole database as lines of JSON, as it is at one moment: a head, a line for each row, an end with the
 * count and a digest. One row, or a slice of a file, is held at a time, and the next is read when the last is written.
 */
export async function writeArchive(db: Db, now: string, write: Put): Promise<number> {
  const digest = createHash("sha256");
  let rows = 0;
  const put = async (piece: string, ends = true) => {
    digest.update(piece);
    if (ends) digest.update("\n");
    await write(piece, ends);
  };
  await db.transaction(
    async (tx) => {
      const tables = TABLES.map(([table]) => table);
      await put(JSON.stringify({ format: ARCHIVE_FORMAT, version: ARCHIVE_VERSION, at: now, tables }));
      for (const [table, order] of TABLES) {
        // The bytes of files are left out before the row becomes JSON.
        const from =
          table === "attachment"
            ? "(select id, entry_id, set_id, name, type, size, by, at, hidden from attachment)"
            : `"${table}"`;
        await tx.execute(
          sql.raw(
            `declare rows_of_table no scroll cursor for select row_to_json(t) as row from ${from} t order by ${order}`,
          ),
        );
        const batch = LARGE[table] ?? BATCH;
        for (;;) {
          const some = await tx.execute<Row>(sql.raw(`fetch ${batch} from rows_of_table`));
          for (const { row } of some)
            if (table === "attachment") await putFile(tx, row, put);
            else await put(JSON.stringify({ table, row }));
          rows += some.length;
          if (some.length < batch) break;
        }
        await tx.execute(sql.raw("close rows_of_table"));
      }
    },
    { isolationLevel: "repeatable read", accessMode: "read only" },
  );
  await write(JSON.stringify({ end: true, rows, digest: digest.digest("hex") }), true);
  return rows;
}

export type Restored = { ok: true; rows: number } | { ok: false; message: string };

/** A new database has an identity of its own; the archive's takes its place. */
const MADE_WITH_THE_DATABASE = "shop_identity";

async function isEmpty(tx: Tx): Promise<boolean> {
  for (const [table] of TABLES) {
    if (table === MADE_WITH_THE_DATABASE) continue;
    const [found] = await tx.execute(sql.raw(`select 1 from "${table}" limit 1`));
    if (found) return false;
  }
  return true;
}

function parse(line: string, at: number): Record<string, unknown> {
  let value: unknown;
  try {
    value = JSON.parse(line);
  } catch {
    // said below
  }
  if (typeof value === "object" && value !== null) return value as Record<string, unknown>;
  throw new Refused(`Line ${at} of the archive is cut off or was changed.`);
}

async function columnsOf(tx: Tx, table: string): Promise<Set<string>> {
  const found = await tx.execute<{ name: string }>(
    sql`select column_name as name from information_schema.columns where table_schema = 'public' and table_name = ${table}`,
  );
  return new Set(found.map(({ name }) => name));
}

/** Lays rows into a table. A column that an older archive does not have keeps its default. */
async function lay(tx: Tx, table: string, rows: readonly Record<string, unknown>[]): Promise<void> {
  if (rows.length === 0) return;
  if (table === MADE_WITH_THE_DATABASE) await tx.execute(sql`delete from ${sql.identifier(table)}`);
  const known = await columnsOf(tx, table);
  const given = Object.keys(rows[0] ?? {});
  const strange = given.find((name) => !known.has(name));
  if (strange !== undefined) throw new Refused(`The table “${table}” has no column “${strange.slice(0, 60)}”.`);
  const columns = sql.join(
    given.map((name) => sql.identifier(name)),
    sql`, `,
  );
  await tx.execute(
    sql`insert into ${sql.identifier(table)} (${columns}) overriding system value
        select ${columns} from json_populate_recordset(null::${sql.identifier(table)}, ${JSON.stringify(rows)}::json)`,
  );
}

/** A file of an archive of version 2: its bytes go in as bytes. */
async function layFile(tx: Tx, { row, content, thumb }: Line): Promise<void> {
  // The database turns the letters into bytes: they go over as they came.
  const bytes = (text: string) => sql<Uint8Array>`decode(${text}::text, 'base64')`;
  const { id, entry_id, set_id, name, type, size, by, at, hidden } = row;
  await tx.insert(attachment).values({
    id: String(id),
    entryId: String(entry_id),
    setId: String(set_id),
    name: String(name),
    type: String(type),
    size: Number(size),
    by: String(by),
    at: String(at),
    hidden: hidden === true,
    content: bytes(content ?? ""),
    thumb: typeof thumb === "string" ? bytes(thumb) : null,
  });
}

/** Lays down what the lines of an archive say, and holds them against their digest. */
async function layLines(tx: Tx, zipped: Readable): Promise<{ rows: number; version: number }> {
  const digest = createHash("sha256");
  let at = 0;
  let rows = 0;
  let version = 0;
  let batch: { table: string; rows: Record<string, unknown>[]; length: number } = { table: "", rows: [], length: 0 };
  const flush = async (next = "") => {
    await lay(tx, batch.table, batch.rows);
    batch = { table: next, rows: [], length: 0 };
  };
  for await (const line of linesOf(zipped)) {
    if (line === "") continue;
    at += 1;
    const value = parse(line, at);
    if (value.end) {
      await flush();
      if (value.rows !== rows || value.digest !== digest.digest("hex"))
        throw new Refused("The archive does not fit its digest: something in it was changed, or is missing.");
      return { rows, version };
    }
    digest.update(line).update("\n");
    if (at === 1) {
      if (value.format !== ARCHIVE_FORMAT)
        throw new Refused(`This is not an archive: its first line is not of the format “${ARCHIVE_FORMAT}”.`);
      version = Number(value.version);
      if (version > ARCHIVE_VERSION)
        throw new Refused("This archive was written by a newer version of the program: update it first.");
      continue;
    }
    const { table, row, content } = value as Line;
    if (!TABLES.some(([known]) => known === table))
      throw new Refused(`Line ${at}: there is no table “${String(table).slice(0, 60)}”.`);
    if (typeof row !== "object" || row === null) throw new Refused(`Line ${at} of the archive has no row.`);
    rows += 1;
    if (table !== batch.table || batch.length + line.length > BATCH_LENGTH) await flush(table);
    if (typeof content === "string") await layFile(tx, value as Line);
    else {
      batch.rows.push(row);
      batch.length += line.length;
    }
  }
  throw new Refused("The archive is cut off: its last line is missing.");
}

/** Reads an archive whole and holds it against its digest, without a database. @returns its rows, or what is wrong with it */
export async function checkArchive(zipped: Readable): Promise<Restored> {
  const digest = createHash("sha256");
  let rows = -1;
  try {
    for await (const line of linesOf(zipped)) {
      if (line === "") continue;
      // Only the last line is read as what it says; a photo is not parsed to count it.
      if (line.startsWith('{"end":true')) {
        const { rows: said, digest: sealed } = parse(line, rows + 2);
        return said === rows && sealed === digest.digest("hex")
          ? { ok: true, rows }
          : { ok: false, message: "The archive does not fit its digest: something in it was changed, or is missing." };
      }
      digest.update(line).update("\n");
      rows += 1;
    }
  } catch (error) {
    return { ok: false, message: error instanceof Refused ? error.message : "The archive cannot be unpacked." };
  }
  return { ok: false, message: "The archive is cut off: its last line is missing." };
}

/** Errors of PostgreSQL that say: this value or row does not fit. Their class is the first two letters of the code. */
const DOES_NOT_FIT = new Set(["22", "23"]);

/** Lays an archive into an empty database, all or nothing. One that was cut off or changed is refused. */
export async function restoreArchive(db: Db, zipped: Readable): Promise<Restored> {
  try {
    return await db.transaction(async (tx): Promise<Restored> => {
      await oneAtATime(tx);
      if (!(await isEmpty(tx)))
        throw new Refused(
          "This database is not empty: an archive is restored into an empty one, so that nothing is mixed up.",
        );
      await tx.execute(sql`set constraints all deferred`);
      const { rows, version } = await layLines(tx, zipped);
      // An amendment without its entry is found here, with a sentence, and not when all is over.
      await tx.execute(sql`set constraints all immediate`);
      for (const [table, column] of COUNTERS)
        await tx.execute(
          sql.raw(
            `select setval(pg_get_serial_sequence('"${table}"', '${column}'), greatest((select max("${column}") from "${table}"), (select last_value from "${table}_${column}_seq")))`,
          ),
        );
      await countJobsOn(tx);
      // The first version knew no seals on files.
      if (version === 1) await tx.update(shopIdentity).set({ allSealed: false });
      if (version < 3) await rolesFromWords(tx);
      await sealAll(tx);
      return { ok: true, rows };
    });
  } catch (error) {
    if (error instanceof Refused) return { ok: false, message: error.message };
    if (DOES_NOT_FIT.has(databaseError(error).code?.slice(0, 2) ?? ""))
      return { ok: false, message: "The archive has rows that do not fit together: it was changed, or is damaged." };
    throw error;
  }
}
