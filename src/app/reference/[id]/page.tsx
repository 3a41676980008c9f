import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { modelName } from "@/core/model";
import { hazards } from "@/core/power";
import { TABLES } from "@/core/tables";
import { FrequencyPlan } from "@/features/frequencies/later";
import { ModelSheet } from "@/features/reference/ModelSheet";
import { database } from "@/db/client";
import { modelById, revisionsOf } from "@/db/models";
import { picturesOf } from "@/db/pictures";
import { shopAir } from "@/db/shop";
import { isId } from "@/server/ids";
import { HazardStrip } from "@/ui/HazardStrip";
import { enter } from "@/server/access/page";

export const metadata: Metadata = { title: "Model" };

type Props = { params: Promise<{ id: string }>; searchParams: Promise<{ table?: string }> };

export default async function ModelPage({ params, searchParams }: Props) {
  await enter("/reference/[id]");
  const { id } = await params;
  const asked = (await searchParams).table;
  const model = isId(id) ? await modelById(database(), id) : undefined;
  if (!model) notFound();
  return (
    <main className="flex flex-col gap-3 p-4">
      <header className="flex flex-wrap items-center gap-x-6 gap-y-2">
        <h1 className="text-2xl font-bold">
          {modelName(model)} <span className="dim font-normal">{model.year}</span>
        </h1>
        <HazardStrip hazards={hazards(model.sheet, model.year)} />
      </header>
      <ModelSheet
        model={model}
        revisions={await revisionsOf(database(), model.id)}
        pictures={await picturesOf(database(), model.id)}
        plan={<FrequencyPlan bands={model.sheet.bands ?? []} air={(await shopAir(database())).air} />}
        initial={
          [
            ...TABLES,
            "drawing" as const,
            "stages" as const,
            "plan" as const,
            "pictures" as const,
            "versions" as const,
          ].find((table) => table === asked) ?? "basics"
        }
      />
    </main>
  );
}
