import { mkdirSync, readdirSync, writeFileSync } from "node:fs";
import path from "node:path";
import { gzipSync } from "node:zlib";
import { connect } from "@/db/client";
import { dumpOf } from "../tests/integration/old-database";

/**
 * `DATABASE_URL=… npx tsx scripts/database-fixture.mts`: keeps the logs of a database as a fixture, named by the migrations
 * that made it. Run on a fresh demo before a migration is added: the upgrade is tested from there on.
 */
const url = process.env.DATABASE_URL ?? "";
const FOLDER = path.resolve(import.meta.dirname, "../tests/fixtures/databases");
const { db, close } = connect(url, 1);
try {
  const dump = await dumpOf(db, process.argv.slice(2));
  mkdirSync(FOLDER, { recursive: true });
  const file = path.join(FOLDER, `${String(dump.migrations).padStart(4, "0")}.json.gz`);
  writeFileSync(file, gzipSync(JSON.stringify(dump), { level: 9 }));
  console.log(`${file}: ${readdirSync(FOLDER).length} databases are kept`);
} finally {
  await close();
}
