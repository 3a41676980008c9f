import { sql } from "drizzle-orm";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { POST } from "@/app/api/entries/route";
import { entriesOfSet } from "@/db/entries";
import { searchSets } from "@/db/search";
import { setHead } from "@/db/sets";
import { standing } from "@/server/access/standing";
import { draftNote, openedShop } from "./shop";

const app = openedShop();

/** Tables that are written in this test; each refuses as PostgreSQL does when it cannot make a file longer. */
const TABLES = ["log_entry", "sign_in_session", "customer", "set_summary"];

/** What the database answers to whoever writes while there is no room on its disk. */
async function fill(): Promise<void> {
  await app.held.db.execute(sql`
    create function no_room() returns trigger language plpgsql as $$
    begin raise exception 'could not extend file: No space left on device' using errcode = 'disk_full'; end $$`);
  for (const table of TABLES)
    await app.held.db.execute(
      sql.raw(`create trigger no_room before insert or update on ${table} for each row execute function no_room()`),
    );
}
const makeRoom = () => app.held.db.execute(sql`drop function no_room() cascade`);

const post = async (draft: unknown) => {
  const answer = await POST(
    new Request("http://127.0.0.1:3000/api/entries", {
      method: "POST",
      body: JSON.stringify(draft),
      headers: { host: "127.0.0.1:3000", cookie: app.cookie },
    }),
    { params: Promise.resolve({}) },
  );
  return { status: answer.status, text: JSON.stringify(await answer.json()) };
};
const notes = async (text: string) =>
  (await entriesOfSet(app.held.db, app.shop.set)).filter((one) => one.kind === "note" && one.payload.text === text);

describe("a disk without room", () => {
  beforeEach(() => void vi.spyOn(console, "error").mockImplementation(() => undefined));
  afterEach(() => void vi.restoreAllMocks());

  it("takes no entry, says why, and takes it once when there is room: the device sends it again", async () => {
    const draft = draftNote(app.shop, "written while the disk was full");
    await fill();
    const refused = await post(draft);
    expect(refused.status).toBe(500);
    expect(refused.text).toContain("The disk of the server is full");
    expect(await notes("written while the disk was full")).toHaveLength(0);
    await makeRoom();
    expect((await post(draft)).status).toBe(200);
    expect((await post(draft)).status).toBe(200);
    expect(await notes("written while the disk was full")).toHaveLength(1);
  });

  it("still lets people in who are signed in, and lets them read", async () => {
    await app.held.db.execute(sql`update sign_in_session set updated_at = now() - interval '3 days'`);
    await fill();
    try {
      expect(await standing(new Headers({ cookie: app.cookie }))).toMatchObject({ kind: "here" });
      expect((await setHead(app.held.db, app.shop.set))?.serial).toBe("H-20417");
    } finally {
      await makeRoom();
    }
    expect((await searchSets(app.held.db, "H-20417", new Date().toISOString())).hits).toHaveLength(1);
  });
});
