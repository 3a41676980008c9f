"use client";

import { describe, ofKind, OLD_PART_NAMES, OLD_PARTS, PLACE_ACTIONS, PLACES } from "@/core/kinds";
import { GRADES } from "@/core/policy";
import { describeItem } from "@/core/stock";
import { ErrorText, Form, FormEnd, SelectField, TextField, TickField, useForm } from "@/ui/form";
import { LineHint } from "@/ui/LineHint";
import { SideBySide } from "@/ui/SideBySide";
import { saying, useLogbook, useLineOf, useLineContext } from "@/ui/logbook";
import { EMPTY_PLACE, placeFields, readPlaceFields, type PlaceFields } from "./place-fields";

const GRADE_OPTIONS = [
  ["", "not graded"],
  ...GRADES.map((grade) => [grade, grade.replace("-", " ")] as const),
] as const;
const OLD_PART_OPTIONS = [
  ["", "not noted"],
  ...OLD_PARTS.map((place) => [place, OLD_PART_NAMES[place]] as const),
] as const;

/** Fix: work on what has no designator, such as a drive, a socket or the cabinet, and what was done so far. */
export function PlacePlate() {
  const { settled, visit, stock, model, append } = useLogbook();
  const context = useLineContext();
  const lineOf = useLineOf();
  const form = useForm<PlaceFields>({
    initial: EMPTY_PLACE,
    keep: { key: `place ${visit.id}`, fits: placeFields },
    check: (typed) => {
      const read = readPlaceFields(typed, context);
      return read.ok ? {} : { [read.field]: read.message };
    },
    save: async (typed) => {
      const read = readPlaceFields(typed, context);
      return read.ok ? saying(await append(read.content)) : read;
    },
    next: () => EMPTY_PLACE,
  });
  const { fields, field, change } = form;
  const read = readPlaceFields(fields, context);
  const done = ofKind(settled, "place-work").filter(({ entry }) => entry.visitId === visit.id);
  const places = [...PLACES, ...model.sheet.tubes.map(({ position }) => `${position} socket`)];
  const inThisVisit = (
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
  );
  return (
    <SideBySide narrow="below" side={inThisVisit}>
      <Form form={form} label="Work at another place" className="flex flex-col gap-2 rounded-box bg-base-200 p-3">
        <div className="grid gap-2 sm:grid-cols-2">
          <TextField
            label="Place without a designator"
            placeholder="tuning drive, V3 socket, cabinet"
            inputClass="w-full"
            choices={places}
            {...field("place")}
          />
          <TextField label="Found" placeholder="gummed" inputClass="w-full" {...field("found")} />
        </div>
        <fieldset data-invalid={form.problem("actions") ? true : undefined}>
          <legend className="font-semibold">What was done</legend>
          <div className="flex flex-wrap gap-x-4">
            {PLACE_ACTIONS.map((action) => (
              <TickField
                key={action}
                label={action}
                value={fields.actions.includes(action)}
                onChange={(on) =>
                  change({
                    actions: on ? [...fields.actions, action] : fields.actions.filter((one) => one !== action),
                  })
                }
              />
            ))}
          </div>
          {form.problem("actions") ? <ErrorText>{form.problem("actions")}</ErrorText> : null}
        </fieldset>
        <div className="grid gap-2 sm:grid-cols-3">
          <SelectField label="Before" options={GRADE_OPTIONS} {...field("before")} />
          <SelectField label="After" options={GRADE_OPTIONS} {...field("after")} />
          <SelectField label="The old one is" options={OLD_PART_OPTIONS} {...field("oldPart")} />
          <TextField
            label="Material or new part"
            placeholder="damping grease"
            inputClass="w-full"
            {...field("material")}
          />
          <TextField
            label="From stock, its label"
            placeholder="JP00001A7"
            choices={stock.map((item) => ({ value: item.code, text: describeItem(item) }))}
            {...field("code")}
          />
          <TextField
            label={fields.actions.includes("left") ? "Why (needed)" : "Why, if it is not plain"}
            placeholder="it slipped"
            inputClass="w-full"
            {...field("why")}
          />
        </div>
        <FormEnd form={form} save="Write it down" saved="Written.">
          <button type="button" className="btn btn-ghost h-11" onClick={form.clear}>
            Clear
          </button>
        </FormEnd>
        {read.ok ? <LineHint line={lineOf(read.content)} /> : null}
      </Form>
    </SideBySide>
  );
}
