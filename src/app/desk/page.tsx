import type { Metadata } from "next";
import { may } from "@/core/access";
import { database } from "@/db/client";
import { enquiries } from "@/db/enquiries";
import { modelNames } from "@/db/models";
import { shopOf } from "@/db/shop";
import { Enquiries } from "@/features/desk/Enquiries";
import { EnquiryForm } from "@/features/desk/EnquiryForm";
import { enter } from "@/server/access/page";
import { Link } from "@/ui/Link";

export const metadata: Metadata = { title: "Desk" };

export default async function DeskPage({ searchParams }: { searchParams: Promise<{ q?: string | string[] }> }) {
  const { person } = await enter("/desk");
  const { q } = await searchParams;
  const text = typeof q === "string" ? q.slice(0, 200) : "";
  const db = database();
  const [kinds, { currency }, found] = [
    await modelNames(db),
    await shopOf(db),
    await enquiries(db, text.trim() ? { text } : { state: "open" }),
  ];
  const models = kinds.map(({ id, maker, designation }) => ({ id, name: `${maker} ${designation}` }));
  return (
    <main className="p-4">
      <div className="mb-3 flex items-baseline gap-4">
        <h1 className="text-2xl font-bold">Desk</h1>
        <Link href="/desk/owners" className="link">
          Owners to write to
        </Link>
        {may(person.access, "money") ? (
          <Link href="/desk/money" className="link">
            Money: invoices and payments
          </Link>
        ) : null}
      </div>
      <div className="grid items-start gap-6 lg:grid-cols-2">
        <section aria-label="A new enquiry" className="flex flex-col gap-2">
          <h2 className="text-xl font-bold">Somebody asks</h2>
          <EnquiryForm models={models} currency={currency} />
        </section>
        <div className="flex flex-col gap-2">
          <h2 className="text-xl font-bold">{text.trim() ? "Found" : "Expected"}</h2>
          <Enquiries enquiries={found} models={models} currency={currency} asked={text} />
        </div>
      </div>
    </main>
  );
}
