import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  breaches,
  creditable,
  creditLines,
  lineOf,
  linesFrom,
  marginOf,
  rateOn,
  storageLine,
  storedWeeks,
  totalsOf,
  ublOf,
  type Invoice,
  type InvoiceLine,
  type Piece,
} from ".";

const SELLER = {
  name: "Saltmarsh Wireless Repair",
  street: "Quay 4",
  city: "Eastholm",
  postcode: "4410",
  country: "NL",
  vatId: "NL000000000B00",
};
const BUYER = { name: "Marguerite Osei", street: "Rope Walk", city: "Eastholm", postcode: "4411", country: "NL" };

const labour = (minutes: number, rate = 0.21): InvoiceLine =>
  lineOf({
    name: "Labour, Fix",
    quantity: minutes,
    unit: "MIN",
    priceMinor: 4500,
    per: 60,
    category: rate > 0 ? "S" : "E",
    rate,
  });
const part = (priceMinor: number, rate = 0.21): InvoiceLine =>
  lineOf({ name: "C14 100 nF", quantity: 1, unit: "C62", priceMinor, per: 1, category: rate > 0 ? "S" : "E", rate });

const invoice = (lines: InvoiceLine[], more: Partial<Invoice> = {}): Invoice => ({
  kind: "invoice",
  number: "17",
  issued: "2026-11-27",
  delivered: "2026-11-26",
  due: "2026-12-11",
  currency: "EUR",
  seller: SELLER,
  buyer: BUYER,
  job: 1187,
  about: "Halvane 537",
  lines,
  ...totalsOf(lines, "small undertaking"),
  paidMinor: 0,
  ...more,
});

describe("storage", () => {
  // By hand: three weeks at 5.00 are 15.00; 21 % of it are 3.15.
  it("is a line of weeks that stands on an invoice by the rules", () => {
    const stored = invoice([storageLine(3, 500, { category: "S", rate: 0.21 })]);
    expect(stored).toMatchObject({ netMinor: 1500, taxMinor: 315, totalMinor: 1815 });
    expect(storedWeeks(stored)).toBe(3);
    expect(storedWeeks(invoice([labour(60)]))).toBe(0);
    expect(breaches(stored)).toEqual([]);
  });
});

describe("what a part cost the shop", () => {
  const parts = [
    { designator: "C14", text: "47 nF", price: { minor: 60, currency: "EUR" }, cost: { minor: 48, currency: "EUR" } },
  ];
  const lines = (warranty: boolean) =>
    linesFrom({ labour: [], parts, unpriced: [] }, { hourMinor: 4500, category: "S", rate: 0.21, warranty });
  it("is kept with its line, sold or under warranty", () => {
    expect(lines(false)[0]).toMatchObject({ netMinor: 60, costMinor: 48 });
    expect(lines(true)[0]).toMatchObject({ netMinor: 0, costMinor: 48 });
  });
});

describe("the margin on parts", () => {
  const sold = (netMinor: number, costMinor?: number): InvoiceLine => ({
    ...part(netMinor),
    ...(costMinor === undefined ? {} : { costMinor }),
  });
  // By hand: 60 and 40 sold, 48 and 32 paid: 100 over 80 are a quarter.
  it("is what was sold over what it cost; labour, storage and what is not known are left out", () => {
    const found = marginOf([
      invoice([sold(60, 48), labour(60), storageLine(2, 500, { category: "S", rate: 0.21 })]),
      invoice([sold(40, 32), sold(99), sold(0, 20)], { number: "18" }),
    ]);
    expect(found).toEqual({ pieces: 2, soldMinor: 100, costMinor: 80, unknown: 1, warrantyMinor: 20, share: 0.25 });
  });
  it("forgets an invoice that was taken back whole, and says no share of nothing", () => {
    const first = invoice([sold(60, 48)]);
    const credit = invoice([part(60)], { kind: "credit", number: "19", of: { number: "17", issued: "2026-11-27" } });
    expect(marginOf([first, credit])).toEqual({ pieces: 0, soldMinor: 0, costMinor: 0, unknown: 0, warrantyMinor: 0 });
  });
});

/** The texts at a path of names. */
function textsAt(piece: Piece, path: string): string[] {
  const [first = "", ...rest] = path.split("/");
  return (piece.pieces ?? [])
    .filter(({ name }) => name === first)
    .flatMap((found) => (rest.length === 0 ? [found.text ?? ""] : textsAt(found, rest.join("/"))));
}

const anyLine = fc
  .record({
    quantity: fc.integer({ min: 1, max: 2000 }),
    priceMinor: fc.integer({ min: 0, max: 50_000 }),
    minutes: fc.boolean(),
    rate: fc.constantFrom(0, 0.07, 0.09, 0.21),
  })
  .map(({ quantity, priceMinor, minutes, rate }) =>
    lineOf({
      name: "a line",
      quantity,
      unit: minutes ? "MIN" : "C62",
      priceMinor,
      per: minutes ? 60 : 1,
      category: rate > 0 ? "S" : "E",
      rate,
    }),
  );
const anyInvoice = fc.array(anyLine, { minLength: 1, maxLength: 12 }).map((lines) => invoice(lines));

describe("an invoice", () => {
  it("by hand: 100 minutes at 45.00 an hour, parts of 1.20, at 21 %", () => {
    // 75.00 + 1.20 = 76.20; 21 % are 16.002, so 16.00.
    expect(invoice([labour(100), part(120)])).toMatchObject({ netMinor: 7620, taxMinor: 1600, totalMinor: 9220 });
  });

  it("by hand: two rates are rounded each by itself", () => {
    // 10.07 at 21 % is 2.1147; 10.07 at 9 % is 0.9063.
    const { taxes, taxMinor } = totalsOf([part(1007, 0.21), part(1007, 0.09)]);
    expect(taxes.map((tax) => tax.taxMinor)).toEqual([211, 91]);
    expect(taxMinor).toBe(302);
  });

  it("with tax 0 says why, and keeps the rules", () => {
    const free = invoice([labour(60, 0)]);
    expect(free).toMatchObject({ taxMinor: 0, totalMinor: 4500 });
    expect(free.taxes).toMatchObject([{ category: "E", reason: "small undertaking" }]);
    expect(breaches(free)).toEqual([]);
    expect(breaches(invoice([labour(60, 0)], totalsOf([labour(60, 0)]))).map(({ rule }) => rule)).toEqual(["BR-E-10"]);
  });

  it("keeps the rules of EN 16931 whatever its lines", () => {
    fc.assert(
      fc.property(anyInvoice, (one) => {
        expect(breaches(one)).toEqual([]);
      }),
    );
  });

  it("is told what it breaks", () => {
    const good = invoice([labour(60)]);
    expect(breaches({ ...good, totalMinor: good.totalMinor + 1 }).map(({ rule }) => rule)).toEqual(["BR-CO-15"]);
    expect(breaches({ ...good, buyer: { ...BUYER, country: "" } }).map(({ rule }) => rule)).toEqual(["BR-11"]);
    const { vatId: _vatId, ...unknown } = SELLER;
    expect(breaches({ ...good, seller: unknown }).map(({ rule }) => rule)).toEqual(["BR-S-02", "BR-CO-26"]);
    expect(breaches(invoice([])).map(({ rule }) => rule)).toEqual(["BR-16", "BR-CO-18"]);
    expect(breaches({ ...good, kind: "credit" }).map(({ rule }) => rule)).toEqual(["BR-55"]);
  });

  it("goes by the rate of the day of delivery, in the middle of a month too", () => {
    const rates = [
      { from: "2026-11-16", rate: 0.22 },
      { from: "2026-01-01", rate: 0.21 },
    ];
    expect(rateOn(rates, "2026-11-15", 0.2)).toBe(0.21);
    expect(rateOn(rates, "2026-11-16", 0.2)).toBe(0.22);
    expect(rateOn(rates, "2025-12-31", 0.2)).toBe(0.2);
  });

  it("under warranty charges nothing and keeps the cost", () => {
    const lines = linesFrom(
      {
        labour: [{ step: "find", minutes: 100 }],
        parts: [{ designator: "C14", text: "100 nF", price: { minor: 120, currency: "EUR" } }],
        unpriced: [{ designator: "R19", text: "20k 10W" }],
      },
      { hourMinor: 4500, category: "S", rate: 0.21, warranty: true },
    );
    expect(lines.map(({ netMinor, costMinor }) => [netMinor, costMinor])).toEqual([
      [0, 7500],
      [0, 120],
      [0, 0],
    ]);
    expect(breaches(invoice(lines))).toEqual([]);
  });
});

describe("a credit note", () => {
  const good = invoice([labour(100), part(1007, 0.09)]);

  it("over all of it takes back every line as it was", () => {
    expect(creditLines(good, good.totalMinor)).toEqual(good.lines);
  });

  it("over a part of it comes to that sum, each rate in proportion", () => {
    fc.assert(
      fc.property(anyInvoice, fc.double({ min: 0.05, max: 0.95, noNaN: true }), (one, part) => {
        const wanted = Math.round(one.totalMinor * part);
        fc.pre(wanted >= 50);
        const total = totalsOf(creditLines(one, wanted)).totalMinor;
        // Not every sum has a net that leads to it: 21 % of a cent is no cent.
        expect(Math.abs(total - wanted)).toBeLessThanOrEqual(1);
      }),
    );
  });

  it("is held to what is left of its invoice", () => {
    expect(creditable(good, [])).toBe(good.totalMinor);
    expect(creditable(good, [{ totalMinor: 1000 }, { totalMinor: 500 }])).toBe(good.totalMinor - 1500);
  });
});

describe("as UBL", () => {
  it("says what the invoice says", () => {
    const tree = ublOf(invoice([labour(100), part(120)], { paidMinor: 2000, iban: "NL00BANK0000000000" }));
    expect(textsAt(tree, "cbc:ID")).toEqual(["17"]);
    expect(textsAt(tree, "cbc:InvoiceTypeCode")).toEqual(["380"]);
    expect(textsAt(tree, "cac:InvoiceLine/cbc:LineExtensionAmount")).toEqual(["75.00", "1.20"]);
    expect(textsAt(tree, "cac:InvoiceLine/cac:Price/cbc:BaseQuantity")).toEqual(["60"]);
    expect(textsAt(tree, "cac:TaxTotal/cbc:TaxAmount")).toEqual(["16.00"]);
    expect(textsAt(tree, "cac:LegalMonetaryTotal/cbc:PrepaidAmount")).toEqual(["20.00"]);
    expect(textsAt(tree, "cac:LegalMonetaryTotal/cbc:PayableAmount")).toEqual(["72.20"]);
  });

  it("has a tax number where the rules ask for one: the one of the local office where there is no other", () => {
    const { vatId: _vatId, ...bare } = SELLER;
    const local = invoice([part(120)], { seller: { ...bare, registration: "12/345/678" } });
    expect(breaches(local)).toEqual([]);
    const scheme = "cac:AccountingSupplierParty/cac:Party/cac:PartyTaxScheme";
    expect(textsAt(ublOf(local), `${scheme}/cbc:CompanyID`)).toEqual(["12/345/678"]);
    expect(textsAt(ublOf(local), `${scheme}/cac:TaxScheme/cbc:ID`)).toEqual(["FC"]);
  });

  it("names the invoice that a credit note takes back", () => {
    const tree = ublOf(invoice([part(120)], { kind: "credit", of: { number: "16", issued: "2026-11-01" } }));
    expect(tree.name).toBe("CreditNote");
    expect(textsAt(tree, "cbc:CreditNoteTypeCode")).toEqual(["381"]);
    expect(textsAt(tree, "cac:BillingReference/cac:InvoiceDocumentReference/cbc:ID")).toEqual(["16"]);
    expect(textsAt(tree, "cac:CreditNoteLine/cbc:CreditedQuantity")).toEqual(["1"]);
  });

  it("has its pieces in the order of the schema", () => {
    // The sequence of Invoice in UBL 2.1 (ISO/IEC 19845), as far as it is used here.
    const order = [
      "cbc:CustomizationID",
      "cbc:ID",
      "cbc:IssueDate",
      "cbc:DueDate",
      "cbc:InvoiceTypeCode",
      "cbc:Note",
      "cbc:DocumentCurrencyCode",
      "cbc:BuyerReference",
      "cac:BillingReference",
      "cac:AccountingSupplierParty",
      "cac:AccountingCustomerParty",
      "cac:Delivery",
      "cac:PaymentMeans",
      "cac:TaxTotal",
      "cac:LegalMonetaryTotal",
      "cac:InvoiceLine",
    ];
    fc.assert(
      fc.property(anyInvoice, (one) => {
        const places = (ublOf({ ...one, note: "thank you", iban: "x" }).pieces ?? []).map(({ name }) =>
          order.indexOf(name),
        );
        expect(places).toEqual([...places].sort((a, b) => a - b));
        expect(places).not.toContain(-1);
      }),
    );
  });
});
