import type { Invoice, Party } from "./invoice";

/**
 * A piece of XML: its name, its attributes, and its text or its pieces. The order of pieces is that of the schema of
 * UBL 2.1 (ISO/IEC 19845).
 */
export type Piece = { name: string; attributes?: Record<string, string>; text?: string; pieces?: Piece[] };

const amount = (minor: number): string => {
  const whole = Math.abs(minor);
  return `${minor < 0 ? "-" : ""}${Math.floor(whole / 100)}.${String(whole % 100).padStart(2, "0")}`;
};
const percent = (rate: number): string => String(Number((rate * 100).toFixed(4)));

const text = (name: string, value: string, attributes?: Record<string, string>): Piece => ({
  name,
  text: value,
  ...(attributes ? { attributes } : {}),
});
const of = (name: string, ...pieces: (Piece | undefined)[]): Piece => ({
  name,
  pieces: pieces.filter((piece) => piece !== undefined),
});

/** A scheme other than VAT: a number of the local tax office (BT-32). */
const LOCAL_TAX = "FC";

const taxNumber = (id: string, scheme: string): Piece =>
  of("cac:PartyTaxScheme", text("cbc:CompanyID", id), of("cac:TaxScheme", text("cbc:ID", scheme)));

function party(name: string, { name: called, street, city, postcode, country, vatId, registration }: Party): Piece {
  return of(
    name,
    of(
      "cac:Party",
      of("cac:PartyName", text("cbc:Name", called)),
      of(
        "cac:PostalAddress",
        street ? text("cbc:StreetName", street) : undefined,
        city ? text("cbc:CityName", city) : undefined,
        postcode ? text("cbc:PostalZone", postcode) : undefined,
        of("cac:Country", text("cbc:IdentificationCode", country)),
      ),
      vatId ? taxNumber(vatId, "VAT") : registration ? taxNumber(registration, LOCAL_TAX) : undefined,
      of(
        "cac:PartyLegalEntity",
        text("cbc:RegistrationName", called),
        registration ? text("cbc:CompanyID", registration) : undefined,
      ),
    ),
  );
}

const scheme = of("cac:TaxScheme", text("cbc:ID", "VAT"));

/** The specification that the document keeps to: the core of EN 16931, without anything added. */
export const CUSTOMIZATION = "urn:cen.eu:en16931:2017";

/** Kinds of documents (UNTDID 1001): a commercial invoice, a credit note. */
const CODES = { invoice: "380", credit: "381" } as const;

/** An invoice or credit note as UBL 2.1, by the syntax binding of EN 16931-3-2. */
export function ublOf(invoice: Invoice): Piece {
  const credit = invoice.kind === "credit";
  const currency = { currencyID: invoice.currency };
  const money = (name: string, minor: number) => text(name, amount(minor), currency);
  const root = credit ? "CreditNote" : "Invoice";
  const line = credit ? "cac:CreditNoteLine" : "cac:InvoiceLine";
  const quantity = credit ? "cbc:CreditedQuantity" : "cbc:InvoicedQuantity";
  return {
    name: root,
    attributes: {
      xmlns: `urn:oasis:names:specification:ubl:schema:xsd:${root}-2`,
      "xmlns:cac": "urn:oasis:names:specification:ubl:schema:xsd:CommonAggregateComponents-2",
      "xmlns:cbc": "urn:oasis:names:specification:ubl:schema:xsd:CommonBasicComponents-2",
    },
    pieces: [
      text("cbc:CustomizationID", CUSTOMIZATION),
      text("cbc:ID", invoice.number),
      text("cbc:IssueDate", invoice.issued),
      ...(credit ? [] : [text("cbc:DueDate", invoice.due)]),
      text(credit ? "cbc:CreditNoteTypeCode" : "cbc:InvoiceTypeCode", CODES[invoice.kind]),
      ...(invoice.note ? [text("cbc:Note", invoice.note)] : []),
      text("cbc:DocumentCurrencyCode", invoice.currency),
      text("cbc:BuyerReference", `job ${invoice.job}`),
      ...(invoice.of
        ? [
            of(
              "cac:BillingReference",
              of(
                "cac:InvoiceDocumentReference",
                text("cbc:ID", invoice.of.number),
                text("cbc:IssueDate", invoice.of.issued),
              ),
            ),
          ]
        : []),
      party("cac:AccountingSupplierParty", invoice.seller),
      party("cac:AccountingCustomerParty", invoice.buyer),
      of("cac:Delivery", text("cbc:ActualDeliveryDate", invoice.delivered)),
      ...(invoice.iban
        ? [
            of(
              "cac:PaymentMeans",
              // A credit transfer (UNTDID 4461).
              text("cbc:PaymentMeansCode", "30"),
              text("cbc:PaymentID", invoice.number),
              of("cac:PayeeFinancialAccount", text("cbc:ID", invoice.iban)),
            ),
          ]
        : []),
      of(
        "cac:TaxTotal",
        money("cbc:TaxAmount", invoice.taxMinor),
        ...invoice.taxes.map((tax) =>
          of(
            "cac:TaxSubtotal",
            money("cbc:TaxableAmount", tax.netMinor),
            money("cbc:TaxAmount", tax.taxMinor),
            of(
              "cac:TaxCategory",
              text("cbc:ID", tax.category),
              tax.category === "O" ? undefined : text("cbc:Percent", percent(tax.rate)),
              tax.reason ? text("cbc:TaxExemptionReason", tax.reason) : undefined,
              scheme,
            ),
          ),
        ),
      ),
      of(
        "cac:LegalMonetaryTotal",
        money("cbc:LineExtensionAmount", invoice.netMinor),
        money("cbc:TaxExclusiveAmount", invoice.netMinor),
        money("cbc:TaxInclusiveAmount", invoice.totalMinor),
        invoice.paidMinor > 0 ? money("cbc:PrepaidAmount", invoice.paidMinor) : undefined,
        money("cbc:PayableAmount", invoice.totalMinor - invoice.paidMinor),
      ),
      ...invoice.lines.map((one, index) =>
        of(
          line,
          text("cbc:ID", String(index + 1)),
          text(quantity, String(one.quantity), { unitCode: one.unit }),
          money("cbc:LineExtensionAmount", one.netMinor),
          of(
            "cac:Item",
            text("cbc:Name", one.name),
            of(
              "cac:ClassifiedTaxCategory",
              text("cbc:ID", one.category),
              one.category === "O" ? undefined : text("cbc:Percent", percent(one.rate)),
              scheme,
            ),
          ),
          of(
            "cac:Price",
            money("cbc:PriceAmount", one.priceMinor),
            one.per === 1 ? undefined : text("cbc:BaseQuantity", String(one.per), { unitCode: one.unit }),
          ),
        ),
      ),
    ],
  };
}
