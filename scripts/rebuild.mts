import path from "node:path";
import { connect } from "@/db/client";
import { migrateDatabase } from "@/db/migrate";
import { forgetSummaries, refreshSummaries } from "@/db/summaries";

/** `npm run rebuild`: makes the summaries of all sets anew from their logs. Nothing else is touched. */
const url = process.env.DATABASE_URL;
if (!url) {
  console.error("Usage: DATABASE_URL=… npm run rebuild");
  process.exit(2);
}
await migrateDatabase(url, path.resolve(import.meta.dirname, "../drizzle"));
const { db, close } = connect(url, 2);
try {
  const from = Date.now();
  await forgetSummaries(db);
  const sets = await refreshSummaries(db, Number.POSITIVE_INFINITY);
  console.log(`The summaries of ${sets} sets are made anew, in ${((Date.now() - from) / 1000).toFixed(1)} s.`);
} finally {
  await close();
}
