import { createReadStream, createWriteStream } from "node:fs";
import { pipeline } from "node:stream/promises";
import path from "node:path";
import { connect } from "@/db/client";
import { restoreArchive, writeArchive } from "@/db/archive";
import { migrateDatabase } from "@/db/migrate";
import { BackupTrouble, openSealed } from "@/server/backup";
import { packing } from "@/server/packing";
import { isSealed } from "@/server/sealed";
import { NO_PASSPHRASE, passphrase } from "./passphrase";

/**
 * `npm run archive -- FILE` writes everything out; `npm run restore -- FILE` lays it, or a sealed backup, into an empty
 * database. */
const [what, file] = process.argv.slice(2);
const url = process.env.DATABASE_URL;
if ((what !== "write" && what !== "restore") || !file || !url) {
  console.error("Usage: DATABASE_URL=… npm run archive -- FILE, or npm run restore -- FILE");
  process.exit(2);
}

await migrateDatabase(url, path.resolve(import.meta.dirname, "../drizzle"));
const { db, close } = connect(url, 2);
try {
  if (what === "write") {
    const { out, write, end } = packing();
    const done = pipeline(out, createWriteStream(file));
    const rows = await writeArchive(db, new Date().toISOString(), write);
    await end();
    await done;
    console.log(`${rows} rows are in ${file}.`);
  } else {
    const sealed = await isSealed(file);
    const secret = passphrase();
    if (sealed && !secret) throw new BackupTrouble(NO_PASSPHRASE);
    const restored = await restoreArchive(
      db,
      sealed ? await openSealed(file, secret as string) : createReadStream(file),
    );
    if (restored.ok) console.log(`${restored.rows} rows are restored.`);
    else {
      console.error(restored.message);
      process.exitCode = 1;
    }
  }
} catch (error) {
  console.error(error instanceof BackupTrouble ? error.message : error);
  process.exitCode = 1;
} finally {
  await close();
}
