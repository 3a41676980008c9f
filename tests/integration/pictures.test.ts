import sharp from "sharp";
import { v7 } from "uuid";
import { describe, expect, it } from "vitest";
import { ALLOCATIONS } from "@/core/frequencies";
import { pictureContents, picturesOf } from "@/db/pictures";
import { saveAir, shopAir, shopOf } from "@/db/shop";
import { DELETE, POST } from "@/app/api/models/[id]/pictures/route";
import { handlePicture } from "@/server/picture-handlers";
import { openedShop } from "./shop";

const app = openedShop();

const photo = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: "#d8c7a0" } })
    .jpeg()
    .toBuffer();

const send = async (body: Uint8Array | string, { model = app.shop.model, view = "top", headers = {} } = {}) => {
  const address = `http://127.0.0.1:3000/api/models/${model}/pictures?view=${view}`;
  const request = new Request(address, {
    method: "POST",
    body: body as BodyInit,
    headers: { host: "127.0.0.1:3000", cookie: app.cookie, ...headers },
  });
  const answer = await POST(request, { params: Promise.resolve({ id: model }) });
  return { status: answer.status, body: (await answer.json()) as { id?: string; problems?: { message: string }[] } };
};

describe("a picture of a model", () => {
  it("of 40 megapixels is kept smaller, in its shape, and given out", async () => {
    const { status, body } = await send(await photo(8000, 5000));
    expect(status).toBe(200);
    expect(await picturesOf(app.held.db, app.shop.model)).toEqual([
      { id: body.id, view: "top", width: 2400, height: 1500 },
    ]);
    const answer = await handlePicture(body.id ?? "");
    expect(answer.headers.get("content-type")).toBe("image/jpeg");
    const { width } = await sharp(Buffer.from(await answer.arrayBuffer())).metadata();
    expect(width).toBe(2400);
  });
  it("replaces the one of its view, under another id, and leaves the other views alone", async () => {
    const [before] = await picturesOf(app.held.db, app.shop.model);
    await send(await photo(400, 300), { view: "underside" });
    await send(await photo(600, 600));
    const now = await picturesOf(app.held.db, app.shop.model);
    expect(now.map(({ view, width, height }) => [view, width, height])).toEqual([
      ["top", 600, 600],
      ["underside", 400, 300],
    ]);
    expect(now[0]?.id).not.toBe(before?.id);
    expect((await handlePicture(before?.id ?? "")).status).toBe(404);
    expect((await pictureContents(app.held.db, app.shop.model)).every(({ content }) => content.length > 100)).toBe(
      true,
    );
  });
  it("is refused with a sentence: no photo, damaged, of no model, from another site, of no view", async () => {
    const jpeg = await photo(100, 80);
    const cases = [
      [await send("not a photo"), 422, /not a photo/],
      [await send(jpeg.subarray(0, 300)), 422, /does not open/],
      [await send(jpeg, { model: v7() }), 404, /not in the books/],
      [await send(jpeg, { view: "plan" }), 400, /top, underside or front/],
      [await send(jpeg, { model: "x" }), 400, /not a photo of a model/],
      [await send(jpeg, { headers: { origin: "http://elsewhere.example" } }), 403, /another site/],
    ] as const;
    for (const [{ status, body }, code, says] of cases) {
      expect(status).toBe(code);
      expect(body.problems?.[0]?.message).toMatch(says);
    }
    expect((await handlePicture("x")).status).toBe(404);
  });
  it("is taken away", async () => {
    const request = new Request(`http://127.0.0.1:3000/api/models/${app.shop.model}/pictures?view=underside`, {
      method: "DELETE",
      headers: { host: "127.0.0.1:3000", cookie: app.cookie },
    });
    expect((await DELETE(request, { params: Promise.resolve({ id: app.shop.model }) })).status).toBe(200);
    expect((await picturesOf(app.held.db, app.shop.model)).map(({ view }) => view)).toEqual(["top"]);
  });
});

describe("the allocations of a shop", () => {
  it("are those that ship until it has its own, and the shop's other words stay", async () => {
    const { air, own, version } = await shopAir(app.held.db);
    expect([air.region, own, air.allocations.length]).toEqual([1, false, ALLOCATIONS.length]);
    const mine = [{ service: "amateur" as const, name: "40 m", regions: [1 as const], from: 7e6, to: 7.1e6 }];
    const saved = await saveAir(app.held.db, { region: 2, allocations: mine }, version);
    expect(saved.ok).toBe(true);
    expect(await shopAir(app.held.db)).toMatchObject({ own: true, air: { region: 2, allocations: mine } });
    expect(await saveAir(app.held.db, { region: 3 }, version)).toMatchObject({ ok: false });
    expect((await shopOf(app.held.db)).lineVolts).toBe(230);
  });
});
