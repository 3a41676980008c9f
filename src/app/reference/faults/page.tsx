import type { Metadata } from "next";
import { FiguresForm } from "@/features/diagnosis/FiguresForm";
import { database } from "@/db/client";
import { foundFaults } from "@/db/findings";
import { faultFigures } from "@/db/shop";
import { enter } from "@/server/access/page";

export const metadata: Metadata = { title: "Faults" };

type Props = { searchParams: Promise<{ find?: string }> };

export default async function FaultsPage({ searchParams }: Props) {
  await enter("/reference/faults");
  const { find } = await searchParams;
  const db = database();
  const [{ figures, version }, found] = await Promise.all([faultFigures(db), foundFaults(db)]);
  return (
    <main className="mx-auto flex w-full max-w-6xl flex-col gap-3 p-4">
      <h1 className="text-2xl font-bold">Faults</h1>
      <FiguresForm figures={figures} version={version} found={found} find={find} />
    </main>
  );
}
