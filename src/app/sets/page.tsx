import type { Metadata } from "next";
import { Link } from "@/ui/Link";
import { SearchBox } from "@/features/sets/SearchBox";
import { SetList } from "@/features/sets/SetList";
import { database } from "@/db/client";
import { MOST_COUNTED, searchSets } from "@/db/search";
import { BehindHand } from "@/ui/BehindHand";
import { Empty } from "@/ui/Empty";
import { enter } from "@/server/access/page";
import { IfMay } from "@/ui/role";

export const metadata: Metadata = { title: "Sets" };

export default async function SetsPage({ searchParams }: { searchParams: Promise<{ q?: string; after?: string }> }) {
  await enter("/sets");
  const { q = "", after } = await searchParams;
  const { hits, count, next, behindHand } = await searchSets(database(), q, new Date().toISOString(), after);
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
        <IfMay page="/sets/import">
          <Link href="/sets/import" className="btn btn-outline h-11">
            Take a file in
          </Link>
        </IfMay>
      </div>
      <p className="dim" role="status">
        {count === 1 ? "1 set" : count >= MOST_COUNTED ? `${MOST_COUNTED} sets or more` : `${count} sets`}
        {q ? ` for “${q}”` : ", all that were ever here"}
        {count > hits.length ? `; ${after ? "further on" : "first"} ${hits.length}, the latest work first` : ""}
      </p>
      <BehindHand sets={behindHand} />
      {hits.length > 0 ? (
        <>
          <SetList hits={hits} />
          {next ? (
            <Link
              href={`/sets?${new URLSearchParams({ ...(q ? { q } : {}), after: next })}`}
              className="btn btn-outline h-11 self-start"
            >
              Further sets
            </Link>
          ) : null}
        </>
      ) : (
        <Empty title="No set matches.">
          Every word must match the set: try fewer words
          <IfMay page="/sets/new">
            , or{" "}
            <Link href="/sets/new" className="link">
              take it in as a new one
            </Link>
          </IfMay>
          .
        </Empty>
      )}
    </main>
  );
}
