import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { settle, timeline } from "@/core/history";
import { modelName } from "@/core/model";
import { hazards } from "@/core/power";
import { AsBuilt } from "@/features/history/AsBuilt";
import { Owner } from "@/features/history/Owner";
import { Timeline } from "@/features/history/Timeline";
import { database } from "@/db/client";
import { setFile } from "@/db/sets";
import { isId } from "@/server/ids";
import { HazardStrip } from "@/ui/HazardStrip";

export const metadata: Metadata = { title: "Set" };

export default async function SetPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const file = isId(id) ? await setFile(database(), id) : undefined;
  if (!file) notFound();
  const { settled } = settle(file.entries);
  const { model } = file;
  return (
    <main className="flex flex-col gap-4 p-4">
      <header className="flex flex-wrap items-start gap-x-6 gap-y-2">
        <div className="min-w-72 flex-1">
          <h1 className="text-2xl font-bold">{modelName(model)}</h1>
          <p className="dim">
            {[model.year, model.sheet.kind].filter(Boolean).join(" · ")} ·{" "}
            <span className="font-mono">No. {file.serial || "unknown"}</span>
          </p>
          <Owner customer={file.owner} />
        </div>
        <HazardStrip hazards={hazards(model.sheet, model.year)} />
      </header>
      <div className="grid items-start gap-5 xl:grid-cols-[minmax(0,1.45fr)_minmax(0,1fr)]">
        <AsBuilt settled={settled} visits={file.visits} sheet={model.sheet} now={new Date().toISOString()} />
        <Timeline visits={timeline(settled, file.visits)} setId={file.id} />
      </div>
    </main>
  );
}
