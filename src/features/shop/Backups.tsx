import { CircleCheck, TriangleAlert } from "lucide-react";
import type { LastBackup } from "@/db/backups";
import { Time } from "@/ui/Time";

/** After so many days without a backup the shop is told. Shop's rule. */
const TOO_OLD = 7;
const DAY_MS = 86_400_000;

const days = (count: number) => `${count} ${count === 1 ? "day" : "days"}`;

/** How old the last backup is, and what to do where it is too old. */
export function Backups({ last, now }: { last: LastBackup | undefined; now: string }) {
  const age = last ? Math.floor((Date.parse(now) - Date.parse(last.at)) / DAY_MS) : undefined;
  const fresh = age !== undefined && age < TOO_OLD;
  return (
    <div className={`max-w-3xl ${fresh ? "" : "border-l-4 border-warning pl-3"}`}>
      <p className="flex items-start gap-2">
        {fresh ? (
          <CircleCheck aria-hidden="true" className="shrink-0 text-success" />
        ) : (
          <TriangleAlert aria-hidden="true" className="shrink-0 text-warning" />
        )}
        <span className={fresh ? "" : "font-semibold"}>
          {last && age !== undefined ? (
            <>
              The last backup is of <Time iso={last.at} />
              {age === 0 ? "" : `, ${days(age)} ago`}: {last.rows.toLocaleString("en")} rows,{" "}
              {(last.bytes / 1e6).toFixed(1)} MB, read back whole.
              {fresh ? "" : ` Make one at least every ${days(TOO_OLD)}.`}
            </>
          ) : (
            "No backup has been made of this database yet."
          )}
        </span>
      </p>
      <p className="dim mt-1">
        <code>npm run backup -- FOLDER</code> writes everything into a file that is sealed with a passphrase;{" "}
        <code>npm run restore -- FILE</code> lays it into an empty database. Keep the folder on another machine, and the
        passphrase on paper: without it nobody opens the file, you neither.
      </p>
    </div>
  );
}
