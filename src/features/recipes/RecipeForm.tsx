"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { v7 } from "uuid";
import { CHASSIS, CHASSIS_WORDS } from "@/core/kinds";
import type { Recipe } from "@/core/modifications";
import { Form, FormEnd, LinesField, SelectField, TextField, TickField, useForm, type Problems } from "@/ui/form";
import { shapeOf } from "@/ui/kept";
import { changeRecipe } from "./actions";
import { EMPTY_RECIPE, readRecipe, typedOf, type TypedRecipe } from "./typed";

type Area = {
  key: Exclude<keyof TypedRecipe, "chassis" | "permanent">;
  label: string;
  hint: string;
  rows: number;
  mono?: boolean;
  wide?: boolean;
};

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

type RecipeFormProps = {
  recipe?: Recipe | undefined;
  /** what another tool has worked out for a new one */
  begun?: Partial<TypedRecipe>;
};

/** A recipe as lines of text, read while it is typed. */
export function RecipeForm({ recipe, begun = {} }: RecipeFormProps) {
  const router = useRouter();
  const [id] = useState(() => recipe?.id ?? v7());
  const [version, setVersion] = useState(recipe?.version ?? 0);
  const initial = recipe ? typedOf(recipe) : { ...EMPTY_RECIPE, ...begun };
  const source = begun.name ? `new ${begun.name}` : "new";
  const form = useForm<TypedRecipe>({
    asks: "change recipe",
    initial,
    keep: { key: `recipe ${recipe?.id ?? source}`, fits: shapeOf(EMPTY_RECIPE) },
    check: (typed) => {
      const read = readRecipe(typed);
      return read.ok ? {} : (read.problems as Problems);
    },
    save: async (typed) => {
      const read = readRecipe(typed);
      if (!read.ok) return { ok: false, message: "", problems: read.problems as Problems };
      const answer = await changeRecipe(id, read.value, version);
      if (!answer.ok) return answer;
      setVersion(answer.version);
      if (version === 0) router.replace(`/reference/modifications/${id}`);
      return answer;
    },
  });
  const { field, fields } = form;
  return (
    <Form form={form} className="grid items-start gap-3 md:grid-cols-2">
      <TextField label="Name" placeholder="Line-level audio outlet" inputClass="w-full" {...field("name")} />
      <div className="grid grid-cols-[1fr_auto] gap-3">
        <SelectField label="Chassis" options={CHASSIS.map((one) => [one, CHASSIS_WORDS[one]])} {...field("chassis")} />
        <TextField
          label="Time, min"
          placeholder="90"
          inputClass="w-24 font-mono text-right"
          numeric
          {...field("minutes")}
        />
      </div>
      {AREAS.map(({ key, wide, ...area }) => (
        <LinesField key={key} className={wide ? "md:col-span-2" : ""} {...area} {...field(key)} />
      ))}
      <TickField
        label="It cannot be put back"
        className="md:col-span-2"
        value={fields.permanent || fields.chassis === "drilled"}
        disabled={fields.chassis === "drilled"}
        onChange={(permanent) => form.change({ permanent })}
      />
      <FormEnd
        form={form}
        save="Save the recipe"
        saved="Saved. What sets have of it stays as it was fitted."
        className="md:col-span-2"
      />
    </Form>
  );
}
