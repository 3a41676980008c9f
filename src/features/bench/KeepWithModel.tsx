"use client";

import { BookmarkPlus } from "lucide-react";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { modelName, STEP_NAMES, STEPS, type Step } from "@/core/model";
import { ErrorText } from "@/ui/form";
import { useLogbook } from "@/ui/logbook";
import { IfMay } from "@/ui/role";
import { keepWithModel } from "./actions";

const LONGEST = 300;

/** The step that is open on the bench: where a lesson of this moment most likely belongs. */
const stepNow = (): Step =>
  STEPS.find((step) => step === new URLSearchParams(window.location.search).get("step")) ?? "fix";

/** Keeps what an entry says with the model, in one click: the next set of it shows it at its step. */
export function KeepWithModel({ text }: { text: string }) {
  const { model, visit } = useLogbook();
  const router = useRouter();
  const [step, setStep] = useState<Step>(stepNow);
  const [said, setSaid] = useState<{ kept?: boolean; error?: string }>({});
  const caution = text.slice(0, LONGEST);
  const there = model.sheet.cautions.some((one) => one.step === step && one.text === caution);
  const keep = async () => {
    const answer = await keepWithModel(model.id, { step, text: caution, job: visit.job }).catch(
      () => ({ ok: false, message: "The server cannot be reached: try again." }) as const,
    );
    setSaid(answer.ok ? { kept: true } : { error: answer.message });
    if (answer.ok) router.refresh();
  };
  return (
    <div className="flex flex-wrap items-center gap-2">
      {said.kept || there ? (
        <p role="status" className="font-semibold text-success">
          Kept: every {modelName(model)} shows it at {STEP_NAMES[step]}.
        </p>
      ) : (
        <>
          <IfMay action="keep caution">
            <button type="button" className="btn btn-outline h-11" onClick={() => void keep()}>
              <BookmarkPlus size={16} aria-hidden="true" /> Keep with the model
            </button>
            <label className="flex items-center gap-2">
              shown at
              <select
                className="select h-11 w-40"
                value={step}
                onChange={(event) => setStep(event.target.value as Step)}
              >
                {STEPS.map((one) => (
                  <option key={one} value={one}>
                    {STEP_NAMES[one]}
                  </option>
                ))}
              </select>
            </label>
          </IfMay>
        </>
      )}
      {said.error ? <ErrorText>{said.error}</ErrorText> : null}
    </div>
  );
}
