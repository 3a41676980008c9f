import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { modelName } from "@/core/model";
import { hazards } from "@/core/power";
import { Basics } from "@/features/reference/Basics";
import { SheetTables } from "@/features/reference/SheetTables";
import { database } from "@/db/client";
import { modelById } from "@/db/models";
import { isId } from "@/server/ids";
import { HazardStrip } from "@/ui/HazardStrip";

export const metadata: Metadata = { title: "Model" };

export default async function ModelPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const model = isId(id) ? await modelById(database(), id) : undefined;
  if (!model) notFound();
  return (
    <main className="flex flex-col gap-4 p-4">
      <header className="flex flex-wrap items-center gap-x-6 gap-y-2">
        <h1 className="text-2xl font-bold">
          {modelName(model)} <span className="dim font-normal">{model.year}</span>
        </h1>
        <HazardStrip hazards={hazards(model.sheet, model.year)} />
      </header>
      <Basics model={model} />
      <SheetTables model={model} />
    </main>
  );
}
