import type { Metadata } from "next";
import { AirForm } from "@/features/frequencies/AirForm";
import { database } from "@/db/client";
import { shopAir } from "@/db/shop";
import { enter } from "@/server/access/page";

export const metadata: Metadata = { title: "Allocations" };

export default async function FrequenciesPage() {
  await enter("/reference/frequencies");
  const { air, own, version } = await shopAir(database());
  return (
    <main className="mx-auto flex w-full max-w-5xl flex-col gap-3 p-4">
      <h1 className="text-2xl font-bold">Allocations</h1>
      <AirForm air={air} own={own} version={version} />
    </main>
  );
}
