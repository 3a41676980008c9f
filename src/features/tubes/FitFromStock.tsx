"use client";

import { useState } from "react";
import { parseLine } from "@/core/bench-line";
import { formatMoney } from "@/core/quantity";
import { match, type TubeType } from "@/core/tubes";
import { lastShare } from "@/core/stock";
import { stockedTubes, tubePlaces } from "@/core/visit";
import { ErrorText } from "@/ui/form";
import { useLogbook, useLineContext } from "@/ui/logbook";
import { Time } from "@/ui/Time";

/** Tubes of a type in stock, each with its own last test; one click puts one into its place, out of stock into the log. */
export function FitFromStock({ position, type }: { position: string; type: TubeType }) {
  const { stock, append, input } = useLogbook();
  const context = useLineContext();
  const [error, setError] = useState<string>();
  const tubes = stockedTubes(stock, type);
  const place = tubePlaces(input).find((one) => one.position === position);
  if (tubes.length === 0) return <p className="dim">None of this type in stock.</p>;
  // Positions that do the same work are a pair or more: their tubes are chosen together.
  const partners = place
    ? tubePlaces(input).filter(({ work, drawn }) => work === place.work && drawn === place.drawn)
    : [];
  const measured = tubes.flatMap((item) => {
    const value = lastShare(item);
    return value === undefined ? [] : [{ id: item.id, value, item }];
  });
  const groups = partners.length > 1 && measured.length >= partners.length ? match(measured, partners.length) : [];
  const fit = async (code: string) => {
    const result = parseLine(`${position} ${place?.fitted ?? ""} -> ${type.type} from ${code} old in bag`, context);
    if (result.kind !== "draft" || result.draft.type !== "content")
      return setError(result.kind === "not-understood" ? result.message : "Write it on the bench line.");
    const outcome = await append(result.draft.content);
    return setError(outcome.ok ? undefined : outcome.problems[0]?.message);
  };
  const groupOf = (id: string) => groups.findIndex(({ tubes: members }) => members.some((one) => one.id === id));
  return (
    <div>
      {groups[0] ? (
        <p>
          {partners.map((one) => one.position).join(" and ")} work together: the closest {groups[0].tubes.length} in
          stock are {groups[0].tubes.map(({ item }) => item.code).join(", ")},{" "}
          <strong>
            {Math.round(groups[0].spread * 100)} % apart{groups[0].matched ? "" : ", which is no match (10 %)"}
          </strong>
          .
        </p>
      ) : null}
      <ul>
        {tubes
          .toSorted((a, b) => (lastShare(b) ?? 0) - (lastShare(a) ?? 0))
          .slice(0, 8)
          .map((item) => {
            const share = lastShare(item);
            const test = item.tests.at(-1);
            return (
              <li key={item.id} className="flex flex-wrap items-center gap-x-4 border-b border-base-300 py-1">
                <span className="font-mono">{item.code}</span>
                <span className="w-24">
                  {share === undefined ? (
                    <span className="dim">not tested</span>
                  ) : (
                    <strong>{Math.round(share * 100)} %</strong>
                  )}
                  {test ? (
                    <span className="dim block text-sm">
                      <Time iso={test.at} as="day" />
                    </span>
                  ) : null}
                </span>
                <span className="dim grow">
                  {[
                    item.provenance,
                    item.bin && `bin ${item.bin}`,
                    item.priceMinor === null ? "" : formatMoney({ minor: item.priceMinor, currency: item.currency }),
                  ]
                    .filter(Boolean)
                    .join(" · ")}
                  {groupOf(item.id) >= 0 ? ` · match ${groupOf(item.id) + 1}` : ""}
                </span>
                <button
                  type="button"
                  className="btn btn-outline btn-primary h-10"
                  aria-label={`Fit ${item.code} at ${position}`}
                  onClick={() => void fit(item.code)}
                >
                  Fit it
                </button>
              </li>
            );
          })}
      </ul>
      {error ? <ErrorText>{error}</ErrorText> : null}
    </div>
  );
}
