import { invoiceSchema } from "@e-invoice-eu/core";
import Ajv from "ajv/dist/2019";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { lineOf, storageLine, totalsOf, ublOf, type Invoice, type InvoiceLine, type Party, type Piece } from ".";

/**
 * The e-invoice against somebody else's schema of EN 16931 in UBL 2.1: a library's, which knows its elements and their
 * order, which of them are needed, and the lists of codes. It is used by this test alone.
 */

type Schema = { type?: string; properties?: Record<string, Schema>; items?: Schema };
const root = (invoiceSchema as unknown as Schema).properties?.["ubl:Invoice"] as Schema;
const ajv = new Ajv({ strict: false, allErrors: true });
const validate = ajv.compile(invoiceSchema as object);

/** The library writes a credit note with the names of an invoice. */
const nameOf = (name: string): string =>
  name
    .replace("cbc:CreditNoteTypeCode", "cbc:InvoiceTypeCode")
    .replace("cac:CreditNoteLine", "cac:InvoiceLine")
    .replace("cbc:CreditedQuantity", "cbc:InvoicedQuantity");

type Json = { [key: string]: string | Json | (string | Json)[] };

/** A tree as the library keeps it: texts by name, attributes behind an @, lists where the schema has lists. */
function asJson(pieces: readonly Piece[], schema: Schema | undefined, at: string): Json {
  const known = Object.keys(schema?.properties ?? {});
  const places = pieces.map(({ name }) => known.indexOf(nameOf(name)));
  expect(places, at).not.toContain(-1);
  expect(places, `the order in ${at}`).toEqual([...places].sort((a, b) => a - b));
  const json: Json = {};
  for (const { name: written, attributes = {}, text, pieces: inner } of pieces) {
    const name = nameOf(written);
    const own = schema?.properties?.[name];
    const list = own?.type === "array";
    const value = inner ? asJson(inner, list ? own.items : own, `${at}/${name}`) : (text ?? "");
    if (list) json[name] = [...((json[name] as (string | Json)[] | undefined) ?? []), value];
    else {
      expect(json[name], `${at}/${name} twice`).toBeUndefined();
      json[name] = value;
    }
    for (const [key, said] of Object.entries(attributes)) json[`${name}@${key}`] = said;
  }
  return json;
}

/** What the schema has against an invoice. */
function against(invoice: Invoice): string[] {
  const json = { "ubl:Invoice": asJson(ublOf(invoice).pieces ?? [], root, "Invoice") };
  return validate(json) ? [] : (validate.errors ?? []).map(({ instancePath, message }) => `${instancePath} ${message}`);
}

const SELLER: Party = {
  name: "Saltmarsh Wireless Repair",
  ...{ street: "Quay 4", city: "Eastholm", postcode: "4410", country: "NL", vatId: "NL000000000B00" },
};
const BUYER: Party = { name: "Marguerite Osei", street: "Rope Walk", city: "", postcode: "", country: "NL" };

const anyLine = fc
  .record({
    quantity: fc.integer({ min: 1, max: 2000 }),
    priceMinor: fc.integer({ min: 0, max: 50_000 }),
    kind: fc.constantFrom("MIN", "C62", "WEE"),
    rate: fc.constantFrom(0, 0.07, 0.09, 0.21),
  })
  .map(({ quantity, priceMinor, kind, rate }): InvoiceLine => {
    const tax = { category: rate > 0 ? ("S" as const) : ("E" as const), rate };
    if (kind === "WEE") return storageLine(quantity, priceMinor, tax);
    return lineOf({
      name: "C14 47 nF",
      quantity,
      unit: kind === "MIN" ? "MIN" : "C62",
      priceMinor,
      per: kind === "MIN" ? 60 : 1,
      ...tax,
    });
  });

const anyInvoice = fc
  .record({
    lines: fc.array(anyLine, { minLength: 1, maxLength: 6 }),
    iban: fc.option(fc.constant("NL00EAST0000000000"), { nil: undefined }),
    note: fc.option(fc.constant("Work under the warranty of job 1102."), { nil: undefined }),
    local: fc.boolean(),
    credit: fc.boolean(),
  })
  .map(({ lines, iban, note, local, credit }): Invoice => {
    const { vatId: _vatId, ...bare } = SELLER;
    return {
      kind: credit ? "credit" : "invoice",
      number: "17",
      ...(credit ? { of: { number: "16", issued: "2026-11-01" } } : {}),
      ...{ issued: "2026-11-27", delivered: "2026-11-26", due: "2026-12-11", currency: "EUR" },
      seller: local ? { ...bare, registration: "12/345/678" } : SELLER,
      buyer: BUYER,
      ...(iban ? { iban } : {}),
      ...(note ? { note } : {}),
      ...{ job: 1187, about: "Halvane 537", lines, paidMinor: 0 },
      ...totalsOf(lines, "small undertaking"),
    };
  });

describe("the e-invoice", () => {
  it("keeps to a schema that others wrote: elements, their order, what is needed, codes", () => {
    fc.assert(
      fc.property(anyInvoice, (one) => {
        expect(against(one)).toEqual([]);
      }),
    );
  });

  it("would be told what is wrong: an unknown unit, a currency that is none", () => {
    const [good] = fc.sample(anyInvoice, { numRuns: 1, seed: 3 });
    expect(against({ ...good!, currency: "XXQ" })).not.toEqual([]);
    expect(against({ ...good!, lines: [{ ...good!.lines[0]!, unit: "HOURS" as "MIN" }] })).not.toEqual([]);
    expect(against({ ...good!, seller: { ...good!.seller, country: "Holland" } })).not.toEqual([]);
  });
});
