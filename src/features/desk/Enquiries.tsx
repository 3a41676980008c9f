"use client";

import { useState } from "react";
import type { Enquiry } from "@/db/enquiries";
import { ActButton } from "@/ui/ActButton";
import { Link } from "@/ui/Link";
import { dayWords } from "@/ui/plan/words";
import { Time } from "@/ui/Time";
import { IfMay } from "@/ui/role";
import { letGo } from "./actions";
import { EnquiryForm } from "./EnquiryForm";
import { PriceNote } from "./PriceNote";

type ListProps = {
  enquiries: readonly Enquiry[];
  models: readonly { id: string; name: string }[];
  currency: string;
  asked: string;
};

function Row({ one, currency, onChange }: { one: Enquiry; currency: string; onChange: () => void }) {
  return (
    <li className="flex flex-col gap-1 rounded-box border border-base-300 p-3">
      <p className="flex flex-wrap items-baseline gap-x-3">
        <span className="font-mono font-bold">{one.number}</span>
        <strong>{one.caller}</strong>
        {one.reach ? <span className="font-mono">{one.reach}</span> : null}
        <span className="dim ml-auto text-sm">
          <Time iso={one.at} />, {one.by}
        </span>
      </p>
      <p>
        {one.what}
        {one.complaint ? `: ${one.complaint}` : ""}
      </p>
      {one.said ? <p>Said: {one.said}</p> : null}
      {one.price ? (
        <p className="dim">
          <PriceNote price={one.price} currency={currency} />
        </p>
      ) : null}
      <div className="flex flex-wrap items-center gap-2">
        {one.state === "came" ? (
          <span>
            It came:{" "}
            <Link href={`/bench/${one.job ?? ""}`} className="link">
              job {one.job}
            </Link>
          </span>
        ) : one.state === "dropped" ? (
          <>
            <span className="dim">It does not come.</span>
            <ActButton asks="drop enquiry" act={() => letGo(one.id, false)} className="btn btn-ghost btn-sm min-h-10">
              It comes after all
            </ActButton>
          </>
        ) : (
          <>
            {one.expectedOn ? <span>Expected on {dayWords(one.expectedOn)}.</span> : null}
            <IfMay page="/sets/new">
              <Link href={`/sets/new?enquiry=${one.id}`} className="btn btn-primary h-11">
                It is here: make the job
              </Link>
            </IfMay>
            <IfMay action="save enquiry">
              <button type="button" className="btn btn-outline h-11" onClick={onChange}>
                Change
              </button>
            </IfMay>
            <ActButton asks="drop enquiry" act={() => letGo(one.id, true)} className="btn btn-ghost h-11">
              It does not come
            </ActButton>
          </>
        )}
      </div>
    </li>
  );
}

/** Enquiries: what is expected, found by telephone number, name, or what was said of the set. */
export function Enquiries({ enquiries, models, currency, asked }: ListProps) {
  const [changing, setChanging] = useState<string>();
  return (
    <section aria-label="Enquiries" className="flex flex-col gap-3">
      <form role="search" className="flex items-end gap-2">
        <label className="flex flex-1 flex-col gap-1 font-semibold">
          Find by number, name, maker
          <input name="q" type="search" defaultValue={asked} className="input h-11 w-full" autoComplete="off" />
        </label>
        <button className="btn h-11">Find</button>
      </form>
      {enquiries.length === 0 ? (
        <p className="dim">
          {asked ? `No enquiry has “${asked}” in it.` : "Nobody is expected. A call is noted on the left."}
        </p>
      ) : null}
      <ul className="flex flex-col gap-2">
        {enquiries.map((one) =>
          changing === one.id ? (
            <li key={one.id} className="rounded-box border border-primary p-3">
              <EnquiryForm models={models} currency={currency} enquiry={one} onDone={() => setChanging(undefined)} />
            </li>
          ) : (
            <Row key={one.id} one={one} currency={currency} onChange={() => setChanging(one.id)} />
          ),
        )}
      </ul>
    </section>
  );
}
