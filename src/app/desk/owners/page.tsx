import type { Metadata } from "next";
import { may } from "@/core/access";
import { storageFee } from "@/core/letters";
import { formatMoney } from "@/core/quantity";
import { database } from "@/db/client";
import { servicesDue, uncollected } from "@/db/owners-wait";
import { shopBilling, shopOf } from "@/db/shop";
import { InvoiceButton } from "@/features/money/InvoiceButton";
import { enter } from "@/server/access/page";
import { Link } from "@/ui/Link";
import { dayWords } from "@/ui/plan/days";

export const metadata: Metadata = { title: "Owners to write to" };

export default async function OwnersPage() {
  const { person } = await enter("/desk/owners");
  const db = database();
  const now = new Date().toISOString();
  const [waiting, due, { billing }, { currency }] = [
    await uncollected(db),
    await servicesDue(db, now),
    await shopBilling(db),
    await shopOf(db),
  ];
  return (
    <main className="mx-auto flex w-full max-w-5xl flex-col gap-4 p-4">
      <div className="flex flex-wrap items-baseline gap-4">
        <h1 className="text-2xl font-bold">Owners to write to</h1>
        <Link href="/desk" className="link">
          To the desk
        </Link>
      </div>
      <h2 className="text-xl font-bold">Told, and not collected</h2>
      {waiting.length === 0 ? (
        <p className="dim">
          Every set whose owner was told is collected. Tell an owner at Hand back, Told and collected.
        </p>
      ) : (
        <ul className="flex flex-col gap-2">
          {waiting.map((one) => {
            const { weeks, minor } = storageFee(one.toldAt, now, billing);
            const late = weeks >= billing.storageWeeks;
            return (
              <li key={one.visitId} className={`rounded-box border p-3 ${late ? "border-warning" : "border-base-300"}`}>
                <span className="font-mono font-bold">{one.job}</span> <strong>{one.set}</strong>, {one.owner}
                {one.contact ? `, ${one.contact}` : ""}. Told {dayWords(one.toldAt.slice(0, 10))}, {weeks}{" "}
                {weeks === 1 ? "week" : "weeks"} ago
                {minor > 0 ? `; storage so far ${formatMoney({ minor, currency })}` : ""}.{" "}
                <Link href={`/bench/${one.job}?step=hand-back&tab=ready`} className="link">
                  {late ? "Write the reminder" : "Collected, or told again"}
                </Link>
                {minor > 0 && may(person.access, "money") ? (
                  <span className="block pt-2">
                    <InvoiceButton visitId={one.visitId} job={one.job} of="storage" />
                  </span>
                ) : null}
              </li>
            );
          })}
        </ul>
      )}
      <h2 className="text-xl font-bold">A service is due</h2>
      {due.length === 0 ? (
        <p className="dim">No service falls due within a month.</p>
      ) : (
        <ul className="flex flex-col gap-2">
          {due.map((one) => (
            <li key={one.key} className="rounded-box border border-base-300 p-3">
              <strong>{one.title.replace("Service due: ", "")}</strong>, due {dayWords(one.date)} {one.date.slice(0, 4)}
              . {one.text}{" "}
              <Link href={`/sets/${one.key.replace("service-", "")}`} className="link">
                The set’s file
              </Link>
            </li>
          ))}
        </ul>
      )}
    </main>
  );
}
