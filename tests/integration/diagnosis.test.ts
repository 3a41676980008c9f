import { v7 } from "uuid";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { append } from "@/db/entries";
import { foundFaults } from "@/db/findings";
import { faultFigures, partRules, saveAtHand, saveFaultFigures, savePartRules, shopOf } from "@/db/shop";
import { draftNote, freshDatabase, openShop, type Shop } from "./shop";

let held: Awaited<ReturnType<typeof freshDatabase>>;
let shop: Shop;
const write = (draft: unknown) => append(held.db, draft, shop.wren, Date.now());
const finding = (extra: object = {}) => ({
  kind: "finding",
  payload: { v: 1, fault: "output.coupling-leaky", cause: "C14 leaks", state: "found", ...extra },
});

beforeAll(async () => {
  held = await freshDatabase();
  shop = await openShop(held.db);
});
afterAll(() => held.close());

describe("the shop's figures for faults", () => {
  it("are the table's at first, are kept, and a stale change is refused", async () => {
    const { figures, version } = await faultFigures(held.db);
    expect(figures).toEqual({ often: {}, learns: true });
    const own = { often: { "coupling-leaky": 40 }, learns: false };
    expect((await saveFaultFigures(held.db, own, version)).ok).toBe(true);
    expect((await faultFigures(held.db)).figures).toEqual(own);
    expect(await saveFaultFigures(held.db, own, version === 0 ? 7 : version)).toMatchObject({ ok: false });
  });

  it("keep what is at hand beside them, and neither overwrites the other", async () => {
    expect((await saveAtHand(held.db, ["bridge", "limiter"])).ok).toBe(true);
    const { figures } = await faultFigures(held.db);
    expect(figures).toEqual({ often: { "coupling-leaky": 40 }, learns: false, lacking: ["bridge", "limiter"] });
    expect((await saveAtHand(held.db, [])).ok).toBe(true);
    expect((await faultFigures(held.db)).figures.lacking).toEqual([]);
  });

  it("stand beside the rules for parts: neither overwrites the other", async () => {
    const { rules, version } = await partRules(held.db);
    expect((await savePartRules(held.db, { ...rules, resistorWindow: 0.2 }, version)).ok).toBe(true);
    expect((await faultFigures(held.db)).figures.often).toEqual({ "coupling-leaky": 40 });
    expect("figures" in (await shopOf(held.db))).toBe(false);
  });
});

describe("what the shop has found", () => {
  it("is nothing until a finding is mended and shown gone, and nothing again when it is reopened", async () => {
    expect(await foundFaults(held.db)).toEqual([]);
    const root = draftNote(shop, "", finding());
    expect((await write(root)).ok).toBe(true);
    expect(await foundFaults(held.db)).toEqual([]);
    const shown = draftNote(shop, "", {
      kind: "fault-test",
      payload: { v: 1, test: "play", outcome: "fine", what: "Listened again", says: "loud and clear" },
    });
    expect((await write(shown)).ok).toBe(true);
    await write(draftNote(shop, "", finding({ about: root.id, mended: "new one", gone: [shown.id] })));
    expect(await foundFaults(held.db)).toMatchObject([
      { fault: "output.coupling-leaky", mode: "coupling-leaky", cause: "C14 leaks" },
    ]);
    await write(draftNote(shop, "", finding({ about: root.id, state: "reopened", why: "it is back" })));
    expect(await foundFaults(held.db)).toEqual([]);
  });

  it("refuses a test or a finding that is not written as one", async () => {
    const odd = draftNote(shop, "", {
      kind: "finding",
      payload: { v: 1, fault: "no fault", cause: "", state: "found" },
    });
    expect(await write(odd)).toMatchObject({ ok: false });
    const reopened = draftNote(shop, "", finding({ state: "reopened", about: v7() }));
    const refused = await write(reopened);
    expect(!refused.ok && JSON.stringify(refused.problems)).toContain("what is still there");
  });
});
