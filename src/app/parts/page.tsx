import type { Metadata } from "next";
import { StockList } from "@/features/parts/StockList";
import { database } from "@/db/client";
import { stockItems } from "@/db/stock";

export const metadata: Metadata = { title: "Parts" };

export default async function PartsPage() {
  const items = await stockItems(database());
  return (
    <main className="flex flex-col gap-3 p-4">
      <StockList items={items} />
    </main>
  );
}
