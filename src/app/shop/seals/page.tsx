import type { Metadata } from "next";
import { database } from "@/db/client";
import { shopOf } from "@/db/shop";
import { sealList } from "@/db/verify";
import { CompareSeal } from "@/features/shop/CompareSeal";
import { SealSheet } from "@/features/shop/SealSheet";
import { Link } from "@/ui/Link";
import { PrintButton } from "@/ui/PrintButton";
import { enter } from "@/server/access/page";

export const metadata: Metadata = { title: "Seals" };

/** The seals of all logbooks on paper, and the way back: a line of an old sheet is held against the logbook of today. */
export default async function SealsPage() {
  await enter("/shop/seals");
  const db = database();
  const [list, shop] = await Promise.all([sealList(db, new Date().toISOString()), shopOf(db)]);
  return (
    <main className="bg-base-200 p-4 print:bg-white print:p-0">
      <div className="no-print mx-auto mb-4 flex max-w-4xl flex-col gap-4">
        <div className="flex gap-2">
          <PrintButton />
          <a href="/api/seals" download className="btn btn-outline h-11">
            The same list as a file
          </a>
          <Link href="/shop" className="btn btn-outline h-11">
            Back to the shop
          </Link>
        </div>
        {list.heads.length > 0 ? <CompareSeal sets={list.heads.map(({ setId, name }) => ({ setId, name }))} /> : null}
      </div>
      <SealSheet list={list} shop={shop.name} />
    </main>
  );
}
