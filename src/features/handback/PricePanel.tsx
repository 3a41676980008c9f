"use client";

import { readMinutes, printMinutes, BY_LINK, WAYS } from "@/core/kinds";
import { priceOf, type Price } from "@/core/handback";
import { STEP_NAMES, STEPS, type Step } from "@/core/model";
import { format, formatMoney, minorIn, share, type Money } from "@/core/quantity";
import { Form, FormEnd, SelectField, TextField, useForm, type Problems } from "@/ui/form";
import { Time } from "@/ui/Time";
import { saying, useLogbook } from "@/ui/logbook";

/** Ways in which somebody in the shop hears of an approval. */
const BY_HAND = WAYS.filter((way) => way !== BY_LINK);

const NO_LABOUR = { step: "fix" as Step, time: "", what: "" };

function AddLabour() {
  const { append } = useLogbook();
  const form = useForm({
    initial: NO_LABOUR,
    check: ({ time }): Problems =>
      readMinutes(time) === undefined ? { time: "Say how long: 45 min, 1 h 20 min." } : {},
    save: async ({ step, time, what }) => {
      const said = what.trim() ? { what: what.trim() } : {};
      const payload = { v: 1, step, minutes: readMinutes(time) ?? 0, ...said } as const;
      return saying(await append({ kind: "labour", payload }));
    },
    next: ({ step }) => ({ ...NO_LABOUR, step }),
  });
  return (
    <Form form={form} label="Add labour" className="flex flex-wrap items-end gap-2">
      <SelectField
        label="Step"
        inputClass="w-36"
        options={STEPS.map((one) => [one, STEP_NAMES[one]])}
        {...form.field("step")}
      />
      <TextField label="Time" placeholder="1 h 20 min" inputClass="w-32 font-mono" {...form.field("time")} />
      <TextField
        label="What it went into"
        placeholder="recapping"
        className="min-w-40 flex-1"
        inputClass="w-full"
        {...form.field("what")}
      />
      <FormEnd form={form} save="Add labour" saveClass="btn-outline" />
    </Form>
  );
}

/** The sum that the owner is asked for: the most that was told, or what it comes to, whichever is more. */
function asked({ estimate, totalMinor, currency }: Price): Money {
  const told = estimate?.upTo ?? estimate?.total;
  return told && told.currency === currency && told.minor > totalMinor ? told : { minor: totalMinor, currency };
}

function Approve({ suggested }: { suggested: string }) {
  const { owner, shop, append } = useLogbook();
  const form = useForm({
    initial: { limit: suggested, who: owner, how: "phone" as (typeof WAYS)[number] },
    check: ({ limit }): Problems =>
      minorIn(limit, shop.currency) ? {} : { limit: `Say up to which sum: 250 ${shop.currency}.` },
    save: async ({ limit, who, how }) => {
      const sum = { minor: minorIn(limit, shop.currency) ?? 0, currency: shop.currency };
      return saying(await append({ kind: "approval", payload: { v: 1, limit: sum, who: who.trim(), how } }));
    },
  });
  return (
    <Form form={form} label="The owner's answer" className="flex flex-wrap items-end gap-2">
      <TextField label="Agreed up to, with tax" inputClass="w-36 font-mono" {...form.field("limit")} />
      <TextField label="Who said so" inputClass="w-48" {...form.field("who")} />
      <SelectField label="How" inputClass="w-32" options={BY_HAND.map((way) => [way, way])} {...form.field("how")} />
      <FormEnd form={form} save="The owner agrees" saveClass="btn-outline" />
    </Form>
  );
}

/** What the visit comes to, against what the owner was told and agreed to. */
export function PricePanel() {
  const { settled, visit, terms, shop } = useLogbook();
  const { currency } = shop;
  const price = priceOf(settled, visit.id, terms, currency);
  const money = (minor: number) => formatMoney({ minor, currency });
  const row = (label: React.ReactNode, text: string, strong = false) => (
    <tr className={`text-base ${strong ? "font-bold" : ""}`}>
      <th scope="row" className="py-1 text-left font-normal">
        {label}
      </th>
      <td className="py-1 text-right font-mono whitespace-nowrap">{text}</td>
    </tr>
  );
  return (
    <section aria-label="Price" className="flex flex-col gap-3">
      <table className="table max-w-2xl">
        <tbody>
          {price.labour.map(({ step, minutes }) => (
            <tr key={step} className="text-base">
              <th scope="row" className="py-1 text-left font-normal">
                {STEP_NAMES[step]}: {printMinutes(minutes)}
              </th>
              <td className="py-1 text-right font-mono">{money(share(terms.hourMinor, minutes, 60))}</td>
            </tr>
          ))}
          {row(
            <strong>
              Labour, {printMinutes(price.labourMinutes)} at {money(terms.hourMinor)} an hour
            </strong>,
            money(price.labourMinor),
            true,
          )}
          {row(
            <>
              Parts:{" "}
              {price.parts.length === 0
                ? "none with a price"
                : price.parts.map(({ designator }) => designator).join(", ")}
              {price.unpriced.length > 0 ? (
                <span className="block text-sm text-warning">
                  Without a price in {currency}, and not in the sum:{" "}
                  {price.unpriced.map(({ designator, text }) => `${designator} ${text}`).join(", ")}
                </span>
              ) : null}
            </>,
            money(price.partsMinor),
          )}
          {row(`${terms.taxName} ${format(terms.tax, "percent")}`, money(price.taxMinor))}
          {row("Total", money(price.totalMinor), true)}
        </tbody>
      </table>
      {price.estimate || price.limit ? (
        <p>
          {price.estimate ? (
            <>
              The owner was told <strong>{formatMoney(price.estimate.total)}</strong>
              {price.estimate.upTo ? ` to ${formatMoney(price.estimate.upTo)}` : ""} on{" "}
              <Time iso={price.estimate.at} as="day" />.{" "}
            </>
          ) : null}
          {price.limit ? (
            <>
              Agreed up to <strong>{formatMoney(price.limit.sum)}</strong>
              {price.limit.who ? ` by ${price.limit.who}, ${price.limit.how ?? ""}` : " at take-in"},{" "}
              <Time iso={price.limit.at} as="day" />.
            </>
          ) : null}
        </p>
      ) : (
        <p className="dim">No estimate and no limit yet: the owner was told no sum.</p>
      )}
      {price.overMinor ? (
        <p className="border-l-4 border-warning pl-2 font-semibold" role="status">
          That is {money(price.overMinor)} above what was agreed: ask before going on, and write down the answer.
        </p>
      ) : null}
      {price.limitElsewhere ? (
        <p className="border-l-4 border-warning pl-2 font-semibold" role="status">
          That sum is in another currency than the price: ask the owner for one in {currency}, and write down the
          answer.
        </p>
      ) : null}
      <AddLabour />
      <Approve key={price.totalMinor} suggested={formatMoney(asked(price))} />
    </section>
  );
}
