import type { RunRow } from "@/db/practice";
import { Link } from "@/ui/Link";
import { Time } from "@/ui/Time";
import { minutesText } from "./words";

/** Somebody's practices, the latest first. What was wrong stands there once it has ended. */
export function RunTable({ runs }: { runs: readonly RunRow[] }) {
  return (
    <div className="overflow-x-auto">
      <table className="table" aria-label="Your practices">
        <thead className="text-base-content">
          <tr>
            <th>Begun</th>
            <th>Set, complaint</th>
            <th>It was</th>
            <th className="text-right">Bench time, advice’s</th>
            <th className="text-right">Points</th>
          </tr>
        </thead>
        <tbody>
          {runs.map((run) => (
            <tr key={run.id}>
              <td className="whitespace-nowrap">
                <Time iso={run.startedAt} />
              </td>
              <td>
                <Link href={`/practice/${run.id}`} className="link">
                  {run.name}
                </Link>
                <span className="dim block">“{run.complaint}”</span>
              </td>
              <td>{run.was ?? <span className="dim">hidden: go on with it</span>}</td>
              <td className="text-right font-mono whitespace-nowrap">
                {run.minutes === null ? "–" : `${minutesText(run.minutes)}, ${minutesText(run.best ?? 0)}`}
              </td>
              <td className="text-right font-mono">
                {run.points ?? "–"}
                {run.found === false ? <span className="dim block font-sans text-sm">not found</span> : null}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
