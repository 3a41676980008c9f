import type { Metadata } from "next";
import { GROUP_WORDS, GROUPS, SHIPPED, type TestSheet } from "@/core/sheets";
import { database } from "@/db/client";
import { ownSheets } from "@/db/test-sheets";
import { Link } from "@/ui/Link";
import { enter } from "@/server/access/page";

export const metadata: Metadata = { title: "Test sheets" };

function Cards({ sheets, own }: { sheets: readonly TestSheet[]; own?: boolean }) {
  return (
    <ul className="grid gap-2.5 md:grid-cols-2 xl:grid-cols-3">
      {sheets.map((sheet) => (
        <li key={sheet.key}>
          <Link
            href={`/reference/sheets/${sheet.key}`}
            className="block h-full rounded-box border border-base-300 bg-base-200 p-3 hover:border-primary"
          >
            <strong className="text-lg">{sheet.name}</strong>
            {own ? <span className="dim"> version {sheet.version}</span> : null}
            <span className="block">{sheet.says}</span>
            <span className="dim block text-sm">
              {sheet.columns.map(({ name }) => name).join(", ")}
              {sheet.worked.length > 0 ? ` → ${sheet.worked.map(({ name }) => name).join(", ")}` : ""}
            </span>
          </Link>
        </li>
      ))}
    </ul>
  );
}

export default async function SheetsPage() {
  await enter("/reference/sheets");
  const own = await ownSheets(database());
  return (
    <main className="mx-auto flex w-full max-w-6xl flex-col gap-3 p-4">
      <h1 className="text-2xl font-bold">Test sheets</h1>
      <p className="dim max-w-3xl">
        What is measured, in which rows, and what follows from it. They are filled at the bench, under Baseline and
        Prove. Open one to see it, or to make a copy with rows, columns and limits of your own.
      </p>
      {own.length > 0 ? (
        <>
          <h2 className="text-xl font-bold">Of this shop</h2>
          <Cards sheets={own} own />
        </>
      ) : null}
      {GROUPS.map((group) => (
        <section key={group} aria-label={GROUP_WORDS[group]} className="flex flex-col gap-2">
          <h2 className="text-xl font-bold">{GROUP_WORDS[group]}</h2>
          <Cards sheets={SHIPPED.filter((sheet) => sheet.group === group)} />
        </section>
      ))}
    </main>
  );
}
