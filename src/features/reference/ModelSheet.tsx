"use client";

import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import { sectionTrouble, type Model } from "@/core/model";
import { rowsOf, TABLES, tableOf, type TableName } from "@/core/tables";
import type { Revision } from "@/db/models";
import type { ModelPicture } from "@/db/pictures";
import { later } from "@/ui/later";
import { Basics } from "./Basics";
import type { GridRow } from "./grid";
import { StagesEditor } from "./StagesEditor";
import { Revisions } from "./Revisions";
import { TableEditor } from "./TableEditor";

/* The search knows which stages there are: it is loaded with the tab that asks. */
const DrawingTab = later(async () => (await import("./DrawingTab")).DrawingTab);
const Pictures = later(async () => (await import("./Pictures")).Pictures);

type Tab = "basics" | TableName | "drawing" | "stages" | "plan" | "pictures" | "versions";

type ModelSheetProps = {
  model: Model;
  revisions: readonly Revision[];
  pictures: readonly ModelPicture[];
  initial: Tab;
  /** the frequency plan that follows from its bands */
  plan: React.ReactNode;
};

/** The reference sheet of a model: what it is, and its tables, entered once and used by every set of it. */
export function ModelSheet({ model, revisions, pictures, initial, plan }: ModelSheetProps) {
  const router = useRouter();
  const [tab, setTab] = useState<Tab>(initial);
  const [version, setVersion] = useState(model.version);
  const [drafts, setDrafts] = useState<Partial<Record<TableName, GridRow[]>>>({});
  const unsaved = Object.values(drafts).some((rows) => rows !== undefined);
  const questions = model.sheet.components.flatMap((component) => {
    const trouble = sectionTrouble(component);
    return trouble ? [trouble.text] : [];
  });

  useEffect(() => {
    if (!unsaved) return;
    const hold = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener("beforeunload", hold);
    return () => window.removeEventListener("beforeunload", hold);
  }, [unsaved]);

  const select = (next: Tab) => {
    setTab(next);
    window.history.replaceState(null, "", next === "basics" ? window.location.pathname : `?table=${next}`);
  };
  const saved = (next: number) => {
    setVersion(next);
    router.refresh();
  };
  const tabs: [Tab, string][] = [
    ["basics", "What it is"],
    ...TABLES.map((name): [Tab, string] => [name, `${tableOf(name).title} ${rowsOf(model.sheet, name).length}`]),
    ["drawing", "Drawing"],
    ["stages", model.sheet.circuit ? `Stages ${model.sheet.circuit.stages.length}` : "Stages, proposed"],
    ["plan", "Frequency plan"],
    ["pictures", `Pictures ${pictures.length}`],
    ["versions", `Versions ${revisions.length + 1}`],
  ];
  return (
    <div className="flex flex-col gap-3">
      <div role="tablist" aria-label="Parts of the sheet" className="flex flex-wrap gap-1 border-b border-base-300">
        {tabs.map(([key, title]) => (
          <button
            key={key}
            type="button"
            role="tab"
            id={`tab-${key}`}
            aria-selected={tab === key}
            aria-controls="sheet-part"
            className={`min-h-11 rounded-t-field px-3 ${tab === key ? "bg-base-300 font-bold" : "hover:bg-base-200"}`}
            onClick={() => select(key)}
          >
            {title}
            {key in drafts && drafts[key as TableName] ? <span className="text-warning"> · not saved</span> : null}
          </button>
        ))}
      </div>
      {questions.map((text) => (
        <p key={text} className="border-l-4 border-warning pl-2 font-semibold">
          {text}
        </p>
      ))}
      <div id="sheet-part" role="tabpanel" aria-labelledby={`tab-${tab}`}>
        {tab === "basics" ? (
          <Basics model={model} version={version} onSaved={saved} />
        ) : tab === "drawing" ? (
          <DrawingTab model={model} version={version} onNet={() => select("net")} />
        ) : tab === "stages" ? (
          <StagesEditor model={model} version={version} onSaved={saved} />
        ) : tab === "plan" ? (
          plan
        ) : tab === "pictures" ? (
          <Pictures
            model={model}
            pictures={pictures}
            version={version}
            onSaved={saved}
            onPhoto={() => router.refresh()}
          />
        ) : tab === "versions" ? (
          <Revisions modelId={model.id} version={version} revisions={revisions} onSaved={saved} />
        ) : (
          <TableEditor
            key={tab}
            model={model}
            name={tab}
            version={version}
            draft={drafts[tab]}
            onDraft={(rows) => setDrafts((all) => ({ ...all, [tab]: rows }))}
            onSaved={saved}
          />
        )}
      </div>
    </div>
  );
}
