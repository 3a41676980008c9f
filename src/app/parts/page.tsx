import type { Metadata } from "next";
import { StockList } from "@/features/parts/StockList";
import { database } from "@/db/client";
import { shopOf } from "@/db/shop";
import { stockItems } from "@/db/stock";
import { enter } from "@/server/access/page";

export const metadata: Metadata = { title: "Parts" };

export default async function PartsPage() {
  await enter("/parts");
  const db = database();
  const [items, { currency }] = await Promise.all([stockItems(db), shopOf(db)]);
  return (
    <main className="flex flex-col gap-3 p-4">
      <StockList items={items} currency={currency} />
    </main>
  );
}
