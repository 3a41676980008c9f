import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { headOf } from "@/core/exchange";
import { modelName } from "@/core/model";
import { hazards } from "@/core/power";
import { OutPanel } from "@/features/exchange/OutPanel";
import { Owner } from "@/features/history/Owner";
import { SetFileView } from "@/features/history/SetFileView";
import { sealOf } from "@/db/chain";
import { database } from "@/db/client";
import { writers } from "@/db/people";
import { picturesOf } from "@/db/pictures";
import { setHead } from "@/db/sets";
import { isId } from "@/server/ids";
import { HazardStrip } from "@/ui/HazardStrip";
import { may } from "@/core/access";
import { linksOf } from "@/db/owner-links";
import { OwnersLinks } from "@/features/owner-page/Links";
import { logWithPage } from "@/server/logs";
import { enter } from "@/server/access/page";

export const metadata: Metadata = { title: "Set" };

type Props = { params: Promise<{ id: string }>; searchParams: Promise<{ tab?: string }> };

export default async function SetPage({ params, searchParams }: Props) {
  const { person } = await enter("/sets/[id]");
  const { id } = await params;
  const file = isId(id) ? await setHead(database(), id) : undefined;
  if (!file) notFound();
  const [log, people, seal, pictures, links] = await Promise.all([
    logWithPage(id),
    writers(database()),
    sealOf(database(), id),
    picturesOf(database(), file.model.id),
    linksOf(database(), id),
  ]);
  const { model, visits } = file;
  const jobs = visits.map(({ id: visitId, job }) => ({ id: visitId, job }));
  return (
    <main className="flex flex-col gap-3 p-4">
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
      <SetFileView
        setId={file.id}
        log={log}
        visits={visits}
        sheet={model.sheet}
        pictures={pictures}
        people={people}
        now={new Date().toISOString()}
        tab={(await searchParams).tab}
        out={
          <div className="flex flex-col gap-5">
            <OutPanel
              setId={file.id}
              visits={jobs}
              sealed={seal?.seq ?? 0}
              head={seal?.hash ?? headOf([])}
              mayRead={may(person.access, "set-files")}
            />
            {may(person.access, "links") ? (
              <OwnersLinks setId={file.id} visits={jobs} links={links} now={new Date().toISOString()} />
            ) : null}
          </div>
        }
      />
    </main>
  );
}
