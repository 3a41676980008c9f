"use client";

import { zodResolver } from "@hookform/resolvers/zod";
import { useRouter } from "next/navigation";
import { useEffect, useRef, useState } from "react";
import { useForm, useWatch, type FieldErrors } from "react-hook-form";
import { v7 } from "uuid";
import { z } from "zod";
import { SUPPLIES, SUPPLY_WORDS } from "@/core/model";
import { ErrorText, Field } from "@/ui/Field";
import { useKept } from "@/ui/kept";
import { takeSetIn, type JobIds } from "./actions";
import { EMPTY_TAKE_IN, newJobFields, type NewJobFields } from "./schema";
import { TakeInFields } from "./TakeInFields";

export type Known = {
  customers: { id: string; name: string }[];
  models: { id: string; name: string }[];
  sets: { id: string; label: string; modelId: string; ownerId: string; jobInShop?: number }[];
};

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
/** A form that is half filled is kept as it is; whether it may be sent is asked when it is. */
const anyFields = z.custom<NewJobFields>(
  (value) => typeof value === "object" && value !== null && "takeIn" in value && "owner" in value,
);

const freshIds = (): JobIds => ({ set: v7(), visit: v7(), entry: v7(), customer: v7(), model: v7() });
const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** Splits “Halvane 537” into maker and designation as a first guess for a new model. */
function guess(text: string) {
  const [maker = "", ...rest] = text.trim().split(/\s+/);
  return { ...NEW_MODEL, maker, designation: rest.join(" ") };
}

/** Customer, model, set, visit and take-in in one go. What is known is chosen by typing it; what is not is made. */
export function NewJob({ known }: { known: Known }) {
  const router = useRouter();
  // Made once: sending the form again with the same ids never doubles anything.
  const [ids] = useState(freshIds);
  const [refusal, setRefusal] = useState<string>();
  const kept = useKept("new-job", anyFields, NOTHING_TYPED);
  const form = useForm<NewJobFields, unknown, unknown>({
    resolver: zodResolver(newJobFields) as never,
    defaultValues: NOTHING_TYPED,
  });
  const { register, handleSubmit, setError, setValue, control, formState, subscribe, reset } = form;
  const { set: keep, clear: forget } = kept;
  const before = useRef(kept);
  useEffect(() => {
    before.current = kept;
  });
  useEffect(() => {
    // What was typed when the page went away.
    if (before.current.touched) reset(before.current.value);
    return subscribe({ formState: { values: true }, callback: ({ values }) => keep(values) });
  }, [reset, subscribe, keep]);
  const [setId, owner, model, newModel] = useWatch({ control, name: ["setId", "owner", "model", "newModel"] });
  const errors = formState.errors as FieldErrors<NewJobFields>;

  const again = known.sets.find((one) => one.id === setId);
  const knownCustomer = again?.ownerId ?? known.customers.find((one) => same(one.name, owner))?.id;
  const knownModel = again?.modelId ?? known.models.find((one) => same(one.name, model))?.id;
  const isNewModel = !again && !knownModel && model.trim() !== "";

  const submit = handleSubmit(async (fields) => {
    setRefusal(undefined);
    const sent = { ...ids, ...(knownCustomer ? { knownCustomer } : {}), ...(knownModel ? { knownModel } : {}) };
    const result = await takeSetIn(fields as NewJobFields, sent).catch(() => undefined);
    if (!result)
      return setRefusal(
        "The server cannot be reached. Nothing typed here is lost: press the button again in a moment.",
      );
    if (result.ok) {
      forget();
      return router.push(`/bench/${result.job}`);
    }
    for (const { path, message } of result.problems) {
      if (path === "owner" || path === "model") setError(path, { message });
      else setRefusal(message);
    }
    return undefined;
  });

  return (
    <form onSubmit={submit} className="mx-auto flex max-w-5xl flex-col gap-4" noValidate>
      <section className="grid gap-3 md:grid-cols-3" aria-label="The set">
        <Field label="Was it here before?" className="md:col-span-3">
          {(props) => (
            <select {...props} {...register("setId")} className="select h-11 w-full">
              <option value="">No, it is new to the shop</option>
              {known.sets.map((one) => (
                <option key={one.id} value={one.id} disabled={one.jobInShop !== undefined}>
                  {one.label}
                  {one.jobInShop !== undefined ? ` (in the shop now, job ${one.jobInShop})` : ""}
                </option>
              ))}
            </select>
          )}
        </Field>
        {again ? null : (
          <>
            <Field
              label="Owner"
              error={errors.owner?.message}
              hint={owner && !knownCustomer ? "New customer: is made with this job." : undefined}
            >
              {(props) => (
                <input
                  {...props}
                  {...register("owner")}
                  className="input h-11 w-full"
                  list="known-customers"
                  autoFocus
                  autoComplete="off"
                />
              )}
            </Field>
            <Field
              label="Maker and model"
              error={errors.model?.message}
              hint={isNewModel ? "New model: a few words about it below." : undefined}
            >
              {(props) => (
                <input
                  {...props}
                  {...register("model", {
                    onBlur: () => setValue("newModel", isNewModel ? (newModel ?? guess(model)) : undefined),
                  })}
                  className="input h-11 w-full"
                  list="known-models"
                  autoComplete="off"
                />
              )}
            </Field>
            <Field label="Serial number" error={errors.serial?.message}>
              {(props) => (
                <input {...props} {...register("serial")} className="input h-11 w-full font-mono" autoComplete="off" />
              )}
            </Field>
            {owner && !knownCustomer ? (
              <Field label="Where to reach them" error={errors.contact?.message} className="md:col-span-3">
                {(props) => (
                  <input {...props} {...register("contact")} className="input h-11 w-full" autoComplete="off" />
                )}
              </Field>
            ) : null}
            <datalist id="known-customers">
              {known.customers.map((one) => (
                <option key={one.id} value={one.name} />
              ))}
            </datalist>
            <datalist id="known-models">
              {known.models.map((one) => (
                <option key={one.id} value={one.name} />
              ))}
            </datalist>
          </>
        )}
      </section>
      {isNewModel && newModel ? (
        <fieldset className="grid gap-3 rounded-box border border-base-300 bg-base-200 p-3 md:grid-cols-4">
          <legend className="px-1 font-bold">The new model</legend>
          <Field label="Maker" error={errors.newModel?.maker?.message}>
            {(props) => <input {...props} {...register("newModel.maker")} className="input h-11 w-full" />}
          </Field>
          <Field label="Name or number" error={errors.newModel?.designation?.message}>
            {(props) => <input {...props} {...register("newModel.designation")} className="input h-11 w-full" />}
          </Field>
          <Field label="Year, if known" error={errors.newModel?.year?.message}>
            {(props) => (
              <input {...props} {...register("newModel.year")} className="input h-11 w-full" inputMode="numeric" />
            )}
          </Field>
          <Field label="What it is" error={errors.newModel?.kind?.message}>
            {(props) => (
              <input
                {...props}
                {...register("newModel.kind")}
                className="input h-11 w-full"
                placeholder="AC table superhet"
              />
            )}
          </Field>
          <Field label="Supply" error={errors.newModel?.supply?.message} className="md:col-span-2">
            {(props) => (
              <select {...props} {...register("newModel.supply")} className="select h-11 w-full">
                {SUPPLIES.map((supply) => (
                  <option key={supply} value={supply}>
                    {SUPPLY_WORDS[supply]}
                  </option>
                ))}
              </select>
            )}
          </Field>
          <Field label="Supply voltage, V" error={errors.newModel?.lineVolts?.message}>
            {(props) => (
              <input
                {...props}
                {...register("newModel.lineVolts")}
                className="input h-11 w-full font-mono"
                inputMode="decimal"
              />
            )}
          </Field>
          <Field label="Highest inside, V" error={errors.newModel?.highestVolts?.message}>
            {(props) => (
              <input
                {...props}
                {...register("newModel.highestVolts")}
                className="input h-11 w-full font-mono"
                inputMode="decimal"
              />
            )}
          </Field>
          <Field label="A capital M on its drawings means" className="md:col-span-2">
            {(props) => (
              <select {...props} {...register("newModel.dialect")} className="select h-11 w-full">
                <option value="">not known: ask each time</option>
                <option value="m-is-million">a million (50M = 50 MΩ)</option>
                <option value="m-is-thousand">a thousand (50M = 50 kΩ)</option>
              </select>
            )}
          </Field>
        </fieldset>
      ) : null}
      <TakeInFields register={register} errors={errors.takeIn} prefix="takeIn." />
      {refusal ? <ErrorText>{refusal}</ErrorText> : null}
      <div className="sticky bottom-0 flex items-center gap-3 border-t border-base-300 bg-base-100 py-2">
        <button className="btn btn-primary h-12 px-6 text-lg" disabled={formState.isSubmitting}>
          Take it in
        </button>
        <p className="dim text-sm">Opens its bench. Nothing is powered yet.</p>
        {kept.touched ? (
          <button
            type="button"
            className="btn btn-ghost ml-auto h-11"
            onClick={() => {
              reset(NOTHING_TYPED);
              forget();
            }}
          >
            Begin anew
          </button>
        ) : null}
      </div>
    </form>
  );
}
