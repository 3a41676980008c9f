"use client";

import { SKILL_WORDS, SKILLS, type Hours, type Skill, type Week } from "@/core/plan";
import { Form, FormEnd, TextField, TickField, useForm, type SaveAnswer } from "@/ui/form";
import { changeWorker } from "./actions";
import { readWeek, typedDay, WEEKDAYS } from "./typed";

export type WorkerTyped = { days: string[]; skills: Skill[] };

type WorkerProps = {
  person: { id: string; name: string; week: Week; skills: readonly Skill[]; version: number };
};

const hoursOf = (week: Week): number =>
  week.reduce((sum, day: Hours | null) => {
    const minute = (time: string) => Number(time.slice(0, 2)) * 60 + Number(time.slice(3));
    return sum + (day ? (minute(day.to) - minute(day.from)) / 60 : 0);
  }, 0);

/** Somebody's week and what they can do. */
export function WorkerForm({ person }: WorkerProps) {
  const form = useForm<WorkerTyped>({
    asks: "change somebody's week",
    initial: { days: person.week.map(typedDay), skills: [...person.skills] },
    check: ({ days }) => {
      const read = readWeek(days);
      return read.ok ? {} : read.problems;
    },
    save: async ({ days, skills }): Promise<SaveAnswer> => {
      const read = readWeek(days);
      if (!read.ok) return { ok: false, message: Object.values(read.problems)[0] ?? "", problems: read.problems };
      const answer = await changeWorker(person.id, { week: read.value, skills }, person.version);
      return answer.ok ? { ok: true } : answer;
    },
  });
  const { days, skills } = form.fields;
  const read = readWeek(days);
  const wrong: Record<string, string> = read.ok ? {} : read.problems;
  if (form.refusal)
    return (
      <li className="rounded-box bg-base-200 p-3">
        <strong>{person.name}</strong>: {hoursOf(person.week)} h a week;{" "}
        {person.skills.map((skill) => SKILL_WORDS[skill]).join(", ") || "no work on sets"}.
      </li>
    );
  return (
    <li>
      <Form
        form={form}
        label={`The week of ${person.name}`}
        className="flex flex-col gap-2 rounded-box bg-base-200 p-3"
      >
        <h3 className="text-lg font-bold">{person.name}</h3>
        <div className="grid grid-cols-4 gap-2 lg:grid-cols-7">
          {WEEKDAYS.map((name, index) => (
            <TextField
              key={name}
              label={name}
              placeholder="not here"
              inputClass="w-full font-mono"
              value={days[index] ?? ""}
              error={wrong[`day${index}`]}
              onChange={(text) => form.change({ days: days.map((day, at) => (at === index ? text : day)) })}
            />
          ))}
        </div>
        <fieldset className="flex flex-wrap gap-x-4">
          <legend className="sr-only">What {person.name} can do</legend>
          {SKILLS.map((skill) => (
            <TickField
              key={skill}
              label={SKILL_WORDS[skill]}
              value={skills.includes(skill)}
              onChange={(on) =>
                form.change({ skills: on ? [...skills, skill] : skills.filter((one) => one !== skill) })
              }
            />
          ))}
        </fieldset>
        <FormEnd form={form} save="Save this week" saved="Saved." saveClass="btn-outline" />
      </Form>
    </li>
  );
}
