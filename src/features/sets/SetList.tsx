import { Link } from "@/ui/Link";
import { printPart } from "@/core/kinds";
import { modelName } from "@/core/model";
import type { Hit } from "@/db/search";
import { PartStateMark } from "@/ui/PartStateMark";
import { Time } from "@/ui/Time";
import { ResultTable } from "@/ui/ResultTable";

/** How the part that was searched for stands today. */
function PartToday({ hit: { position, lastWork } }: { hit: Hit }) {
  if (!position) return <span className="dim">not on this set</span>;
  return (
    <>
      <span className="font-mono font-bold">{position.designator}</span> <PartStateMark state={position.state} />
      <div className="dim text-sm">
        {lastWork ?? (position.drawn ? `drawn ${printPart(position.drawn, position.designator)}` : "")}
      </div>
    </>
  );
}

const Visits = ({ hit: { visits, lastVisit } }: { hit: Hit }) => (
  <>
    {visits}
    {lastVisit ? (
      <span className="dim">
        {" "}
        · last <Time iso={lastVisit} as="day" />
      </span>
    ) : null}
  </>
);

/** The sets that were found; with a designator in the query, how that part stands in each. */
export function SetList({ hits }: { hits: readonly Hit[] }) {
  const withPart = hits.some((hit) => hit.position);
  return (
    <div className="overflow-x-auto rounded-box border border-base-300">
      <ResultTable
        className="[&_tr]:align-top"
        rows={hits}
        keyOf={({ id }) => id}
        columns={[
          {
            head: "Set",
            names: true,
            cell: ({ id, model }) => (
              <>
                <Link href={`/sets/${id}`} className="link font-bold">
                  {modelName(model)}
                </Link>
                <div className="dim text-sm font-normal">
                  {model.year ?? "year unknown"} · {model.kind}
                </div>
              </>
            ),
          },
          { head: "Serial", className: "font-mono whitespace-nowrap", cell: ({ serial }) => serial || "–" },
          { head: "Owner", cell: ({ owner }) => owner.name },
          withPart
            ? { head: "The part today", cell: (hit) => <PartToday hit={hit} /> }
            : { head: "Visits", cell: (hit) => <Visits hit={hit} /> },
          {
            head: "Where",
            cell: ({ job }) =>
              job !== undefined ? (
                <Link href={`/bench/${job}`} className="btn btn-outline btn-primary whitespace-nowrap">
                  Bench {job}
                </Link>
              ) : (
                <span className="dim">with its owner</span>
              ),
          },
        ]}
      />
    </div>
  );
}
