import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { parseArgs } from "node:util";
import { build, ROOT } from "./server";
import { chance } from "./torture/chance";
import { flipBits } from "./torture/files";
import { cutHalfway } from "./torture/halfway";
import { killThings, withoutDatabase } from "./torture/kills";
import { foldLogs } from "./torture/logs";
import { anyPages } from "./torture/pages";
import { photosThere } from "./torture/photos";
import { slowReaders } from "./torture/readers";
import { takeLargestIn } from "./torture/largest";
import { oddRequests } from "./torture/requests";
import { fitOnLongLog } from "./torture/works";
import { openShop } from "./torture/shop";

/**
 * Treats a throw-away shop badly, on this machine alone, and counts what is lost: `npm run torture [-- --quick] [--share 0.3] [--seed N]`.
 * The whole run writes its table into docs/reliability.md; the quick one is a part of bin/test. It ends with 1 when a
 * goal is missed, and with its last line when all is well.
 */
const { values } = parseArgs({
  options: {
    quick: { type: "boolean", default: false },
    seed: { type: "string", default: "1937" },
    share: { type: "string", default: "1" },
    /** photos alone, in megabytes: how quickly they come out and back */
    photos: { type: "string" },
  },
});
const seed = Number(values.seed);
/** A part of the whole run, where time is short. */
const whole = (n: number) => Math.max(1, Math.round(n * Number(values.share)));
const size = values.quick
  ? {
      ...{ kills: 6, halfway: 2, requests: 800, logs: 4, folds: 0, flips: 60 },
      ...{ readers: 6, entries: 1000, works: 20, megabytes: 0 },
    }
  : {
      ...{ kills: whole(100), halfway: whole(30), requests: whole(10_000), logs: whole(60), folds: whole(10_000) },
      ...{ flips: whole(1000), readers: 10, entries: 5500, works: 300, megabytes: whole(2000) },
    };

/** One page of each sort, and interfaces that read. */
const PAGES = ["/", "/sets", "/sets/across", "/parts", "/reference", "/shop", "/tools", "/api/health", "/api/calendar"];

type Row = { what: string; did: string; found: string; goal: string; good: boolean };
const rows: Row[] = [];
const note = (row: Row, details: readonly string[] = []) => {
  rows.push(row);
  console.log(`${row.good ? "well" : "WRONG"}  ${row.what}: ${row.did}; ${row.found}`);
  for (const line of details.slice(0, 12)) console.log(`       ${line}`);
};
/**
 * How quick a machine is belongs to the whole run, which has it to itself. The short one runs beside other tests, and asks
 * that nothing hangs: it has five times the time.
 */
const patience = values.quick ? 5 : 1;
/** Beside other tests memory is tidied up later, MB. */
const mostMemory = values.quick ? 750 : 600;
const seconds = (ms: number) => `${(ms / 1000).toFixed(1)} s`;
const mb = (n: number) => `${Math.round(n)} MB`;

await build(() => {}, console.log);
const folder = mkdtempSync(path.join(os.tmpdir(), "jumelle-photos-"));
const shop = await openShop();
for (const signal of ["SIGINT", "SIGTERM", "SIGHUP"] as const)
  process.on(signal, () => void shop.close().then(() => process.exit(130)));
const photosRow = async (megabytes: number) => {
  const photos = await photosThere(shop, folder, megabytes);
  note({
    what: "Photos archived, restored, archived again",
    did: mb(photos.megabytes),
    found: `out at ${photos.out.toFixed(0)} MB/s, back at ${photos.back.toFixed(0)} MB/s, ${mb(photos.memory)} of memory; ${photos.equal ? "both archives are equal" : "the archives DIFFER"}`,
    goal: "20 MB/s, under 300 MB, equal",
    good: photos.equal && Math.min(photos.out, photos.back) >= 20 && photos.memory < 300,
  });
};
if (values.photos) {
  await photosRow(Number(values.photos)).finally(() => shop.close());
  rmSync(folder, { recursive: true, force: true });
  process.exit(rows.every(({ good }) => good) ? 0 : 1);
}
try {
  const odd = await oddRequests(shop, chance(seed), size.requests, 2000 * patience);
  note(
    {
      what: "Malformed requests, over every route and action",
      did: `${odd.requests} requests`,
      found: `${odd.failed.length} kinds answered with 500 or not at all, ${odd.hangs.length} took over ${2 * patience} s; the slowest ${seconds(odd.slowest)}`,
      goal: `none of 500, none over ${2 * patience} s`,
      good: odd.failed.length === 0 && odd.hangs.length === 0,
    },
    [...odd.failed, ...odd.hangs],
  );
  const pages = await anyPages(shop, seed, size.logs);
  note(
    {
      what: "Logs of any kind, and entries that cannot be read",
      did: `${pages.logs} logs with ${pages.entries} entries, ${pages.asked} pages and exports`,
      found: `${pages.broken.length} broken`,
      goal: "none",
      good: pages.broken.length === 0,
    },
    pages.broken,
  );
  // The short run leaves these to the unit tests, which fold a hundred.
  if (size.folds > 0) {
    const well = await foldLogs(size.folds, seed);
    note({
      what: "Any log, folded by everything that a page, an export or a report works out",
      did: `${size.folds} logs`,
      found: well ? "none broke anything" : "one broke something: run the test named any-log",
      goal: "none breaks anything",
      good: well,
    });
  }
  const flips = await flipBits(shop, chance(seed + 1), size.flips);
  note(
    {
      what: "One bit turned in a set's file",
      did: `${flips.flips} files`,
      found: `${flips.refused} refused, ${flips.harmless} said the same to the last letter, ${flips.taken.length} taken with a change`,
      goal: "none taken with a change",
      good: flips.taken.length === 0,
    },
    flips.taken,
  );
  const readers = await slowReaders(shop, size.readers);
  note({
    what: "Downloads that nobody reads, senders that stop",
    did: `${readers.readers} connections`,
    found: `the Board answered within ${seconds(readers.board)}, the application took ${mb(readers.memory)}`,
    goal: `under ${2 * patience} s, under ${mostMemory} MB`,
    good: readers.board < 2000 * patience && readers.memory < mostMemory,
  });
  const works = await fitOnLongLog(shop, size.entries, size.works);
  note({
    what: "Parts fitted from stock, one after the other, on a set with a long log",
    did: `${works.works} parts, ${works.entries} entries before them`,
    found: `${works.perSecond.toFixed(0)} a second, 95 of 100 within ${works.p95} ms`,
    goal: "60 a second",
    good: values.quick || works.perSecond >= 60,
  });
  if (!values.quick) {
    const largest = await takeLargestIn(shop);
    note({
      what: "The largest set file taken in, the Board asked for meanwhile",
      did: `${largest.entries} entries, ${largest.megabytes.toFixed(1)} MB packed, in ${largest.seconds.toFixed(0)} s`,
      found: `answered with ${largest.status}; the Board within ${seconds(largest.board)}`,
      goal: "taken in, the Board under 1 s",
      good: largest.status === 200 && largest.board < 1000,
    });
  }
  const away = await withoutDatabase(shop, PAGES);
  note(
    {
      what: "The database away",
      did: `${away.asked} pages and interfaces asked meanwhile`,
      found: `${away.asked - away.wrong.length} answered with 503 and a sentence, the slowest within ${seconds(away.slowest)}; well again within ${seconds(away.back)}`,
      goal: `all of them, within ${patience} s; well within ${5 * patience} s`,
      good: away.wrong.length === 0 && away.slowest < 1000 * patience && away.back < 5000 * patience,
    },
    away.wrong,
  );
  const halfway = await cutHalfway(shop, folder, chance(seed + 3), size.halfway);
  note(
    {
      what: "Migrations, the sealing of an older log and restoring, killed halfway and done again",
      did: `${halfway.kills} runs, ${halfway.cut} of them cut off`,
      found: `${halfway.wrong.length} came out otherwise`,
      goal: "none",
      good: halfway.wrong.length === 0,
    },
    halfway.wrong,
  );
  const kills = await killThings(shop, chance(seed + 2), size.kills);
  note(
    {
      what: `Kills of backends, the database and one of ${shop.processes} processes of the application, under work`,
      did: `${kills.kills} kills, ${kills.acknowledged} of ${kills.sent} entries acknowledged`,
      found: `${kills.lost} lost, ${kills.doubled} doubled, ${kills.troubles.length} seals that do not hold; well again within ${seconds(kills.slowest)} of the restart`,
      goal: `none lost, doubled or unsealed; well within ${5 * patience} s`,
      good: kills.lost + kills.doubled + kills.troubles.length === 0 && kills.slowest < 5000 * patience,
    },
    kills.troubles,
  );
  if (size.megabytes > 0) await photosRow(size.megabytes);
} finally {
  await shop.close();
  rmSync(folder, { recursive: true, force: true });
}

if (!values.quick)
  writeFileSync(
    path.join(ROOT, "docs/reliability.md"),
    [
      "# How it holds",
      "",
      "`npm run torture` treats a throw-away shop badly and counts what is lost. It is seeded, bounded, and touches this",
      "machine alone; a short part of it runs in `bin/test`.",
      "",
      `Last whole run: ${new Date().toISOString().slice(0, 10)}, \`npm run torture -- --seed ${seed} --share ${values.share}\`, on two processor cores.`,
      "",
      "| What was done | How much | What came of it | Goal | |",
      "| --- | --- | --- | --- | --- |",
      ...rows.map(
        ({ what, did, found, goal, good }) =>
          `| ${what} | ${did} | ${found} | ${goal} | ${good ? "reached" : "**missed**"} |`,
      ),
      "",
    ].join("\n"),
  );
const missed = rows.filter(({ good }) => !good).length;
console.log(missed === 0 ? "Nothing was lost." : `${missed} of ${rows.length} goals were missed.`);
process.exit(missed === 0 ? 0 : 1);
