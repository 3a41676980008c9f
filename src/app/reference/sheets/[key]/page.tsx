import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { v7 } from "uuid";
import { SHIPPED } from "@/core/sheets";
import { database } from "@/db/client";
import { testSheets } from "@/db/test-sheets";
import { SheetEditor } from "@/features/sheets/SheetEditor";
import { Link } from "@/ui/Link";
import { enter } from "@/server/access/page";

export const metadata: Metadata = { title: "Test sheet" };

type Props = { params: Promise<{ key: string }> };

export default async function SheetPage({ params }: Props) {
  await enter("/reference/sheets/[key]");
  const { key } = await params;
  const sheet = (await testSheets(database())).find((one) => one.key === key);
  if (!sheet) notFound();
  const own = !SHIPPED.some((one) => one.key === key);
  return (
    <main className="mx-auto flex w-full max-w-6xl flex-col gap-3 p-4">
      <div className="flex flex-wrap items-center gap-3">
        <h1 className="text-2xl font-bold">{sheet.name}</h1>
        <Link href="/reference/sheets" className="btn btn-outline ml-auto h-11">
          All test sheets
        </Link>
      </div>
      <SheetEditor sheet={sheet} own={own} newKey={`own-${v7().slice(-12)}`} />
    </main>
  );
}
