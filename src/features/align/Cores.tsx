"use client";

import { turnsText } from "@/core/alignment";
import { coreHistory } from "@/core/visit";
import { Empty } from "@/ui/Empty";
import { useLogbook } from "@/ui/logbook";
import { Time } from "@/ui/Time";

const EMPTY = "–";

/** How far each core and trimmer was ever moved, visit by visit. */
export function Cores() {
  const { settled } = useLogbook();
  const cores = coreHistory(settled);
  const visits = [
    ...new Map(cores.flatMap((core) => core.visits.map((visit) => [visit.visitId, visit.at] as const))),
  ].sort((a, b) => a[1].localeCompare(b[1]));
  if (cores.length === 0)
    return (
      <Empty title="No core was turned yet">
        What is turned is kept here over the years: a core that wanders in one direction visit after visit tells of a
        part that drifts.
      </Empty>
    );
  return (
    <div className="overflow-x-auto">
      <table className="table max-w-3xl" aria-label="How far each core was moved">
        <thead>
          <tr className="text-base-content">
            <th scope="col">Core</th>
            {visits.map(([id, at]) => (
              <th scope="col" key={id}>
                <Time iso={at} as="day" />
              </th>
            ))}
            <th scope="col">In all</th>
          </tr>
        </thead>
        <tbody>
          {cores.map(({ adjust, net, visits: mine }) => (
            <tr key={adjust}>
              <th scope="row" className="font-mono">
                {adjust}
              </th>
              {visits.map(([id]) => {
                const visit = mine.find(({ visitId }) => visitId === id);
                return (
                  <td key={id}>
                    {visit === undefined
                      ? EMPTY
                      : visit.eighths === 0 && visit.left > 0
                        ? "left"
                        : turnsText(visit.eighths)}
                  </td>
                );
              })}
              <td className="font-semibold">{turnsText(net)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="dim mt-1 text-sm">In turns; in is clockwise. “Left” was found right.</p>
    </div>
  );
}
