"use client";

import { Minus, Plus } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { EIGHTHS, millionths, readOutput, readTurns, turnsText } from "@/core/alignment";
import { AIM_WORDS, partOf, type AlignmentRow } from "@/core/model";
import { judgementOf, type Aligned } from "@/core/kinds";
import { printChange } from "@/core/levels";
import { format } from "@/core/quantity";
import { AskWords } from "@/ui/AskWords";
import { ErrorText } from "@/ui/form";
import { useKeyDown } from "@/ui/keys";
import { LineHint } from "@/ui/LineHint";
import { useLineOf } from "@/ui/logbook";
import { Where } from "@/ui/picture/later";
import { OutputByMeter } from "./OutputByMeter";
import { stepText } from "./words";
import type { Typed } from "./read-step";
import type { Align } from "./useAlign";

/** A fact of the step: where, what, how. */
function Fact({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <div className="min-w-0">
      <dt className="dim text-sm">{name}</dt>
      <dd className="font-semibold">{children}</dd>
    </div>
  );
}

function Facts({ row }: { row: AlignmentRow }) {
  const { generator, through, hertz, modulation, dial, measure, level } = row;
  return (
    <dl className="my-2 grid grid-cols-2 gap-x-4 gap-y-1 sm:grid-cols-3">
      {hertz === undefined ? null : (
        <Fact name="Generator">
          <span className="font-mono">{format(hertz, "frequency", 6)}</span>
          {modulation ? `, ${modulation}` : ""}
        </Fact>
      )}
      {generator ? (
        <Fact name="To">
          {generator}
          {through ? `, through ${through}` : ""}
        </Fact>
      ) : through ? (
        <Fact name="Through">{through}</Fact>
      ) : null}
      {dial ? <Fact name="Dial at">{dial}</Fact> : null}
      {measure ? <Fact name="Read at">{measure}</Fact> : null}
      {level ? <Fact name="Output not above">{level}</Fact> : null}
    </dl>
  );
}

type CardProps = { align: Align; row: AlignmentRow; why?: string | undefined };

/** One step, large: what to turn and for what; output before and after, and how far it was turned. */
export function StepCard({ align, row, why }: CardProps) {
  const { typed, type, round, byHand, choose, contentOf, write, goesOn } = align;
  const { sheet } = align;
  const lineOf = useLineOf();
  const [error, setError] = useState<{ field?: keyof Typed; message: string }>();
  const [skipping, setSkipping] = useState(false);
  const form = useRef<HTMLFormElement>(null);
  const note = sheet.components.find(({ designator }) => designator === partOf(row.adjust))?.note;
  const made = contentOf("moved");
  const live = made?.ok ? judgementOf(made.content).change : undefined;
  const beat = row.aim === "zero-beat" ? millionths(readOutput(typed.after || typed.before), row.hertz) : undefined;
  const turned = readTurns(typed.turned) ?? 0;

  // A pedal that is trodden twice writes a step once.
  const writing = useRef(false);
  const save = async (outcome: Aligned["outcome"], reason?: string) => {
    if (writing.current) return;
    writing.current = true;
    const answer = await write(outcome, reason).finally(() => {
      writing.current = false;
    });
    if (answer.ok) {
      setError(undefined);
      setSkipping(false);
      form.current?.querySelector<HTMLInputElement>("input[data-step]")?.focus();
      return;
    }
    setError({ message: answer.message, ...("field" in answer ? { field: answer.field } : {}) });
    if ("field" in answer) form.current?.querySelector<HTMLInputElement>(`input[name="${answer.field}"]`)?.focus();
  };

  // Digits and foot-switch just go on, whichever step comes next.
  useEffect(() => {
    if (goesOn) form.current?.querySelector<HTMLInputElement>("input[data-step]")?.focus();
  }, [goesOn]);

  /** On to the next field; from the last one the step is written. */
  const goOn = () => {
    const fields = [...(form.current?.querySelectorAll<HTMLInputElement>("input[data-step]") ?? [])];
    const at = fields.indexOf(document.activeElement as HTMLInputElement);
    const next = at < 0 ? (fields.find((field) => field.value === "") ?? fields[0]) : fields[at + 1];
    if (!next) return void save("moved");
    next.focus();
    return next.select();
  };

  // Both hands are at the set: the foot-switch goes on, its second pedal says that the step was right.
  useKeyDown((event) => {
    if ((event.key !== "PageDown" && event.key !== "PageUp") || document.querySelector("dialog[open]")) return;
    event.preventDefault();
    if (event.key === "PageUp") void save("right");
    else goOn();
  });

  const nudge = (by: number) => type({ turned: turned + by === 0 ? "0" : turnsText(turned + by) });
  const field = (name: "before" | "after" | "turned" | "loudest", label: string, hint: string, step = true) => (
    <label className="flex min-w-0 flex-1 flex-col">
      <span className="text-sm font-semibold">{label}</span>
      <input
        name={name}
        className="input h-12 w-full font-mono text-lg"
        {...(step ? { "data-step": name } : {})}
        value={typed[name]}
        placeholder={hint}
        autoComplete="off"
        aria-invalid={error?.field === name}
        onChange={(event) => type({ [name]: event.target.value })}
      />
    </label>
  );
  return (
    <section aria-label={`Step: ${stepText(row)}`} className="rounded-box border-2 border-primary p-3">
      <form
        ref={form}
        onSubmit={(event) => {
          event.preventDefault();
          void save("moved");
        }}
        onKeyDown={(event) => {
          if (event.key !== "Enter" || !(event.target as HTMLElement).matches("input[data-step]")) return;
          event.preventDefault();
          goOn();
        }}
      >
        <div className="flex flex-wrap items-baseline justify-between gap-x-4">
          <p className="dim">
            {row.group}, round {round}
            {row.end ? `, ${row.end} end` : ""}
          </p>
          {byHand ? (
            <button type="button" className="link" onClick={() => choose(undefined)}>
              Back to the next step
            </button>
          ) : null}
        </div>
        <div className="grid gap-x-4 sm:grid-cols-[minmax(0,1fr)_13rem]">
          <div className="min-w-0">
            <p className="text-4xl leading-tight font-bold">
              {row.adjust}{" "}
              <span className="text-2xl font-semibold">
                {row.aim === "figure" ? `to ${row.figure ?? AIM_WORDS.figure}` : `for ${AIM_WORDS[row.aim]}`}
              </span>
            </p>
            <Facts row={row} />
            {why ? <p className="dim text-sm">Why: {why}</p> : null}
            {note || row.remark ? <p className="text-sm">{[row.remark, note].filter(Boolean).join("; ")}</p> : null}
          </div>
          <Where names={[row.adjust]} />
        </div>
        <div className="mt-2 flex flex-wrap items-end gap-3">
          {field("before", "Output before", "0.8 V")}
          {field("after", "Output after", "1.2 V")}
          <div className="flex min-w-52 flex-1 items-end gap-1">
            <button
              type="button"
              className="btn btn-outline h-12 w-12 px-0"
              aria-label="An eighth out"
              onClick={() => nudge(-1)}
            >
              <Minus size={18} aria-hidden="true" />
            </button>
            {field("turned", `Turned, ${EIGHTHS}ths`, "3/8 in")}
            <button
              type="button"
              className="btn btn-outline h-12 w-12 px-0"
              aria-label="An eighth in"
              onClick={() => nudge(1)}
            >
              <Plus size={18} aria-hidden="true" />
            </button>
          </div>
        </div>
        <OutputByMeter
          adjust={row.adjust}
          onTake={(text) => type(typed.before === "" ? { before: text } : { after: text })}
        />
        <p className="min-h-6" aria-live="polite">
          {beat === undefined ? null : <strong className="font-mono">{beat.toFixed(2)} ppm off </strong>}
          {live === undefined ? null : (
            <>
              <strong className="font-mono">{printChange(live, "dB")}</strong> <span className="dim">by this step</span>
            </>
          )}
        </p>
        {error ? <ErrorText>{error.message}</ErrorText> : null}
        <div className="mt-2 flex flex-wrap gap-2">
          <button className="btn btn-primary h-12">Turned: write it down</button>
          <button type="button" className="btn btn-outline h-12" onClick={() => void save("right")}>
            Was right: left
          </button>
          <button type="button" className="btn btn-ghost h-12" onClick={() => setSkipping(true)}>
            Skip…
          </button>
        </div>
        <div className="mt-3 flex flex-wrap items-end gap-x-4 gap-y-2">
          {row.hertz === undefined || row.aim !== "maximum" ? null : (
            <div className="w-44">{field("loudest", "Loudest at, kHz", `${row.hertz / 1e3}`, false)}</div>
          )}
          <label className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="checkbox"
              checked={typed.end}
              onChange={(event) => type({ end: event.target.checked })}
            />
            It stands at the end of its travel
          </label>
          <label className="flex min-w-40 flex-1 flex-col">
            <span className="text-sm font-semibold">Remark</span>
            <input
              className="input h-11 w-full"
              value={typed.remark}
              autoComplete="off"
              onChange={(event) => type({ remark: event.target.value })}
            />
          </label>
        </div>
        <p className="dim mt-1 text-sm">
          Foot-switch: Page Down goes on, Page Up says that it was right. In is clockwise, seen from where the tool goes
          in.
        </p>
        <LineHint line={made?.ok ? lineOf(made.content) : `align ${row.adjust} 0.8 V -> 1.2 V, 3/8 in`} />
      </form>
      {skipping ? (
        <AskWords
          label="Why is it skipped?"
          onWrite={(reason) =>
            reason ? void save("skipped", reason) : setError({ message: "Say why it is skipped." })
          }
          onCancel={() => setSkipping(false)}
        />
      ) : null}
    </section>
  );
}
