import { createHash } from "node:crypto";
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { gunzipSync } from "node:zlib";
import { expect, it } from "vitest";
import { asBuilt, openPoints } from "@/core/history";
import { settle } from "@/core/kinds";
import { connect } from "@/db/client";
import { migrateDatabase } from "@/db/migrate";
import { everyone } from "@/db/people";
import { anybodySignsIn } from "@/db/sessions";
import { setFiles } from "@/db/sets";
import { shopIsDemo } from "@/db/shop";
import { freshSummaries } from "@/db/summaries";
import { allHeads } from "@/db/verify";
import { openOldDemo } from "../../scripts/demo-data/seed";
import { layOld, type Dump } from "./old-database";
import { freshDatabaseUrl, MIGRATIONS } from "./shop";

const FOLDER = path.resolve(import.meta.dirname, "../fixtures/databases");
const FOLDS = path.join(FOLDER, "folds.json");
const databases = readdirSync(FOLDER).filter((file) => file.endsWith(".json.gz"));
/** What the logs of each database came to when its fixture was kept. `KEEP_FOLDS=yes` keeps them anew. */
const kept = JSON.parse(readFileSync(FOLDS, "utf8")) as Record<string, string>;

/** In the year 2030: nothing in the fixtures is later. */
const LATE = "2030-01-01T00:00:00.000Z";

it.each(databases)(
  "the database %s of an earlier program is brought up to date, and its logs say the same",
  async (file) => {
    const dump = JSON.parse(gunzipSync(readFileSync(path.join(FOLDER, file))).toString()) as Dump;
    const url = await freshDatabaseUrl();
    await layOld(url, dump);
    await migrateDatabase(url, MIGRATIONS);
    const { db, close } = connect(url);
    try {
      const files = await setFiles(db);
      expect(files.length).toBe(dump.tables.set?.length);
      const entries = files.flatMap((one) => one.entries);
      expect(entries.length).toBe(dump.tables.log_entry?.length);
      expect(entries.filter(({ kind }) => kind === "unknown")).toEqual([]);
      // Every entry is sealed, those from before there were seals too.
      expect((await allHeads(db)).troubles).toEqual([]);
      expect(await freshSummaries(db)).toBe(0);
      const folded = files.map(({ serial, model, entries: log }) => {
        const { settled } = settle(log);
        return {
          serial,
          // What each entry says; how it is put into words may change, and the version that it is written in.
          said: settled.map(({ content }) => content && { ...content, payload: { ...content.payload, v: undefined } }),
          built: asBuilt(settled, model.sheet, LATE).map(({ designator, state, parts }) => [
            designator,
            state,
            parts.map(({ text }) => text),
          ]),
          open: openPoints(settled, LATE).map(({ kind, id }) => [kind, id]),
        };
      });
      const said = createHash("sha256").update(JSON.stringify(folded)).digest("hex");
      if (process.env.KEEP_FOLDS === "yes")
        writeFileSync(FOLDS, `${JSON.stringify({ ...kept, [file]: said }, null, 2)}\n`);
      kept[file] = process.env.KEEP_FOLDS === "yes" ? said : (kept[file] ?? "");
      expect(said).toBe(kept[file]);
    } finally {
      await close();
    }
  },
);

it("a demo of an earlier program lets its people in afterwards, and no other shop", async () => {
  const dump = JSON.parse(gunzipSync(readFileSync(path.join(FOLDER, "0016.json.gz"))).toString()) as Dump;
  const open = async (name: string) => {
    const url = await freshDatabaseUrl();
    await layOld(url, { ...dump, tables: { ...dump.tables, shop: [{ ...dump.tables.shop?.[0], name }] } });
    await migrateDatabase(url, MIGRATIONS);
    await openOldDemo(url);
    const { db, close } = connect(url);
    const people = await everyone(db);
    const said = { signsIn: await anybodySignsIn(db), demo: await shopIsDemo(db) };
    await close();
    return { ...said, roles: people.map(({ name: who, access }) => [who, access]) };
  };
  expect(await open("Saltmarsh Wireless Repair")).toEqual({
    signsIn: true,
    demo: true,
    roles: [
      ["Wren Okafor", "lead"],
      ["Tomasz Bielak", "technician"],
      ["Ines Marchetti", "owner"],
    ],
  });
  // What its people did was kept as words: they are the roles nearest to them, and one of them becomes the owner by command.
  expect(await open("Another shop")).toEqual({
    signsIn: false,
    demo: false,
    roles: [
      ["Wren Okafor", "lead"],
      ["Tomasz Bielak", "technician"],
      ["Ines Marchetti", "desk"],
    ],
  });
});
