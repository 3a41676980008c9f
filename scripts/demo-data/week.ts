import { v7 } from "uuid";
import { daysLater } from "@/core/days";
import { openPoints } from "@/core/history";
import { billingSchema } from "@/core/invoice";
import { settle } from "@/core/kinds";
import { USUAL_WEEK, waitKey } from "@/core/plan";
import type { Db } from "@/db/client";
import { append, entriesOfSet } from "@/db/entries";
import { saveEnquiry } from "@/db/enquiries";
import { invoicesOf, writeInvoice, writePayment } from "@/db/invoices";
import { addAway, pinTask, saveWorker, takeSet } from "@/db/plan";
import { visitByJob } from "@/db/sets";
import { saveBilling, shopBilling } from "@/db/shop";
import { composeInvoice } from "@/server/invoice-maker";
import { CUSTOMERS, type Who } from "./story-lines";

/** Days from today on: what was promised to whom, and told how. */
const PROMISES: { job: number; to: keyof typeof CUSTOMERS; inDays: number; how: "phone" | "in person" }[] = [
  { job: 1187, to: "osei", inDays: 6, how: "phone" },
  // The parcel comes a day too late for this one.
  { job: 1186, to: "devos", inDays: 11, how: "phone" },
  { job: 1192, to: "osei", inDays: 13, how: "in person" },
];

/** Parcels that were announced for a day. */
const PARCELS: { job: number; inDays: number }[] = [{ job: 1186, inDays: 12 }];

const ON_BENCH: [job: number, who: Who][] = [
  [1187, "wren"],
  [1192, "tomasz"],
];

/** What the shop's invoices say of it: nobody's address, nobody's account. */
const BILLING = billingSchema.parse({
  street: "Old Slip 3",
  postcode: "4410",
  city: "Eastholm",
  country: "NL",
  vatId: "NL000000000B00",
  iban: "NL00 EAST 0000 0000 00",
  storageMinor: 500,
});

/** The invoice of a job that went out last month, and its payment. */
async function fillMoney(db: Db, by: string, today: Date): Promise<void> {
  const { version } = await shopBilling(db);
  await saveBilling(db, BILLING, version);
  const visit = await visitByJob(db, 1102);
  if (!visit) throw new Error("no such job: 1102");
  const day = today.toISOString().slice(0, 10);
  const row = { id: v7(), kind: "invoice" as const, ofId: null, visitId: visit.id, by };
  await writeInvoice(db, row, (number, tx) =>
    composeInvoice(tx, visit.id, number, { today: daysLater(day, -39), free: true }),
  );
  const [written] = await invoicesOf(db, [visit.id]);
  if (!written) throw new Error("the invoice was not written");
  const { totalMinor: minor, currency } = written.doc;
  const paid = { id: v7(), visitId: visit.id, minor, currency, paidOn: daysLater(day, -27), how: "transfer", by };
  await writePayment(db, paid);
}

/** What the shop's week is made of: promises, parcels, who has what, who is away, and who has asked. */
export async function fillWeek(
  db: Db,
  { people, models }: { people: Record<Who, string>; models: Record<string, string> },
  today: Date,
): Promise<void> {
  const day = today.toISOString().slice(0, 10);
  const at = new Date(today.getTime() - 3_600_000).toISOString();
  for (const { job, to, inDays, how } of PROMISES) {
    const visit = await visitByJob(db, job);
    if (!visit) throw new Error(`no such job: ${job}`);
    const payload = { v: 1, day: daysLater(day, inDays), to: CUSTOMERS[to][0], how };
    const draft = { id: v7(), setId: visit.setId, visitId: visit.id, at, amends: null, kind: "promised", payload };
    const written = await append(db, draft, people.ines, today.getTime());
    if (!written.ok) throw new Error(JSON.stringify(written.problems));
  }
  for (const { job, inDays } of PARCELS) {
    const visit = await visitByJob(db, job);
    const open = visit ? openPoints(settle(await entriesOfSet(db, visit.setId)).settled, today.toISOString()) : [];
    const wait = open.find(({ waits }) => waits === "parts");
    if (!visit || !wait) throw new Error(`job ${job} waits for no parts`);
    await pinTask(db, {
      visitId: visit.id,
      task: waitKey(wait),
      personId: null,
      day: daysLater(day, inDays),
      by: people.ines,
    });
  }
  for (const [job, who] of ON_BENCH) {
    const visit = await visitByJob(db, job);
    if (visit) await takeSet(db, visit.id, people[who], null);
  }
  await saveWorker(db, people.ines, { week: USUAL_WEEK, skills: ["desk"] }, 0);
  // A course: two days of next week.
  const monday = daysLater(day, 7 - ((today.getUTCDay() + 6) % 7));
  await addAway(db, {
    id: v7(),
    personId: people.tomasz,
    from: daysLater(monday, 3),
    to: daysLater(monday, 4),
    why: "course",
    by: people.wren,
  });
  const asked = [
    {
      caller: CUSTOMERS.haddad[0],
      reach: "Eastholm, Saltern Lane",
      what: "Halvane 537",
      modelId: models.lantern ?? null,
      setClass: "",
      complaint: "hums loudly and is weak on all bands",
      said: "a look first, then a price; she brings it herself",
      expectedOn: daysLater(monday, 1),
    },
    {
      caller: CUSTOMERS.lindqvist[0],
      reach: "Eastholm, North Quay",
      what: "a battery portable, maker not known",
      modelId: null,
      setClass: "battery portable",
      complaint: "dead, new batteries make no difference",
      said: "no price yet: too few such sets were here",
      expectedOn: null,
    },
  ];
  for (const one of asked) await saveEnquiry(db, { id: v7(), ...one, price: null }, people.ines, 0);
  await fillMoney(db, people.ines, today);
}
