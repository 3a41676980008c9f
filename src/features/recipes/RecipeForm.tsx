"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { v7 } from "uuid";
import { CHASSIS, CHASSIS_WORDS, type Chassis } from "@/core/kinds";
import type { Recipe } from "@/core/modifications";
import { ErrorText, Field } from "@/ui/Field";
import { TextField } from "@/ui/TextField";
import { changeRecipe } from "./actions";
import { EMPTY_RECIPE, readRecipe, typedOf, type TypedRecipe } from "./typed";

const UNREACHABLE = { ok: false, message: "The server cannot be reached; what you typed is still here." } as const;

type Area = { key: keyof TypedRecipe; label: string; hint: string; rows: number; mono?: boolean; wide?: boolean };

const AREAS: readonly Area[] = [
  { key: "what", label: "What it does", hint: "In a sentence that an owner understands.", rows: 2, wide: true },
  {
    key: "needs",
    label: "Prerequisites, one a line",
    hint: "stages detector, af: a detector and an audio stage · supply transformer: … · works: … · board AF-4 from rev C: … · firmware 2.1: … · look: …",
    rows: 4,
    mono: true,
    wide: true,
  },
  { key: "parts", label: "Parts, one a line", hint: "R901 100k 0.5W", rows: 4, mono: true },
  {
    key: "taps",
    label: "Tap points, one a line",
    hint: "rail B+ 200 V to 300 V draws 5 mA · heater 6.3 V winding 6.3 V draws 0.3 A · signal VR1 top 0 V to 3 V",
    rows: 4,
    mono: true,
  },
  {
    key: "steps",
    label: "Steps, one a line",
    hint: "Take the front panel off | caution the pads tear | opens front panel | screws 6",
    rows: 7,
    mono: true,
    wide: true,
  },
  { key: "verify", label: "To verify afterwards, one a line", hint: "level at the outlet, 0.5 V or more", rows: 3 },
  {
    key: "recalibrate",
    label: "To recalibrate afterwards, one a line",
    hint: "dial check at three points of every band",
    rows: 3,
  },
  { key: "undo", label: "How to put it back", hint: "What is unsoldered, what goes back where.", rows: 2 },
  {
    key: "instructions",
    label: "How the owner uses it",
    hint: "Goes on the hand-back sheet and on the card inside the cabinet.",
    rows: 2,
  },
];

/** A recipe as lines of text, read while it is typed. */
export function RecipeForm({ recipe }: { recipe?: Recipe | undefined }) {
  const router = useRouter();
  const [id] = useState(() => recipe?.id ?? v7());
  const [version, setVersion] = useState(recipe?.version ?? 0);
  const [typed, setTyped] = useState<TypedRecipe>(() => (recipe ? typedOf(recipe) : EMPTY_RECIPE));
  const [said, setSaid] = useState<{ message?: string; saved?: boolean }>({});
  const [tried, setTried] = useState(Boolean(recipe));
  const read = readRecipe(typed);
  const problem = (key: keyof TypedRecipe) =>
    !read.ok && (tried || String(typed[key]).trim() !== "") ? read.problems[key] : undefined;
  const put = (part: Partial<TypedRecipe>) => {
    setSaid({});
    setTyped((all) => ({ ...all, ...part }));
  };
  const save = async () => {
    setTried(true);
    if (!read.ok) return setSaid({ message: Object.values(read.problems)[0] ?? "" });
    const answer = await changeRecipe(id, read.value, version).catch(() => UNREACHABLE);
    if (!answer.ok) return setSaid({ message: answer.message });
    setVersion(answer.version);
    setSaid({ saved: true });
    if (version === 0) router.replace(`/reference/modifications/${id}`);
    return undefined;
  };
  return (
    <form
      className="grid items-start gap-3 md:grid-cols-2"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <TextField
        label="Name"
        value={typed.name}
        onChange={(name) => put({ name })}
        placeholder="Line-level audio outlet"
        error={problem("name")}
        inputClass="w-full"
      />
      <div className="grid grid-cols-[1fr_auto] gap-3">
        <Field label="Chassis" error={problem("chassis")}>
          {(props) => (
            <select
              {...props}
              className="select h-11 w-full"
              value={typed.chassis}
              onChange={(event) => put({ chassis: event.target.value as Chassis })}
            >
              {CHASSIS.map((one) => (
                <option key={one} value={one}>
                  {CHASSIS_WORDS[one]}
                </option>
              ))}
            </select>
          )}
        </Field>
        <TextField
          label="Time, min"
          value={typed.minutes}
          onChange={(minutes) => put({ minutes })}
          placeholder="90"
          error={problem("minutes")}
          inputClass="w-24 font-mono text-right"
          numeric
        />
      </div>
      {AREAS.map(({ key, label, hint, rows, mono, wide }) => (
        <Field key={key} label={label} hint={hint} error={problem(key)} className={wide ? "md:col-span-2" : ""}>
          {(props) => (
            <textarea
              {...props}
              rows={rows}
              className={`textarea w-full ${mono ? "font-mono" : ""}`}
              value={String(typed[key])}
              onChange={(event) => put({ [key]: event.target.value })}
            />
          )}
        </Field>
      ))}
      <label className="flex min-h-11 items-center gap-2 md:col-span-2">
        <input
          type="checkbox"
          className="checkbox"
          checked={typed.permanent || typed.chassis === "drilled"}
          disabled={typed.chassis === "drilled"}
          onChange={(event) => put({ permanent: event.target.checked })}
        />
        It cannot be put back
      </label>
      <div className="flex items-center gap-3 md:col-span-2">
        <button className="btn btn-primary h-11">Save the recipe</button>
        {said.saved ? <span role="status">Saved. What sets have of it stays as it was fitted.</span> : null}
        {said.message ? <ErrorText>{said.message}</ErrorText> : null}
      </div>
    </form>
  );
}
