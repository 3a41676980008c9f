import type { Metadata } from "next";
import { Meters } from "@/features/shop/Meters";
import { TermsForm } from "@/features/shop/TermsForm";
import { ShopForm } from "@/features/shop/ShopForm";
import { database } from "@/db/client";
import { meters, shopOf, shopTerms } from "@/db/shop";

export const metadata: Metadata = { title: "Shop" };

export default async function ShopPage() {
  const db = database();
  const [shop, owned, terms] = await Promise.all([shopOf(db), meters(db), shopTerms(db)]);
  return (
    <main className="mx-auto flex w-full max-w-6xl flex-col gap-4 p-4">
      <h1 className="text-2xl font-bold">Shop</h1>
      <ShopForm shop={shop} />
      <h2 className="text-xl font-bold">What it works by</h2>
      <TermsForm terms={terms.terms} version={terms.version} currency={shop.currency} />
      <h2 className="text-xl font-bold">Meters</h2>
      <Meters meters={owned} today={new Date().toISOString()} />
    </main>
  );
}
