import type { Metadata } from "next";
import { isLow } from "@/core/stock";
import { Prices } from "@/features/parts/Prices";
import { database } from "@/db/client";
import { offers } from "@/db/offers";
import { shopOf } from "@/db/shop";
import { stockItems } from "@/db/stock";
import { enter } from "@/server/access/page";

export const metadata: Metadata = { title: "Suppliers" };

export default async function PricesPage() {
  await enter("/parts/prices");
  const db = database();
  const [list, items, shop] = await Promise.all([offers(db), stockItems(db), shopOf(db)]);
  return (
    <main className="mx-auto flex w-full max-w-6xl flex-col gap-3 p-4">
      <h1 className="text-2xl font-bold">Suppliers</h1>
      <Prices offers={list} low={items.filter(isLow)} currency={shop.currency} />
    </main>
  );
}
