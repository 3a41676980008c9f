import type { Metadata } from "next";
import { TubeTable } from "@/features/tubes/TubeTable";
import { enter } from "@/server/access/page";

export const metadata: Metadata = { title: "Tube table" };

type Props = { searchParams: Promise<{ type?: string }> };

export default async function TubesPage({ searchParams }: Props) {
  await enter("/reference/tubes");
  return (
    <main className="flex flex-col gap-3 p-4">
      <h1 className="text-2xl font-bold">Tube table</h1>
      <TubeTable initial={(await searchParams).type ?? ""} />
    </main>
  );
}
