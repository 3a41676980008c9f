import type { Metadata } from "next";
import { HELD } from "@/core/across";
import { acrossAll } from "@/db/across";
import { database } from "@/db/client";
import { shopTerms } from "@/db/shop";
import { Across } from "@/features/across/Across";
import { enter } from "@/server/access/page";
import { Link } from "@/ui/Link";

export const metadata: Metadata = { title: "Across all sets" };

type Props = { searchParams: Promise<{ kind?: string; text?: string; months?: string; model?: string }> };

export default async function AcrossPage({ searchParams }: Props) {
  await enter("/sets/across");
  const { kind, text = "", months, model = "" } = await searchParams;
  const db = database();
  const { terms } = await shopTerms(db);
  const within = Number(months);
  const asked = {
    kind: HELD.find((one) => one === kind) ?? "tube",
    text: text.trim().slice(0, 80),
    months: within >= 1 && within <= 600 ? Math.round(within) : terms.comebackMonths,
    modelId: model,
  };
  return (
    <main className="flex flex-col gap-4 p-4">
      <div className="flex flex-wrap items-baseline gap-4">
        <h1 className="text-2xl font-bold">Across all sets</h1>
        <Link href="/sets/across/pictures" className="link">
          Pictures
        </Link>
      </div>
      <Across all={await acrossAll(db, asked)} asked={asked} />
    </main>
  );
}
