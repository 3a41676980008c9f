import { v7 } from "uuid";
import { beforeAll, describe, expect, it } from "vitest";
import { planOf } from "@/core/plan";
import { append } from "@/db/entries";
import { enquiries, enquiryCame, saveEnquiry } from "@/db/enquiries";
import {
  addAway,
  awayFrom,
  holders,
  giveSetBack,
  pinTask,
  planFacts,
  shopPast,
  removeAway,
  saveWorker,
  takeSet,
  workers,
} from "@/db/plan";
import { planRules, savePlanRules } from "@/db/shop";
import { forecastFacts } from "@/server/forecast";
import { draftNote, openedShop } from "./shop";

const opened = openedShop();
const db = () => opened.held.db;

/** An entry of the shop's one set. */
async function write(kind: string, payload: object): Promise<void> {
  const { shop } = opened;
  const draft = {
    id: v7(),
    setId: shop.set,
    visitId: shop.visit,
    at: new Date().toISOString(),
    amends: null,
    kind,
    payload,
  };
  const written = await append(db(), draft, shop.wren, Date.now());
  expect(written.ok).toBe(true);
}

/** The plan of the shop on a Monday at nine. */
async function plan() {
  const facts = await planFacts(db());
  const input = { ...facts, now: "2026-11-30T09:00:00.000Z", today: "2026-11-30", time: "09:00" };
  return { facts, input, outlook: planOf(input).outlook };
}

beforeAll(async () => {
  await write("take-in", { v: 1, complaint: "hums", policy: "original", received: [], missing: [] });
});

describe("the plan of the shop", () => {
  it("knows the sets that are here, the people, and lays the work", async () => {
    const { facts, outlook } = await plan();
    expect(facts.sets).toMatchObject([{ name: "Lantern", owner: "Marguerite Osei" }]);
    expect(facts.people.map(({ name }) => name)).toEqual(["Wren Okafor", "Tomasz Bielak"]);
    expect(outlook.placed.map(({ step }) => step)).toContain("make-safe");
    expect(outlook.sets[0]).toMatchObject({ standing: "unpromised" });
  });

  it("follows a promise, a wait and a pin at once", async () => {
    await write("promised", { v: 1, day: "2026-12-01", to: "Marguerite Osei", how: "phone" });
    const before = await plan();
    const day = before.outlook.sets[0]?.promise ?? "";
    expect(before.outlook.sets[0]).toMatchObject({ promised: "2026-12-01" });
    const { shop } = opened;
    const note = draftNote(shop, "0.047/630 on order, by 2026-12-10", {
      payload: { v: 1, text: "0.047/630 on order, by 2026-12-10", open: true, waits: "parts", closes: [] },
    });
    await append(db(), note, shop.wren, Date.now());
    const waiting = await plan();
    expect(waiting.outlook.sets[0]?.standing).toBe("danger");
    expect((waiting.outlook.sets[0]?.promise ?? "") > day).toBe(true);
    await pinTask(db(), {
      visitId: shop.visit,
      task: `wait:${note.id}`,
      personId: null,
      day: "2026-12-20",
      by: shop.wren,
    });
    const late = await plan();
    expect((late.outlook.sets[0]?.promise ?? "") > (waiting.outlook.sets[0]?.promise ?? "")).toBe(true);
    await pinTask(db(), { visitId: shop.visit, task: `wait:${note.id}`, personId: null, day: null, by: shop.wren });
    expect((await plan()).facts.pins).toEqual([]);
  });

  it("knows who can do what and when: a week that somebody changed, days away", async () => {
    const { shop } = opened;
    const off = [null, null, null, null, null, { from: "10:00", to: "14:00" }, null];
    expect(await saveWorker(db(), shop.tomasz, { week: off, skills: ["desk"] }, 0)).toEqual({ ok: true, version: 1 });
    expect(await saveWorker(db(), shop.tomasz, { week: off, skills: ["bench"] }, 0)).toMatchObject({ ok: false });
    expect((await workers(db())).find(({ id }) => id === shop.tomasz)).toMatchObject({ skills: ["desk"], version: 1 });
    const id = v7();
    await addAway(db(), { id, personId: shop.wren, from: "2026-11-30", to: "2026-12-06", why: "ill", by: shop.wren });
    const { outlook } = await plan();
    expect(outlook.placed.filter(({ by }) => by === "person").every(({ from }) => from.day > "2026-12-06")).toBe(true);
    await removeAway(db(), id);
    expect(await awayFrom(db(), "2026-11-30")).toEqual([]);
  });

  it("lets one of two people take a set; the other is told who has it", async () => {
    const { shop } = opened;
    const both = await Promise.all([
      takeSet(db(), shop.visit, shop.wren, null),
      takeSet(db(), shop.visit, shop.tomasz, null),
    ]);
    expect(both.filter(({ ok }) => ok)).toHaveLength(1);
    const has = (await holders(db())).get(shop.visit);
    const other = has?.person === shop.wren ? shop.tomasz : shop.wren;
    expect(await takeSet(db(), shop.visit, other, null)).toMatchObject({
      ok: false,
      message: expect.stringContaining(has?.name ?? "?"),
    });
    expect(await takeSet(db(), shop.visit, other, has?.person ?? null)).toEqual({ ok: true });
    expect((await plan()).facts.sets[0]?.holder).toBe(other);
    await giveSetBack(db(), shop.visit);
    expect((await holders(db())).size).toBe(0);
  });

  it("keeps the rules of the plan, and refuses those that somebody else changed meanwhile", async () => {
    const { rules, version } = await planRules(db());
    expect(rules.benches).toBe(3);
    expect(await savePlanRules(db(), { ...rules, benches: 5 }, version)).toMatchObject({ ok: true });
    expect(await savePlanRules(db(), { ...rules, benches: 7 }, version)).toMatchObject({ ok: false });
    expect((await planFacts(db())).rules.benches).toBe(5);
  });
});

describe("the shop's own past", () => {
  it("is nothing while the set is here, and a visit with its time once it went out", async () => {
    expect((await shopPast(db())).past).toEqual([]);
    await write("labour", { v: 1, step: "find", minutes: 90 });
    await write("hand-back", { v: 1, summary: "plays", oldParts: "none", warrantyMonths: 6 });
    expect((await shopPast(db())).past).toMatchObject([
      {
        modelId: opened.shop.model,
        setClass: "mains receiver",
        minutes: 90,
        labour: { find: 90 },
        complaint: expect.arrayContaining([expect.stringContaining("hum")]),
      },
    ]);
    expect((await planFacts(db())).sets).toEqual([]);
  });

  it("is what an estimate is made from", async () => {
    const facts = await forecastFacts(db(), opened.shop.visit, "2026-11-30T09:00:00.000Z");
    expect(facts?.left.setClass).toBe("mains receiver");
    expect(facts?.times.find.takes.median).toBeGreaterThan(0);
    expect(await forecastFacts(db(), v7(), "2026-11-30T09:00:00.000Z")).toBeUndefined();
  });
});

describe("enquiries", () => {
  const enquiry = (more: object) => ({
    id: v7(),
    caller: "Noor Haddad",
    reach: "0417 / 22 33-44",
    what: "Halvane 537",
    modelId: opened.shop.model,
    setClass: "",
    complaint: "hums",
    said: "about 200 EUR",
    expectedOn: "2026-12-02",
    price: null,
    ...more,
  });

  it("are found by number however it is written, by name and by maker", async () => {
    await saveEnquiry(db(), enquiry({}), opened.shop.wren, 0);
    await saveEnquiry(
      db(),
      enquiry({ caller: "Greta Lindqvist", reach: "North Quay", what: "a portable" }),
      opened.shop.wren,
      0,
    );
    const found = async (text: string) => (await enquiries(db(), { text })).map(({ caller }) => caller);
    expect(await found("0417223344")).toEqual(["Noor Haddad"]);
    expect(await found("22 33 44")).toEqual(["Noor Haddad"]);
    expect(await found("lindq")).toEqual(["Greta Lindqvist"]);
    expect(await found("halvane")).toEqual(["Noor Haddad"]);
    expect(await found("100%_")).toEqual([]);
    expect((await enquiries(db(), { state: "open" })).map(({ number }) => number).sort()).toEqual([1, 2]);
  });

  it("sent twice stand once, changed by two people stand once, and become a job", async () => {
    const one = enquiry({ caller: "Bram de Vos" });
    await saveEnquiry(db(), one, opened.shop.wren, 0);
    await saveEnquiry(db(), one, opened.shop.wren, 0);
    expect(await enquiries(db(), { text: "Bram" })).toHaveLength(1);
    expect(await saveEnquiry(db(), { ...one, said: "later" }, opened.shop.wren, 1)).toEqual({ ok: true, version: 2 });
    expect(await saveEnquiry(db(), { ...one, said: "sooner" }, opened.shop.tomasz, 1)).toMatchObject({ ok: false });
    await enquiryCame(db(), one.id, opened.shop.visit);
    const [came] = await enquiries(db(), { text: "Bram" });
    expect(came).toMatchObject({ state: "came", model: "Halvane 537 “Lantern”", said: "later" });
    expect(came?.job).toBeGreaterThan(0);
  });
});
