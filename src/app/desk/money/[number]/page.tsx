import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { database } from "@/db/client";
import { invoiceByNumber, invoicesOf, paymentsOf } from "@/db/invoices";
import { shopTerms } from "@/db/shop";
import { CreditForm } from "@/features/money/CreditForm";
import { InvoicePaper } from "@/features/money/InvoicePaper";
import { PaymentForm } from "@/features/money/PaymentForm";
import { standingOf } from "@/features/money/standing";
import { formatMoney } from "@/core/quantity";
import { enter } from "@/server/access/page";
import { Link } from "@/ui/Link";
import { dayWords } from "@/ui/plan/words";

export const metadata: Metadata = { title: "Invoice" };

export default async function InvoicePage({ params }: { params: Promise<{ number: string }> }) {
  await enter("/desk/money/[number]");
  const { number } = await params;
  const db = database();
  const row = /^\d{1,9}$/.test(number) ? await invoiceByNumber(db, Number(number)) : undefined;
  if (!row) notFound();
  const [all, payments, { terms }] = [
    await invoicesOf(db, [row.visitId]),
    await paymentsOf(db, [row.visitId]),
    await shopTerms(db),
  ];
  const { doc } = row;
  const money = (minor: number) => formatMoney({ minor, currency: doc.currency });
  const standing = standingOf(row, all, payments, new Date().toISOString().slice(0, 10));
  const credits = all.filter(({ ofId }) => ofId === row.id);
  const left = doc.totalMinor - standing.takenBack;
  return (
    <main className="mx-auto flex w-full max-w-5xl flex-col gap-4 p-4">
      <div className="flex flex-wrap items-baseline gap-4">
        <h1 className="text-2xl font-bold">
          {row.kind === "credit" ? "Credit note" : "Invoice"} {row.number}
        </h1>
        <Link href={`/bench/${row.job}`} className="link">
          Job {row.job}, {doc.about}
        </Link>
        <Link href="/desk/money" className="link ml-auto">
          All invoices
        </Link>
      </div>
      <div className="flex flex-wrap gap-2">
        <a href={`/api/invoices/${row.number}/pdf`} target="_blank" rel="noreferrer" className="btn btn-primary h-11">
          Open as PDF
        </a>
        <a href={`/api/invoices/${row.number}/xml`} download className="btn btn-outline h-11">
          As e-invoice (UBL, XML)
        </a>
      </div>
      <InvoicePaper doc={doc} taxName={terms.taxName} />
      {row.kind === "invoice" ? (
        <>
          <p role="status" className="text-lg">
            {doc.totalMinor === 0 ? (
              "Nothing is to be paid."
            ) : standing.left === 0 ? (
              <strong>{standing.takenBack === doc.totalMinor ? "Taken back." : "Paid."}</strong>
            ) : (
              <>
                <strong>{money(standing.left)}</strong> to be paid{standing.overdue ? ", and overdue" : ""}.
              </>
            )}
            {credits.length > 0 ? (
              <>
                {" "}
                Taken back: {money(standing.takenBack)} by{" "}
                {credits.map((one) => (
                  <Link key={one.id} href={`/desk/money/${one.number}`} className="link mr-2">
                    credit note {one.number}
                  </Link>
                ))}
              </>
            ) : null}
          </p>
          <h2 className="text-xl font-bold">Payments</h2>
          {payments.length === 0 ? <p className="dim">None yet.</p> : null}
          <ul>
            {payments.map((one) => (
              <li key={one.id}>
                {dayWords(one.paidOn)} {one.paidOn.slice(0, 4)}: <span className="font-mono">{money(one.minor)}</span>,{" "}
                {one.how}
                {one.minor < 0 ? ", paid back" : ""}
                {one.note ? `, ${one.note}` : ""} <span className="dim">({one.by})</span>
              </li>
            ))}
          </ul>
          <PaymentForm key={standing.left} visitId={row.visitId} currency={doc.currency} left={standing.left} />
          {left > 0 ? (
            <>
              <h2 className="text-xl font-bold">Take it back</h2>
              <p className="dim">
                An invoice is never changed. What is wrong with it is taken back by a credit note, in whole or in part.
              </p>
              <CreditForm number={row.number} currency={doc.currency} left={left} />
            </>
          ) : null}
        </>
      ) : null}
    </main>
  );
}
