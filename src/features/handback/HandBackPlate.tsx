"use client";

import { Printer } from "lucide-react";
import { Link } from "@/ui/Link";
import { useState } from "react";
import { ofKind } from "@/core/kinds";
import { openPoints } from "@/core/history";
import { STEP_NAMES } from "@/core/model";
import { monthsLater } from "@/core/exchange";
import { gates, ownersInstructions, priceOf } from "@/core/handback";
import { runSheet, workSummary } from "@/core/visit";
import { ErrorText, Field } from "@/ui/Field";
import { LineHint } from "@/ui/LineHint";
import { TextField } from "@/ui/TextField";
import { useLogbook } from "@/ui/logbook";
import { Time } from "@/ui/Time";
import { Gates } from "./Gates";
import { OpenPoints } from "./OpenPoints";
import { Reserved } from "./Reserved";

type OldParts = "returned" | "kept" | "none";

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

/** Hand back: open points first, then what the owner is told. The draft of the summary comes from the log. */
export function HandBackPlate() {
  const { settled, input, visit, append, lineOf, terms, shop } = useLogbook();
  const draft = workSummary(settled, visit.id);
  const [summary, setSummary] = useState<string>();
  const [left, setLeft] = useState<string>();
  const [watch, setWatch] = useState("");
  const [chosenParts, setOldParts] = useState<OldParts>();
  const [nextService, setNextService] = useState<string>();
  const [instructions, setInstructions] = useState<string>();
  const [warranty, setWarranty] = useState(String(terms.warrantyMonths));
  const [error, setError] = useState<string>();
  if (ofKind(settled, "hand-back").some(({ entry }) => entry.visitId === visit.id)) return <HandedBack />;

  const bag = ofKind(settled, "part-work").some(
    ({ entry, content }) => entry.visitId === visit.id && content.payload.oldPart === "bag",
  );
  const oldParts = chosenParts ?? (bag ? "returned" : "none");
  const uses = ownersInstructions(input);
  const months = warranty.trim() === "" ? undefined : Number(warranty);
  const price = priceOf(settled, visit.id, terms, shop.currency);
  const due = nextService ?? (terms.serviceMonths > 0 ? monthsLater(input.now, terms.serviceMonths) : "");
  const told = (instructions ?? uses).trim();
  const texts = { summary: (summary ?? draft.done).trim(), left: (left ?? draft.left).trim(), watch: watch.trim() };
  const payload = {
    v: 1,
    summary: texts.summary,
    ...(texts.left ? { left: texts.left } : {}),
    ...(texts.watch ? { watch: texts.watch } : {}),
    oldParts,
    ...(due ? { nextService: due } : {}),
    ...(months === undefined || !Number.isInteger(months) ? {} : { warrantyMonths: months }),
    ...(told ? { instructions: told } : {}),
    ...(price.totalMinor > 0
      ? { price: { labourMinutes: price.labourMinutes, total: { minor: price.totalMinor, currency: shop.currency } } }
      : {}),
  } as const;
  const save = async () => {
    const gate = runSheet(input).find((item) => item.step === "hand-back")?.gate ?? [];
    const open = openPoints(settled, input.now).filter((point) => point.blocks);
    if (gate.length > 0)
      return setError(
        `${gate.map((step) => STEP_NAMES[step]).join(" and ")} is not done: do it, or pass it with a reason above.`,
      );
    const still = gates(input, terms, shop.currency).filter(({ state }) => state === "open");
    const barred = still.filter(({ explains }) => !explains);
    if (barred.length > 0) return setError(`Not yet: ${barred.map(({ text }) => text).join("; ")}.`);
    const made = open.filter(({ kind }) => kind === "modification");
    if (made.length > 0)
      return setError(
        `A modification is not through: ${made.map(({ text }) => text).join("; ")}. Do it, or waive it above with the reason.`,
      );
    if (still.length > 0 && !texts.left)
      return setError(
        open.length > 0
          ? "There are open points: settle them, or say in “What was left” why they stay."
          : `${still.map(({ text }) => text).join("; ")}: say in “What was left” why it goes out so.`,
      );
    if (!texts.summary) return setError("Say what was done.");
    const outcome = await append({ kind: "hand-back", payload });
    return setError(outcome.ok ? undefined : outcome.problems[0]?.message);
  };
  return (
    <div>
      <Gates />
      <OpenPoints />
      <Reserved />
      <form
        className="grid gap-3 md:grid-cols-2"
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <Field
          label="What was done"
          hint="Drafted from the log; put it into the owner's words."
          className="md:col-span-2"
        >
          {(props) => (
            <textarea
              {...props}
              className="textarea w-full"
              rows={4}
              value={summary ?? draft.done}
              onChange={(event) => setSummary(event.target.value)}
            />
          )}
        </Field>
        <Field label="What was left, and why">
          {(props) => (
            <textarea
              {...props}
              className="textarea w-full"
              rows={2}
              value={left ?? draft.left}
              onChange={(event) => setLeft(event.target.value)}
            />
          )}
        </Field>
        <Field label="What to watch">
          {(props) => (
            <textarea
              {...props}
              className="textarea w-full"
              rows={2}
              value={watch}
              onChange={(event) => setWatch(event.target.value)}
            />
          )}
        </Field>
        {told || uses ? (
          <Field label="How the owner uses what was fitted" className="md:col-span-2">
            {(props) => (
              <textarea
                {...props}
                className="textarea w-full"
                rows={2}
                value={instructions ?? uses}
                onChange={(event) => setInstructions(event.target.value)}
              />
            )}
          </Field>
        ) : null}
        <Field label="Old parts">
          {(props) => (
            <select
              {...props}
              className="select h-11 w-full"
              value={oldParts}
              onChange={(event) => setOldParts(event.target.value as OldParts)}
            >
              <option value="none">there are none</option>
              <option value="returned">returned in a bag</option>
              <option value="kept">kept in the shop</option>
            </select>
          )}
        </Field>
        <Field label="Next service">
          {(props) => (
            <input
              {...props}
              type="date"
              className="input h-11 w-full"
              value={due}
              onChange={(event) => setNextService(event.target.value)}
            />
          )}
        </Field>
        <TextField
          label="Warranty, months"
          value={warranty}
          onChange={setWarranty}
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
  );
}
