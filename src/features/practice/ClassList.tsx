import type { ClassRow } from "@/db/practice";
import { Link } from "@/ui/Link";
import { Time } from "@/ui/Time";

/** Exercises that were set for a class, the latest first. */
export function ClassList({ rows }: { rows: readonly ClassRow[] }) {
  return (
    <ul className="flex flex-col gap-1">
      {rows.map(({ id, name, complaint, at, closed, by, runs, ended }) => (
        <li key={id} className="flex flex-wrap items-baseline gap-x-4 border-b border-base-300 py-1">
          <Link href={`/practice/class/${id}`} className="link min-h-10 font-semibold">
            {name}
          </Link>
          <span className="min-w-40 flex-1">“{complaint}”</span>
          <span>
            {ended} of {runs} have ended{closed ? ", closed" : ""}
          </span>
          <span className="dim">
            {by}, <Time iso={at} as="day" />
          </span>
        </li>
      ))}
    </ul>
  );
}
