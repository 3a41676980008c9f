"use client";

import { useState } from "react";
import { readMinutes, printMinutes, WAYS, type Content } from "@/core/kinds";
import { priceOf } from "@/core/handback";
import { STEP_NAMES, STEPS, type Step } from "@/core/model";
import { format, formatMoney, parseMoney } from "@/core/quantity";
import { emptied } from "@/ui/emptied";
import { ErrorText, Field } from "@/ui/Field";
import { LineHint } from "@/ui/LineHint";
import { TextField } from "@/ui/TextField";
import { Time } from "@/ui/Time";
import { useLogbook } from "@/ui/logbook";

function AddLabour({ write }: { write: (content: Content) => Promise<string | undefined> }) {
  const [step, setStep] = useState<Step>("fix");
  const [time, setTime] = useState("");
  const [what, setWhat] = useState("");
  const [error, setError] = useState<string>();
  const save = async () => {
    const minutes = readMinutes(time);
    if (minutes === undefined) return setError("Say how long: 45 min, 1 h 20 min.");
    const said = what.trim() ? { what: what.trim() } : {};
    const refused = await write({ kind: "labour", payload: { v: 1, step, minutes, ...said } });
    setError(refused);
    if (!refused) {
      setTime(emptied(time));
      setWhat(emptied(what));
    }
    return undefined;
  };
  return (
    <form
      aria-label="Add labour"
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <Field label="Step">
        {(props) => (
          <select
            {...props}
            className="select h-11 w-36"
            value={step}
            onChange={(event) => setStep(event.target.value as Step)}
          >
            {STEPS.map((one) => (
              <option key={one} value={one}>
                {STEP_NAMES[one]}
              </option>
            ))}
          </select>
        )}
      </Field>
      <TextField label="Time" value={time} onChange={setTime} placeholder="1 h 20 min" inputClass="w-32 font-mono" />
      <TextField
        label="What it went into"
        value={what}
        onChange={setWhat}
        placeholder="recapping"
        className="min-w-40 flex-1"
        inputClass="w-full"
      />
      <button className="btn btn-outline h-11">Add labour</button>
      {error ? <ErrorText>{error}</ErrorText> : null}
    </form>
  );
}

function Approve({
  suggested,
  write,
}: {
  suggested: string;
  write: (content: Content) => Promise<string | undefined>;
}) {
  const { owner, shop } = useLogbook();
  const [limit, setLimit] = useState(suggested);
  const [who, setWho] = useState(owner);
  const [how, setHow] = useState<(typeof WAYS)[number]>("phone");
  const [error, setError] = useState<string>();
  const save = async () => {
    const sum = parseMoney(limit, shop.currency);
    if (!sum) return setError("Say up to which sum: 250 EUR.");
    return setError(await write({ kind: "approval", payload: { v: 1, limit: sum, who: who.trim(), how } }));
  };
  return (
    <form
      aria-label="The owner's answer"
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <TextField label="Agreed up to, with tax" value={limit} onChange={setLimit} inputClass="w-36 font-mono" />
      <TextField label="Who said so" value={who} onChange={setWho} inputClass="w-48" />
      <Field label="How">
        {(props) => (
          <select
            {...props}
            className="select h-11 w-32"
            value={how}
            onChange={(event) => setHow(event.target.value as typeof how)}
          >
            {WAYS.map((way) => (
              <option key={way}>{way}</option>
            ))}
          </select>
        )}
      </Field>
      <button className="btn btn-outline h-11">The owner agrees</button>
      {error ? <ErrorText>{error}</ErrorText> : null}
    </form>
  );
}

/** What the visit comes to, against what the owner was told and agreed to. */
export function PricePanel() {
  const { settled, visit, terms, shop, append, lineOf } = useLogbook();
  const [error, setError] = useState<string>();
  const { currency } = shop;
  const price = priceOf(settled, visit.id, terms, currency);
  const money = (minor: number) => formatMoney({ minor, currency });
  const write = async (content: Content) => {
    const outcome = await append(content);
    return outcome.ok ? undefined : (outcome.problems[0]?.message ?? "It was refused.");
  };
  const estimate: Content = {
    kind: "estimate",
    payload: {
      v: 1,
      labourMinutes: price.labourMinutes,
      parts: { minor: price.partsMinor, currency },
      total: { minor: price.totalMinor, currency },
    },
  };
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
              <td className="py-1 text-right font-mono">{money(Math.round((minutes / 60) * terms.hourMinor))}</td>
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
              The owner was told <strong>{formatMoney(price.estimate.total)}</strong> on{" "}
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
      <AddLabour write={write} />
      <div className="flex flex-wrap items-center gap-3">
        <button type="button" className="btn btn-outline h-11" onClick={() => void write(estimate).then(setError)}>
          Tell the owner {money(price.totalMinor)} as the estimate
        </button>
        <LineHint line={lineOf(estimate)} />
      </div>
      {error ? <ErrorText>{error}</ErrorText> : null}
      <Approve key={price.totalMinor} suggested={money(price.totalMinor)} write={write} />
    </section>
  );
}
