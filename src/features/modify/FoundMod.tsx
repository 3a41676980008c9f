"use client";

import { useState } from "react";
import {
  CHASSIS,
  CHASSIS_WORDS,
  modBody,
  sentences,
  type Chassis,
  type ModState,
  readPart,
  readTap,
} from "@/core/kinds";
import { ErrorText, Field } from "@/ui/Field";
import { LineHint } from "@/ui/LineHint";
import { TextField } from "@/ui/TextField";
import { useLogbook } from "@/ui/logbook";
import { readLines } from "./read-lines";
import { useWrite } from "./useWrite";

/** A modification that an earlier hand made, described from what is seen. */
export function FoundMod({ onDone }: { onDone: () => void }) {
  const { lineOf } = useLogbook();
  const { write, error, setError } = useWrite();
  const [name, setName] = useState("");
  const [what, setWhat] = useState("");
  const [parts, setParts] = useState("");
  const [taps, setTaps] = useState("");
  const [undo, setUndo] = useState("");
  const [chassis, setChassis] = useState<Chassis>("none");
  const partLines = readLines(parts, readPart);
  const tapLines = readLines(taps, readTap);
  const reversible = chassis !== "drilled" && undo.trim() !== "";
  const body = modBody.safeParse({
    what: what.trim() || name.trim() || "…",
    parts: partLines.values,
    taps: tapLines.values,
    chassis,
    reversible,
    ...(undo.trim() ? { undo: undo.trim() } : {}),
  });
  const content = body.success
    ? ({
        kind: "modification",
        payload: { v: 1, name: name.trim() || "…", state: "found" satisfies ModState, ...body.data },
      } as const)
    : undefined;
  const save = async () => {
    if (!name.trim()) return setError("Give it a name: what it is, in two or three words.");
    const trouble = partLines.trouble ?? tapLines.trouble;
    if (trouble) return setError(trouble);
    if (!body.success || !content) return setError(body.error ? sentences(body.error)[0]?.message : undefined);
    if (await write(content)) onDone();
    return undefined;
  };
  return (
    <form
      className="grid gap-3 rounded-box border-2 border-primary p-3 md:grid-cols-2"
      aria-label="Describe a modification that was found"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <TextField
        label="What it is"
        value={name}
        onChange={setName}
        placeholder="External speaker switch"
        inputClass="w-full"
      />
      <Field label="On the chassis">
        {(props) => (
          <select
            {...props}
            className="select h-11 w-full"
            value={chassis}
            onChange={(event) => setChassis(event.target.value as Chassis)}
          >
            {CHASSIS.map((one) => (
              <option key={one} value={one}>
                {CHASSIS_WORDS[one]}
              </option>
            ))}
          </select>
        )}
      </Field>
      <Field
        label="What is seen"
        className="md:col-span-2"
        hint="How it is wired, how well it is made, who may have done it."
      >
        {(props) => (
          <textarea
            {...props}
            className="textarea w-full"
            rows={2}
            value={what}
            onChange={(event) => setWhat(event.target.value)}
          />
        )}
      </Field>
      <Field label="Its parts, one a line" error={partLines.trouble} hint="S901 toggle switch">
        {(props) => (
          <textarea
            {...props}
            className="textarea w-full font-mono"
            rows={2}
            value={parts}
            onChange={(event) => setParts(event.target.value)}
          />
        )}
      </Field>
      <Field label="Where it is tapped, one a line" error={tapLines.trouble} hint="rail B+ 200 V to 300 V draws 5 mA">
        {(props) => (
          <textarea
            {...props}
            className="textarea w-full font-mono"
            rows={2}
            value={taps}
            onChange={(event) => setTaps(event.target.value)}
          />
        )}
      </Field>
      <Field label="What it takes to put it back" className="md:col-span-2" hint="Left empty: it cannot be put back.">
        {(props) => (
          <textarea
            {...props}
            className="textarea w-full"
            rows={2}
            value={undo}
            onChange={(event) => setUndo(event.target.value)}
          />
        )}
      </Field>
      {error ? (
        <div className="md:col-span-2">
          <ErrorText>{error}</ErrorText>
        </div>
      ) : null}
      <div className="flex gap-2 md:col-span-2">
        <button className="btn btn-primary h-11">Write down what was found</button>
        <button type="button" className="btn btn-ghost h-11" onClick={onDone}>
          Cancel
        </button>
      </div>
      {content ? (
        <div className="md:col-span-2">
          <LineHint line={lineOf(content)} />
        </div>
      ) : null}
    </form>
  );
}
