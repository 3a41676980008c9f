"use client";

import { TriangleAlert } from "lucide-react";
import { useState } from "react";
import { tickOf, type Modification } from "@/core/kinds";
import { hardware, together } from "@/core/modifications";
import { ErrorText } from "@/ui/form";
import { useLogbook } from "@/ui/logbook";
import { TickLine, type TickAnswer } from "./Tick";
import { useWrite } from "./useWrite";

const ANSWERS: readonly TickAnswer[] = [
  { state: "done", button: "Done" },
  { state: "skipped", button: "Skip", asks: "Why it is skipped", example: "not fitted on this set, done before" },
];

const count = (text: string): number | undefined | "wrong" => {
  if (text.trim() === "") return undefined;
  return /^\d{1,3}$/.test(text.trim()) ? Number(text.trim()) : "wrong";
};

type StepProps = { modification: Modification; index: number; disabled: boolean };

/** One step: its caution above it, what else needs the same opening, and the screws that came out. */
function StepLine({ modification, index, disabled }: StepProps) {
  const { settled, input } = useLogbook();
  const [out, setOut] = useState("");
  const [back, setBack] = useState("");
  const step = modification.payload.steps[index];
  if (!step) return null;
  const key = String(index + 1);
  const tick = tickOf(modification, "step", key);
  const also = step.opens ? together(step.opens, settled, input.now, modification.id) : [];
  const counts = () => {
    const [a, b] = [count(out), count(back)];
    if (a === "wrong" || b === "wrong") return { problem: "Screws are counted in whole numbers: 6." };
    return { ...(a === undefined ? {} : { out: a }), ...(b === undefined ? {} : { back: b }) };
  };
  return (
    <TickLine
      modification={modification}
      list="step"
      line={{ key, text: step.text }}
      tick={tick}
      answers={ANSWERS}
      disabled={disabled}
      extra={counts}
    >
      {step.caution ? (
        <p className="mt-1 flex gap-2 border-l-4 border-warning pl-2 font-semibold">
          <TriangleAlert size={18} className="mt-0.5 shrink-0 text-warning" aria-hidden="true" /> {step.caution}
        </p>
      ) : null}
      {also.length > 0 ? (
        <div className="mt-1 border-l-4 border-primary pl-2">
          <p>
            While the {step.opens} is off: {also.length === 1 ? "this needs" : `these ${also.length} need`} it off too
          </p>
          <ul className="list-disc pl-5">
            {also.map((text) => (
              <li key={text}>{text}</li>
            ))}
          </ul>
        </div>
      ) : null}
      <div className="mt-1 flex flex-wrap items-center gap-2 text-sm">
        {step.screws !== undefined ? <span className="dim">{step.screws} screws or clips</span> : null}
        <label className="flex items-center gap-1">
          out
          <input
            className="input h-10 w-16 text-right font-mono"
            inputMode="numeric"
            value={out}
            placeholder={tick?.out === undefined ? "0" : String(tick.out)}
            aria-label={`Screws out: ${step.text}`}
            onChange={(event) => setOut(event.target.value)}
          />
        </label>
        <label className="flex items-center gap-1">
          back in
          <input
            className="input h-10 w-16 text-right font-mono"
            inputMode="numeric"
            value={back}
            placeholder={tick?.back === undefined ? "0" : String(tick.back)}
            aria-label={`Screws back: ${step.text}`}
            onChange={(event) => setBack(event.target.value)}
          />
        </label>
      </div>
    </TickLine>
  );
}

/** Read through once, then step by step. */
export function ModSteps({ modification, ready }: { modification: Modification; ready: boolean }) {
  const { write, error } = useWrite();
  const { steps } = modification.payload;
  const read = tickOf(modification, "read", "1");
  const { out, back } = hardware(modification);
  if (steps.length === 0) return <p className="dim">It is described without steps.</p>;
  if (!read)
    return (
      <section aria-label="Read through" className="flex flex-col gap-2">
        <p>Read all of it once before the first screw is turned.</p>
        <ol className="list-decimal pl-6">
          {steps.map((step, index) => (
            <li key={index} className="py-0.5">
              {step.text}
              {step.caution ? <strong className="block border-l-4 border-warning pl-2">{step.caution}</strong> : null}
            </li>
          ))}
        </ol>
        {error ? <ErrorText>{error}</ErrorText> : null}
        <button
          type="button"
          className="btn btn-primary h-11 self-start"
          onClick={() =>
            void write({
              kind: "tick",
              payload: {
                v: 1,
                about: modification.id,
                list: "read",
                key: "1",
                text: "Read through once",
                state: "done",
              },
            })
          }
        >
          I have read it through
        </button>
      </section>
    );
  return (
    <section aria-label="Steps" className="flex flex-col gap-2">
      {ready ? null : (
        <p className="border-l-4 border-warning pl-2 font-semibold">
          A prerequisite is not confirmed: look at it first, or say there why it does not apply.
        </p>
      )}
      <ol>
        {steps.map((_, index) => (
          <StepLine key={index} modification={modification} index={index} disabled={!ready} />
        ))}
      </ol>
      <p className={out === back ? "dim" : "border-l-4 border-warning pl-2 font-semibold"} role="status">
        Screws and clips: {out} out, {back} back in
        {out === back ? "" : `: ${Math.abs(out - back)} ${out > back ? "still to go back" : "more than came out"}`}
      </p>
    </section>
  );
}
