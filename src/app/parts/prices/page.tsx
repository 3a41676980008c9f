import type { Metadata } from "next";
import { Prices } from "@/features/parts/Prices";
import { database } from "@/db/client";
import { offers } from "@/db/offers";
import { suppliers } from "@/db/orders";
import { shopOf } from "@/db/shop";
import { enter } from "@/server/access/page";
import { Link } from "@/ui/Link";

export const metadata: Metadata = { title: "Suppliers" };

export default async function PricesPage() {
  await enter("/parts/prices");
  const db = database();
  const [list, known, shop] = await Promise.all([offers(db), suppliers(db), shopOf(db)]);
  return (
    <main className="mx-auto flex w-full max-w-6xl flex-col gap-3 p-4">
      <div className="flex flex-wrap items-baseline gap-4">
        <h1 className="text-2xl font-bold">Suppliers</h1>
        <Link href="/parts/orders" className="link">
          To the orders
        </Link>
      </div>
      <Prices offers={list} known={known} currency={shop.currency} />
    </main>
  );
}
