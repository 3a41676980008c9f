"use client";

import { useState } from "react";
import { readMinutes, tickOf, type Modification, type TickList } from "@/core/kinds";
import { hardware } from "@/core/modifications";
import { aroundFitting } from "@/core/visit";
import { printMeasured } from "@/core/readings";
import { ErrorText } from "@/ui/form";
import { useLogbook } from "@/ui/logbook";
import { fittedFrom } from "./parts";
import { TickLine, type TickAnswer } from "./Tick";
import { useWrite } from "./useWrite";
import { ResultTable } from "@/ui/ResultTable";

const ANSWERS: readonly TickAnswer[] = [
  { state: "done", button: "Done", asks: "What was seen or measured", example: "0.78 V at full volume, no hum" },
  { state: "skipped", button: "Waive", asks: "Why it is waived", example: "the owner does it himself on the air" },
];

type Around = ReturnType<typeof aroundFitting>[number];
const print = ({ quantity, unit }: Around, value: number | undefined): string =>
  value === undefined ? "–" : quantity ? printMeasured(value, quantity) : `${value} ${unit ?? ""}`;

/** Readings around the fitting: the same points before and after, out of the log. */
function Around({ modification }: { modification: Modification }) {
  const { settled } = useLogbook();
  const rows = aroundFitting(settled, modification);
  if (rows.length === 0)
    return <p className="dim">Readings and tests before and after it was fitted are put side by side here.</p>;
  return (
    <ResultTable
      rows={rows}
      keyOf={({ name }) => name}
      columns={[
        { head: "Point or test", names: true, className: "font-normal", cell: ({ name }) => name },
        { head: "Before", figure: true, cell: (row) => print(row, row.before) },
        { head: "After", figure: true, cell: (row) => print(row, row.after) },
      ]}
    />
  );
}

/** What is still to tick before it counts as fitted. */
function lacks(modification: Modification, ready: boolean): string[] {
  const { steps } = modification.payload;
  const open = steps.filter((_, index) => !tickOf(modification, "step", String(index + 1))).length;
  const { out, back } = hardware(modification);
  return [
    ...(ready ? [] : ["a prerequisite is not confirmed"]),
    ...(open > 0 ? [`${open} of ${steps.length} steps are neither done nor skipped with a reason`] : []),
    ...(out > back ? [`${out - back} screws are still out`] : []),
  ];
}

/** Fitted: its parts are in the record now. What it made necessary stays open until it is done or waived. */
export function ModAfter({ modification, ready }: { modification: Modification; ready: boolean }) {
  const { stock, refreshStock } = useLogbook();
  const { write, error, setError } = useWrite();
  const [minutes, setMinutes] = useState("");
  const { payload } = modification;
  const fitted = modification.state === "fitted";
  const missing = lacks(modification, ready);
  const fit = async () => {
    const took = readMinutes(minutes);
    if (minutes.trim() && !took) return setError(`“${minutes.trim()}” is not a time: 70, or 1 h 10 min.`);
    if (missing.length > 0) return setError(`Not yet: ${missing.join("; ")}.`);
    const parts = fittedFrom(payload.parts, stock);
    const done = await write({
      kind: "modification",
      payload: { ...payload, parts, state: "fitted", about: modification.id },
    });
    if (done && took)
      await write({ kind: "labour", payload: { v: 1, step: "modify", minutes: took, what: payload.name } });
    if (done) await refreshStock();
    return undefined;
  };
  const lists: { list: TickList & ("verify" | "recalibrate"); title: string }[] = [
    { list: "verify", title: "Verify" },
    { list: "recalibrate", title: "Recalibrate" },
  ];
  return (
    <section aria-label="After fitting" className="flex flex-col gap-3">
      {fitted ? (
        <p className="rounded-box border border-success p-2">
          <strong className="text-success">Fitted.</strong> What is open below stands in the way of handing back.
        </p>
      ) : (
        <form
          className="flex flex-wrap items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            void fit();
          }}
        >
          <label className="flex flex-col gap-1 font-semibold">
            Time it took, min
            <input
              className="input h-11 w-28 text-right font-mono"
              inputMode="numeric"
              value={minutes}
              placeholder={payload.minutes === undefined ? "" : String(payload.minutes)}
              onChange={(event) => setMinutes(event.target.value)}
            />
          </label>
          <button className="btn btn-primary h-11">It is fitted</button>
          {missing.length > 0 ? <p className="dim grow">Still: {missing.join("; ")}.</p> : null}
        </form>
      )}
      {error ? <ErrorText>{error}</ErrorText> : null}
      {lists.map(({ list, title }) =>
        payload[list].length === 0 ? null : (
          <div key={list}>
            <h3 className="font-bold">{title}</h3>
            <ul>
              {payload[list].map((text, index) => {
                const key = String(index + 1);
                const tick = tickOf(modification, list, key);
                const current = tick && fitted && Date.parse(tick.at) >= Date.parse(modification.at) ? tick : undefined;
                return (
                  <TickLine
                    key={key}
                    modification={modification}
                    list={list}
                    line={{ key, text }}
                    tick={current}
                    answers={ANSWERS}
                    disabled={!fitted}
                  />
                );
              })}
            </ul>
          </div>
        ),
      )}
      <Around modification={modification} />
      {payload.instructions ? (
        <p>
          <strong>For the owner:</strong> {payload.instructions}
        </p>
      ) : null}
      {payload.undo ? <p className="dim">To put it back: {payload.undo}</p> : null}
    </section>
  );
}
