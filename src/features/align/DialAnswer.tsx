"use client";

import { useState } from "react";
import type { ModelBand } from "@/core/model";
import { format } from "@/core/quantity";
import { surelyOff, TRACKING_PARTS, type PartChange } from "@/core/tracking";
import { ErrorText } from "@/ui/form";
import { LineHint } from "@/ui/LineHint";
import { saying, useLogbook, useLineOf } from "@/ui/logbook";
import { changeText, moveText, openText, PATTERN, placeOf, remainsText } from "./dial-words";
import type { Dial } from "./useDial";

/** A part that is far from its drawn value: into the recap plan, and told to the search. */
function FarOff({ change, band }: { change: PartChange; band: ModelBand }) {
  const { append } = useLogbook();
  const lineOf = useLineOf();
  const [error, setError] = useState<string>();
  const [done, setDone] = useState(false);
  const designator = change.part === "l" ? band.coil : band[change.part];
  const says = `by the dial’s errors on ${band.name} it is ${format(change.now, change.part === "l" ? "inductance" : "capacitance", 3)}`;
  const drawn = format(change.drawn, "capacitance", 3);
  const plan =
    designator && change.part !== "l"
      ? ({
          kind: "plan-line",
          payload: { v: 1, designator, action: "replace", value: { text: drawn, value: change.drawn }, why: says },
        } as const)
      : undefined;
  const symptom = {
    kind: "symptom",
    payload: {
      v: 1,
      what: `dial is off on ${band.name}, most at the ${change.part === "trimmer" ? "high" : "low"} end${designator ? `: ${designator}` : ""}, ${says}`,
      state: "present",
    },
  } as const;
  const write = async () => {
    for (const content of [symptom, ...(plan ? [plan] : [])]) {
      const answer = saying(await append(content));
      if (!answer.ok) return setError(answer.message);
    }
    setError(undefined);
    return setDone(true);
  };
  return (
    <div className="mt-2 rounded-box border-2 border-warning p-3">
      <p className="font-bold">
        {placeOf(change.part, band)} is far from its value: that is a fault of a part, no matter of turning.
      </p>
      <p>Unsolder one end and measure it before you replace it: the dial computes a value, it does not measure one.</p>
      {done ? (
        <p className="font-semibold text-success">Written down{plan ? ", and in the recap plan" : ""}.</p>
      ) : (
        <button type="button" className="btn btn-primary mt-2 h-11" onClick={() => void write()}>
          {plan ? `Tell the search, and plan ${designator} with ${drawn}` : "Tell the search"}
        </button>
      )}
      {error ? <ErrorText>{error}</ErrorText> : null}
      {plan ? <LineHint line={lineOf(plan)} /> : null}
    </div>
  );
}

/** What the dial's errors say, in words: which part, which way, how far, and what will remain. */
export function DialAnswer({ dial }: { dial: Dial }) {
  const { fit, band, answer, advice, movable, made, setMove } = dial;
  if (!fit || !band || !made?.ok) return null;
  if (fit.right)
    return (
      <p className="mt-2 font-bold text-success">
        The dial is right to within the reading at all {fit.points.length} points.
      </p>
    );
  const open = openText(fit);
  const off = answer?.changes.filter(surelyOff) ?? [];
  const fixed = off.filter(({ part }) => !movable.includes(part));
  return (
    <section aria-label="What the dial says" className="mt-2">
      {open ? <p className="font-semibold text-warning">{open}</p> : null}
      <ul className="my-1">
        {fit.explanations.slice(0, 3).map(({ changes }) => (
          <li key={changes.map(({ part }) => part).join(" ")} className="text-lg">
            {changes.map((change) => changeText(change, band)).join("; ")}
          </li>
        ))}
      </ul>
      {answer?.changes.length === 1 && answer.changes[0] ? (
        <p className="dim">{PATTERN[answer.changes[0].part]}</p>
      ) : null}
      <fieldset className="my-1 flex flex-wrap items-center gap-x-4">
        <legend className="sr-only">What can be turned</legend>
        <span className="dim" aria-hidden="true">
          Can be turned:
        </span>
        {TRACKING_PARTS.filter((part) => made.drawn.tuned[part] !== undefined).map((part) => (
          <label key={part} className="flex min-h-10 items-center gap-2">
            <input
              type="checkbox"
              className="checkbox"
              checked={movable.includes(part)}
              onChange={(event) => setMove(part, event.target.checked)}
            />
            {placeOf(part, band)}
          </label>
        ))}
      </fieldset>
      {advice ? (
        <div className="rounded-box bg-base-200 p-3">
          {advice.moves.length === 0 ? (
            <p>Nothing of it can be turned.</p>
          ) : (
            <ul>
              {advice.moves
                .filter(({ change }) => Math.abs(change) > 0.001)
                .map((move) => (
                  <li key={move.part} className="font-semibold">
                    {moveText(move, band)}
                  </li>
                ))}
            </ul>
          )}
          <p>{remainsText(advice)}</p>
          <ul className="flex flex-wrap gap-x-4" aria-label="What will remain">
            {fit.points.map(({ dial: at }, n) => {
              const remains = (advice.remains[n] ?? 0) * at;
              return (
                <li key={at} className="whitespace-nowrap">
                  {format(at, "frequency", 4)}:{" "}
                  <span className="font-mono">
                    {remains < 0 ? "−" : "+"}
                    {Math.abs(remains / 1e3).toFixed(1)} kHz
                  </span>
                </li>
              );
            })}
          </ul>
        </div>
      ) : null}
      {fixed.map((change) => (
        <FarOff key={change.part} change={change} band={band} />
      ))}
    </section>
  );
}
