import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { readScan } from "@/core/stock";
import { PartPage } from "@/features/parts/PartPage";
import { database } from "@/db/client";
import { movesOf, sameBatch, stockItem } from "@/db/stock";
import { usesOf } from "@/db/uses";
import { enter } from "@/server/access/page";

type Props = { params: Promise<{ code: string }> };

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  return { title: `Part ${(await params).code}` };
}

export default async function Page({ params }: Props) {
  await enter("/parts/[code]");
  const scan = readScan((await params).code);
  const db = database();
  const item = scan.kind === "part" ? await stockItem(db, scan.code) : undefined;
  if (!item) notFound();
  const batch = await sameBatch(db, item);
  const [moves, uses, batchUses] = await Promise.all([
    movesOf(db, item.id),
    usesOf(db, [item.id]),
    usesOf(
      db,
      batch.map(({ id }) => id),
    ),
  ]);
  return (
    <main className="mx-auto w-full max-w-6xl p-4">
      <PartPage item={item} moves={moves} uses={uses} batch={batch} batchUses={batchUses} />
    </main>
  );
}
