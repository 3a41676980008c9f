"use client";

import { addMonths } from "date-fns";
import { useState } from "react";
import { asBuilt, differences, type Position, type Visit } from "@/core/history";
import { OLD_PART_NAMES, printPart, type Settled } from "@/core/kinds";
import type { Fitted } from "@/core/log";
import type { Sheet } from "@/core/model";
import { formatMoney } from "@/core/quantity";
import { PartStateMark } from "@/ui/PartStateMark";
import { dateField, day as printDay } from "@/ui/dates";
import { DaySlider } from "./DaySlider";
import { momentOf, stopsOf } from "./stops";
import { ResultTable } from "@/ui/ResultTable";

type AsBuiltProps = {
  settled: readonly Settled[];
  visits: readonly Visit[];
  sheet: Sheet;
  now: string;
  /** asked for the history of a part */
  onPart: (designator: string) => void;
};

function thereNow(position: Position, sheet: Sheet): string {
  if (position.servedBy) return `served by ${position.servedBy}`;
  if (position.state === "removed") return "nothing";
  if (position.parts.length === 0) return position.drawn ? printPart(position.drawn, position.designator, sheet) : "–";
  return position.parts
    .map(
      (part) =>
        `${part.designator === position.designator ? "" : `${part.designator} `}${printPart(part.text, part.designator)}${part.note ? ` ${part.note}` : ""}`,
    )
    .join(" + ");
}

/** Where a new part came from: maker, batch, bin, price, and until when somebody stands for it. */
function stockWords(part: Fitted, fittedAt: string | undefined): string {
  const { stock } = part;
  if (!stock) return "";
  const until =
    stock.warrantyMonths && fittedAt ? printDay(addMonths(new Date(fittedAt), stock.warrantyMonths).toISOString()) : "";
  return [
    [stock.maker, stock.partNumber].filter(Boolean).join(" "),
    stock.batch && `batch ${stock.batch}`,
    stock.bin && `from bin ${stock.bin}`,
    stock.price && formatMoney(stock.price),
    until && `warranty until ${until}`,
  ]
    .filter(Boolean)
    .join(", ");
}

/** The parts record as it stood on a chosen day, and what changed between that day and today. */
export function AsBuilt({ settled, visits, sheet, now: today, onPart }: AsBuiltProps) {
  const [day, setDay] = useState(() => dateField(today));
  const [filter, setFilter] = useState<"all" | "worked" | "changed">("all");
  const stops = stopsOf(settled, visits, today);
  const moment = momentOf(day);
  const places = asBuilt(settled, sheet, moment);
  const changed = new Set(
    differences(settled, sheet, moment, momentOf(dateField(today))).map((difference) => difference.designator),
  );
  const untouched = places.filter(
    (place) => place.state === "original" || place.state === "serviced" || place.state === "left",
  ).length;
  const shown = places.filter(
    (place) => filter === "all" || (filter === "worked" ? place.work.length > 0 : changed.has(place.designator)),
  );
  const filters = [
    ["all", `All ${places.length}`],
    ["worked", "Worked on"],
    ["changed", `Changed between this day and today (${changed.size})`],
  ] as const;
  return (
    <section aria-label="Parts record">
      <DaySlider stops={stops} day={day} onDay={setDay} />
      <div className="my-2 flex flex-wrap items-center gap-2">
        {filters.map(([key, label]) => (
          <button
            key={key}
            type="button"
            aria-pressed={filter === key}
            className={`btn h-10 ${filter === key ? "btn-primary" : "btn-outline"}`}
            onClick={() => setFilter(key)}
          >
            {label}
          </button>
        ))}
        <p className="dim ml-auto" role="status">
          {printDay(day)}: {untouched} of {places.length} places held their original part
        </p>
      </div>
      {places.length === 0 ? (
        <p className="dim p-3">No parts are known yet: neither from the model nor from work on this set.</p>
      ) : null}
      {places.length > 0 && shown.length === 0 ? <p className="dim p-3">No part to show here.</p> : null}
      <div className="overflow-x-auto rounded-box border border-base-300" hidden={shown.length === 0}>
        <ResultTable
          tight
          rows={shown}
          keyOf={({ designator }) => designator}
          columns={[
            {
              head: "Part",
              names: true,
              className: "font-mono",
              cell: ({ designator }) => (
                <button type="button" className="min-h-10 underline" onClick={() => onPart(designator)}>
                  {designator}
                </button>
              ),
            },
            {
              head: "Stage, role",
              className: "dim",
              cell: ({ stage, role }) => [stage, role?.replaceAll("-", " ")].filter(Boolean).join(", ") || "–",
            },
            {
              head: "Drawn",
              className: "font-mono",
              cell: ({ drawn, designator }) => (drawn ? printPart(drawn, designator, sheet) : "–"),
            },
            { head: "State", cell: ({ state }) => <PartStateMark state={state} /> },
            {
              head: "There now",
              cell: (place) => (
                <>
                  <span className="font-mono">{thereNow(place, sheet)}</span>
                  <span className="dim block text-sm">
                    {[
                      ...place.parts.map((part) => stockWords(part, place.lastWorkAt)),
                      place.modification && `part of “${place.modification.name}”`,
                      place.why,
                      place.oldPart ? `old part: ${OLD_PART_NAMES[place.oldPart]}` : "",
                      place.lastWorkAt ? printDay(place.lastWorkAt) : "",
                    ]
                      .filter(Boolean)
                      .join(" · ")}
                  </span>
                </>
              ),
            },
          ]}
        />
      </div>
    </section>
  );
}
