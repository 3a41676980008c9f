import { v7 } from "uuid";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { SHEET } from "@/core/fixtures";
import { keepCaution, modelById, revisionAt, revisionsOf, saveSheet } from "@/db/models";
import { meters, saveMeter, saveShop, shopOf, type Meter } from "@/db/shop";
import { freshDatabase, openShop, type Shop } from "./shop";

let held: Awaited<ReturnType<typeof freshDatabase>>;
let shop: Shop;

beforeAll(async () => {
  held = await freshDatabase();
  shop = await openShop(held.db);
});
afterAll(() => held.close());

const model = async () => {
  const found = await modelById(held.db, shop.model);
  if (!found) throw new Error("the model");
  return found;
};

describe("the sheet of a model", () => {
  it("keeps what it said at every version, and who changed it", async () => {
    const { version } = await model();
    await saveSheet(held.db, shop.model, version, { ...SHEET, watts: 71 }, shop.tomasz);
    await saveSheet(held.db, shop.model, version + 1, { ...SHEET, watts: 72 });
    expect(await revisionsOf(held.db, shop.model)).toMatchObject([
      { version: version + 1, replacedBy: null },
      { version, replacedBy: "Tomasz Bielak" },
    ]);
    expect((await revisionAt(held.db, shop.model, version + 1))?.watts).toBe(71);
    expect((await revisionAt(held.db, shop.model, version))?.watts).toBe(SHEET.watts);
    expect(await revisionAt(held.db, shop.model, 99)).toBeUndefined();
  });

  it("is saved by one of two who save the same version at the same moment, and leaves one revision", async () => {
    const { version } = await model();
    const results = await Promise.all(
      [80, 81].map((watts) => saveSheet(held.db, shop.model, version, { ...SHEET, watts })),
    );
    expect(results.filter((result) => result.ok)).toHaveLength(1);
    expect((await revisionsOf(held.db, shop.model)).filter((one) => one.version === version)).toHaveLength(1);
  });

  it("takes lessons from two benches at once, each once", async () => {
    const lessons = ["unplug the indicator first", "glass first", "the common of C8 is at the plate"];
    const caution = (text: string) => ({ step: "fix" as const, text, job: 1187 });
    await Promise.all(lessons.map((text) => keepCaution(held.db, shop.model, caution(text), shop.wren)));
    await keepCaution(held.db, shop.model, caution("glass first"), shop.wren);
    const { cautions } = (await model()).sheet;
    expect(
      cautions
        .map((one) => one.text)
        .filter((text) => lessons.includes(text))
        .sort(),
    ).toEqual([...lessons].sort());
    expect(await keepCaution(held.db, v7(), caution("nowhere"), shop.wren)).toMatchObject({ ok: false });
  });
});

describe("the shop", () => {
  it("is 230 V and 50 Hz until somebody says another", async () => {
    const unsaid = await shopOf(held.db);
    expect(unsaid).toMatchObject({ version: 0, lineVolts: 230, lineHz: 50 });
    expect(await saveShop(held.db, { ...unsaid, lineVolts: 117, lineHz: 60, lamps: [60] })).toEqual({
      ok: true,
      version: 1,
    });
    expect(await saveShop(held.db, unsaid)).toMatchObject({ ok: false });
    expect(await saveShop(held.db, { ...unsaid, version: 1, lineVolts: 120 })).toEqual({ ok: true, version: 2 });
    expect(await saveShop(held.db, { ...unsaid, version: 1 })).toMatchObject({ ok: false });
    expect(await shopOf(held.db)).toMatchObject({ lineVolts: 120, version: 2 });
  });
  it("has one line, and one that can be", async () => {
    const now = await shopOf(held.db);
    await expect(saveShop(held.db, { ...now, lineVolts: 12 })).rejects.toThrow();
  });
});

describe("the shop's meters", () => {
  const digital: Meter = {
    id: v7(),
    name: "Bench digital",
    ohmsPerVolt: null,
    inputOhms: 11e6,
    calibratedOn: "2026-03-01",
    everyMonths: 12,
    retired: false,
    link: null,
    version: 0,
  };
  it("are made, changed and retired; those in use come first", async () => {
    const analogue: Meter = {
      ...digital,
      id: v7(),
      name: "A grey one",
      ohmsPerVolt: 20e3,
      inputOhms: null,
      retired: true,
    };
    expect(await saveMeter(held.db, digital)).toEqual({ ok: true, version: 1 });
    expect(await saveMeter(held.db, analogue)).toEqual({ ok: true, version: 1 });
    expect(await saveMeter(held.db, { ...digital, calibratedOn: null, version: 1 })).toEqual({ ok: true, version: 2 });
    expect(await saveMeter(held.db, { ...digital, version: 1 })).toMatchObject({ ok: false });
    expect((await meters(held.db)).map((meter) => meter.name)).toEqual(["Bench digital", "A grey one"]);
  });
  it("have names of their own, in whatever case", async () => {
    const twin = await saveMeter(held.db, { ...digital, id: v7(), name: "BENCH DIGITAL" });
    expect(twin).toEqual({ ok: false, message: expect.stringContaining("called “BENCH DIGITAL” already") });
  });
  it("are ohms per volt or ohms, never both and never none", async () => {
    await expect(saveMeter(held.db, { ...digital, id: v7(), name: "both", ohmsPerVolt: 1000 })).rejects.toThrow();
    await expect(saveMeter(held.db, { ...digital, id: v7(), name: "none", inputOhms: null })).rejects.toThrow();
  });
});
