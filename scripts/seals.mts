import { readFileSync, writeFileSync } from "node:fs";
import { parseArgs } from "node:util";
import { connect } from "@/db/client";
import { against, allHeads, type SealList } from "@/db/verify";

/**
 * `npm run seals -- [--write FILE] [--against FILE]`: checks the seals of all sets. With `--write` it keeps the heads
 * of today in a dated list, to be printed or sent out of the house; with `--against` it holds the sets against such a
 * list of an earlier day. Ends with 1 where something does not hold.
 */
const { values } = parseArgs({ options: { write: { type: "string" }, against: { type: "string" } } });
const url = process.env.DATABASE_URL;
if (!url) {
  console.error("Usage: DATABASE_URL=… npm run seals -- [--write FILE] [--against FILE]");
  process.exit(2);
}
const { db, close } = connect(url, 2);
try {
  const { heads, troubles } = await allHeads(db);
  for (const { name, text } of troubles) console.error(`${name}: ${text}`);
  const earlier = values.against ? (JSON.parse(readFileSync(values.against, "utf8")) as SealList) : undefined;
  const differs = earlier ? await against(db, earlier.heads) : [];
  for (const text of differs) console.error(text);
  if (values.write) {
    const list: SealList = { format: "jumelle-seals", at: new Date().toISOString(), heads };
    writeFileSync(values.write, `${JSON.stringify(list, null, 1)}\n`);
  }
  const entries = heads.reduce((sum, one) => sum + one.entries, 0);
  const files = heads.reduce((sum, one) => sum + one.files, 0);
  const wrong = troubles.length + differs.length;
  const since = earlier ? `, against the list of ${earlier.at.slice(0, 10)}` : "";
  console.log(
    `${heads.length} sets, ${entries} entries, ${files} files${since}: ${wrong === 0 ? "all seals hold" : `${wrong} troubles`}.`,
  );
  if (wrong > 0) process.exitCode = 1;
} finally {
  await close();
}
