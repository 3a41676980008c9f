"use client";

import { useEffect, useState } from "react";
import { Form, FormEnd, LinesField, SelectField, useForm } from "@/ui/form";
import { useOpen } from "@/ui/useOpen";
import { faultsIn, setExercise } from "./actions";
import { ADVICE_OPTIONS, DIFFICULTY_OPTIONS, KIND_OPTIONS, type SetChoice } from "./StartForm";

type FaultChoice = { id: string; name: string; kind: string };

/** The faults that can be hidden in a set, asked for when the set is chosen. */
function useFaults(set: string): { faults: readonly FaultChoice[]; problem: string | undefined } {
  const [known, setKnown] = useState<{ set: string; faults: FaultChoice[]; problem?: string }>();
  useEffect(() => {
    let current = true;
    const keep = (faults: FaultChoice[], problem?: string) =>
      current && setKnown({ set, faults, ...(problem ? { problem } : {}) });
    void faultsIn(set).then(
      (answer) => (answer.ok ? keep(answer.faults) : keep([], answer.message)),
      () => keep([], "The faults of this set could not be asked for: the server cannot be reached."),
    );
    return () => {
      current = false;
    };
  }, [set]);
  return known?.set === set ? { faults: known.faults, problem: known.problem } : { faults: [], problem: undefined };
}

/** A teacher hides a fault for a class: chosen, or drawn by kind and difficulty. */
export function ClassForm({ sets }: { sets: readonly SetChoice[] }) {
  const { open, opening } = useOpen();
  const form = useForm({
    asks: "set exercise",
    initial: {
      ...{ set: sets[0]?.key ?? "", kind: "", difficulty: "", fault: "" },
      ...{ advice: "off" as string, complaint: "", notice: "" },
    },
    save: async ({ kind, difficulty, ...rest }) => {
      const answer = await setExercise({
        ...rest,
        ...(kind ? { kind } : {}),
        ...(difficulty ? { difficulty } : {}),
      });
      if (answer.ok) open(`/practice/class/${answer.id}`);
      return answer;
    },
  });
  const { set, kind, fault } = form.fields;
  const { faults, problem } = useFaults(set);
  const shown = faults.filter((one) => kind === "" || one.kind === kind);
  return (
    <Form form={form} label="Hide a fault for a class" className="grid items-end gap-3 sm:grid-cols-2">
      <SelectField label="Set" options={sets.map(({ key, name }) => [key, name] as const)} {...form.field("set")} />
      <SelectField label="Kind of fault" options={KIND_OPTIONS as never} {...form.field("kind")} />
      <SelectField
        label="Fault to hide"
        error={problem}
        options={[
          ["", "drawn by how often it is found"],
          ...shown.map(({ id, name }) => [id, name] as [string, string]),
        ]}
        value={shown.some(({ id }) => id === fault) ? fault : ""}
        onChange={(next) => form.change({ fault: next })}
      />
      <SelectField
        label="Difficulty"
        options={fault ? [["", "as the fault is"]] : (DIFFICULTY_OPTIONS as never)}
        {...form.field("difficulty")}
      />
      <SelectField label="Advice" options={ADVICE_OPTIONS as never} {...form.field("advice")} />
      <LinesField
        label="What the owner says"
        placeholder="made from what the fault shows; words of yours are held to it"
        {...form.field("complaint")}
      />
      <LinesField
        label="Your note, shown at the end"
        className="sm:col-span-2"
        placeholder="what to notice"
        {...form.field("notice")}
      />
      <FormEnd form={form} save="Hide it, and make the link" className="sm:col-span-2" />
      {opening}
    </Form>
  );
}
