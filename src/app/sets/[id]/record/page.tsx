import type { Metadata } from "next";
import { Link } from "@/ui/Link";
import { notFound } from "next/navigation";
import { settle } from "@/core/kinds";
import { timeline } from "@/core/history";
import { PrintButton } from "@/ui/PrintButton";
import { ServiceRecord } from "@/features/history/ServiceRecord";
import { database } from "@/db/client";
import { setFile } from "@/db/sets";
import { shopOf } from "@/db/shop";
import { isId } from "@/server/ids";
import { enter } from "@/server/access/page";

export const metadata: Metadata = { title: "Service record" };

type Props = { params: Promise<{ id: string }>; searchParams: Promise<{ visit?: string }> };

export default async function RecordPage({ params, searchParams }: Props) {
  await enter("/sets/[id]/record");
  const { id } = await params;
  const asked = (await searchParams).visit;
  const file = isId(id) ? await setFile(database(), id) : undefined;
  if (!file) notFound();
  const shop = await shopOf(database());
  const { settled } = settle(file.entries);
  const visits = timeline(settled, file.visits);
  const visit = visits.find((one) => one.id === asked) ?? visits.at(-1);
  if (!visit) notFound();
  return (
    <main className="bg-base-200 p-4 print:bg-white print:p-0">
      <div className="no-print mx-auto mb-3 flex max-w-4xl gap-2">
        <PrintButton />
        <Link href={`/sets/${id}`} className="btn btn-outline h-11">
          The set&rsquo;s file
        </Link>
        {visit.closedAt ? null : (
          <Link href={`/bench/${visit.job}`} className="btn btn-outline h-11">
            Back to the bench
          </Link>
        )}
      </div>
      <ServiceRecord
        record={file}
        visit={visit}
        settled={settled}
        now={new Date().toISOString()}
        shop={shop.name || undefined}
      />
    </main>
  );
}
