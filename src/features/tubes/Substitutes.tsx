"use client";

import { useMemo, useState } from "react";
import { format } from "@/core/quantity";
import { lastShare } from "@/core/stock";
import {
  ANSWER_WORDS,
  judgeSubstitute,
  nearestTypes,
  rectifies,
  silicon,
  substitutes,
  tubeType,
  type SubstituteVerdict,
  type CompareLine,
  type Place,
  type Substitute,
} from "@/core/tubes";
import { stockedTubes } from "@/core/visit";
import { useLogbook } from "@/ui/logbook";
import { VerdictMark, type Mark } from "@/ui/VerdictMark";
import { FitFromStock } from "./FitFromStock";
import { ResultTable } from "@/ui/ResultTable";

const MARKS: Record<SubstituteVerdict, Mark> = { "drop-in": "good", caution: "watch", rewiring: "no-proof", no: "bad" };

/** An answer by shape, word and colour. */
export const AnswerMark = ({ answer }: { answer: SubstituteVerdict }) => (
  <VerdictMark mark={MARKS[answer]} note={ANSWER_WORDS[answer]} />
);

/** The lines that were compared, the failing ones first. */
export function Comparison({ lines }: { lines: readonly CompareLine[] }) {
  return (
    <ResultTable
      className="[&_tr]:align-top"
      tight
      rows={lines}
      keyOf={({ what }) => what}
      columns={[
        { head: "Compared", names: true, className: "font-normal", cell: ({ what }) => what },
        { head: "the original", className: "font-mono", cell: ({ was }) => was },
        {
          head: "this one",
          className: "font-mono",
          cell: ({ would, note }) => (
            <>
              {would}
              {note ? <span className="dim block font-sans whitespace-normal">{note}</span> : null}
            </>
          ),
        },
        {
          head: <span className="sr-only">Answer</span>,
          cell: ({ verdict }) => <VerdictMark mark={MARKS[verdict]} iconOnly />,
        },
      ]}
    />
  );
}

function Detail({ found, position }: { found: Substitute; position: string }) {
  const { rewiring, bias } = found;
  return (
    <div className="flex flex-col gap-2 border-l-4 border-primary bg-base-200 p-2">
      <Comparison lines={found.lines} />
      {rewiring.moves.length > 0 ? (
        <div>
          <p className="font-semibold">Rewiring{rewiring.otherSocket ? ", at another socket or in an adapter" : ""}</p>
          <ul className="list-disc pl-6">
            {rewiring.moves.map((move) => (
              <li key={move}>{move}</li>
            ))}
          </ul>
        </div>
      ) : null}
      {bias ? (
        <p>
          Cathode resistor <strong className="font-mono">{format(bias.ohms, "resistance")}</strong>, nearest{" "}
          <strong className="font-mono">{format(bias.preferred.ohms, "resistance")}</strong> of{" "}
          <span className="font-mono">{format(bias.rated, "power", 2)}</span> or more: the stage settles at{" "}
          {format(bias.preferred.volts, "voltage")} and {format(bias.preferred.amps, "current")}. Bypass at least{" "}
          {format(bias.bypass.farads, "capacitance", 2)}, {format(bias.bypass.volts, "voltage", 2)}.
        </p>
      ) : null}
      <FitFromStock position={position} type={found.candidate} />
    </div>
  );
}

/** What may stand in at a position: from the whole table, the best answer first, with what the stock has of it. */
export function Substitutes({ place }: { place: Place }) {
  const { stock } = useLogbook();
  const all = useMemo(() => substitutes(place), [place]);
  const [open, setOpen] = useState<string>();
  const [asked, setAsked] = useState("");
  const [count, setCount] = useState(8);
  const wanted = asked.trim() ? tubeType(asked) : undefined;
  const named = wanted ? judgeSubstitute(place, wanted) : undefined;
  const near = asked.trim().length > 1 && !wanted ? nearestTypes(asked) : [];
  const possible = all.filter(({ answer }) => answer !== "no");
  const shown = named ? [named] : possible.slice(0, count);
  const inStock = (found: Substitute) => stockedTubes(stock, found.candidate);
  return (
    <section aria-label="Substitutes" className="flex flex-col gap-2">
      <div className="flex flex-wrap items-center gap-3">
        <h3 className="font-bold">In place of the {place.original.type}</h3>
        <span className="dim">
          {possible.length} of {all.length} types of its kind can be made to work
        </span>
        <label className="ml-auto flex items-center gap-2">
          What about
          <input
            className="input h-11 w-28 font-mono"
            value={asked}
            placeholder="6L6"
            onChange={(event) => setAsked(event.target.value)}
          />
        </label>
      </div>
      {near.length > 0 ? (
        <p>
          “{asked}” is not in the table.{" "}
          {near.map((name) => (
            <button
              key={name}
              type="button"
              className="btn btn-outline mr-1.5 h-10 font-mono"
              onClick={() => setAsked(name)}
            >
              {name}
            </button>
          ))}
        </p>
      ) : null}
      <ul>
        {shown.map((found) => {
          const { candidate, answer, lines } = found;
          const stocked = inStock(found);
          const shares = stocked.flatMap((item) => lastShare(item) ?? []);
          const best = shares.length > 0 ? Math.round(Math.max(...shares) * 100) : undefined;
          const reason = lines.find(({ verdict }) => verdict === answer && answer !== "drop-in");
          const shownNow = open === candidate.type || named !== undefined;
          return (
            <li key={candidate.type} className="border-b border-base-300">
              <button
                type="button"
                aria-expanded={shownNow}
                className="grid min-h-11 w-full grid-cols-[6rem_minmax(0,1fr)_auto] items-center gap-x-2 px-1 py-1 text-left hover:bg-base-200"
                onClick={() => setOpen(shownNow ? undefined : candidate.type)}
              >
                <span className="font-mono font-bold">{candidate.type}</span>
                <AnswerMark answer={answer} />
                <span className="text-right whitespace-nowrap">
                  {stocked.length > 0 ? `${stocked.length} in stock${best ? `, ${best} %` : ""}` : ""}
                </span>
                <span className="dim col-span-2 col-start-2 min-w-0">
                  {reason
                    ? `${reason.what}: ${reason.note ?? `${reason.was} → ${reason.would}`}`
                    : "nothing speaks against it"}
                </span>
              </button>
              {shownNow ? <Detail found={found} position={place.position} /> : null}
            </li>
          );
        })}
      </ul>
      {!named && possible.length > count ? (
        <button type="button" className="btn btn-ghost h-11 self-start" onClick={() => setCount(count + 20)}>
          Show more
        </button>
      ) : null}
      {rectifies(place.original) ? (
        <details>
          <summary className="min-h-10 cursor-pointer font-semibold">Silicon diodes instead</summary>
          <Comparison lines={silicon(place)} />
        </details>
      ) : null}
    </section>
  );
}
