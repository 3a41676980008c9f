import { createReadStream, createWriteStream } from "node:fs";
import { pipeline } from "node:stream/promises";
import path from "node:path";
import { connect } from "@/db/client";
import { restoreArchive, writeArchive } from "@/db/archive";
import { migrateDatabase } from "@/db/migrate";
import { packing } from "@/server/packing";

/** `npm run archive -- FILE` writes everything out; `npm run restore -- FILE` lays it into an empty database. */
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
    const restored = await restoreArchive(db, createReadStream(file));
    if (restored.ok) console.log(`${restored.rows} rows are restored.`);
    else {
      console.error(restored.message);
      process.exitCode = 1;
    }
  }
} finally {
  await close();
}
