import path from "node:path";
import { parseArgs } from "node:util";
import { connect } from "@/db/client";
import { migrateDatabase } from "@/db/migrate";
import { BackupTrouble, backUp, KEPT } from "@/server/backup";
import { NO_PASSPHRASE, passphrase } from "./passphrase";

/**
 * `npm run backup -- FOLDER [--keep 30]`: everything in the database, sealed with a passphrase (age), into a new file of the
 * folder; read back whole before it counts; the oldest files beyond so many go. Ends with 1 where it did not come out whole.
 */
const { values, positionals } = parseArgs({ options: { keep: { type: "string" } }, allowPositionals: true });
const [folder] = positionals;
const keep = values.keep === undefined ? KEPT : Number(values.keep);
const url = process.env.DATABASE_URL;
const secret = passphrase();

const fail = (message: string): never => {
  console.error(message);
  process.exit(2);
};
if (!folder || !url || !(Number.isInteger(keep) && keep > 0))
  fail("Usage: DATABASE_URL=… npm run backup -- FOLDER [--keep 30]");
if (!secret) fail(NO_PASSPHRASE);

await migrateDatabase(url as string, path.resolve(import.meta.dirname, "../drizzle"));
const { db, close } = connect(url as string, 2);
try {
  const { file, bytes, rows, removed } = await backUp(db, {
    folder: path.resolve(folder as string),
    passphrase: secret as string,
    now: new Date(),
    keep,
  });
  console.log(
    `${rows} rows, ${(bytes / 1e6).toFixed(1)} MB, are in ${file}; read back whole.${removed.length > 0 ? ` ${removed.length} old ${removed.length === 1 ? "file is" : "files are"} gone.` : ""}`,
  );
} catch (error) {
  console.error(error instanceof BackupTrouble ? error.message : error);
  process.exitCode = 1;
} finally {
  await close();
}
