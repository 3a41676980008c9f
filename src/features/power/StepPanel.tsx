"use client";

import { OctagonX } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { judgementOf } from "@/core/kinds";
import type { Rise } from "@/core/circuit";
import { DANGER_WORDS, DANGERS, STAGE_NAMES, type Danger, type Method } from "@/core/power";
import { format } from "@/core/quantity";
import type { StepProgress } from "@/core/visit";
import { ErrorText } from "@/ui/form";
import { useKeyDown } from "@/ui/keys";
import { LineHint } from "@/ui/LineHint";
import { useLogbook, useLineOf } from "@/ui/logbook";
import {
  fieldKey,
  readCell,
  readingsOf,
  stepPayload,
  stepTrouble,
  typedAt,
  typedWith,
  type ReadingKey,
  type StepField,
  type TypedStep,
} from "./fields";
import { HoldTimer } from "./HoldTimer";
import { riseText } from "./rise";
import { heldFor } from "./useStep";

const LABELS: Record<ReadingKey, string> = {
  lineVolts: "Line, V",
  amps: "Settled, A",
  bplus: "B+, V",
  heaters: "Heaters, V",
  endAmps: "End, A",
};

/** A winding's field says what belongs there at this step. */
function labelOf(field: StepField, step: StepProgress): string {
  if (typeof field === "string") return LABELS[field];
  const rail = step.expected.rails?.find(({ name }) => name === field.rail);
  return `${field.rail}, V${rail?.unloaded ? ", no load" : ""}`;
}

const SHORT: Record<Danger, string> = {
  smoke: "Smoke",
  smell: "Smell",
  "red-plate": "Red plate",
  arcing: "Arcing",
  "lamp-bright": "Lamp bright",
  other: "Other",
};

type StepPanelProps = {
  step: StepProgress;
  /** what the set's circuit gives at this part of the line */
  rise?: Rise | undefined;
  method: Method;
  typed: TypedStep;
  startedAt: number | undefined;
  onChange: (part: Partial<TypedStep>) => void;
  onStart: () => void;
  /** a step before this one was written just now */
  goesOn: boolean;
  onWrite: () => void;
  onDone: () => void;
};

/** One step, large: the volts to set, what to expect, where to stop; digits go in, Enter or a foot-switch goes on. */
export function StepPanel({
  step,
  rise,
  method,
  typed,
  startedAt,
  onChange,
  onStart,
  goesOn,
  onWrite,
  onDone,
}: StepPanelProps) {
  const { append, shop } = useLogbook();
  const lineOf = useLineOf();
  const [error, setError] = useState<string>();
  const form = useRef<HTMLFormElement>(null);
  const asked = readingsOf(step);
  const payload = (seen: readonly Danger[] = []) => stepPayload(typed, step, { method, lineHz: shop.lineHz, seen });
  const live = judgementOf({ kind: "power-step", payload: payload() });
  const lampStep = step.measures.includes("lamp");

  const write = async (seen: readonly Danger[] = []) => {
    const trouble = seen.length > 0 ? undefined : stepTrouble(typed, step);
    if (trouble) return setError(trouble);
    const seconds = heldFor(startedAt);
    onWrite();
    const outcome = await append({
      kind: "power-step",
      payload: { ...payload(seen), ...(seconds === undefined ? {} : { held: seconds }) },
    });
    if (!outcome.ok) return setError(outcome.problems[0]?.message);
    setError(undefined);
    return onDone();
  };

  // The next step begins in its first field, wherever the one before it was ended: digits and foot-switch just go on.
  useEffect(() => {
    if (goesOn) form.current?.querySelector<HTMLInputElement>("input[data-step]")?.focus();
  }, [goesOn]);

  /** On to the next empty field; from the last one the step is written. A stop is written at once. */
  const goOn = () => {
    const fields = [...(form.current?.querySelectorAll<HTMLInputElement>("input[data-step]") ?? [])];
    const at = fields.indexOf(document.activeElement as HTMLInputElement);
    const key = asked[at];
    if (key === "amps" && readCell("amps", typed.amps, step).kind === "value") onStart();
    const next = at < 0 ? fields.find((field) => field.value === "") : fields[at + 1];
    if (live.verdict === "stop" || !next) return void write();
    next.focus();
    return next.select();
  };

  // The foot-switch works wherever the focus is: both hands are at the set.
  useKeyDown((event) => {
    if (event.key !== "PageDown" || document.querySelector("dialog[open]")) return;
    event.preventDefault();
    goOn();
  });

  return (
    <form
      ref={form}
      className="flex flex-col gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void write();
      }}
      onKeyDown={(event) => {
        const field = (event.target as HTMLElement).matches("input[data-step]");
        if (event.key !== "Enter" || !field) return;
        event.preventDefault();
        goOn();
      }}
    >
      <div className="flex items-end justify-between gap-2">
        <p className="leading-none">
          <span className="dim block pb-1 text-sm">
            {STAGE_NAMES[step.stage]}
            {lampStep ? ", lamp in series" : `, ${format(step.fraction, "percent")}`}
          </span>
          <span className="text-5xl font-bold whitespace-nowrap">{format(step.volts, "voltage", 3)}</span>
        </p>
        <HoldTimer seconds={step.holdSeconds} startedAt={startedAt} onStart={onStart} />
      </div>
      {live.verdict === "stop" ? (
        <p role="alert" className="rounded-box border-4 border-error px-2 py-1 font-bold text-error">
          <OctagonX size={22} className="mr-1 inline" aria-hidden="true" />
          Stop: power off. {live.reasons.map(({ text }) => text).join(" ")} Enter writes it.
        </p>
      ) : (
        <div>
          {step.amps !== undefined ? (
            <p>
              Draws up to <strong>{format(step.amps, "current", 2)}</strong>
              {step.heatersOnlyAmps !== undefined
                ? ` (heaters alone about ${format(step.heatersOnlyAmps, "current", 2)})`
                : ""}
              ,{" "}
              <strong className="whitespace-nowrap text-error">stop above {format(step.stopAmps, "current", 2)}</strong>
            </p>
          ) : (
            <p>
              The sheet has no watts: what it should draw is not known,{" "}
              <strong className="whitespace-nowrap text-error">stop above {format(step.stopAmps, "current", 2)}</strong>
            </p>
          )}
          <p className="dim">
            {[
              step.bplus ? `B+ ${format(step.bplus[0], "voltage", 2)} to ${format(step.bplus[1], "voltage", 2)}` : "",
              step.heaters ? `heaters ${format(step.heaters, "voltage", 3)}` : "",
              step.say,
            ]
              .filter(Boolean)
              .join(" · ")}
          </p>
          {rise ? <p className="dim">{riseText(rise)}</p> : null}
        </div>
      )}
      <div className="grid grid-cols-3 items-start gap-2">
        {asked.map((field) => {
          const key = fieldKey(field);
          const cell = readCell(field, typedAt(typed, field), step);
          return (
            <label key={key} className="flex flex-col">
              <span className="text-sm font-semibold">{labelOf(field, step)}</span>
              <input
                data-step
                className="input h-12 w-full px-2 text-right font-mono text-xl"
                inputMode="decimal"
                autoComplete="off"
                value={typedAt(typed, field)}
                placeholder={key === "lineVolts" ? format(step.volts, "voltage", 3).split(" ")[0] : ""}
                aria-invalid={cell.kind === "problem" || cell.kind === "question"}
                onChange={(event) => {
                  setError(undefined);
                  onChange(typedWith(typed, field, event.target.value));
                }}
              />
              {cell.kind === "problem" ? <span className="text-sm text-warning">{cell.message}</span> : null}
              {cell.kind === "question" ? (
                <span className="text-sm text-warning">
                  {cell.text}
                  <span className="mt-1 flex gap-1">
                    {cell.choices.map((choice) => (
                      <button
                        key={choice}
                        type="button"
                        className="btn btn-outline h-10"
                        onClick={() => onChange(typedWith(typed, field, choice))}
                      >
                        {choice}
                      </button>
                    ))}
                  </span>
                </span>
              ) : null}
            </label>
          );
        })}
        <button className="btn btn-primary mt-5 h-12 px-2">Write, go on</button>
      </div>
      {lampStep ? (
        <fieldset className="flex items-center gap-2">
          <legend className="sr-only">The lamp is</legend>
          <span className="font-semibold">The lamp is</span>
          {(["dark", "dim", "bright"] as const).map((glow) => (
            <button
              key={glow}
              type="button"
              aria-pressed={typed.lamp === glow}
              className={`btn h-10 ${typed.lamp === glow ? "btn-primary" : "btn-outline"}`}
              onClick={() => {
                setError(undefined);
                onChange({ lamp: glow });
              }}
            >
              {glow}
            </button>
          ))}
        </fieldset>
      ) : null}
      {live.verdict === "watch" ? (
        <p className="border-l-4 border-warning pl-2">{live.reasons.map(({ text }) => text).join(" ")}</p>
      ) : null}
      {error ? <ErrorText>{error}</ErrorText> : null}
      <div className="flex flex-wrap items-center gap-1" role="group" aria-label="Stop at once on what is seen">
        <span className="mr-1 font-semibold">Stop on</span>
        {DANGERS.filter((danger) => danger !== "lamp-bright").map((danger) => (
          <button
            key={danger}
            type="button"
            title={DANGER_WORDS[danger]}
            className="btn btn-outline btn-error h-10 px-3"
            onClick={() => void write([danger])}
          >
            {SHORT[danger]}
          </button>
        ))}
      </div>
      <label className="flex flex-col">
        <span className="text-sm font-semibold">What was seen and heard</span>
        <input
          className="input h-11 w-full"
          value={typed.remark}
          maxLength={400}
          placeholder="hums a little, heaters even"
          onChange={(event) => onChange({ remark: event.target.value })}
        />
      </label>
      <LineHint line={lineOf({ kind: "power-step", payload: payload() })} />
    </form>
  );
}
