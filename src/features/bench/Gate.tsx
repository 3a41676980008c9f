"use client";

import { useState } from "react";
import { STEP_NAMES, type Step } from "@/core/model";
import type { SheetStep } from "@/core/visit";
import { Form, FormEnd, TextField, useForm, type Problems } from "@/ui/form";
import { saying, useLogbook } from "@/ui/logbook";

/** A step's lacks, and the way past a gate: with a reason, which is logged. */
function PassForm({ step, onDone }: { step: Step; onDone: () => void }) {
  const { append } = useLogbook();
  const form = useForm({
    initial: { reason: "" },
    check: ({ reason }): Problems =>
      reason.trim() ? {} : { reason: "Passing a gate that is not met needs a reason." },
    save: async ({ reason }) => {
      const payload = { v: 1, step, state: "overridden", reason: reason.trim() } as const;
      const answer = saying(await append({ kind: "step", payload }));
      if (answer.ok) onDone();
      return answer;
    },
  });
  return (
    <Form form={form} className="mt-2 flex w-full flex-wrap items-end gap-2">
      <TextField
        label={`Why ${STEP_NAMES[step]} is passed over`}
        className="grow"
        inputClass="w-full"
        autoFocus
        {...form.field("reason")}
      />
      <FormEnd form={form} save="Pass it" saveClass="btn-warning" onCancel={onDone} />
    </Form>
  );
}

type GateProps = { item: SheetStep; sheet: readonly SheetStep[]; onSelect: (step: Step) => void };

/** Says why a step should not begin yet, and what this one lacks itself. */
export function Gate({ item, sheet, onSelect }: GateProps) {
  const [passing, setPassing] = useState<Step>();
  const unmet = sheet.filter((other) => item.gate.includes(other.step));
  const own = item.state === "lacking" ? item.lacks : [];
  if (unmet.length === 0 && own.length === 0) return null;
  const canPass = item.state === "lacking" && item.step !== "take-in" && item.step !== "hand-back";
  return (
    <div className="no-print mb-3 flex flex-col gap-2">
      {unmet.map((other) => (
        <section
          key={other.step}
          className="rounded-box border-2 border-warning p-2.5"
          aria-label={`Gate: ${other.name}`}
        >
          <div className="flex flex-wrap items-center gap-2">
            <p className="min-w-64 flex-1">
              <strong>{other.name} is not done.</strong> <span className="dim">{other.lacks[0]}</span>
            </p>
            <button type="button" className="btn btn-outline h-10" onClick={() => onSelect(other.step)}>
              Go there
            </button>
            <button type="button" className="btn btn-outline btn-warning h-10" onClick={() => setPassing(other.step)}>
              Pass with a reason
            </button>
          </div>
          {passing === other.step ? <PassForm step={other.step} onDone={() => setPassing(undefined)} /> : null}
        </section>
      ))}
      {own.length > 0 ? (
        <section
          className="flex flex-wrap min-h-11 items-center gap-2 rounded-box bg-base-200 px-3 py-1"
          aria-label="What this step lacks"
        >
          <p className="min-w-64 flex-1">{own.join(" · ")}</p>
          {canPass ? (
            <button type="button" className="btn btn-ghost h-10" onClick={() => setPassing(item.step)}>
              Pass with a reason
            </button>
          ) : null}
          {passing === item.step ? <PassForm step={item.step} onDone={() => setPassing(undefined)} /> : null}
        </section>
      ) : null}
    </div>
  );
}
