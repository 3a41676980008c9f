import { gunzipSync, gzipSync } from "node:zlib";
import { v7 } from "uuid";
import { afterAll, beforeAll, describe, expect, it, vi } from "vitest";
import { writeArchive } from "@/db/archive";
import { openShop as open } from "@/db/first-day";
import { addPerson, people } from "@/db/people";
import { person, set } from "@/db/schema";
import { shopOf } from "@/db/shop";
import { POST } from "@/app/api/archive/route";
import { linesInto, freshDatabase, openShop } from "./shop";

const SHOP = {
  name: "Saltmarsh Wireless Repair",
  lineVolts: 230,
  lineHz: 50,
  currency: "EUR",
  lamps: [60],
  loads: [],
  lockMinutes: 10,
};
const wren = () => ({ id: v7(), name: "Wren Okafor", access: "lead" as const });
const noSignIn = async () => {};

describe("a shop in an empty database", () => {
  it("is opened once, with its first person, however many ask at the same moment", async () => {
    const fresh = await freshDatabase();
    try {
      const answers = await Promise.all([
        open(fresh.db, SHOP, wren(), noSignIn),
        open(fresh.db, SHOP, wren(), noSignIn),
      ]);
      expect(answers.filter(({ ok }) => ok)).toHaveLength(1);
      expect(answers.find(({ ok }) => !ok)).toMatchObject({ message: expect.stringContaining("meanwhile") });
      expect((await people(fresh.db)).map(({ name, access }) => [name, access])).toEqual([["Wren Okafor", "owner"]]);
      expect(await shopOf(fresh.db)).toMatchObject(SHOP);
      expect(await addPerson(fresh.db, wren())).toMatchObject({
        ok: false,
        message: "Wren Okafor works here already.",
      });
    } finally {
      await fresh.close();
    }
  });
});

describe("an archive that is laid down through the page", () => {
  let full: Awaited<ReturnType<typeof freshDatabase>>;
  let empty: Awaited<ReturnType<typeof freshDatabase>>;
  let archive: Buffer;
  beforeAll(async () => {
    [full, empty] = [await freshDatabase(), await freshDatabase()];
    await openShop(full.db);
    const lines: string[] = [];
    await writeArchive(full.db, "2026-06-01T12:00:00.000Z", linesInto(lines, "\n"));
    archive = gzipSync(lines.join(""));
    vi.stubEnv("DATABASE_URL", empty.url);
  });
  afterAll(async () => {
    vi.unstubAllEnvs();
    await full.close();
    await empty.close();
  });

  const post = (body: Uint8Array<ArrayBuffer> | string, headers: Record<string, string> = {}) =>
    POST(new Request("http://127.0.0.1/api/archive", { method: "POST", body, headers }), {
      params: Promise.resolve({}),
    });
  const said = async (answer: Response) =>
    ((await answer.json()) as { problems: { message: string }[] }).problems[0]?.message;

  it.each([
    ["a text", () => new Uint8Array(Buffer.from("no archive at all")), /not an archive, or it is cut off/],
    ["one that is cut off", () => new Uint8Array(archive.subarray(0, archive.length / 2)), /cut off/],
    ["a sealed backup", () => new Uint8Array(Buffer.from("age-encryption.org/v1\n-> scrypt")), /npm run restore/],
    ["a packed text", () => new Uint8Array(gzipSync("plain\n")), /Line 1 of the archive/],
    [
      "one in which a letter is changed",
      () => new Uint8Array(gzipSync(gunzipSync(archive).toString().replace("Marguerite", "Margerite"))),
      /digest/,
    ],
  ])("is refused when it is %s, and nothing is laid down", async (_, body, sentence) => {
    const answer = await post(body());
    expect(answer.status).toBe(422);
    expect(await said(answer)).toMatch(sentence);
    expect(await empty.db.select().from(person)).toEqual([]);
  });

  it("is not taken from another site", async () => {
    expect((await post("x", { origin: "http://elsewhere.example", host: "127.0.0.1" })).status).toBe(403);
  });

  it("is there once, even when it is laid down twice at the same moment", async () => {
    const body = new Uint8Array(archive);
    const answers = await Promise.all([post(body), post(body)]);
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 422]);
    expect(await empty.db.select().from(set)).toEqual(await full.db.select().from(set));
    const again: string[] = [];
    await writeArchive(empty.db, "2026-06-01T12:00:00.000Z", linesInto(again, "\n"));
    // All but the end, whose digest covers them, and the event that the archive was laid down.
    const rows = again.filter((line) => !line.startsWith('{"table":"event"'));
    expect(rows.slice(0, -1)).toEqual(
      gunzipSync(archive)
        .toString()
        .split("\n")
        .slice(0, -2)
        .map((line) => `${line}\n`),
    );
  });
});
