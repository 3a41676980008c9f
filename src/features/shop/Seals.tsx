import { ShieldAlert, ShieldCheck } from "lucide-react";
import type { SealState } from "@/db/verify";
import { Link } from "@/ui/Link";
import { Time } from "@/ui/Time";

/** How the seals of all logbooks stand: the application checks one set after the other, all day long. */
export function Seals({ sets, checked, since, broken }: SealState) {
  if (sets === 0) return <p className="dim">There is no set yet, so there is nothing to check.</p>;
  if (broken.length > 0)
    return (
      <div role="alert" className="max-w-3xl rounded-box border-2 border-error p-3">
        <p className="flex items-center gap-2 text-lg font-bold text-error">
          <ShieldAlert aria-hidden="true" /> {broken.length === 1 ? "A logbook was" : `${broken.length} logbooks were`}{" "}
          changed from outside, or damaged
        </p>
        <p>
          What these pages say may not be what was written. Keep the database as it is, and compare with your last
          archive and your last list of seals.
        </p>
        <ul className="mt-2 list-disc pl-6">
          {broken.map(({ setId, name, at, troubles }) => (
            <li key={setId}>
              <Link href={`/sets/${setId}`} className="link font-semibold">
                {name}
              </Link>
              , checked <Time iso={at} />: {troubles.join(" ")}
            </li>
          ))}
        </ul>
      </div>
    );
  return (
    <p className="flex max-w-3xl items-start gap-2">
      <ShieldCheck aria-hidden="true" className="shrink-0 text-success" />
      <span>
        {checked < sets
          ? `The seals of ${checked} of ${sets} sets are checked so far: all hold.`
          : `The seals of all ${sets} sets hold.`}{" "}
        {since ? (
          <>
            The oldest check is of <Time iso={since} />.
          </>
        ) : (
          "The first checks come within a minute."
        )}
      </span>
    </p>
  );
}
