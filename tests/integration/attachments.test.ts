import sharp from "sharp";
import { eq } from "drizzle-orm";
import { v7 } from "uuid";
import { beforeAll, describe, expect, it } from "vitest";
import { append } from "@/db/entries";
import { brokenFileAt } from "@/core/exchange";
import { attachmentsOf } from "@/db/attachments";
import { fileChainOf } from "@/db/chain";
import { attachment } from "@/db/schema";
import { GET, PATCH } from "@/app/api/attachments/[id]/route";
import { GET as thumb } from "@/app/api/attachments/[id]/thumb/route";
import { POST } from "@/app/api/entries/[id]/attachments/route";
import { LARGEST_FILE } from "@/core/log";
import { draftNote, openedShop } from "./shop";

const app = openedShop();
let entry: string;

beforeAll(async () => {
  const draft = draftNote(app.shop, "a burnt resistor, see the photo");
  entry = draft.id;
  await append(app.held.db, draft, app.shop.wren, Date.now());
});

const picture = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: "#b3270f" } });

const send = async (
  name: string,
  body: Uint8Array | string,
  to = entry,
  id = v7(),
  headers: Record<string, string> = {},
) => {
  const address = `http://127.0.0.1:3000/api/entries/${to}/attachments?id=${id}&name=${encodeURIComponent(name)}`;
  const answer = await POST(
    new Request(address, {
      method: "POST",
      body: body as BodyInit,
      headers: { host: "127.0.0.1:3000", cookie: app.cookie, ...headers },
    }),
    { params: Promise.resolve({ id: to }) },
  );
  return {
    status: answer.status,
    body: (await answer.json()) as {
      attachment?: { id: string; type: string; thumb: boolean; name: string; size: number };
      problems?: { message: string }[];
    },
  };
};
const fileOf = (id: string, small: boolean, headers: Record<string, string> = {}) =>
  (small ? thumb : GET)(
    new Request(`http://127.0.0.1:3000/api/attachments/${id}`, { headers: { cookie: app.cookie, ...headers } }),
    {
      params: Promise.resolve({ id }),
    },
  );
const message = (answer: Awaited<ReturnType<typeof send>>) => answer.body.problems?.[0]?.message;

describe("a photo", () => {
  it("is kept as it came, with a small picture made of it, the right way up", async () => {
    // A camera held upright: 1200 × 800 with the word that it is turned.
    const photo = await picture(1200, 800).withMetadata({ orientation: 6 }).jpeg().toBuffer();
    const { status, body } = await send("R7 burnt.jpg", photo);
    expect(status).toBe(200);
    expect(body.attachment).toMatchObject({
      type: "image/jpeg",
      thumb: true,
      name: "R7 burnt.jpg",
      size: photo.length,
    });
    const id = body.attachment?.id ?? "";
    const whole = await fileOf(id, false);
    expect(Buffer.from(await whole.arrayBuffer()).equals(photo)).toBe(true);
    const small = await fileOf(id, true);
    expect(small.headers.get("content-type")).toBe("image/webp");
    const { width, height } = await sharp(Buffer.from(await small.arrayBuffer())).metadata();
    expect([width, height]).toEqual([213, 320]);
  });

  it("of 30 MB is refused with a sentence, said or unsaid how long it is", async () => {
    const huge = new Uint8Array(30 * 1024 * 1024);
    const said = await send("huge.jpg", huge, entry, v7(), { "content-length": String(huge.length) });
    expect(said.status).toBe(413);
    expect(message(said)).toContain("“huge.jpg” is larger than 12 MB");
    expect((await send("huge.jpg", huge)).status).toBe(413);
    expect((await send("edge.txt", new Uint8Array(LARGEST_FILE + 1))).status).toBe(413);
  });

  it("that begins like one and does not open is refused", async () => {
    const png = await picture(40, 40).png().toBuffer();
    expect(message(await send("torn.png", png.subarray(0, 60)))).toContain("does not open");
  });
});

describe("the content decides, not the name", () => {
  const ELF = Buffer.concat([Buffer.from([0x7f, 0x45, 0x4c, 0x46, 2, 1, 1]), Buffer.alloc(200)]);
  const EXE = Buffer.concat([Buffer.from("MZ"), Buffer.alloc(300)]);
  it.each([
    ["a program renamed .png", "photo.png", ELF],
    ["a program of another system", "photo.jpg", EXE],
    ["a script", "photo.png", "#!/bin/sh\necho no"],
    ["a page", "photo.png", "<html><script>1</script></html>"],
    ["a drawing that can run", "photo.svg", `<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>`],
    ["bytes that are nothing", "photo.png", Buffer.from([0, 1, 2, 3, 250, 251])],
  ])("refuses %s", async (_what, name, body) => {
    const answer = await send(name, body);
    expect(answer.status).toBe(422);
    expect(message(answer)).toContain("whatever its name says");
  });
  it("takes a measurement log as text, and gives it out as a download", async () => {
    const answer = await send("sweep.png", "f;dB\n1000;-3\n");
    expect(answer.body.attachment).toMatchObject({ type: "text/plain", thumb: false });
    const file = await fileOf(answer.body.attachment?.id ?? "", false);
    expect(file.headers.get("content-disposition")).toContain("attachment");
    expect(file.headers.get("x-content-type-options")).toBe("nosniff");
    expect(file.headers.get("content-security-policy")).toContain("sandbox");
  });
  it("takes the name for a name only", async () => {
    const answer = await send("../../etc/passwd\u0000.txt", "hello");
    expect(answer.body.attachment?.name).toBe("passwd.txt");
    expect(message(await send("nothing.txt", ""))).toContain("is empty");
  });
});

describe("a file and its entry", () => {
  it("is added once, however often it is sent", async () => {
    const id = v7();
    const before = (await attachmentsOf(app.held.db, app.shop.set)).length;
    await send("a.txt", "once", entry, id);
    expect((await send("a.txt", "once", entry, id)).status).toBe(200);
    const other = await send("a.txt", "twice", entry, id);
    expect([other.status, message(other)]).toEqual([
      409,
      expect.stringContaining("another file came under its number"),
    ]);
    expect((await attachmentsOf(app.held.db, app.shop.set)).length).toBe(before + 1);
    expect(await (await fileOf(id, false)).text()).toBe("once");
  });
  it("needs an entry that is in the log, and a page of this application", async () => {
    expect(message(await send("a.txt", "x", v7()))).toContain("not in the log yet");
    expect((await send("a.txt", "x", entry, "no-id")).status).toBe(400);
    expect((await send("a.txt", "x", entry, v7(), { origin: "http://elsewhere.example" })).status).toBe(403);
    expect((await fileOf("no-id", false)).status).toBe(404);
    expect((await fileOf(v7(), true)).status).toBe(404);
  });
  it("is sealed as it comes, and stays as it came whoever tries", async () => {
    const { body } = await send("wave.txt", "0.1 0.2 0.3");
    const id = body.attachment?.id ?? "";
    const chain = await fileChainOf(app.held.db, app.shop.set);
    expect(chain.at(-1)?.id).toBe(id);
    expect(brokenFileAt(chain)).toBeUndefined();
    const change = app.held.db.update(attachment).set({ name: "other.txt" }).where(eq(attachment.id, id));
    await expect(change).rejects.toMatchObject({ cause: { message: expect.stringContaining("stays as it came") } });
  });
  it("is not given out again by a browser's store without asking", async () => {
    const { body } = await send("level.txt", "-20 dBm");
    const id = body.attachment?.id ?? "";
    const first = await fileOf(id, false);
    const etag = first.headers.get("etag") ?? "";
    expect(first.headers.get("cache-control")).toContain("no-cache");
    expect((await fileOf(id, false, { "if-none-match": etag })).status).toBe(304);
  });
  it("is taken away from sight and brought back; it is never gone", async () => {
    const { body } = await send("wrong set.txt", "oops");
    const id = body.attachment?.id ?? "";
    const here = async () => (await attachmentsOf(app.held.db, app.shop.set)).some((one) => one.id === id);
    const patch = (hidden: string) =>
      PATCH(
        new Request(`http://127.0.0.1:3000/api/attachments/${id}?hidden=${hidden}`, {
          method: "PATCH",
          headers: { host: "127.0.0.1:3000", cookie: app.cookie },
        }),
        { params: Promise.resolve({ id }) },
      );
    expect(await here()).toBe(true);
    expect((await patch("yes")).status).toBe(200);
    expect(await here()).toBe(false);
    expect((await fileOf(id, false)).status).toBe(404);
    expect((await patch("no")).status).toBe(200);
    expect(await here()).toBe(true);
  });
});
