"use client";

import { useEffect, useState } from "react";
import { v7 } from "uuid";
import { SET_CLASSES, type RoughPrice } from "@/core/plan";
import type { Enquiry } from "@/db/enquiries";
import { Form, FormEnd, schemaProblems, SelectField, TextField, useForm, type SaveAnswer } from "@/ui/form";
import { shapeOf } from "@/ui/kept";
import { askRoughPrice, keepEnquiry } from "./actions";
import { PriceNote } from "./PriceNote";
import { enquiryFields, NO_ENQUIRY, type EnquiryFieldsTyped } from "./schema";

type Named = { id: string; name: string };
type EnquiryProps = {
  models: readonly Named[];
  currency: string;
  /** one that is changed; without it a new one */
  enquiry?: Enquiry;
  onDone?: () => void;
};

/** So long after the last letter the price is looked up, ms. */
const PAUSE = 400;

const typedOf = ({
  caller,
  reach,
  what,
  model,
  setClass,
  complaint,
  said,
  expectedOn,
}: Enquiry): EnquiryFieldsTyped => ({
  caller,
  reach,
  what,
  model: model ?? "",
  setClass: SET_CLASSES.find((one) => one === setClass) ?? "",
  complaint,
  said,
  expectedOn: expectedOn ?? "",
});

/** The rough price for what is typed, a moment after the last letter. */
function useRoughPrice(modelId: string | undefined, setClass: string, complaint: string) {
  const [found, setFound] = useState<{ key: string; price: RoughPrice | null }>();
  const key = JSON.stringify([modelId, setClass, complaint]);
  const known = modelId !== undefined || setClass !== "";
  useEffect(() => {
    if (!known) return;
    let current = true;
    const timer = setTimeout(() => {
      void askRoughPrice({ setClass, complaint, ...(modelId ? { modelId } : {}) })
        .then((answer) => {
          if (current && "price" in answer) setFound({ key, price: answer.price });
        })
        .catch(() => undefined);
    }, PAUSE);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [key, known, modelId, setClass, complaint]);
  return known && found?.key === key ? found.price : undefined;
}

/** Somebody calls: who, which set, what it does, and what such a set came to here as a rule. */
export function EnquiryForm({ models, currency, enquiry, onDone }: EnquiryProps) {
  const [id, setId] = useState(() => enquiry?.id ?? v7());
  const modelOf = (name: string) => models.find((one) => one.name.toLowerCase() === name.trim().toLowerCase())?.id;
  const initial = enquiry ? typedOf(enquiry) : NO_ENQUIRY;
  const form = useForm<EnquiryFieldsTyped>({
    asks: "save enquiry",
    initial,
    ...(enquiry ? {} : { keep: { key: "enquiry", fits: shapeOf(NO_ENQUIRY) } }),
    check: (fields) => schemaProblems(enquiryFields, fields),
    save: async (fields): Promise<SaveAnswer> => {
      const answer = await keepEnquiry(id, fields, modelOf(fields.what) ?? null, enquiry?.version ?? 0);
      if (!answer.ok) return answer;
      setId(v7());
      onDone?.();
      return { ok: true };
    },
    next: () => (enquiry ? initial : NO_ENQUIRY),
  });
  const { what, setClass, complaint } = form.fields;
  const modelId = modelOf(what);
  const price = useRoughPrice(modelId, setClass, complaint);
  const asked = modelId !== undefined || setClass !== "";
  return (
    <Form
      form={form}
      label={enquiry ? `Change enquiry ${enquiry.number}` : "New enquiry"}
      className="flex flex-col gap-3"
    >
      <div className="grid gap-3 md:grid-cols-2">
        <TextField label="Who is calling" inputClass="w-full" {...form.field("caller")} />
        <TextField label="Telephone or address" inputClass="w-full" {...form.field("reach")} />
        <TextField
          label="Which set"
          inputClass="w-full"
          placeholder="maker and model, or what it is"
          choices={models.map(({ name }) => name)}
          hint={modelId ? "This model was here before." : undefined}
          {...form.field("what")}
        />
        {modelId ? (
          <TextField label="It comes on" type="date" inputClass="w-44" {...form.field("expectedOn")} />
        ) : (
          <SelectField
            label="Kind of set"
            inputClass="w-full"
            options={[["", "not known yet"], ...SET_CLASSES.map((one) => [one, one] as const)]}
            {...form.field("setClass")}
          />
        )}
      </div>
      <TextField label="What it does, in their words" inputClass="w-full" {...form.field("complaint")} />
      <div className="min-h-12 rounded-box bg-base-200 p-2.5" role="status">
        {!asked ? (
          <span className="dim">Name the model or the kind of set, and a rough price stands here.</span>
        ) : price === undefined ? (
          <span className="dim">Looking through the shop’s own jobs…</span>
        ) : (
          <PriceNote price={price} currency={currency} />
        )}
      </div>
      <div className="grid gap-3 md:grid-cols-2">
        <TextField
          label="What was said"
          inputClass="w-full"
          placeholder="price, day, conditions"
          {...form.field("said")}
        />
        {modelId ? null : <TextField label="It comes on" type="date" inputClass="w-44" {...form.field("expectedOn")} />}
      </div>
      <FormEnd
        form={form}
        save={enquiry ? "Save" : "Note the enquiry"}
        saved="Noted."
        onCancel={enquiry ? onDone : undefined}
      />
    </Form>
  );
}
