"use client";

import { useEffect, useState } from "react";
import { ofKind, printMinutes, readMinutes, type Content } from "@/core/kinds";
import { priceOf, sumOf, type StepForecast } from "@/core/handback";
import { STEP_NAMES, type Step } from "@/core/model";
import { format, formatMoney, minorIn } from "@/core/quantity";
import type { ForecastFacts } from "@/server/forecast";
import { ErrorText, Form, FormEnd, TextField, useForm, type Problems } from "@/ui/form";
import { LineHint } from "@/ui/LineHint";
import { Time } from "@/ui/Time";
import { saying, useLogbook, useLineOf } from "@/ui/logbook";
import { roundedTimes } from "./estimate-times";

type Typed = {
  times: Record<string, string>;
  parts: string;
  travel: string;
  reserve: string;
  deposit: string;
  remark: string;
};

const SUMS = ["parts", "travel", "reserve", "deposit"] as const;
const NO_TIME = "A time is like 45 min or 1 h 20 min.";

/** What is left to do, asked for once. */
function useFacts(visitId: string) {
  const [facts, setFacts] = useState<ForecastFacts>();
  const [problem, setProblem] = useState<string>();
  const [turn, setTurn] = useState(0);
  useEffect(() => {
    let current = true;
    void fetch(`/api/visits/${visitId}/forecast`)
      .then(async (answer) => {
        if (!answer.ok) throw new Error("refused");
        const read = (await answer.json()) as ForecastFacts;
        if (current) setFacts(read);
      })
      .catch(() => current && setProblem("What is left to do could not be looked up: the server cannot be reached."));
    return () => {
      current = false;
    };
  }, [visitId, turn]);
  return {
    facts,
    problem,
    again: () => {
      setProblem(undefined);
      setTurn(turn + 1);
    },
  };
}

function EstimateForm({ facts }: { facts: ForecastFacts }) {
  const { settled, visit, terms, shop, append } = useLogbook();
  const lineOf = useLineOf();
  const { currency } = shop;
  const money = (minor: number) => formatMoney({ minor, currency });
  const spent = priceOf(settled, visit.id, terms, currency);
  const proposed = roundedTimes(facts);
  const initial: Typed = {
    times: Object.fromEntries(proposed.map(({ step, minutes }) => [step, printMinutes(minutes)])),
    parts: facts.parts.minor > 0 ? money(facts.parts.minor) : "",
    travel: "",
    reserve: "",
    deposit: "",
    remark: "",
  };
  /** Minor units of what was typed; none where it cannot be read. */
  const read = (text: string) => (text.trim() === "" ? 0 : minorIn(text, currency));
  const sum = (text: string) => read(text) ?? 0;
  const stepsOf = ({ times }: Typed): StepForecast[] =>
    proposed.flatMap(({ step, minutes, p90 }): StepForecast[] => {
      const typed = readMinutes(times[step] ?? "") ?? 0;
      // A time that was put right keeps its spread in proportion.
      return typed > 0 ? [{ step, minutes: typed, p90: (typed * p90) / minutes }] : [];
    });
  const costOf = (typed: Typed) =>
    sumOf(stepsOf(typed), terms, {
      partsMinor: sum(typed.parts),
      travelMinor: sum(typed.travel),
      reserveMinor: sum(typed.reserve),
      spent: { minutes: spent.labourMinutes, partsMinor: spent.partsMinor },
    });
  const contentOf = (typed: Typed): Content => {
    const cost = costOf(typed);
    const some = (key: "travel" | "reserve" | "deposit") =>
      sum(typed[key]) > 0 ? { [key]: { minor: sum(typed[key]), currency } } : {};
    return {
      kind: "estimate",
      payload: {
        v: 2,
        labourMinutes: cost.labourMinutes,
        ...(cost.steps.length > 0 ? { steps: cost.steps.map(({ step, minutes }) => ({ step, minutes })) } : {}),
        parts: { minor: cost.partsMinor, currency },
        total: { minor: cost.totalMinor, currency },
        ...(cost.upToMinor > cost.totalMinor ? { upTo: { minor: cost.upToMinor, currency } } : {}),
        ...some("travel"),
        ...some("reserve"),
        ...some("deposit"),
        ...(typed.remark.trim() ? { remark: typed.remark.trim() } : {}),
      },
    };
  };
  const form = useForm<Typed>({
    initial,
    check: (typed): Problems => {
      const wrong: Problems = {};
      for (const [step, text] of Object.entries(typed.times))
        if (text.trim() && readMinutes(text) === undefined) wrong[step] = NO_TIME;
      for (const key of SUMS) if (read(typed[key]) === undefined) wrong[key] = `A sum is like 20 or 20.50 ${currency}.`;
      if (!wrong.deposit && sum(typed.deposit) > costOf(typed).upToMinor)
        wrong.deposit = "A deposit is at most what the work will cost.";
      return wrong;
    },
    save: async (typed) => saying(await append(contentOf(typed))),
  });
  const typed = form.fields;
  const cost = costOf(typed);
  const good = SUMS.every((key) => read(typed[key]) !== undefined);
  return (
    <Form form={form} label="Estimate before work" className="flex flex-col gap-3">
      <div className="grid gap-x-6 gap-y-2 md:grid-cols-2">
        <fieldset className="flex flex-col gap-1">
          <legend className="font-bold">Work that is left</legend>
          {proposed.length === 0 ? <p className="dim">Nothing is left to do.</p> : null}
          {proposed.map(({ step, text, cases }) => (
            <div key={step} className="flex items-center justify-between gap-3">
              <span>
                {STEP_NAMES[step]}
                <span className="dim block text-sm">
                  {[text, cases > 0 ? `from ${cases} such sets` : "usual time"].filter(Boolean).join(", ")}
                </span>
              </span>
              <TextField
                bare
                label={`Time for ${STEP_NAMES[step]}`}
                inputClass="w-36 text-right font-mono"
                value={typed.times[step] ?? ""}
                error={
                  (typed.times[step] ?? "").trim() && readMinutes(typed.times[step] ?? "") === undefined
                    ? NO_TIME
                    : undefined
                }
                onChange={(value) => form.change({ times: { ...typed.times, [step]: value } })}
              />
            </div>
          ))}
        </fieldset>
        <div className="flex flex-col gap-2">
          <TextField
            label="Parts, before tax"
            inputClass="w-44 font-mono"
            hint={
              facts.parts.unpriced.length > 0
                ? `Without a price, and not in the sum: ${facts.parts.unpriced.join(", ")}.`
                : facts.parts.priced > 0
                  ? `${facts.parts.priced} parts of the recap plan.`
                  : undefined
            }
            {...form.field("parts")}
          />
          <div className="grid grid-cols-3 gap-2">
            <TextField label="Travel" inputClass="w-full font-mono" {...form.field("travel")} />
            <TextField label="Reserve" inputClass="w-full font-mono" {...form.field("reserve")} />
            <TextField label="Deposit" inputClass="w-full font-mono" {...form.field("deposit")} />
          </div>
          <TextField label="Remark" inputClass="w-full" placeholder="tubes not counted" {...form.field("remark")} />
        </div>
      </div>
      <p role="status" className="rounded-box bg-base-200 p-2.5 text-lg">
        {good ? (
          <>
            <strong>{money(cost.totalMinor)}</strong>
            {cost.upToMinor > cost.totalMinor ? (
              <>
                {" "}
                to <strong>{money(cost.upToMinor)}</strong> in nine of ten cases
              </>
            ) : null}
            , {terms.taxName} {format(terms.tax, "percent")} included: {printMinutes(cost.labourMinutes)} of labour
            {spent.labourMinutes > 0 ? `, of which ${printMinutes(spent.labourMinutes)} are done` : ""}, parts{" "}
            {money(cost.partsMinor)}.
          </>
        ) : (
          <span className="dim">A sum above cannot be read.</span>
        )}
      </p>
      {good && spent.limit && spent.limit.sum.currency === currency && cost.totalMinor > spent.limit.sum.minor ? (
        <p role="alert" className="border-l-4 border-warning pl-2 font-semibold">
          That is more than the {formatMoney(spent.limit.sum)} that were agreed to: tell the owner, and go on when they
          have said yes.
        </p>
      ) : null}
      <FormEnd form={form} save="Tell the owner this estimate" saved="It stands on the tape." />
      {good ? <LineHint line={lineOf(contentOf(typed))} /> : null}
    </Form>
  );
}

/** What was estimated beside what it came to, step by step. */
function Beside() {
  const { settled, visit, terms, shop } = useLogbook();
  const told = ofKind(settled, "estimate").filter(({ entry }) => entry.visitId === visit.id);
  const last = told.at(-1);
  if (!last) return null;
  const price = priceOf(settled, visit.id, terms, shop.currency);
  const { steps = [], total, upTo, labourMinutes } = last.content.payload;
  const done = new Map(price.labour.map(({ step, minutes }) => [step, minutes]));
  const rows = [...new Set<Step>([...steps.map(({ step }) => step), ...done.keys()])];
  return (
    <section aria-label="Estimate and work" className="flex flex-col gap-1">
      <h3 className="font-bold">
        Told on <Time iso={last.at} as="day" />: {formatMoney(total)}
        {upTo ? ` to ${formatMoney(upTo)}` : ""}
        {told.length > 1 ? `, the ${told.length === 2 ? "second" : `${told.length}th`} estimate` : ""}
      </h3>
      <table className="table max-w-xl">
        <thead>
          <tr className="text-base text-base-content">
            <th scope="col">Step</th>
            <th scope="col" className="text-right">
              Estimated
            </th>
            <th scope="col" className="text-right">
              Written down
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map((step) => (
            <tr key={step} className="text-base">
              <th scope="row" className="py-1 font-normal">
                {STEP_NAMES[step]}
              </th>
              <td className="py-1 text-right font-mono">
                {steps.length === 0 ? "" : printMinutes(steps.find((one) => one.step === step)?.minutes ?? 0)}
              </td>
              <td className="py-1 text-right font-mono">{printMinutes(done.get(step) ?? 0)}</td>
            </tr>
          ))}
          <tr className="text-base font-bold">
            <th scope="row" className="py-1">
              All
            </th>
            <td className="py-1 text-right font-mono">{printMinutes(labourMinutes)}</td>
            <td className="py-1 text-right font-mono">{printMinutes(price.labourMinutes)}</td>
          </tr>
        </tbody>
      </table>
    </section>
  );
}

/** The estimate before work: proposed from what is left, the shop's own times and the parts of the plan. */
export function EstimatePanel() {
  const { visit } = useLogbook();
  const { facts, problem, again } = useFacts(visit.id);
  return (
    <section aria-label="Estimate" className="flex flex-col gap-4">
      <Beside />
      {problem ? (
        <p>
          <ErrorText>{problem}</ErrorText>{" "}
          <button type="button" className="btn btn-outline h-11" onClick={again}>
            Try again
          </button>
        </p>
      ) : facts ? (
        <EstimateForm facts={facts} />
      ) : (
        <p className="dim" role="status">
          Looking through the plan and the shop’s own times…
        </p>
      )}
    </section>
  );
}
