"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { v7 } from "uuid";
import { SUPPLIES, SUPPLY_WORDS } from "@/core/model";
import { Form, FormEnd, schemaProblems, SelectField, TextField, useForm } from "@/ui/form";
import { shapeOf } from "@/ui/kept";
import { takeSetIn, type JobIds } from "./actions";
import { EMPTY_TAKE_IN, newJobFields, type NewJobFields } from "./schema";
import { HereBefore, type KnownSet } from "./HereBefore";
import { TakeInFields } from "./TakeInFields";
import { useKnown } from "./useKnown";

type Named = { id: string; name: string };

const NEW_MODEL: NonNullable<NewJobFields["newModel"]> = {
  maker: "",
  designation: "",
  nickname: "",
  year: "",
  kind: "",
  supply: "transformer",
  lineVolts: "230",
  highestVolts: "350",
  dialect: "",
};

const NOTHING_TYPED: NewJobFields = {
  setId: "",
  owner: "",
  contact: "",
  model: "",
  serial: "",
  takeIn: EMPTY_TAKE_IN,
};
const freshIds = (): JobIds => ({ set: v7(), visit: v7(), entry: v7(), customer: v7(), model: v7() });
const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** Splits “Halvane 537” into maker and designation as a first guess for a new model. */
function guess(text: string) {
  const [maker = "", ...rest] = text.trim().split(/\s+/);
  return { ...NEW_MODEL, maker, designation: rest.join(" ") };
}

type NewModel = NonNullable<NewJobFields["newModel"]>;

/** A model that the shop does not know: enough to judge its hazards; the rest is added in Reference. */
function NewModelFields({ fields, onChange, problem }: NewModelProps) {
  const line = (key: Exclude<keyof NewModel, "supply" | "dialect">, label: string, value = false, example?: string) => (
    <TextField
      label={label}
      numeric={value}
      placeholder={example}
      inputClass={value ? "w-full font-mono" : "w-full"}
      value={String(fields[key])}
      error={problem(key)}
      onChange={(text) => onChange({ [key]: text })}
    />
  );
  return (
    <fieldset className="grid gap-3 rounded-box border border-base-300 bg-base-200 p-3 md:grid-cols-4">
      <legend className="px-1 font-bold">The new model</legend>
      {line("maker", "Maker")}
      {line("designation", "Name or number")}
      {line("year", "Year, if known", true)}
      {line("kind", "What it is", false, "AC table superhet")}
      <SelectField
        label="Supply"
        className="md:col-span-2"
        options={SUPPLIES.map((supply) => [supply, SUPPLY_WORDS[supply]])}
        value={fields.supply}
        onChange={(supply) => onChange({ supply })}
      />
      {line("lineVolts", "Supply voltage, V", true)}
      {line("highestVolts", "Highest inside, V", true)}
      <SelectField
        label="A capital M on its drawings means"
        className="md:col-span-2"
        options={[
          ["", "not known: ask each time"],
          ["m-is-million", "a million (50M = 50 MΩ)"],
          ["m-is-thousand", "a thousand (50M = 50 kΩ)"],
        ]}
        value={fields.dialect}
        onChange={(dialect) => onChange({ dialect })}
      />
    </fieldset>
  );
}

type NewModelProps = {
  fields: NewModel;
  onChange: (part: Partial<NewModel>) => void;
  problem: (key: keyof NewModel) => string | undefined;
};

/** An enquiry that the set comes from. */
type From = { id: string; number: number; owner: string; contact: string; model: string; complaint: string };

const typedFrom = ({ owner, contact, model, complaint }: From): NewJobFields => ({
  ...NOTHING_TYPED,
  owner,
  contact,
  model,
  takeIn: { ...EMPTY_TAKE_IN, complaint },
});

/** Customer, model, set, visit and take-in in one go. What is known is chosen by typing it; what is not is made. */
export function NewJob({ models, from }: { models: readonly Named[]; from?: From | undefined }) {
  const router = useRouter();
  const [again, setAgain] = useState<KnownSet>();
  // Made once: sending the form again with the same ids never doubles anything.
  const [ids] = useState(freshIds);
  const newModelOf = ({ newModel, model }: NewJobFields) => newModel ?? guess(model);
  const [owners, askOwners] = useKnown<Named>("customers");
  const knownOf = ({ owner, model }: NewJobFields) => {
    const customer = again?.ownerId ?? owners.find((one) => same(one.name, owner))?.id;
    const modelId = again?.modelId ?? models.find((one) => same(one.name, model))?.id;
    return { customer, modelId, isNewModel: !again && !modelId && model.trim() !== "" };
  };
  const form = useForm<NewJobFields>({
    asks: "take in",
    initial: from ? typedFrom(from) : NOTHING_TYPED,
    keep: { key: from ? `new-job-${from.id}` : "new-job", fits: shapeOf(NOTHING_TYPED) },
    check: (fields) => {
      const { customer, modelId, isNewModel } = knownOf(fields);
      return {
        ...schemaProblems(newJobFields, { ...fields, newModel: isNewModel ? newModelOf(fields) : undefined }),
        ...(again || customer || fields.owner.trim() ? {} : { owner: "The owner is missing." }),
        ...(again || modelId || fields.model.trim() ? {} : { model: "The model is missing." }),
      };
    },
    save: async (fields) => {
      const { customer, modelId, isNewModel } = knownOf(fields);
      const sent = {
        ...ids,
        ...(customer ? { knownCustomer: customer } : {}),
        ...(modelId ? { knownModel: modelId } : {}),
        ...(from ? { enquiry: from.id } : {}),
      };
      const result = await takeSetIn({ ...fields, newModel: isNewModel ? newModelOf(fields) : undefined }, sent);
      if (result.ok) {
        router.push(`/bench/${result.job}`);
        return { ok: true };
      }
      const [first] = result.problems;
      const problems = Object.fromEntries(
        result.problems.flatMap(({ path, message }) => (path ? [[path, message]] : [])),
      );
      return { ok: false, message: first?.message ?? "It could not be saved.", problems };
    },
  });
  const { fields, change } = form;
  const { owner, newModel } = fields;
  const { customer, isNewModel } = knownOf(fields);

  return (
    <Form form={form} className="mx-auto flex max-w-5xl flex-col gap-4">
      {from ? (
        <p className="dim">
          From enquiry {from.number}: what was said on the telephone is filled in. Look through it, and put right what
          is different.
        </p>
      ) : null}
      <section className="grid gap-3 md:grid-cols-3" aria-label="The set">
        <HereBefore
          chosen={again}
          kept={fields.setId}
          className="md:col-span-3"
          onChoose={(one) => {
            setAgain(one);
            change({ setId: one?.id ?? "" });
          }}
        />
        {again ? null : (
          <>
            <TextField
              label="Owner"
              inputClass="w-full"
              hint={owner && !customer ? "New customer: is made with this job." : undefined}
              choices={owners.map(({ name }) => name)}
              autoFocus
              {...form.field("owner")}
              onChange={(text) => {
                askOwners(text);
                change({ owner: text });
              }}
            />
            <TextField
              label="Maker and model"
              inputClass="w-full"
              hint={isNewModel ? "New model: a few words about it below." : undefined}
              choices={models.map(({ name }) => name)}
              {...form.field("model")}
              onBlur={() => change({ newModel: isNewModel ? newModelOf(fields) : undefined })}
            />
            <TextField label="Serial number" {...form.field("serial")} />
            {owner && !customer ? (
              <TextField
                label="Where to reach them"
                className="md:col-span-3"
                inputClass="w-full"
                {...form.field("contact")}
              />
            ) : null}
          </>
        )}
      </section>
      {isNewModel && (newModel || form.problem("newModel.kind")) ? (
        <NewModelFields
          fields={newModelOf(fields)}
          onChange={(part) => change({ newModel: { ...newModelOf(fields), ...part } })}
          problem={(key) => form.problem(`newModel.${key}`)}
        />
      ) : null}
      <TakeInFields
        fields={fields.takeIn}
        onChange={(part) => change({ takeIn: { ...fields.takeIn, ...part } })}
        problem={(key) => form.problem(`takeIn.${key}`)}
      />
      <FormEnd
        form={form}
        save="Take it in"
        saveClass="btn-primary h-12 px-6 text-lg"
        className="sticky bottom-0 border-t border-base-300 bg-base-100 py-2"
      >
        <p className="dim text-sm">Opens its bench. Nothing is powered yet.</p>
        {form.touched ? (
          <button type="button" className="btn btn-ghost ml-auto h-11" onClick={form.clear}>
            Begin anew
          </button>
        ) : null}
      </FormEnd>
    </Form>
  );
}
