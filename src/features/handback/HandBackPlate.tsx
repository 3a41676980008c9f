"use client";

import { Printer } from "lucide-react";
import { Link } from "@/ui/Link";
import { useState } from "react";
import { z } from "zod";
import { ofKind, type ContentOf } from "@/core/kinds";
import { workSummary } from "@/core/visit";
import { ErrorText, LinesField, SelectField, TextField } from "@/ui/form";
import { LineHint } from "@/ui/LineHint";
import { useKept } from "@/ui/kept";
import { useLogbook, useLineOf, useLineContext } from "@/ui/logbook";
import { Time } from "@/ui/Time";
import { Gates } from "./Gates";
import { OpenPoints } from "./OpenPoints";
import { Reserved } from "./Reserved";

type HandBack = ContentOf<"hand-back">["payload"];
type OldParts = HandBack["oldParts"];

function HandedBack() {
  const { settled, visit, setId } = useLogbook();
  const handed = ofKind(settled, "hand-back").findLast(({ entry }) => entry.visitId === visit.id);
  if (!handed) return null;
  return (
    <div className="flex flex-col gap-3">
      <p className="text-xl font-bold">
        Handed back <Time iso={handed.at} />.
      </p>
      <p>{handed.content.payload.summary}</p>
      <Reserved />
      <div className="flex gap-2">
        <Link href={`/sets/${setId}/record?visit=${visit.id}`} className="btn btn-primary h-11">
          <Printer size={18} aria-hidden="true" /> Service record
        </Link>
        <Link href={`/sets/${setId}?tab=out`} className="btn btn-outline h-11">
          Reports and card, as PDF
        </Link>
        <Link href={`/sets/${setId}`} className="btn btn-outline h-11">
          The set&rsquo;s file
        </Link>
      </div>
      <p className="dim">If this was too early, withdraw it on the tape: the visit is open again then.</p>
    </div>
  );
}

type Fields = {
  summary?: string | undefined;
  left?: string | undefined;
  watch?: string | undefined;
  oldParts?: OldParts | undefined;
  nextService?: string | undefined;
  instructions?: string | undefined;
  warranty?: string | undefined;
};

type Texts = Pick<Fields, "summary" | "left" | "watch" | "instructions">;

const fields = z.object({
  summary: z.string().optional(),
  left: z.string().optional(),
  watch: z.string().optional(),
  oldParts: z.enum(["returned", "kept", "none"]).optional(),
  nextService: z.string().optional(),
  instructions: z.string().optional(),
  warranty: z.string().optional(),
});

const OLD_PARTS: Record<OldParts, string> = {
  none: "there are none",
  returned: "returned in a bag",
  kept: "kept in the shop",
};

/** Hand back: open points first, then what the owner is told. The draft of the summary comes from the log. */
export function HandBackPlate() {
  const { settled, visit, append } = useLogbook();
  const context = useLineContext();
  const lineOf = useLineOf();
  const draft = workSummary(settled, visit.id);
  // Only what was typed is kept: what nobody touched follows the log.
  const kept = useKept<Fields>(`hand-back ${visit.id}`, fields, {});
  const [error, setError] = useState<string>();
  if (ofKind(settled, "hand-back").some(({ entry }) => entry.visitId === visit.id)) return <HandedBack />;

  const { bars = [], explain = [], proposal = {} } = context.handBack ?? {};
  const proposed = proposal as Partial<HandBack>;
  const typed = kept.value;
  const change = (part: Fields) => {
    setError(undefined);
    kept.set((now) => ({ ...now, ...part }));
  };
  const warranty = typed.warranty ?? String(proposed.warrantyMonths ?? "");
  const due = typed.nextService ?? proposed.nextService ?? "";
  const instructions = typed.instructions ?? proposed.instructions ?? "";
  const oldParts = typed.oldParts ?? proposed.oldParts ?? "none";
  const texts = {
    summary: (typed.summary ?? draft.done).trim(),
    left: (typed.left ?? draft.left).trim(),
    watch: (typed.watch ?? "").trim(),
    instructions: instructions.trim(),
  };
  const months = /^\d+$/.test(warranty.trim()) ? Number(warranty) : undefined;
  const payload = {
    v: 1,
    summary: texts.summary,
    ...(texts.left ? { left: texts.left } : {}),
    ...(texts.watch ? { watch: texts.watch } : {}),
    oldParts,
    ...(due ? { nextService: due } : {}),
    ...(months === undefined ? {} : { warrantyMonths: months }),
    ...(texts.instructions ? { instructions: texts.instructions } : {}),
    ...(proposed.price ? { price: proposed.price } : {}),
  } as const;
  const save = async () => {
    if (bars.length > 0) return setError(`Not yet: ${bars.join("; ")}.`);
    if (explain.length > 0 && !texts.left)
      return setError(`${explain.join("; ")}: say in “What was left” why it goes out so.`);
    if (warranty.trim() && months === undefined) return setError("A warranty is whole months, like 6; empty for none.");
    if (!texts.summary) return setError("Say what was done.");
    const outcome = await append({ kind: "hand-back", payload });
    if (!outcome.ok) return setError(outcome.problems[0]?.message);
    setError(undefined);
    return kept.clear();
  };
  const area = (key: keyof Texts, label: string, value: string, rows: number, hint?: string, wide = "") => (
    <LinesField
      label={label}
      hint={hint}
      className={wide}
      rows={rows}
      value={value}
      onChange={(text) => change({ [key]: text })}
    />
  );
  return (
    <div className="3xl:grid 3xl:grid-cols-2 3xl:items-start 3xl:gap-6">
      <div>
        <Gates />
        <OpenPoints />
        <Reserved />
      </div>
      <div>
        <form
          className="grid gap-3 md:grid-cols-2"
          onSubmit={(event) => {
            event.preventDefault();
            void save();
          }}
        >
          {area(
            "summary",
            "What was done",
            typed.summary ?? draft.done,
            4,
            "Drafted from the log; put it into the owner's words.",
            "md:col-span-2",
          )}
          {area("left", "What was left, and why", typed.left ?? draft.left, 2)}
          {area("watch", "What to watch", typed.watch ?? "", 2)}
          {instructions || proposed.instructions
            ? area("instructions", "How the owner uses what was fitted", instructions, 2, undefined, "md:col-span-2")
            : null}
          <SelectField
            label="Old parts"
            options={(["none", "returned", "kept"] as const).map((key) => [key, OLD_PARTS[key]])}
            value={oldParts}
            onChange={(where) => change({ oldParts: where })}
          />
          <TextField label="Next service" type="date" value={due} onChange={(nextService) => change({ nextService })} />
          <TextField
            label="Warranty, months"
            value={warranty}
            onChange={(value) => change({ warranty: value })}
            inputClass="w-24 font-mono text-right"
            numeric
          />
          {error ? (
            <div className="md:col-span-2">
              <ErrorText>{error}</ErrorText>
            </div>
          ) : null}
          <button className="btn btn-primary h-12 md:col-span-2">Hand it back</button>
        </form>
        <div className="mt-2">
          <LineHint line={lineOf({ kind: "hand-back", payload: { ...payload, summary: payload.summary || "…" } })} />
        </div>
      </div>
    </div>
  );
}
