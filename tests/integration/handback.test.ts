import { v7 } from "uuid";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { USUAL_TERMS } from "@/core/handback";
import { append } from "@/db/entries";
import { recipes, saveRecipe } from "@/db/recipes";
import { saveTerms, shopTerms } from "@/db/shop";
import { move, movesOf, saveStock, stockItem } from "@/db/stock";
import { RECIPES } from "../../scripts/demo-data/recipes";
import { renderReport } from "@/reports/render";
import { reportInput } from "@/server/report-input";
import { setFiles } from "@/db/sets";
import { REPORT_KINDS } from "@/reports/input";
import { connect } from "@/db/client";
import { demoDatabase, freshDatabase, openShop, type Shop } from "./shop";

let fresh: Awaited<ReturnType<typeof freshDatabase>>;
let shop: Shop;

beforeAll(async () => {
  fresh = await freshDatabase();
  shop = await openShop(fresh.db);
});
afterAll(() => fresh.close());

describe("recipes", () => {
  it("are kept by name, changed only by who saw the last version, and never twice under one name", async () => {
    const id = v7();
    expect(await saveRecipe(fresh.db, id, RECIPES.outlet, 0)).toEqual({ ok: true, version: 1 });
    expect(await saveRecipe(fresh.db, id, { ...RECIPES.outlet, minutes: 80 }, 1)).toEqual({ ok: true, version: 2 });
    expect(await saveRecipe(fresh.db, id, RECIPES.outlet, 1)).toMatchObject({ ok: false });
    expect(
      await saveRecipe(fresh.db, v7(), { ...RECIPES.mute, name: RECIPES.outlet.name.toUpperCase() }, 0),
    ).toMatchObject({
      ok: false,
      message: expect.stringContaining("another name"),
    });
    expect(await recipes(fresh.db)).toMatchObject([{ id, version: 2, minutes: 80 }]);
  });
});

describe("what the shop works by", () => {
  it("is the usual until it is said, and refuses a stale write", async () => {
    expect(await shopTerms(fresh.db)).toEqual({ terms: USUAL_TERMS, version: 0 });
    expect(await saveTerms(fresh.db, { ...USUAL_TERMS, hourMinor: 6000 }, 0)).toMatchObject({ ok: true });
    expect((await shopTerms(fresh.db)).terms.hourMinor).toBe(6000);
    expect(await saveTerms(fresh.db, USUAL_TERMS, 0)).toMatchObject({ ok: false });
  });
});

describe("parts of a modification", () => {
  const made = { kind: "hardware", marking: "phono socket", bin: "H-04" } as const;

  it("leave the stock when it is fitted, come back when that is withdrawn, and are sent back with a move", async () => {
    const partId = v7();
    const fields = {
      maker: "",
      partNumber: "",
      batch: "",
      supplier: "",
      size: "",
      priceMinor: 90,
      currency: "EUR",
      reorderAt: null,
      warrantyMonths: null,
      provenance: "",
      madeIn: null,
    };
    await saveStock(fresh.db, { id: partId, version: 0, onHand: 3, ...made, ...fields }, shop.wren);
    const code = (await stockItem(fresh.db, partId))?.code ?? "";
    const onHand = async () => (await stockItem(fresh.db, partId))?.onHand;
    const body = {
      ...RECIPES.outlet,
      parts: [{ designator: "J901", text: "phono socket", stock: { part: partId, code } }],
    };
    const write = async (state: "planned" | "fitted", about?: string) => {
      const draft = {
        id: v7(),
        setId: shop.set,
        visitId: shop.visit,
        at: new Date().toISOString(),
        amends: null,
        kind: "modification",
        payload: { v: 1, ...body, state, ...(about ? { about } : {}) },
      };
      const done = await append(fresh.db, draft, shop.wren, Date.now());
      if (!done.ok) throw new Error(JSON.stringify(done.problems));
      return done.entry.id;
    };
    const planned = await write("planned");
    expect(await onHand()).toBe(3);
    const fitted = await write("fitted", planned);
    expect(await onHand()).toBe(2);
    const withdraw = {
      id: v7(),
      setId: shop.set,
      visitId: shop.visit,
      at: new Date().toISOString(),
      amends: fitted,
      kind: "amendment",
      payload: { v: 1, action: "withdraw", reason: "another set" },
    };
    expect((await append(fresh.db, withdraw, shop.wren, Date.now())).ok).toBe(true);
    expect(await onHand()).toBe(3);

    expect(
      await move(fresh.db, { partId, kind: "sent-back", count: 1 }, { by: shop.wren, note: "fitted already" }),
    ).toEqual({ ok: true });
    expect(await onHand()).toBe(2);
    expect((await movesOf(fresh.db, partId))[0]).toMatchObject({
      kind: "sent-back",
      quantity: -1,
      note: "fitted already",
    });
    expect(await move(fresh.db, { partId, kind: "sent-back", count: 5 }, { by: shop.wren })).toMatchObject({
      ok: false,
    });
  });
});

describe("reports of the demo shop", () => {
  it("are set as PDF in every depth, with their faces embedded; the card is one page for every set", async () => {
    const demo = await demoDatabase();
    try {
      const { db, close } = connect(demo.url, 2);
      const files = await setFiles(db);
      for (const file of files)
        for (const kind of REPORT_KINDS) {
          if (kind === "bench" && !["CR-21", "537"].includes(file.model.designation)) continue;
          const input = await reportInput(db, { setId: file.id, kind, origin: "http://127.0.0.1" });
          if (!input) throw new Error("no report");
          const shares: number[] = [];
          const pdf = (await renderReport(input, (share) => shares.push(share))).toString("latin1");
          const pages = pdf.match(/\/Type \/Page\b/g)?.length ?? 0;
          expect(pdf.startsWith("%PDF-"), `${file.model.designation} ${kind}`).toBe(true);
          expect(pdf).toContain("/FontFile2");
          expect(Math.max(...shares)).toBeGreaterThan(0.9);
          if (kind === "card") expect(pages, `card of ${file.model.designation}`).toBe(1);
          if (kind === "bench") expect(pages).toBeGreaterThan(3);
        }
      await close();
    } finally {
      await demo.close();
    }
  });
});
