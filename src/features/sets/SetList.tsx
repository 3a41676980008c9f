import { Link } from "@/ui/Link";
import { printPart } from "@/core/kinds";
import { modelName } from "@/core/model";
import type { Hit } from "@/db/search";
import { PartStateMark } from "@/ui/PartStateMark";
import { Time } from "@/ui/Time";

/** The sets that were found; with a designator in the query, how that part stands in each. */
export function SetList({ hits }: { hits: readonly Hit[] }) {
  const withPart = hits.some((hit) => hit.position);
  return (
    <div className="overflow-x-auto rounded-box border border-base-300">
      <table className="table">
        <thead>
          <tr className="text-base text-base-content">
            <th scope="col">Set</th>
            <th scope="col">Serial</th>
            <th scope="col">Owner</th>
            {withPart ? <th scope="col">The part today</th> : <th scope="col">Visits</th>}
            <th scope="col">Where</th>
          </tr>
        </thead>
        <tbody>
          {hits.map(({ id, serial, model, owner, visits, lastVisit, job, position, lastWork }) => (
            <tr key={id} className="align-top text-base">
              <th scope="row">
                <Link href={`/sets/${id}`} className="link font-bold">
                  {modelName(model)}
                </Link>
                <div className="dim text-sm font-normal">
                  {model.year ?? "year unknown"} · {model.kind}
                </div>
              </th>
              <td className="font-mono whitespace-nowrap">{serial || "–"}</td>
              <td>{owner.name}</td>
              {withPart ? (
                <td>
                  {position ? (
                    <>
                      <span className="font-mono font-bold">{position.designator}</span>{" "}
                      <PartStateMark state={position.state} />
                      <div className="dim text-sm">
                        {lastWork ?? (position.drawn ? `drawn ${printPart(position.drawn, position.designator)}` : "")}
                      </div>
                    </>
                  ) : (
                    <span className="dim">not on this set</span>
                  )}
                </td>
              ) : (
                <td>
                  {visits}
                  {lastVisit ? (
                    <span className="dim">
                      {" "}
                      · last <Time iso={lastVisit} as="day" />
                    </span>
                  ) : null}
                </td>
              )}
              <td>
                {job !== undefined ? (
                  <Link href={`/bench/${job}`} className="btn btn-outline btn-primary whitespace-nowrap">
                    Bench {job}
                  </Link>
                ) : (
                  <span className="dim">with its owner</span>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
