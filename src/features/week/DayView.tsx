"use client";

import type { Outlook, PlanInput } from "@/core/plan";
import { dayWords, workTime, workName } from "@/ui/plan/words";
import { cellsOf, waitsOn } from "./board";

type DayProps = { outlook: Outlook; input: PlanInput; day: string; onOpen: (task: string) => void };

/** One day for the tablet on the wall: a column for everybody, to be read from two metres. */
export function DayView({ outlook, input, day, onOpen }: DayProps) {
  const sets = new Map(input.sets.map((one) => [one.visit, one]));
  const sure = new Map(outlook.sets.map((one) => [one.visit, one]));
  const columns = cellsOf(outlook.placed, input, [day]).flatMap((row) =>
    row.filter(({ of, cards }) => of > 0 || cards.length > 0),
  );
  const waits = waitsOn(outlook.placed, day);
  return (
    <div className="flex flex-col gap-3">
      <h2 className="text-2xl font-bold">{dayWords(day)}</h2>
      {columns.length === 0 ? <p className="text-xl">Nobody is here on this day.</p> : null}
      <div
        className="grid gap-3"
        style={{ gridTemplateColumns: `repeat(${Math.max(1, columns.length)}, minmax(0, 1fr))` }}
      >
        {columns.map(({ person, cards, minutes }) => (
          <section
            key={person}
            aria-label={input.people.find(({ id }) => id === person)?.name}
            className="rounded-box border border-base-300 p-3"
          >
            <h3 className="text-2xl font-bold">{input.people.find(({ id }) => id === person)?.name}</h3>
            <p className="dim text-lg">{minutes > 0 ? workTime(minutes) : "nothing planned"}</p>
            <ol className="mt-2 flex flex-col gap-2">
              {cards.map(({ key, placed, minutes: each, goesOn }) => {
                const set = sets.get(placed.visit);
                const standing = sure.get(placed.visit)?.standing;
                const red = standing === "danger" || standing === "broken";
                return (
                  <li key={key}>
                    <button
                      type="button"
                      className={`w-full rounded-field border-2 p-2 text-left hover:bg-base-200 ${red ? "border-error" : "border-base-300"}`}
                      onClick={() => onOpen(key)}
                    >
                      <span className="flex items-baseline gap-2 text-xl">
                        <strong className="font-mono">{set?.job}</strong>
                        <span className="truncate">{set?.name}</span>
                      </span>
                      <span className="flex justify-between text-lg">
                        <span>
                          {workName(placed)}
                          {goesOn ? ", goes on tomorrow" : ""}
                        </span>
                        <span className="dim">{workTime(each)}</span>
                      </span>
                      {red ? <strong className="text-error">promise in danger</strong> : null}
                    </button>
                  </li>
                );
              })}
            </ol>
          </section>
        ))}
      </div>
      {waits.length > 0 ? (
        <p className="text-lg">
          <strong>By itself: </strong>
          {waits.map((one) => `${sets.get(one.visit)?.job ?? ""} ${one.text}`).join(" · ")}
        </p>
      ) : null}
    </div>
  );
}
