import { randomBytes } from "node:crypto";
import { gunzipSync } from "node:zlib";
import { v7 } from "uuid";
import { afterAll, beforeAll, describe, expect, it, vi } from "vitest";
import { append } from "@/db/entries";
import { brokenFileAt, monthsLater } from "@/core/exchange";
import { packContainer } from "@/container";
import { attach } from "@/db/attachments";
import { exportSet } from "@/db/exchange";
import { fileChainOf } from "@/db/chain";
import { attachment, meter } from "@/db/schema";
import { bodyOnDisk, Stalled, TooLarge } from "@/server/body";
import {
  handleArchive,
  handleCalendar,
  handleImport,
  handleSchema,
  handleSetFile,
  handleTable,
  LARGEST_SET_FILE,
} from "@/server/exchange-handlers";
import { handleReportFile, handleReportStatus } from "@/server/report-handlers";
import { POST as importRoute } from "@/app/api/sets/import/route";
import { POST as reportRoute } from "@/app/api/reports/route";
import type { Here } from "@/server/access/standing";
import { draftNote, freshDatabase, hereAs, openShop, signedIn, type Shop } from "./shop";

let held: Awaited<ReturnType<typeof freshDatabase>>;
let shop: Shop;
let here: Here;
let cookie: string;

const NOTHING = { params: Promise.resolve({}) };
const fileOf = (id: string) => handleSetFile(new Request("http://127.0.0.1:3000/"), id, here);

const write = async (kind: string, payload: object) => {
  const done = await append(held.db, { ...draftNote(shop, ""), kind, payload }, shop.wren, Date.now());
  if (!done.ok) throw new Error(JSON.stringify(done.problems));
};

/** A day so many months from today: the calendar has what is near. */
const inMonths = (months: number) => monthsLater(new Date().toISOString(), months);

beforeAll(async () => {
  held = await freshDatabase();
  shop = await openShop(held.db);
  vi.stubEnv("DATABASE_URL", held.url);
  here = await hereAs(shop.wren);
  cookie = await signedIn(shop.wren);
  await held.db.insert(meter).values({ id: v7(), name: "Bench digital", inputOhms: 11e6, calibratedOn: inMonths(-9) });
  await write("note", { v: 1, text: "=HYPERLINK(1), a cell that is no formula", open: false, closes: [] });
  await write("hand-back", {
    v: 1,
    summary: `plays, ${"and plays ".repeat(12)}`,
    oldParts: "none",
    nextService: inMonths(17),
    warrantyMonths: 6,
  });
});
afterAll(async () => {
  vi.unstubAllEnvs();
  await held.close();
});

const post = (path: string, body: BodyInit, headers: Record<string, string> = {}) =>
  new Request(`http://127.0.0.1:3000${path}`, {
    method: "POST",
    body,
    headers: { host: "127.0.0.1:3000", cookie, ...headers },
    duplex: "half",
  } as RequestInit);
const message = async (answer: Response) =>
  ((await answer.json()) as { problems: { message: string }[] }).problems[0]?.message;

describe("a set's file", () => {
  it("goes out as a download and comes in again", async () => {
    const out = await fileOf(shop.set);
    expect(out.headers.get("content-disposition")).toBe('attachment; filename="halvane-537-h-20417-set-file.zip"');
    const back = await importRoute(post("/api/sets/import", await out.arrayBuffer()), NOTHING);
    expect(await back.json()).toMatchObject({ ok: true, added: 0 });
    expect((await fileOf("nobody")).status).toBe(404);
    expect((await fileOf(v7())).status).toBe(404);
  });

  it("is refused from another site, when it is something else, and when it is far too large", async () => {
    expect(
      (await importRoute(post("/api/sets/import", "{}", { origin: "https://elsewhere.example" }), NOTHING)).status,
    ).toBe(403);
    expect(await message(await importRoute(post("/api/sets/import", "%PDF-1.3"), NOTHING))).toContain("not JSON");
    const said = await importRoute(
      post("/api/sets/import", "{}", { "content-length": String(LARGEST_SET_FILE + 1) }),
      NOTHING,
    );
    expect([said.status, await message(said)]).toEqual([413, expect.stringContaining("larger than 2048 MB")]);
  });

  it("that is larger than its limit is not even read to its end, whatever its head says", async () => {
    const piece = new Uint8Array(1024 * 1024).fill(32);
    let sent = 0;
    const stream = new ReadableStream<Uint8Array>({
      pull(controller) {
        sent += 1;
        controller.enqueue(piece);
      },
    });
    await expect(bodyOnDisk(post("/api/sets/import", stream), 4 * piece.length)).rejects.toThrow(TooLarge);
    expect(sent).toBeLessThan(12);
  });

  it.each([
    [
      "a million entries that say nothing",
      `{"format":"jumelle-set-file","version":2,"entries":[${"{},".repeat(1_000_000)}{}]}`,
      "1000001 entries",
    ],
    ["brackets without an end", "[".repeat(20_000_000), "nests far deeper"],
    ["brackets inside a text", `{"a":"${"[".repeat(200)}"}`, "does not begin with the format"],
    ["the beginning of a packed file", "PK\u0003\u0004 and nothing behind it", "does not open"],
  ])("made of %s is refused in a sentence", async (_what, body, said) => {
    const answer = await importRoute(post("/api/sets/import", body), NOTHING);
    expect([answer.status, await message(answer)]).toEqual([422, expect.stringContaining(said)]);
  });

  it("is asked to come again when several are on their way, and is taken when one of them has gone", async () => {
    const stalled = Array.from({ length: 4 }, () => {
      let giveUp = () => {};
      const body = new ReadableStream<Uint8Array>({
        start: (controller) => void (giveUp = () => controller.error(new Stalled())),
      });
      return { answer: handleImport(post("/api/sets/import", body), here), giveUp: () => giveUp() };
    });
    const fifth = await handleImport(post("/api/sets/import", "{}"), here);
    expect([fifth.status, await message(fifth)]).toEqual([429, expect.stringContaining("try again")]);
    for (const { giveUp } of stalled) giveUp();
    const answers = await Promise.all(stalled.map(({ answer }) => answer));
    expect(answers.map(({ status }) => status)).toEqual([408, 408, 408, 408]);
    expect((await importRoute(post("/api/sets/import", "{}"), NOTHING)).status).toBe(422);
  });

  it("with a program in the place of a photo is refused", async () => {
    const other = await freshDatabase();
    const there = await openShop(other.db);
    const entry = draftNote(there, "a photo");
    await append(other.db, entry, there.wren, Date.now());
    const content = new TextEncoder().encode("<script>alert(1)</script>");
    const file = {
      id: v7(),
      entryId: entry.id,
      name: "photo.svg",
      type: "image/svg+xml",
      size: content.length,
      content,
    };
    await attach(other.db, { ...file, thumb: null, by: there.wren });
    vi.stubEnv("DATABASE_URL", other.url);
    try {
      const document = await exportSet(other.db, there.set, new Date().toISOString());
      if (!document) throw new Error("no such set");
      const packed = await new Response(packContainer(document, () => Promise.resolve(content))).arrayBuffer();
      const empty = await freshDatabase();
      vi.stubEnv("DATABASE_URL", empty.url);
      const answer = await importRoute(post("/api/sets/import", packed), NOTHING);
      expect([answer.status, await message(answer)]).toEqual([
        422,
        expect.stringContaining("is not what the file says"),
      ]);
      expect(await empty.db.select({ id: attachment.id }).from(attachment)).toEqual([]);
      await empty.close();
    } finally {
      vi.stubEnv("DATABASE_URL", held.url);
      await other.close();
    }
  });

  it("with many photos goes out and comes in, and one changed photo is refused", async () => {
    const [photos, size] = [60, 400_000];
    const entry = draftNote(shop, "photos of everything");
    await append(held.db, entry, shop.wren, Date.now());
    for (let n = 0; n < photos; n += 1) {
      const content = new Uint8Array(randomBytes(size));
      // How a JPEG begins.
      content.set([0xff, 0xd8, 0xff, 0xe0]);
      const file = {
        id: v7(),
        entryId: entry.id,
        name: `photo ${n}.jpg`,
        type: "image/jpeg",
        size,
        content,
        thumb: null,
      };
      expect((await attach(held.db, { ...file, by: shop.wren })).ok).toBe(true);
    }
    const packed = Buffer.from(await (await fileOf(shop.set)).arrayBuffer());
    expect(packed.length).toBeGreaterThan(photos * size);
    const other = await freshDatabase();
    vi.stubEnv("DATABASE_URL", other.url);
    try {
      const changed = Buffer.from(packed);
      changed[packed.length >> 1] = (changed[packed.length >> 1] ?? 0) ^ 1;
      const refused = await importRoute(post("/api/sets/import", changed), NOTHING);
      expect(refused.status).toBe(422);
      expect(await message(refused)).toMatch(/was changed|cut off or damaged/);
      const taken = await importRoute(post("/api/sets/import", packed), NOTHING);
      expect(await taken.json()).toMatchObject({ ok: true, added: 3 });
      expect(brokenFileAt(await fileChainOf(other.db, shop.set))).toBeUndefined();
      const rows = await other.db.select({ id: attachment.id }).from(attachment);
      expect(rows).toHaveLength(photos);
    } finally {
      vi.stubEnv("DATABASE_URL", held.url);
      await other.close();
    }
  });
});

describe("tables, schema, archive and calendar", () => {
  it("give CSV that a spreadsheet takes for text, never for a formula", async () => {
    const csv = await (await handleTable(shop.set, "entries")).text();
    expect(csv.startsWith("\ufeff") || csv.startsWith("at,")).toBe(true);
    expect(csv).toContain("'=HYPERLINK(1)");
    expect((await handleTable(shop.set, "secrets")).status).toBe(404);
  });

  it("publish the schema", async () => {
    expect(await handleSchema().json()).toMatchObject({ title: "Set file", type: "object" });
  });

  it("stream everything as one file", async () => {
    const packed = Buffer.from(await (await handleArchive(new Request("http://127.0.0.1:3000/"), here)).arrayBuffer());
    const lines = gunzipSync(packed).toString("utf8").trim().split("\n");
    expect(JSON.parse(lines[0] ?? "")).toMatchObject({ format: "jumelle-archive" });
    expect(JSON.parse(lines.at(-1) ?? "")).toMatchObject({ end: true, rows: lines.length - 2 });
  });

  it("give a calendar of due dates in lines of at most 75 octets (RFC 5545)", async () => {
    const text = await (await handleCalendar("http://127.0.0.1:3000")).text();
    const lines = text.split("\r\n");
    expect(lines[0]).toBe("BEGIN:VCALENDAR");
    expect(lines.filter((line) => line === "BEGIN:VEVENT")).toHaveLength(3);
    for (const day of [inMonths(17), inMonths(6), monthsLater(inMonths(-9), 12)])
      expect(text).toContain(`DTSTART;VALUE=DATE:${day.replaceAll("-", "")}`);
    expect(text.replaceAll("\r\n ", "")).toContain(`URL;VALUE=URI:http://127.0.0.1:3000/sets/${shop.set}`);
    for (const line of lines) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
  });
});

describe("a report", () => {
  it("is made aside, followed, and fetched; what is asked wrongly is said", async () => {
    expect((await reportRoute(post("/api/reports", "{}"), NOTHING)).status).toBe(400);
    expect(
      (await reportRoute(post("/api/reports", JSON.stringify({ setId: v7(), kind: "owner" })), NOTHING)).status,
    ).toBe(404);
    const begun = await reportRoute(post("/api/reports", JSON.stringify({ setId: shop.set, kind: "owner" })), NOTHING);
    expect(begun.status).toBe(202);
    const { id } = (await begun.json()) as { id: string };
    await vi.waitFor(
      async () => expect(await handleReportStatus(id).json()).toMatchObject({ state: "done", progress: 1 }),
      { timeout: 30_000, interval: 200 },
    );
    const file = handleReportFile(id);
    expect(file.headers.get("content-type")).toBe("application/pdf");
    expect(
      Buffer.from(await file.arrayBuffer())
        .subarray(0, 5)
        .toString(),
    ).toBe("%PDF-");
    expect(handleReportFile(v7()).status).toBe(404);
    expect(handleReportStatus("x").status).toBe(404);
  });
});
