import type { Metadata } from "next";
import { Link } from "@/ui/Link";
import { SearchBox } from "@/features/sets/SearchBox";
import { SetList } from "@/features/sets/SetList";
import { database } from "@/db/client";
import { searchSets } from "@/db/search";
import { Empty } from "@/ui/Empty";

export const metadata: Metadata = { title: "Sets" };

export default async function SetsPage({ searchParams }: { searchParams: Promise<{ q?: string }> }) {
  const { q = "" } = await searchParams;
  const hits = await searchSets(database(), q, new Date().toISOString());
  return (
    <main className="flex flex-col gap-4 p-4">
      <h1 className="sr-only">Sets</h1>
      <div className="flex flex-wrap items-center gap-2">
        <div className="min-w-72 flex-1">
          <SearchBox query={q} />
        </div>
        <Link href="/sets/across" className="btn btn-outline h-11">
          Across all sets
        </Link>
        <Link href="/sets/import" className="btn btn-outline h-11">
          Take a file in
        </Link>
      </div>
      <p className="dim" role="status">
        {hits.length === 1 ? "1 set" : `${hits.length} sets`}
        {q ? ` for “${q}”` : ", all that were ever here"}
      </p>
      {hits.length > 0 ? (
        <SetList hits={hits} />
      ) : (
        <Empty title="No set matches.">
          Every word must match the set: try fewer words, or{" "}
          <Link href="/sets/new" className="link">
            take it in as a new one
          </Link>
          .
        </Empty>
      )}
    </main>
  );
}
