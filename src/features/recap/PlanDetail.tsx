"use client";

import { useState } from "react";
import { CHOICES, choicesFor, inCircuit, PLAN_ACTION_WORDS, type Choice, type FilledLine } from "@/core/components";
import { formatDeviation, formatMoney } from "@/core/quantity";
import { describeItem } from "@/core/stock";
import { Form, FormEnd, SelectField, TextField, useForm, type Problems } from "@/ui/form";
import { saying, useLogbook } from "@/ui/logbook";
import { Where } from "@/ui/picture/later";
import { MeasureForm } from "./MeasureForm";
import { NeedFacts } from "./NeedFacts";

/** A part or pair from stock in words. */
export const choiceText = (choice: Choice): string =>
  choice.items.map((item) => describeItem(item)).join(choice.pair?.way === "series" ? " in series with " : " with ");

type PlanDetailProps = { line: FilledLine; onPick: (designator: string, ids: string[]) => void };

/** Another decision than the rule's, with its reason. */
function Decide({ line }: { line: FilledLine }) {
  const { append, model } = useLogbook();
  const component = model.sheet.components.find(({ designator }) => designator === line.designator);
  const choices = component ? choicesFor(component) : CHOICES;
  const form = useForm({
    initial: { action: choices.find((choice) => choice === line.action) ?? choices[0] ?? "keep", why: "" },
    check: ({ why }): Problems => (why.trim() ? {} : { why: "Say why: the next one at this set will want to know." }),
    save: async ({ action, why }) => {
      const payload = { v: 1, designator: line.designator, action, why: why.trim() } as const;
      return saying(await append({ kind: "plan-line", payload }));
    },
    next: ({ action }) => ({ action, why: "" }),
  });
  return (
    <Form form={form} label={`Decide on ${line.designator}`} className="flex flex-wrap items-start gap-2">
      <SelectField
        label={`Decision for ${line.designator}`}
        bare
        inputClass="w-36"
        options={choices.map((choice) => [choice, PLAN_ACTION_WORDS[choice]])}
        {...form.field("action")}
      />
      <TextField
        label={`Why, for ${line.designator}`}
        bare
        className="min-w-40 grow"
        inputClass="w-full"
        placeholder="because …"
        {...form.field("why")}
      />
      <FormEnd form={form} save="Decide" saveClass="" />
    </Form>
  );
}

/** Everything behind a line of the plan: why, by which rule, what has to go in, what the stock offers, and another decision. */
export function PlanDetail({ line, onPick }: PlanDetailProps) {
  const { shop, model } = useLogbook();
  const [measuring, setMeasuring] = useState(line.action === "test");
  const effect = (value: number) => {
    const text = inCircuit(line, model.sheet, value);
    return text ? <p className="dim">{text}</p> : null;
  };
  return (
    <div className="flex flex-col gap-2 border-l-4 border-primary bg-base-200 p-2">
      <p>
        {line.reason} <span className="dim">Rule: {line.rule}.</span>
      </p>
      {line.override ? (
        <p>
          <strong>Decided otherwise:</strong> {line.override}{" "}
          <span className="dim">(the rule says {PLAN_ACTION_WORDS[line.proposed]})</span>
        </p>
      ) : null}
      {line.cautions.map((caution) => (
        <p key={caution} className="border-l-4 border-warning pl-2 font-semibold">
          {caution}
        </p>
      ))}
      <Where names={[line.designator]} className="max-w-60" />
      {line.needs.map((need) => {
        const filled = line.filled.find((one) => one.need.designator === need.designator);
        return (
          <div key={need.designator}>
            {line.needs.length > 1 ? <p className="font-mono font-bold">{need.designator}</p> : null}
            <NeedFacts need={need} />
            {effect(filled?.chosen?.value ?? need.value)}
            {filled && filled.choices.length > 0 ? (
              <fieldset className="mt-1">
                <legend className="dim">From stock, the best first</legend>
                {filled.choices.slice(0, 4).map((choice) => {
                  const ids = choice.items.map(({ id }) => id);
                  return (
                    <label key={ids.join()} className="flex min-h-10 items-center gap-2">
                      <input
                        type="radio"
                        className="radio"
                        name={`pick-${need.designator}`}
                        checked={choice === filled.chosen}
                        onChange={() => onPick(need.designator, ids)}
                      />
                      <span className="grow">
                        <span className="font-mono">{choiceText(choice)}</span>{" "}
                        <span className="dim">
                          {[
                            Math.abs(choice.off) < 0.005 ? "" : formatDeviation(choice.off),
                            choice.margin ? `rated ${choice.margin.toFixed(2)} × what is needed` : "",
                          ]
                            .filter(Boolean)
                            .join(", ")}
                          {choice.remarks.length > 0 ? `. ${choice.remarks.join(" ")}` : ""}
                        </span>
                      </span>
                      <span className="font-mono whitespace-nowrap">
                        {choice.items
                          .map(({ bin }) => bin)
                          .filter(Boolean)
                          .join(", ")}
                      </span>
                      <span className="w-20 text-right font-mono whitespace-nowrap">
                        {choice.price === null
                          ? "no price"
                          : formatMoney({ minor: choice.price, currency: shop.currency })}
                      </span>
                    </label>
                  );
                })}
              </fieldset>
            ) : null}
          </div>
        );
      })}
      {line.action === "done" ? null : (
        <>
          {measuring ? (
            <MeasureForm designator={line.designator} onDone={() => setMeasuring(false)} />
          ) : (
            <button type="button" className="btn btn-outline h-11 self-start" onClick={() => setMeasuring(true)}>
              Measure {line.designator}
            </button>
          )}
          <Decide line={line} />
        </>
      )}
    </div>
  );
}
