import type { Metadata } from "next";
import { EVENTS } from "@/core/access";
import { database } from "@/db/client";
import { events } from "@/db/events";
import { enter } from "@/server/access/page";
import { Empty } from "@/ui/Empty";
import { Time } from "@/ui/Time";
import { ResultTable } from "@/ui/ResultTable";

export const metadata: Metadata = { title: "Events" };

/** So many are shown, the latest first. */
const MOST = 500;

/** Sign-ins and failed ones, what was read out, what was changed about people. */
export default async function EventsPage() {
  await enter("/shop/events");
  const list = await events(database(), MOST);
  return (
    <main className="mx-auto flex w-full max-w-6xl flex-col gap-3 p-4">
      <h1 className="text-2xl font-bold">Events</h1>
      <p className="dim max-w-3xl">
        Who signed in and who could not, what was read out of the shop, and what was changed about people. The latest{" "}
        {MOST} are shown; the archive has all of them.
      </p>
      {list.length === 0 ? (
        <Empty title="Nothing yet.">The first sign-in is the first line.</Empty>
      ) : (
        <ResultTable
          label="Events"
          rows={list}
          keyOf={({ id }) => id}
          columns={[
            { head: "When", className: "whitespace-nowrap", cell: ({ at }) => <Time iso={at} /> },
            { head: "Who", cell: ({ by }) => by ?? "nobody known" },
            { head: "What", cell: ({ what }) => EVENTS[what] ?? what },
            { head: "About", className: "break-all", cell: ({ about }) => about },
            { head: "From", className: "font-mono", cell: ({ address }) => address },
          ]}
        />
      )}
    </main>
  );
}
