import type { Metadata } from "next";
import { settle } from "@/core/kinds";
import { Across } from "@/features/across/Across";
import { database } from "@/db/client";
import { setFiles } from "@/db/sets";
import { shopTerms } from "@/db/shop";

export const metadata: Metadata = { title: "Across all sets" };

type Props = { searchParams: Promise<{ kind?: string; text?: string; months?: string; model?: string }> };

const KINDS = ["batch", "tube", "modification"] as const;

export default async function AcrossPage({ searchParams }: Props) {
  const { kind, text = "", months, model = "" } = await searchParams;
  const db = database();
  const [files, terms] = await Promise.all([setFiles(db), shopTerms(db)]);
  const folded = files.map((file) => ({ ...file, settled: settle(file.entries).settled }));
  const within = Number(months);
  return (
    <main className="flex flex-col gap-4 p-4">
      <h1 className="text-2xl font-bold">Across all sets</h1>
      <Across
        files={folded}
        now={new Date().toISOString()}
        asked={{
          kind: KINDS.find((one) => one === kind) ?? "tube",
          text: text.trim().slice(0, 80),
          months: within >= 1 && within <= 600 ? Math.round(within) : terms.terms.comebackMonths,
          modelId: model,
        }}
      />
    </main>
  );
}
