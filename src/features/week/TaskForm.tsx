"use client";

import { useEffect, useRef, useState } from "react";
import { waitKey, type Outlook, type PlanInput, type SetOutlook } from "@/core/plan";
import { Form, FormEnd, SelectField, TextField, useForm, type SaveAnswer } from "@/ui/form";
import { Link } from "@/ui/Link";
import { dayWords, namesOf, NO_DAY_WORDS, STANDING_WORDS, surely, workTime, workName } from "@/ui/plan/words";
import { giveBack, pinWork, takeOnBench } from "./actions";
import { ActButton } from "@/ui/ActButton";
import { PromiseForm } from "./PromiseForm";

/** What is known of the days of a set, in a sentence. */
export function DaysOf({ sure }: { sure: SetOutlook | undefined }) {
  if (!sure) return null;
  return (
    <p>
      {sure.promised ? (
        <>
          Promised for <strong>{dayWords(sure.promised)}</strong>:{" "}
          {sure.standing === "danger" || sure.standing === "broken" ? (
            <strong className="text-error">{STANDING_WORDS[sure.standing]}</strong>
          ) : (
            STANDING_WORDS[sure.standing]
          )}
          {sure.kept === undefined || sure.standing === "broken" ? "" : `, kept in ${surely(sure.kept)} of the cases`}
          .{" "}
        </>
      ) : null}
      {sure.noDay ? (
        <span className="text-warning">{NO_DAY_WORDS[sure.noDay]}</span>
      ) : sure.half && sure.promise ? (
        <>
          Done by {dayWords(sure.half)} in half of the cases, by <strong>{dayWords(sure.promise)}</strong> in nine of
          ten.
        </>
      ) : null}
    </p>
  );
}

type TaskFormProps = {
  task: string;
  input: PlanInput;
  outlook: Outlook;
  owners: ReadonlyMap<string, string>;
  me: { id: string; mayPlan: boolean; mayPromise: boolean; mayTake: boolean };
  onDone: () => void;
};

function PinForm({ task, visit, input, outlook, onDone }: Omit<TaskFormProps, "me" | "owners"> & { visit: string }) {
  const waits = task.startsWith("wait:");
  const pin = input.pins.find((one) => one.task === task);
  const placed = outlook.placed.find(({ key }) => key === task);
  const known = input.sets.find((one) => one.visit === visit)?.left.waits.find((wait) => waitKey(wait) === task)?.until;
  const initial = { person: pin?.person ?? "", day: pin?.day ?? known ?? "" };
  const put = async (person: string, day: string): Promise<SaveAnswer> => {
    const answer = await pinWork({ visit, task, person: person || null, day: day || null });
    if (answer.ok) onDone();
    return answer.ok ? { ok: true } : answer;
  };
  const form = useForm({
    asks: "pin work",
    initial,
    check: ({ person, day }) => ({
      ...(day && day < input.today ? { day: "That day is over." } : {}),
      ...(!person && !day ? { day: waits ? "Say the day." : "Say a day or a person." } : {}),
    }),
    save: ({ person, day }) => put(person, day),
  });
  const able = input.people.filter(({ skills }) => skills.includes("bench") || skills.includes("desk"));
  return (
    <Form
      form={form}
      label={waits ? "When it is expected" : "Put it elsewhere"}
      className="flex flex-wrap items-end gap-3"
    >
      {waits || placed?.by === "shop" ? null : (
        <SelectField
          label="Who"
          inputClass="w-52"
          options={[["", "whoever is through first"], ...able.map(({ id, name }) => [id, name] as const)]}
          {...form.field("person")}
        />
      )}
      <TextField label={waits ? "Expected on" : "Not before"} type="date" inputClass="w-44" {...form.field("day")} />
      <FormEnd form={form} save={waits ? "Expect it then" : "Put it there"}>
        {pin ? (
          <button type="button" className="btn btn-outline h-11" onClick={() => void put("", "")}>
            {waits ? "No day is known" : "Let the plan decide"}
          </button>
        ) : null}
      </FormEnd>
    </Form>
  );
}

/** The pieces of work and the waits of a set, in their order; one of them is looked at. */
function Pieces({ visit, chosen, outlook, names, onChoose }: PiecesProps) {
  const mine = outlook.placed
    .filter((one) => one.visit === visit)
    .sort((a, b) => a.from.day.localeCompare(b.from.day) || a.from.minute - b.from.minute);
  return (
    <ul className="flex flex-wrap gap-1.5" aria-label="What is left">
      {mine.map((one) => (
        <li key={one.key}>
          <button
            type="button"
            aria-pressed={one.key === chosen}
            className="min-h-10 rounded-field border border-base-300 px-2 text-left hover:bg-base-200 aria-pressed:border-primary aria-pressed:bg-base-200 aria-pressed:font-bold"
            onClick={() => onChoose(one.key)}
          >
            {one.by === "calendar" ? `waits: ${one.text}` : one.by === "shop" ? one.text : workName(one)}
            <span className="dim font-normal">
              {" "}
              {dayWords(one.from.day)}
              {one.person ? `, ${names.person(one.person)}` : ""}
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}
type PiecesProps = {
  visit: string;
  chosen: string;
  outlook: Outlook;
  names: ReturnType<typeof namesOf>;
  onChoose: (key: string) => void;
};

/** A set that was opened, by a piece of its work or as a whole: where it lies and why, and what can be done about it. */
export function TaskForm({ task: opened, input, outlook, owners, me, onDone }: TaskFormProps) {
  const [task, setTask] = useState(opened);
  const ref = useRef<HTMLDialogElement>(null);
  useEffect(() => ref.current?.showModal(), []);
  const set = input.sets.find(
    (one) =>
      task.startsWith(`${one.visit}:`) || one.left.waits.some((wait) => waitKey(wait) === task) || one.visit === task,
  );
  if (!set) return null;
  const placed = outlook.placed.find(({ key }) => key === task);
  const sure = outlook.sets.find(({ visit }) => visit === set.visit);
  const person = input.people.find(({ id }) => id === placed?.person);
  const holder = input.people.find(({ id }) => id === set.holder);
  const times = placed && placed.by === "person" ? input.times[set.left.setClass][placed.step] : undefined;
  const wait = set.left.waits.find((one) => waitKey(one) === task);
  return (
    <dialog ref={ref} className="modal" aria-label={`Job ${set.job}`} onClose={onDone}>
      <div className="modal-box flex max-w-3xl flex-col gap-3">
        <div className="flex items-baseline gap-3">
          <h2 className="text-xl font-bold">
            <span className="font-mono">{set.job}</span> {set.name}
          </h2>
          <span className="dim truncate">{owners.get(set.visit)}</span>
          <Link href={`/bench/${set.job}`} className="link ml-auto whitespace-nowrap">
            To its bench
          </Link>
        </div>
        <Pieces visit={set.visit} chosen={task} outlook={outlook} names={namesOf(input.people)} onChoose={setTask} />
        {placed ? (
          <p>
            <strong>{wait ? `Waits before ${workName(placed)}` : workName(placed)}</strong>
            {placed.text ? `: ${placed.text}` : ""}. {person ? `${person.name}, ` : ""}
            {dayWords(placed.from.day)}
            {placed.to.day === placed.from.day ? "" : ` to ${dayWords(placed.to.day)}`}
            {placed.by === "person" ? `, ${workTime(placed.minutes)}` : ""}.
          </p>
        ) : null}
        {times ? (
          <p className="dim">
            {times.cases > 0
              ? `The time comes from ${times.cases} sets of this kind (${set.left.setClass}) in this shop.`
              : `The time is the usual one for this kind of set (${set.left.setClass}); the shop's own counts from ten cases on.`}
          </p>
        ) : null}
        <DaysOf sure={sure} />
        {me.mayPlan && placed ? (
          <PinForm key={task} task={task} visit={set.visit} input={input} outlook={outlook} onDone={onDone} />
        ) : null}
        {me.mayPromise ? (
          <PromiseForm
            visit={set.visit}
            to={owners.get(set.visit) ?? ""}
            today={input.today}
            suggested={sure?.promise}
            onDone={onDone}
          />
        ) : null}
        <div className="flex flex-wrap items-center gap-3">
          <span>{holder ? `${holder.name} has it.` : "Nobody has it on the bench."}</span>
          {me.mayTake ? (
            set.holder === me.id ? (
              <ActButton asks="give set back" act={() => giveBack(set.visit)} onDone={onDone}>
                Give it back
              </ActButton>
            ) : (
              <ActButton asks="take set" act={() => takeOnBench(set.visit, set.holder ?? null)} onDone={onDone}>
                {holder ? `Take it over from ${holder.name}` : "Take it on my bench"}
              </ActButton>
            )
          ) : null}
        </div>
        <form method="dialog" className="modal-action mt-0">
          <button className="btn h-11">Close</button>
        </form>
      </div>
      <form method="dialog" className="modal-backdrop">
        <button aria-label="Close" tabIndex={-1} />
      </form>
    </dialog>
  );
}
