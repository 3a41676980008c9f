import type { Metadata } from "next";
import { may } from "@/core/access";
import { missingOf } from "@/core/invoice";
import { formatMoney } from "@/core/quantity";
import { database } from "@/db/client";
import { invoicesIn, invoicesOf, notInvoiced, paymentsOf } from "@/db/invoices";
import { shopBilling, shopOf } from "@/db/shop";
import { BillingForm } from "@/features/money/BillingForm";
import { InvoiceButton } from "@/features/money/InvoiceButton";
import { standingOf } from "@/features/money/standing";
import { enter } from "@/server/access/page";
import { Link } from "@/ui/Link";
import { dayWords } from "@/ui/plan/words";

export const metadata: Metadata = { title: "Money" };

export default async function MoneyPage({ searchParams }: { searchParams: Promise<{ month?: string | string[] }> }) {
  const { person } = await enter("/desk/money");
  const { month } = await searchParams;
  const wanted = typeof month === "string" && /^20\d\d-(0[1-9]|1[0-2])$/.test(month) ? month : undefined;
  const db = database();
  const [rows, shop, { billing, version }, open] = [
    await invoicesIn(db, wanted),
    await shopOf(db),
    await shopBilling(db),
    await notInvoiced(db, new Date().toISOString()),
  ];
  const visits = [...new Set(rows.map(({ visitId }) => visitId))];
  const [all, payments] = [await invoicesOf(db, visits), await paymentsOf(db, visits)];
  const today = new Date().toISOString().slice(0, 10);
  const missing = [...(shop.name ? [] : ["name"]), ...missingOf(billing)];
  const signed = (row: (typeof rows)[number]) => (row.kind === "credit" ? -row.doc.totalMinor : row.doc.totalMinor);
  return (
    <main className="mx-auto flex w-full max-w-6xl flex-col gap-4 p-4">
      <div className="flex flex-wrap items-baseline gap-4">
        <h1 className="text-2xl font-bold">Money</h1>
        <Link href="/desk" className="link">
          To the desk
        </Link>
        <Link href="/desk/money/figures" className="link">
          Figures: hours, margin, age of the work
        </Link>
      </div>
      {missing.length > 0 ? (
        <p role="status" className="rounded-box border border-warning p-2.5">
          Before an invoice can be written, fill in below: the shop’s {missing.join(", ")}.
        </p>
      ) : null}
      {open.length > 0 ? (
        <section aria-label="Handed back without an invoice">
          <h2 className="text-xl font-bold">Handed back without an invoice</h2>
          <ul className="flex flex-col gap-1">
            {open.map((one) => (
              <li key={one.visitId} className="flex flex-wrap items-center gap-3">
                <span>
                  <strong className="font-mono">{one.job}</strong> {one.set}, {one.owner}, handed back{" "}
                  {dayWords(one.closedAt.slice(0, 10))}
                </span>
                <InvoiceButton visitId={one.visitId} job={one.job} />
              </li>
            ))}
          </ul>
        </section>
      ) : null}
      <form className="flex flex-wrap items-end gap-3">
        <label className="flex flex-col gap-1 font-semibold">
          Month
          <input type="month" name="month" defaultValue={wanted ?? ""} className="input h-11 w-48" />
        </label>
        <button className="btn h-11">Show</button>
        {wanted ? (
          <a href={`/api/money?month=${wanted}`} download className="btn btn-outline h-11">
            This month for the bookkeeper (CSV)
          </a>
        ) : (
          <span className="dim">The last hundred; choose a month for its sums and its list for the bookkeeper.</span>
        )}
      </form>
      {rows.length === 0 ? (
        <p className="dim">
          {wanted
            ? "Nothing was written in this month."
            : "No invoice yet. One is written from the Price of a job that was handed back."}
        </p>
      ) : (
        <table className="table">
          <thead>
            <tr className="text-base text-base-content">
              <th scope="col">Number</th>
              <th scope="col">Written</th>
              <th scope="col">To</th>
              <th scope="col">Job</th>
              <th scope="col" className="text-right">
                Total
              </th>
              <th scope="col" className="text-right">
                To be paid
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => {
              const mine = all.filter(({ visitId }) => visitId === row.visitId);
              const standing = standingOf(
                row,
                mine,
                payments.filter(({ visitId }) => visitId === row.visitId),
                today,
              );
              return (
                <tr key={row.id} className="text-base">
                  <th scope="row" className="py-1">
                    <Link href={`/desk/money/${row.number}`} className="inline-flex min-h-10 items-center link">
                      {row.kind === "credit" ? "Credit note" : "Invoice"} {row.number}
                    </Link>
                  </th>
                  <td className="py-1 whitespace-nowrap">
                    {dayWords(row.doc.issued)} {row.doc.issued.slice(0, 4)}
                  </td>
                  <td className="py-1">{row.doc.buyer.name}</td>
                  <td className="py-1 font-mono">{row.job}</td>
                  <td className="py-1 text-right font-mono whitespace-nowrap">
                    {formatMoney({ minor: signed(row), currency: row.doc.currency })}
                  </td>
                  <td
                    className={`py-1 text-right font-mono whitespace-nowrap ${standing.overdue ? "font-bold text-warning" : ""}`}
                  >
                    {row.kind === "credit"
                      ? ""
                      : standing.left > 0
                        ? `${formatMoney({ minor: standing.left, currency: row.doc.currency })}${standing.overdue ? ", overdue" : ""}`
                        : row.doc.totalMinor === 0
                          ? "nothing"
                          : "paid"}
                  </td>
                </tr>
              );
            })}
            {wanted ? (
              <tr className="text-base font-bold">
                <th scope="row" colSpan={4}>
                  All of the month, credit notes taken off
                </th>
                <td className="text-right font-mono whitespace-nowrap">
                  {formatMoney({ minor: rows.reduce((sum, row) => sum + signed(row), 0), currency: shop.currency })}
                </td>
                <td />
              </tr>
            ) : null}
          </tbody>
        </table>
      )}
      {may(person.access, "shop") ? (
        <>
          <h2 className="text-xl font-bold">What invoices say of the shop</h2>
          <BillingForm billing={billing} version={version} currency={shop.currency} />
        </>
      ) : null}
    </main>
  );
}
