"use client";

import { useState } from "react";
import { describe, ofKind, OLD_PART_NAMES, OLD_PARTS, PLACE_ACTIONS, PLACES, type OldPart } from "@/core/kinds";
import { GRADES, type Grade } from "@/core/policy";
import { describeItem } from "@/core/stock";
import { ErrorText, Field } from "@/ui/Field";
import { useKept } from "@/ui/kept";
import { LineHint } from "@/ui/LineHint";
import { useLogbook } from "@/ui/logbook";
import { EMPTY_PLACE, placeFields, readPlaceFields, type PlaceFields } from "./place-fields";

type GradeFieldProps = { label: string; value: Grade | ""; onChange: (grade: Grade | "") => void };

const GradeField = ({ label, value, onChange }: GradeFieldProps) => (
  <Field label={label}>
    {(props) => (
      <select
        {...props}
        className="select h-11 w-full"
        value={value}
        onChange={(event) => onChange(event.target.value as Grade | "")}
      >
        <option value="">not graded</option>
        {GRADES.map((grade) => (
          <option key={grade} value={grade}>
            {grade.replace("-", " ")}
          </option>
        ))}
      </select>
    )}
  </Field>
);

/** Fix: work on what has no designator, such as a drive, a socket or the cabinet, and what was done so far. */
export function PlacePlate() {
  const { settled, visit, stock, context, model, append, lineOf } = useLogbook();
  const { value: fields, set: setFields } = useKept(`place ${visit.id}`, placeFields, EMPTY_PLACE);
  const [error, setError] = useState<string>();
  const change = (part: Partial<PlaceFields>) => {
    setError(undefined);
    setFields({ ...fields, ...part });
  };
  const read = readPlaceFields(fields, context);
  const done = ofKind(settled, "place-work").filter(({ entry }) => entry.visitId === visit.id);

  const save = async () => {
    if (!read.ok) return setError(read.message);
    const outcome = await append(read.content);
    if (outcome.ok) setFields(EMPTY_PLACE);
    return setError(outcome.ok ? undefined : outcome.problems[0]?.message);
  };
  const text = (
    label: string,
    key: "place" | "found" | "material" | "why" | "code",
    placeholder: string,
    list?: string,
  ) => (
    <Field label={label}>
      {(props) => (
        <input
          {...props}
          className="input h-11 w-full"
          value={fields[key]}
          placeholder={placeholder}
          autoComplete="off"
          list={list}
          onChange={(event) => change({ [key]: event.target.value })}
        />
      )}
    </Field>
  );

  return (
    <div className="flex flex-col gap-3">
      <form
        className="flex flex-col gap-2 rounded-box bg-base-200 p-3"
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <div className="grid gap-2 sm:grid-cols-2">
          {text("Place without a designator", "place", "tuning drive, V3 socket, cabinet", "places-named")}
          {text("Found", "found", "gummed")}
        </div>
        <fieldset>
          <legend className="font-semibold">What was done</legend>
          <div className="flex flex-wrap gap-x-4">
            {PLACE_ACTIONS.map((action) => (
              <label key={action} className="flex min-h-11 items-center gap-2">
                <input
                  type="checkbox"
                  className="checkbox"
                  checked={fields.actions.includes(action)}
                  onChange={(event) =>
                    change({
                      actions: event.target.checked
                        ? [...fields.actions, action]
                        : fields.actions.filter((one) => one !== action),
                    })
                  }
                />
                {action}
              </label>
            ))}
          </div>
        </fieldset>
        <div className="grid gap-2 sm:grid-cols-3">
          <GradeField label="Before" value={fields.before} onChange={(before) => change({ before })} />
          <GradeField label="After" value={fields.after} onChange={(after) => change({ after })} />
          <Field label="The old one is">
            {(props) => (
              <select
                {...props}
                className="select h-11 w-full"
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
            )}
          </Field>
          {text("Material or new part", "material", "damping grease")}
          {text("From stock, its label", "code", "JP00001A7", "stock-labels")}
          {text(fields.actions.includes("left") ? "Why (needed)" : "Why, if it is not plain", "why", "it slipped")}
        </div>
        <datalist id="places-named">
          {PLACES.map((place) => (
            <option key={place} value={place} />
          ))}
          {model.sheet.tubes.map(({ position }) => (
            <option key={position} value={`${position} socket`} />
          ))}
        </datalist>
        <datalist id="stock-labels">
          {stock.map((item) => (
            <option key={item.id} value={item.code}>
              {describeItem(item)}
            </option>
          ))}
        </datalist>
        <div className="flex flex-wrap gap-2">
          <button className="btn btn-primary h-11">Write it down</button>
          <button type="button" className="btn btn-ghost h-11" onClick={() => change(EMPTY_PLACE)}>
            Clear
          </button>
        </div>
        {error ? <ErrorText>{error}</ErrorText> : null}
        {read.ok ? <LineHint line={lineOf(read.content)} /> : <p className="dim">{read.message}</p>}
      </form>
      <section aria-label="Done at such places in this visit">
        <h2 className="font-bold">In this visit</h2>
        {done.length === 0 ? <p className="dim">Nothing yet.</p> : null}
        <ul>
          {done.map(({ entry, content }) => {
            const line = describe(content);
            return (
              <li key={entry.id} className="border-b border-base-300 py-1.5">
                <strong>{line.subject}</strong> {line.text}
              </li>
            );
          })}
        </ul>
      </section>
    </div>
  );
}
