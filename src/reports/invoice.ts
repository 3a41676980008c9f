import type { Content, TDocumentDefinitions } from "pdfmake/interfaces";
import { UNITS, type Invoice, type InvoiceLine, type Party } from "@/core/invoice";
import { printMinutes } from "@/core/kinds";
import { format, formatMoney } from "@/core/quantity";
import { BASE } from "./base";
import { printDay } from "./facts";
import { facts, para, table } from "./pieces";

const address = ({ name, street, postcode, city }: Party): Content[] => [
  { text: name, bold: true },
  ...[street, `${postcode} ${city}`.trim()].filter(Boolean).map((text): Content => ({ text })),
];

const amount = ({ quantity, unit }: InvoiceLine): string =>
  unit === "MIN" ? printMinutes(quantity) : `${quantity} ${UNITS[unit]}`;

/** An invoice or a credit note as a page. */
export function invoiceDocument(invoice: Invoice, taxName: string): TDocumentDefinitions {
  const { kind, number, seller, buyer, currency, lines, taxes } = invoice;
  const title = kind === "credit" ? `Credit note ${number}` : `Invoice ${number}`;
  const money = (minor: number) => formatMoney({ minor, currency });
  const sum = (name: string, minor: number): string[] => [name, money(minor)];
  return {
    ...BASE,
    pageSize: "A4",
    pageMargins: [40, 44, 40, 48],
    info: { title, author: seller.name, creationDate: new Date(`${invoice.issued}T12:00:00Z`) },
    content: [
      {
        columns: [
          { width: "*", stack: address(seller) },
          { width: 200, stack: [{ text: "To", style: "dim" }, ...address(buyer)] },
        ],
        margin: [0, 0, 0, 24],
      },
      { text: title, style: "title" },
      facts([
        ["Date", printDay(invoice.issued)],
        ["Handed over", printDay(invoice.delivered)],
        ["Takes back", invoice.of ? `invoice ${invoice.of.number} of ${printDay(invoice.of.issued)}` : undefined],
        ["Job", `${invoice.job}, ${invoice.about}`],
        ["To be paid by", kind === "credit" || invoice.totalMinor === 0 ? undefined : printDay(invoice.due)],
      ]),
      table(
        [
          { title: "What", width: "*" },
          { title: "How much", width: 80, right: true },
          { title: "Each, before tax", width: 90, right: true },
          { title: taxName, width: 50, right: true },
          { title: currency, width: 80, right: true },
        ],
        lines.map((line) => [
          line.name,
          amount(line),
          `${money(line.priceMinor)}${line.unit === "MIN" ? " an hour" : ""}`,
          format(line.rate, "percent"),
          money(line.netMinor),
        ]),
      ) ?? "",
      {
        columns: [
          { width: "*", text: "" },
          {
            width: 260,
            stack: [
              table(
                [
                  { title: "", width: "*" },
                  { title: "", width: 100, right: true },
                ],
                [
                  sum("Before tax", invoice.netMinor),
                  ...taxes.map((tax) =>
                    sum(`${taxName} ${format(tax.rate, "percent")} of ${money(tax.netMinor)}`, tax.taxMinor),
                  ),
                  sum("Total", invoice.totalMinor),
                  ...(invoice.paidMinor > 0 ? [sum("Paid already", -invoice.paidMinor)] : []),
                  ...(invoice.paidMinor > 0 ? [sum("Left to pay", invoice.totalMinor - invoice.paidMinor)] : []),
                ],
              ) ?? "",
            ],
          },
        ],
      },
      ...taxes.flatMap(({ reason }) => (reason ? [para(`No ${taxName}: ${reason}.`)] : [])),
      ...(invoice.note ? [para(invoice.note)] : []),
      ...(invoice.iban && kind === "invoice" && invoice.totalMinor > invoice.paidMinor
        ? [para(`Please pay to ${invoice.iban}, naming invoice ${number}.`)]
        : []),
      para(
        [seller.vatId && `${taxName} number ${seller.vatId}`, seller.registration].filter(Boolean).join(" · "),
        "dim",
      ),
    ],
  };
}
