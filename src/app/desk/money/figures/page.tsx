import type { Metadata } from "next";
import { database } from "@/db/client";
import { MARGIN_DAYS, moneyFigures } from "@/db/figures";
import { shopOf } from "@/db/shop";
import { Figures } from "@/features/money/Figures";
import { enter } from "@/server/access/page";
import { Link } from "@/ui/Link";

export const metadata: Metadata = { title: "Figures" };

export default async function FiguresPage() {
  await enter("/desk/money/figures");
  const db = database();
  const { currency } = await shopOf(db);
  const figures = await moneyFigures(db, currency, new Date().toISOString());
  return (
    <main className="mx-auto flex w-full max-w-6xl flex-col gap-4 p-4">
      <div className="flex flex-wrap items-baseline gap-4">
        <h1 className="text-2xl font-bold">Figures</h1>
        <Link href="/desk/money" className="link">
          To the invoices
        </Link>
      </div>
      <Figures {...figures} currency={currency} days={MARGIN_DAYS} />
    </main>
  );
}
