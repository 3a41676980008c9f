import { eq } from "drizzle-orm";
import { v7 } from "uuid";
import { afterAll, beforeAll, describe, expect, it, vi } from "vitest";
import { dueDates } from "@/core/exchange";
import { acrossAll } from "@/db/across";
import { saveCustomer } from "@/db/customers";
import { append } from "@/db/entries";
import { foundFaults } from "@/db/findings";
import { afterChanges, fromAllSets } from "@/db/from-all-sets";
import { customer, set, visit } from "@/db/schema";
import { knownSets, searchSets } from "@/db/search";
import { setFiles } from "@/db/sets";
import {
  dueSets,
  forgetSummaries,
  freshSummaries,
  keptSummaries,
  refreshSummaries,
  setsInShop,
  staleCount,
  summaryFrom,
} from "@/db/summaries";
import { setSummary } from "@/db/summary-schema";
import { demoDatabase, draftNote, freshDatabase } from "./shop";

const NOW = "2026-06-01T12:00:00.000Z";
let held: Awaited<ReturnType<typeof freshDatabase>>;
let demo: { set: string; visit: string; by: string };

beforeAll(async () => {
  held = await demoDatabase();
  const files = await setFiles(held.db);
  const lantern = files.find(({ serial }) => serial === "H-20417");
  if (!lantern) throw new Error("no Lantern");
  demo = {
    set: lantern.id,
    visit: lantern.visits.at(-1)?.id ?? "",
    by: lantern.entries[0]?.by ?? "",
  };
});
afterAll(() => held.close());

/** Every summary as it is kept, against the fold of its log. */
async function equalToTheLogs(): Promise<number> {
  const files = await setFiles(held.db);
  const kept = new Map(
    (
      await keptSummaries(
        held.db,
        files.map(({ id }) => id),
      )
    ).map((one) => [one.setId, one]),
  );
  // What JSON does not keep is no part of it.
  const plain = (value: unknown) => JSON.parse(JSON.stringify(value)) as unknown;
  for (const file of files)
    expect(kept.get(file.id)).toEqual({ setId: file.id, ...(plain(summaryFrom(file)) as object) });
  return files.length;
}

const write = async (kind: string, payload: object) => {
  const draft = { ...draftNote({ set: demo.set, visit: demo.visit } as never, ""), kind, payload };
  const done = await append(held.db, draft, demo.by, Date.now());
  if (!done.ok) throw new Error(JSON.stringify(done.problems));
  return draft.id;
};

describe("summaries of sets", () => {
  it("are what the logs say: made when they are read first, and made anew at any time", async () => {
    await forgetSummaries(held.db);
    expect(await staleCount(held.db)).toBeGreaterThan(5);
    expect(await freshSummaries(held.db)).toBe(0);
    expect(await equalToTheLogs()).toBeGreaterThan(5);
    await forgetSummaries(held.db);
    await refreshSummaries(held.db, Number.POSITIVE_INFINITY);
    await equalToTheLogs();
  });

  it("are stale in the transaction that changes them, for that set alone, and right when they are read", async () => {
    await write("note", { v: 1, text: "a zebra was found inside", open: false, closes: [] });
    expect(await staleCount(held.db)).toBe(1);
    expect((await searchSets(held.db, "zebra", NOW)).hits).toMatchObject([{ id: demo.set }]);
    expect(await staleCount(held.db)).toBe(0);
    await equalToTheLogs();
  });

  it("are searched by the stems of words, where a word has one", async () => {
    await write("note", { v: 1, text: "it warbled, and a squeaking pulley", open: false, closes: [] });
    const found = async (query: string) => (await searchSets(held.db, query, NOW)).hits.map(({ id }) => id);
    for (const query of ["warbles", "warbling", "squeaks pulleys"]) expect(await found(query)).toEqual([demo.set]);
    // Part of a word is found as before.
    expect(await found("warbl")).toEqual([demo.set]);
    expect(await found("squeakish")).toEqual([]);
  });

  it("follow the owner's name and telephone number", async () => {
    const [owner] = await held.db.select().from(customer).where(eq(customer.name, "Marguerite Osei"));
    if (!owner) throw new Error("no owner");
    await saveCustomer(held.db, { ...owner, contact: "Rope Walk 3, 0555 / 314 159" });
    expect((await searchSets(held.db, "0555 314159", NOW)).hits.length).toBeGreaterThan(0);
    expect((await knownSets(held.db, "0555314159"))[0]?.label).toContain("Marguerite Osei");
    await equalToTheLogs();
  });

  it("that are overtaken while they are made stay stale, and nothing is lost", async () => {
    await write("note", { v: 1, text: "first", open: false, closes: [] });
    await Promise.all([
      ...Array.from({ length: 10 }, (_, n) => write("note", { v: 1, text: `heron ${n}`, open: false, closes: [] })),
      ...Array.from({ length: 5 }, () => refreshSummaries(held.db, 10)),
    ]);
    await freshSummaries(held.db);
    await equalToTheLogs();
    expect((await searchSets(held.db, "heron", NOW)).hits).toHaveLength(1);
  });

  it("say which sets are here", async () => {
    const here = async () => (await setsInShop(held.db)).some(({ id }) => id === demo.set);
    expect(await here()).toBe(true);
    // Right also while nobody has looked it through.
    await forgetSummaries(held.db);
    expect(await here()).toBe(true);
  });

  it("give faults that were found, and what sets hold", async () => {
    const found = await foundFaults(held.db);
    expect(found.length).toBeGreaterThan(0);
    const holding = await acrossAll(held.db, { kind: "tube", text: "6v6gt", months: 12, modelId: "" });
    expect(holding.holders.length).toBeGreaterThan(0);
    expect(holding.holders.every(({ set: name, what }) => name.includes("No.") && /6V6/.test(what))).toBe(true);
    expect(holding.failures.length).toBeGreaterThan(0);
    expect(holding.names.tube).toContain("6V6");
  });
});

describe("what is made from all sets", () => {
  it("is made once, however many ask, and anew after a change, another question or a failure", async () => {
    let made = 0;
    const asked = fromAllSets(async (db, of: number) => {
      made += 1;
      if (of === 13) throw new Error("not today");
      return { of, sets: (await keptSummaries(db, [demo.set])).length };
    });
    await freshSummaries(held.db);
    const three = await Promise.all([asked(held.db, 3), asked(held.db, 3), asked(held.db, 3)]);
    expect([made, three[2]]).toEqual([1, { of: 3, sets: 1 }]);
    await asked(held.db, 4);
    await asked(held.db, 3);
    expect(made).toBe(2);
    await write("note", { v: 1, text: "crane", open: false, closes: [] });
    await asked(held.db, 3);
    expect(made).toBe(3);
    for (let n = 0; n < 2; n += 1) await expect(asked(held.db, 13)).rejects.toThrow("not today");
    expect(made).toBe(5);
    // Only so many questions are kept: the oldest goes first.
    for (let n = 100; n < 119; n += 1) await asked(held.db, n);
    await asked(held.db, 3);
    expect(made).toBe(24);
    await asked(held.db, 200);
    await asked(held.db, 118);
    expect(made).toBe(25);
    await asked(held.db, 3);
    expect(made).toBe(26);
  });
});

describe("what takes long to make from all sets", () => {
  it("stands for a while although a set has changed, and what is made at once does not", async () => {
    expect([afterChanges(0, 20), afterChanges(1999, 100)]).toEqual(["is waited for", "is waited for"]);
    expect([afterChanges(9999, 500), afterChanges(10_001, 500), afterChanges(100_001, 500)]).toEqual([
      "stands",
      "is made anew",
      "is waited for",
    ]);
    let made = 0;
    const slow = fromAllSets(async () => {
      await new Promise((resolve) => setTimeout(resolve, 150));
      return (made += 1);
    });
    expect(await slow(held.db)).toBe(1);
    await write("note", { v: 1, text: "stork", open: false, closes: [] });
    expect(await slow(held.db)).toBe(1);
  });

  it("is given out once more while it is made anew, and by one of those who ask alone", async () => {
    let made = 0;
    let fails = false;
    const slow = fromAllSets(async () => {
      await new Promise((resolve) => setTimeout(resolve, 150));
      if (fails) throw new Error("not today");
      return (made += 1);
    });
    expect(await slow(held.db)).toBe(1);
    const clock = vi.spyOn(Date, "now").mockReturnValue(Date.now() + 5000);
    fails = true;
    expect(await slow(held.db)).toBe(1);
    await new Promise((resolve) => setTimeout(resolve, 400));
    fails = false;
    expect(await Promise.all([slow(held.db), slow(held.db), slow(held.db)])).toEqual([1, 1, 1]);
    clock.mockRestore();
    await vi.waitFor(async () => expect(await slow(held.db)).toBe(2), 5000);
    expect(made).toBe(2);
  });
});

describe("due dates", () => {
  const another = async (said: object, handedBack = true): Promise<string> => {
    const [like] = await held.db.select().from(set).where(eq(set.id, demo.set));
    if (!like) throw new Error("no set");
    const [setId, visitId] = [v7(), v7()];
    await held.db.insert(set).values({ ...like, id: setId, serial: `DUE-${setId.slice(-6)}` });
    await held.db.insert(visit).values({ id: visitId, setId });
    const payload = { v: 1, summary: "plays", oldParts: "none", ...said };
    const draft = { ...draftNote({ set: setId, visit: visitId } as never, ""), kind: "hand-back", payload };
    const done = handedBack ? await append(held.db, draft, demo.by, Date.now()) : { ok: true as const };
    if (!done.ok) throw new Error(JSON.stringify(done.problems));
    return setId;
  };

  it("are read for a span, as the core reads them from all sets", async () => {
    const service = await another({ nextService: "2031-03-31" });
    const warranty = await another({ warrantyMonths: 6 });
    const both = await another({ nextService: "2031-04-01", warrantyMonths: 600 });
    const away = [service, warranty, both];
    const none = [await another({}), await another({ nextService: "2031-03-31" }, false)];
    const ever = { from: "1900-01-01", to: "2199-12-31" };
    const all = await dueSets(held.db, ever);
    expect(all.map(({ id }) => id)).toEqual(expect.arrayContaining(away));
    expect(all.filter(({ id }) => none.includes(id))).toEqual([]);
    expect(dueDates(all, [], ever).filter(({ date }) => date.startsWith("2031"))).toMatchObject([
      { key: `service-${service}`, date: "2031-03-31" },
      { key: `service-${both}`, date: "2031-04-01" },
    ]);
    for (const { date } of dueDates(all, [], ever)) {
      const day = { from: date, to: date };
      const there = await dueSets(held.db, day);
      expect(there.length).toBeLessThan(all.length);
      expect(dueDates(there, [], day)).toEqual(dueDates(all, [], day));
    }
  });
});

describe("a list of many sets", () => {
  it("is read page by page, each set once, those of the latest work first", async () => {
    const [like] = await held.db.select().from(set).where(eq(set.id, demo.set));
    if (!like) throw new Error("no set");
    for (let n = 0; n < 70; n += 1) {
      const [setId, visitId] = [v7(), v7()];
      await held.db.insert(set).values({ ...like, id: setId, serial: `MANY-${n}` });
      if (n % 3 === 0) continue;
      await held.db.insert(visit).values({ id: visitId, setId });
      const draft = { ...draftNote({ set: setId, visit: visitId } as never, `one of many ${n}`), id: v7() };
      await append(held.db, draft, demo.by, Date.now());
    }
    const seen: string[] = [];
    let after: string | undefined;
    let pages = 0;
    do {
      const found = await searchSets(held.db, "MANY-", NOW, after);
      expect(found.count).toBe(70);
      seen.push(...found.hits.map(({ serial }) => serial));
      after = found.next;
      pages += 1;
    } while (after && pages < 10);
    expect([pages, seen.length, new Set(seen).size]).toEqual([3, 70, 70]);
    // Those that nothing was ever written about come last.
    expect(seen.slice(0, 46).every((serial) => Number(serial.slice(5)) % 3 !== 0)).toBe(true);
    expect((await searchSets(held.db, "MANY-", NOW, "nonsense")).hits).toHaveLength(30);
  });

  it("finds a word anywhere, a designator and a job as a whole, and signs of a pattern as letters", async () => {
    const jobs = async (query: string) => (await searchSets(held.db, query, NOW)).hits.map(({ serial }) => serial);
    expect(await jobs("H-20417")).toEqual(["H-20417"]);
    expect(await jobs("204")).toContain("H-20417");
    expect(await jobs("%")).toEqual([]);
    expect(await jobs("MANY-1 MANY-2")).toEqual([]);
    const [open] = await held.db.select().from(setSummary).where(eq(setSummary.setId, demo.set));
    expect(await jobs(`#${open?.job}`)).toEqual(["H-20417"]);
    const part = await searchSets(held.db, "H-20417 c14", NOW);
    expect(part.hits[0]?.position?.designator).toBe("C14");
  });
});
