"use client";

import { Plus, X } from "lucide-react";
import { useMemo, useState } from "react";
import { parseLine } from "@/core/bench-line";
import { ACTIONS, NEEDS_REASON, OLD_PART_NAMES, OLD_PARTS, type Action, type OldPart } from "@/core/kinds";
import { DraftChip } from "@/ui/DraftChip";
import { ErrorText, Field } from "@/ui/form";
import { LineHint } from "@/ui/LineHint";
import { useLogbook, useLineContext } from "@/ui/logbook";
import { EMPTY_WORK, isEmpty, lineOfFields, putsIn, stillMissing, type WorkFields } from "./fields";

type WorkFormProps = { fields: WorkFields; onChange: (next: WorkFields | ((now: WorkFields) => WorkFields)) => void };

/** One piece of work on a part. The form writes a bench line, and shows what the line is understood as. */
export function WorkForm({ fields, onChange }: WorkFormProps) {
  const { append } = useLogbook();
  const context = useLineContext();
  // An answer to a question of the line holds until a field changes.
  const [answered, setAnswered] = useState<{ from: string; line: string }>();
  const [refusal, setRefusal] = useState<string>();
  const typed = lineOfFields(fields);
  const line = answered?.from === typed ? answered.line : typed;
  const result = useMemo(() => parseLine(line, context), [line, context]);
  const missing = stillMissing(fields);
  const change = (part: Partial<WorkFields>) => {
    setRefusal(undefined);
    onChange({ ...fields, ...part });
  };
  const changeNow = (index: number, part: Partial<WorkFields["now"][number]>) =>
    change({ now: fields.now.map((item, at) => (at === index ? { ...item, ...part } : item)) });

  const save = async () => {
    if (result.kind !== "draft" || result.draft.type !== "content") return;
    // The form is free for the next part at once; refused, what was typed comes back unless something new stands there.
    const written = fields;
    onChange(EMPTY_WORK);
    const outcome = await append(result.draft.content);
    if (outcome.ok) return;
    onChange((current) => (isEmpty(current) ? written : current));
    setRefusal(outcome.problems[0]?.message);
  };
  const reasonNeeded = NEEDS_REASON.includes(fields.action);

  return (
    <form
      className="flex flex-col gap-2 rounded-box bg-base-200 p-3"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <div className="grid grid-cols-[8rem_10rem_1fr] gap-2">
        <Field label="Part">
          {(props) => (
            <input
              {...props}
              className="input h-11 w-full font-mono"
              value={fields.designators}
              placeholder="C14"
              autoComplete="off"
              list="places"
              onChange={(event) => change({ designators: event.target.value })}
            />
          )}
        </Field>
        <Field label="was">
          {(props) => (
            <select
              {...props}
              className="select h-11 w-full"
              value={fields.action}
              onChange={(event) => change({ action: event.target.value as Action })}
            >
              {ACTIONS.map((action) => (
                <option key={action}>{action}</option>
              ))}
            </select>
          )}
        </Field>
        <Field label={reasonNeeded ? "Why (needed)" : "Why, if it is not plain"}>
          {(props) => (
            <input
              {...props}
              className="input h-11 w-full"
              value={fields.why}
              autoComplete="off"
              onChange={(event) => change({ why: event.target.value })}
            />
          )}
        </Field>
        <Field label="It was">
          {(props) => (
            <input
              {...props}
              className="input h-11 w-full font-mono"
              value={fields.was}
              placeholder=".05/400"
              autoComplete="off"
              onChange={(event) => change({ was: event.target.value })}
            />
          )}
        </Field>
        <Field label="It measured">
          {(props) => (
            <input
              {...props}
              className="input h-11 w-full font-mono"
              value={fields.measured}
              placeholder="612k"
              autoComplete="off"
              onChange={(event) => change({ measured: event.target.value })}
            />
          )}
        </Field>
        <Field label="Found">
          {(props) => (
            <input
              {...props}
              className="input h-11 w-full"
              value={fields.found}
              placeholder="leaky"
              autoComplete="off"
              onChange={(event) => change({ found: event.target.value })}
            />
          )}
        </Field>
      </div>
      {putsIn(fields.action) ? (
        <fieldset className="flex flex-col gap-1.5">
          <legend className="mb-1 font-semibold">What went in</legend>
          {fields.now.map((part, index) => (
            <div key={index} className="flex gap-2">
              {fields.now.length > 1 ? (
                <input
                  className="input h-11 w-28 font-mono"
                  aria-label={`New part ${index + 1}, designator`}
                  value={part.designator}
                  placeholder="C1A"
                  onChange={(event) => changeNow(index, { designator: event.target.value })}
                />
              ) : null}
              <input
                className="input h-11 grow font-mono"
                data-first={index === 0 || undefined}
                aria-label={`New part ${index + 1}, value and rating`}
                value={part.text}
                placeholder="0.047/630 film"
                autoComplete="off"
                onChange={(event) => changeNow(index, { text: event.target.value })}
              />
              <label className="flex min-h-11 items-center gap-2 whitespace-nowrap">
                <input
                  type="checkbox"
                  className="checkbox"
                  checked={part.owner}
                  onChange={(event) => changeNow(index, { owner: event.target.checked })}
                />
                the owner&rsquo;s
              </label>
              {fields.now.length > 1 ? (
                <button
                  type="button"
                  className="btn btn-ghost btn-square h-11"
                  aria-label={`Remove new part ${index + 1}`}
                  onClick={() => change({ now: fields.now.filter((_, at) => at !== index) })}
                >
                  <X size={18} aria-hidden="true" />
                </button>
              ) : null}
              {index === fields.now.length - 1 ? (
                <button
                  type="button"
                  className="btn h-11"
                  onClick={() => change({ now: [...fields.now, { designator: "", text: "", owner: false }] })}
                >
                  <Plus size={18} aria-hidden="true" /> One more
                </button>
              ) : null}
            </div>
          ))}
        </fieldset>
      ) : null}
      <div className="flex flex-wrap items-end gap-2">
        <label className="flex flex-col">
          <span className="font-semibold">The old part is</span>
          <select
            className="select h-11 w-60"
            value={fields.oldPart}
            onChange={(event) => change({ oldPart: event.target.value as OldPart | "" })}
          >
            <option value="">not noted</option>
            {OLD_PARTS.map((place) => (
              <option key={place} value={place}>
                {OLD_PART_NAMES[place]}
              </option>
            ))}
          </select>
        </label>
        <button className="btn btn-primary h-11" disabled={missing !== undefined || result.kind !== "draft"}>
          Write it down
        </button>
        <button type="button" className="btn btn-ghost h-11" onClick={() => onChange(EMPTY_WORK)}>
          Clear
        </button>
      </div>
      {refusal ? <ErrorText>{refusal}</ErrorText> : null}
      {missing ? (
        <p className="dim">{missing}</p>
      ) : (
        <>
          <DraftChip
            result={result}
            line={line}
            onChoose={(choice) => setAnswered({ from: typed, line: choice.text })}
          />
          <LineHint line={line} />
        </>
      )}
    </form>
  );
}
