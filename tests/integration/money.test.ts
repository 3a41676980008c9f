import { v7 } from "uuid";
import { sql } from "drizzle-orm";
import { beforeAll, describe, expect, it } from "vitest";
import { breaches, billingSchema } from "@/core/invoice";
import { append } from "@/db/entries";
import {
  invoiceByNumber,
  invoicesIn,
  invoicesOf,
  notInvoiced,
  paymentsOf,
  writeInvoice,
  writePayment,
} from "@/db/invoices";
import { visit as visitTable } from "@/db/schema";
import { saveBilling, saveShop, shopBilling, shopOf } from "@/db/shop";
import { composeCredit, composeInvoice, composeStorage, NotYet } from "@/server/invoice-maker";
import { ublXml } from "@/server/ubl-xml";
import { openedShop } from "./shop";

const opened = openedShop();
const db = () => opened.held.db;
const TODAY = "2026-11-27";

async function write(visitId: string, kind: string, payload: object, at = new Date().toISOString()): Promise<void> {
  const { shop } = opened;
  const draft = { id: v7(), setId: shop.set, visitId, at, amends: null, kind, payload };
  const written = await append(db(), draft, shop.wren, Date.now());
  expect(written.ok ? "" : written.problems[0]?.message).toBe("");
}

const invoiceFor = (visitId: string, id = v7()) =>
  writeInvoice(db(), { id, kind: "invoice", ofId: null, visitId, by: opened.shop.wren }, (number, tx) =>
    composeInvoice(tx, visitId, number, { today: TODAY, free: false }),
  );
const creditFor = async (number: number, totalMinor?: number) => {
  const of = await invoiceByNumber(db(), number);
  if (!of) throw new Error("no such invoice");
  return writeInvoice(
    db(),
    { id: v7(), kind: "credit", ofId: of.id, visitId: of.visitId, by: opened.shop.wren },
    (next, tx) => composeCredit(tx, of, next, { today: TODAY, totalMinor, why: "charged twice" }),
  );
};

/** Another job of the set, worked on for an hour and handed back. */
async function doneJob(minutes = 60): Promise<string> {
  const visitId = v7();
  await db().insert(visitTable).values({ id: visitId, setId: opened.shop.set, openedAt: new Date().toISOString() });
  await write(visitId, "labour", { v: 1, step: "fix", minutes });
  await write(visitId, "hand-back", { v: 1, summary: "plays", oldParts: "none" });
  return visitId;
}

beforeAll(async () => {
  const shop = await shopOf(db());
  await saveShop(db(), { ...shop, name: "Saltmarsh Wireless Repair" });
});

describe("an invoice", () => {
  it("waits for the set to be handed back, and for the shop's address", async () => {
    const { shop } = opened;
    await expect(invoiceFor(shop.visit)).rejects.toThrow(/address, country, tax number is missing/);
    const { version } = await shopBilling(db());
    const billing = billingSchema.parse({ street: "Quay 4", city: "Eastholm", country: "NL", vatId: "NL000000000B00" });
    expect(await saveBilling(db(), billing, version)).toMatchObject({ ok: true });
    await expect(invoiceFor(shop.visit)).rejects.toThrow(NotYet);
    await expect(invoiceFor(shop.visit)).rejects.toThrow(/is not handed back/);
    await write(shop.visit, "labour", { v: 1, step: "find", minutes: 100 });
    await write(shop.visit, "hand-back", { v: 1, summary: "plays", oldParts: "none" });
    expect((await notInvoiced(db(), new Date().toISOString())).map(({ visitId }) => visitId)).toEqual([shop.visit]);
    expect(await invoiceFor(shop.visit)).toBe(1);
    expect(await notInvoiced(db(), new Date().toISOString())).toEqual([]);
    // 100 min at 45.00, 21 %: 75.00 and 15.75.
    const row = await invoiceByNumber(db(), 1);
    expect(row?.doc).toMatchObject({ netMinor: 7500, taxMinor: 1575, totalMinor: 9075, due: "2026-12-11" });
    expect(row ? breaches(row.doc) : ["none"]).toEqual([]);
  });

  it("is written once: sent again it is the same, and a second one is refused", async () => {
    const { shop } = opened;
    const [row] = await invoicesOf(db(), [shop.visit]);
    expect(await invoiceFor(shop.visit, row?.id)).toBe(1);
    await expect(invoiceFor(shop.visit)).rejects.toThrow(/Invoice 1 stands/);
  });

  it("gets a number without a gap, however many are written at once and whatever fails between", async () => {
    const jobs: string[] = [];
    for (let index = 0; index < 6; index += 1) jobs.push(await doneJob(30 + index));
    const tried = await Promise.allSettled([...jobs, opened.shop.visit, v7()].map((job) => invoiceFor(job)));
    expect(tried.filter(({ status }) => status === "fulfilled")).toHaveLength(6);
    const numbers = (await invoicesIn(db())).map(({ number }) => number).sort((a, b) => a - b);
    expect(numbers).toEqual([1, 2, 3, 4, 5, 6, 7]);
  });

  it("is changed by nobody, not even in the database", async () => {
    await expect(db().execute(sql`update invoice set total_minor = 1, net_minor = 1, tax_minor = 0`)).rejects.toThrow();
    await expect(db().execute(sql`delete from invoice`)).rejects.toThrow();
    await expect(db().execute(sql`truncate invoice cascade`)).rejects.toThrow();
  });

  it("is taken back in parts, and never by more than it was", async () => {
    expect(await creditFor(1, 2000)).toBe(8);
    await expect(creditFor(1, 7076)).rejects.toThrow(/only 70.75 EUR are left/);
    expect(await creditFor(1)).toBe(9);
    await expect(creditFor(1)).rejects.toThrow(/taken back already/);
    await expect(creditFor(8)).rejects.toThrow(/not taken back by another/);
    const credit = await invoiceByNumber(db(), 9);
    expect(credit?.doc).toMatchObject({ kind: "credit", of: { number: "1", issued: TODAY } });
    expect(credit ? breaches(credit.doc) : ["none"]).toEqual([]);
    // All of it is taken back: the job can be invoiced anew.
    expect(await invoiceFor(opened.shop.visit)).toBe(10);
  });

  it("takes off what was paid before", async () => {
    const job = await doneJob(60);
    const id = v7();
    const row = { id, visitId: job, minor: 2000, currency: "EUR", paidOn: TODAY, how: "cash", by: opened.shop.wren };
    await writePayment(db(), row);
    await writePayment(db(), row);
    expect(await paymentsOf(db(), [job])).toHaveLength(1);
    const number = await invoiceFor(job);
    expect((await invoiceByNumber(db(), number))?.doc).toMatchObject({ totalMinor: 5445, paidMinor: 2000 });
  });

  it("charges nothing under warranty, and keeps what it cost", async () => {
    const visitId = v7();
    await db().insert(visitTable).values({ id: visitId, setId: opened.shop.set, openedAt: new Date().toISOString() });
    await write(visitId, "labour", { v: 1, step: "fix", minutes: 40 });
    await write(visitId, "warranty", { v: 1, job: 1001, counts: true, why: "the same capacitor" });
    await write(visitId, "hand-back", { v: 1, summary: "plays", oldParts: "none" });
    const doc = (await invoiceByNumber(db(), await invoiceFor(visitId)))?.doc;
    expect(doc).toMatchObject({ totalMinor: 0, lines: [{ netMinor: 0, costMinor: 3000 }] });
    expect(doc?.note).toContain("warranty of job 1001");
  });

  it("goes by the tax of the day of delivery, changed in the middle of a month", async () => {
    const { billing, version } = await shopBilling(db());
    const day = new Date().toISOString().slice(0, 10);
    await saveBilling(db(), { ...billing, rates: [{ from: day, rate: 0 }] }, version);
    const doc = (await invoiceByNumber(db(), await invoiceFor(await doneJob(60))))?.doc;
    expect(doc).toMatchObject({ taxMinor: 0, totalMinor: 4500, taxes: [{ category: "E" }] });
    expect(doc ? breaches(doc) : ["none"]).toEqual([]);
    const after = await shopBilling(db());
    await saveBilling(db(), { ...after.billing, rates: [] }, after.version);
  });

  it("as XML is well formed and holds any name", async () => {
    const doc = (await invoiceByNumber(db(), 1))?.doc;
    if (!doc) throw new Error("no invoice");
    const xml = ublXml({ ...doc, buyer: { ...doc.buyer, name: `Müller & Söhne <“test”>\u0007` } });
    expect(xml).toContain("<cbc:RegistrationName>Müller &amp; Söhne &lt;“test”&gt;</cbc:RegistrationName>");
    expect(xml).toContain('<cbc:PayableAmount currencyID="EUR">90.75</cbc:PayableAmount>');
  });
});

describe("storage", () => {
  const DAY_MS = 86_400_000;
  const storageFor = (visitId: string, days: number) =>
    writeInvoice(db(), { id: v7(), kind: "invoice", ofId: null, visitId, by: opened.shop.wren }, (number, tx) =>
      composeStorage(tx, visitId, number, { today: TODAY, now: new Date(Date.now() + days * DAY_MS).toISOString() }),
    );

  it("goes onto an invoice of its own, week by week, and no week twice", async () => {
    const { billing, version } = await shopBilling(db());
    await saveBilling(db(), { ...billing, storageWeeks: 4, storageMinor: 500 }, version);
    const visit = await doneJob();
    await expect(storageFor(visit, 40)).rejects.toThrow(/was not told that it is ready/);
    await write(visit, "told", { v: 1, to: "Marguerite Osei", how: "phone", what: "ready" });
    await expect(storageFor(visit, 20)).rejects.toThrow(/No storage is due/);
    // 40 days are 5.7 weeks: four are free, two were begun.
    const first = await invoiceByNumber(db(), await storageFor(visit, 40));
    expect(first?.doc.lines).toMatchObject([{ name: "Storage", quantity: 2, unit: "WEE", netMinor: 1000 }]);
    expect(first ? breaches(first.doc) : ["none"]).toEqual([]);
    await expect(storageFor(visit, 41)).rejects.toThrow(/beyond what was charged/);
    const second = await invoiceByNumber(db(), await storageFor(visit, 50));
    expect(second?.doc.lines).toMatchObject([{ quantity: 2 }]);
    // What is taken back can be charged again; the work has an invoice of its own beside it.
    await creditFor(second?.number ?? 0);
    expect((await invoiceByNumber(db(), await storageFor(visit, 50)))?.doc.lines).toMatchObject([{ quantity: 2 }]);
    expect(await invoiceFor(visit)).toBeGreaterThan(0);
  });
});
