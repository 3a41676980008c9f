import type { RunRow } from "@/db/practice";
import { Link } from "@/ui/Link";
import { Time } from "@/ui/Time";
import { minutesText } from "./words";
import { ResultTable } from "@/ui/ResultTable";

/** Somebody's practices, the latest first. What was wrong stands there once it has ended. */
export function RunTable({ runs }: { runs: readonly RunRow[] }) {
  return (
    <div className="overflow-x-auto">
      <ResultTable
        label="Your practices"
        rows={runs}
        keyOf={({ id }) => id}
        columns={[
          { head: "Begun", className: "whitespace-nowrap", cell: ({ startedAt }) => <Time iso={startedAt} /> },
          {
            head: "Set, complaint",
            cell: ({ id, name, complaint }) => (
              <>
                <Link href={`/practice/${id}`} className="link">
                  {name}
                </Link>
                <span className="dim block">“{complaint}”</span>
              </>
            ),
          },
          { head: "It was", cell: ({ was }) => was ?? <span className="dim">hidden: go on with it</span> },
          {
            head: "Bench time, advice’s",
            figure: true,
            cell: ({ minutes, best }) =>
              minutes === null ? "–" : `${minutesText(minutes)}, ${minutesText(best ?? 0)}`,
          },
          {
            head: "Points",
            figure: true,
            cell: ({ points, found }) => (
              <>
                {points ?? "–"}
                {found === false ? <span className="dim block font-sans text-sm">not found</span> : null}
              </>
            ),
          },
        ]}
      />
    </div>
  );
}
