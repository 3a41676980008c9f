import { Link } from "@/ui/Link";
import { type Model, modelName } from "@/core/model";

type TagProps = {
  job: number;
  model: Pick<Model, "maker" | "designation" | "nickname">;
  owner: string;
  serial?: string;
  complaint?: string | undefined;
  href?: string;
  compact?: boolean;
};

/** The tie-on tag of a set: job number, model, owner, and the complaint in one line. */
export function Tag({ job, model, owner, serial, complaint, href, compact }: TagProps) {
  const name = modelName(model);
  return (
    <div className="repair-tag @container min-w-0">
      <div className="flex min-w-0 items-baseline gap-x-3">
        <span className="font-mono text-lg font-bold">{job}</span>
        {href ? (
          <Link href={href} className="max-w-full shrink-0 truncate text-lg font-bold hover:underline">
            {name}
          </Link>
        ) : (
          <span className="max-w-full shrink-0 truncate text-lg font-bold">{name}</span>
        )}
        {!compact && serial ? <span className="dim hidden truncate font-mono @md:inline">No. {serial}</span> : null}
        {compact ? null : <span className="dim ml-auto truncate">{owner}</span>}
      </div>
      <p className="truncate">{complaint ?? "Complaint not written down yet"}</p>
    </div>
  );
}
