import Papa from "papaparse";
import { guard } from "@/core/tables";
import { database } from "@/db/client";
import { invoicesIn, paymentsIn } from "@/db/invoices";
import { refuse } from "@/server/request";
import { route } from "@/server/route";

const sum = (minor: number): string => (minor / 100).toFixed(2);

/** A month for the bookkeeper: what was written and what was paid, a row for each rate and each payment. */
export const GET = route("GET /api/money", async (request) => {
  const month = new URL(request.url).searchParams.get("month") ?? "";
  if (!/^20\d\d-(0[1-9]|1[0-2])$/.test(month)) return refuse(400, "Say the month, like 2026-11.");
  const [written, paid] = [await invoicesIn(database(), month), await paymentsIn(database(), month)];
  const head = [
    "date",
    "kind",
    "number",
    "takes back",
    "job",
    "who",
    "before tax",
    "rate %",
    "tax",
    "total",
    "currency",
    "how",
  ];
  const rows = written.flatMap(({ doc, kind, job }) => {
    const sign = kind === "credit" ? -1 : 1;
    return doc.taxes.map((tax) => [
      doc.issued,
      kind,
      doc.number,
      doc.of?.number ?? "",
      String(job),
      doc.buyer.name,
      sum(sign * tax.netMinor),
      String(Number((tax.rate * 100).toFixed(4))),
      sum(sign * tax.taxMinor),
      sum(sign * (tax.netMinor + tax.taxMinor)),
      doc.currency,
      "",
    ]);
  });
  const payments = paid.map(({ paidOn, job, minor, currency, how }) => [
    paidOn,
    "payment",
    "",
    "",
    String(job),
    "",
    "",
    "",
    "",
    sum(minor),
    currency,
    how,
  ]);
  // Sums are numbers and begin with a minus where they have to; words are kept from becoming formulas.
  const cells = [head, ...rows, ...payments].map((row) =>
    row.map((cell) => (/^-?\d+(\.\d+)?$/.test(cell) ? cell : guard(cell))),
  );
  return new Response(`\ufeff${Papa.unparse(cells, { newline: "\r\n" })}\r\n`, {
    headers: {
      "content-type": "text/csv; charset=utf-8",
      "content-disposition": `attachment; filename="money-${month}.csv"`,
    },
  });
});
