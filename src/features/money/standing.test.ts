import { describe, expect, it } from "vitest";
import type { InvoiceKind } from "@/core/invoice";
import { standingOf } from "./standing";
import { readBilling, readRates, typedBilling } from "./typed";
import { billingSchema } from "@/core/invoice";

const row = (id: string, number: number, kind: InvoiceKind, totalMinor: number, ofId: string | null = null) => ({
  id,
  number,
  kind,
  ofId,
  doc: { totalMinor, due: "2026-11-20" },
});

describe("how an invoice stands", () => {
  const first = row("a", 1, "invoice", 10_000);

  it("is open, paid in part, paid", () => {
    expect(standingOf(first, [first], [], "2026-11-20")).toEqual({
      takenBack: 0,
      paid: 0,
      left: 10_000,
      overdue: false,
    });
    expect(standingOf(first, [first], [{ minor: 4000 }], "2026-11-21")).toMatchObject({
      paid: 4000,
      left: 6000,
      overdue: true,
    });
    expect(standingOf(first, [first], [{ minor: 4000 }, { minor: 6000 }], "2026-12-31")).toMatchObject({
      left: 0,
      overdue: false,
    });
  });

  it("is less by what is taken back, and a payment back opens it again", () => {
    const all = [first, row("b", 2, "credit", 3000, "a")];
    expect(standingOf(first, all, [{ minor: 7000 }], "2026-12-31")).toMatchObject({ takenBack: 3000, left: 0 });
    expect(standingOf(first, all, [{ minor: 7000 }, { minor: -1000 }], "2026-11-01")).toMatchObject({ left: 1000 });
  });

  it("of two invoices of a job the oldest is paid first", () => {
    const all = [first, row("c", 3, "invoice", 5000)];
    const second = all[1] ?? first;
    expect(standingOf(first, all, [{ minor: 12_000 }], "2026-11-01").left).toBe(0);
    expect(standingOf(second, all, [{ minor: 12_000 }], "2026-11-01")).toMatchObject({ paid: 2000, left: 3000 });
  });
});

describe("what invoices say, as it is typed", () => {
  it("comes back as it went in", () => {
    const billing = billingSchema.parse({
      country: "NL",
      rates: [{ from: "2027-01-01", rate: 0.22 }],
      storageMinor: 550,
    });
    expect(readBilling(typedBilling(billing), "EUR")).toEqual({ ok: true, value: billing });
  });

  it("says what is wrong beside its field", () => {
    const typed = {
      ...typedBilling(billingSchema.parse({})),
      country: "Holland",
      payDays: "soon",
      rates: "22",
      storage: "much",
    };
    const read = readBilling(typed, "EUR");
    expect(read.ok ? [] : Object.keys(read.problems).sort()).toEqual(["country", "payDays", "rates", "storage"]);
    // No rate is guessed: a sum is in the shop's currency.
    expect(readBilling({ ...typedBilling(billingSchema.parse({})), storage: "£5" }, "EUR")).toMatchObject({
      problems: { storage: "A sum is like 5 or 5.50 EUR." },
    });
    expect(readRates("2027-01-01 22 %, 2028-01-01 0%")).toEqual([
      { from: "2027-01-01", rate: 0.22 },
      { from: "2028-01-01", rate: 0 },
    ]);
  });
});
