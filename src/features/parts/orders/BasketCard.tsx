"use client";

import { Download } from "lucide-react";
import Papa from "papaparse";
import { useState } from "react";
import { v7 } from "uuid";
import type { Basket, SupplierTerms } from "@/core/orders";
import { workdaysLater } from "@/core/days";
import { formatMoney } from "@/core/quantity";
import { describeItem } from "@/core/stock";
import { guard } from "@/core/tables";
import type { WantRow } from "@/server/orders/to-order";
import { download } from "@/ui/download";
import { Form, FormEnd, TextField, useForm } from "@/ui/form";
import { dayWords } from "@/ui/plan/days";
import { orderFrom } from "./actions";
import { forWords } from "./words";

type BasketProps = {
  basket: Basket;
  terms: SupplierTerms | undefined;
  wants: ReadonlyMap<string, WantRow>;
  currency: string;
  today: string;
  onLeave: (key: string) => void;
  onChoose: (key: string, supplier: string) => void;
  onDone: (said: string) => void;
};

/** What an article is for, as the order is told: what was added for the drawer is for nobody. */
function askedFor(want: WantRow | undefined) {
  if (!want || want.for.to === "shop") return [];
  const { key, pieces, for: of } = want;
  if (of.to === "bin" || !of.wait) return [{ key, pieces }];
  return [{ key, pieces, hand: { visit: of.visit, place: of.place, wait: of.wait } }];
}

/** What goes to one supplier: articles, what each is for, the sums, and the order itself. */
export function BasketCard({ basket, terms, wants, currency, today, onLeave, onChoose, onDone }: BasketProps) {
  const [id, setId] = useState(() => v7());
  const { supplier, lines, goodsMinor, postageMinor, shortMinor } = basket;
  const usual = terms?.deliveryDays ?? null;
  const money = (minor: number) => formatMoney({ minor, currency });
  const form = useForm<{ expected: string; note: string }>({
    asks: "place order",
    initial: { expected: usual === null ? "" : workdaysLater(today, usual), note: "" },
    check: ({ expected }) =>
      expected && expected < today ? { expected: `It cannot arrive on ${expected}: that day is past.` } : {},
    save: async ({ expected, note }) => {
      const answer = await orderFrom({
        ...{ id, supplier, note },
        expectedOn: expected || null,
        lines: lines.map(({ offer, pieces, wants: keys }) => ({
          orderNumber: offer.orderNumber,
          pieces,
          wants: keys.flatMap((key) => askedFor(wants.get(key))),
        })),
      });
      if (!answer.ok) return answer;
      setId(v7());
      onDone(`Order ${answer.number} to ${supplier} is written down.`);
      return { ok: true };
    },
  });
  const { expected } = form.fields;
  const asList = () => {
    const rows = lines.map(({ offer, pieces, minor, wants: keys }) => [
      ...[offer.orderNumber, String(pieces), describeItem(offer), offer.kind],
      ...[(offer.priceMinor / 100).toFixed(2), (minor / 100).toFixed(2), currency],
      keys
        .flatMap((key) => wants.get(key) ?? [])
        .map(forWords)
        .join(", "),
    ]);
    const head = ["order number", "pieces", "what", "kind", "each", "sum", "currency", "for"];
    const cells = [head, ...rows].map((row) => row.map((cell) => (/^\d+(\.\d+)?$/.test(cell) ? cell : guard(cell))));
    const text = Papa.unparse(cells, { newline: "\r\n" });
    download(`\ufeff${text}\r\n`, "text/csv;charset=utf-8", `order-${supplier.toLowerCase().replace(/\W+/g, "-")}.csv`);
  };
  return (
    <section aria-label={`To ${supplier}`} className="rounded-box border border-base-300 p-3">
      <h3 className="flex flex-wrap items-baseline gap-3 text-lg font-bold">
        {supplier}
        <span className="dim text-base font-normal">
          {usual === null ? "" : `${usual} working ${usual === 1 ? "day" : "days"}`}
        </span>
        <span className="ml-auto font-mono">{money(goodsMinor + postageMinor)}</span>
      </h3>
      <ul>
        {lines.map(({ offer, wants: keys, wanted, pieces, minor }) => (
          <li key={offer.orderNumber} className="border-b border-base-300 py-1.5">
            <p className="grid grid-cols-[3.5rem_6rem_1fr_auto] items-baseline gap-2">
              <span className="font-mono font-bold">{pieces} pc</span>
              <span className="font-mono">{offer.orderNumber}</span>
              <span className="font-mono">{describeItem(offer)}</span>
              <span className="text-right font-mono whitespace-nowrap">{money(minor)}</span>
            </p>
            {pieces > wanted ? (
              <p className="dim">
                In packs of {offer.pack} pc: {pieces - wanted} pc more than wanted go into the drawer.
              </p>
            ) : null}
            <ul className="flex flex-col">
              {keys
                .flatMap((key) => wants.get(key) ?? [])
                .map((want) => {
                  const late = want.promised !== undefined && expected !== "" && expected > want.promised;
                  return (
                    <li key={want.key} className="flex flex-wrap items-center gap-x-3 pl-2">
                      <span>
                        for <span className="font-mono font-bold">{forWords(want)}</span>
                        {want.for.to === "set" ? ` ${want.for.set}` : `, ${want.pieces} pc`}
                      </span>
                      {late && want.promised ? (
                        <strong className="text-warning">
                          Comes after {dayWords(want.promised)}, the day that was promised
                        </strong>
                      ) : null}
                      <span className="no-print ml-auto flex items-center gap-1">
                        {want.offers.length > 1 ? (
                          <select
                            className="select h-10 w-72"
                            aria-label={`Supplier for ${forWords(want)}`}
                            value={supplier}
                            onChange={(event) => onChoose(want.key, event.target.value)}
                          >
                            {want.offers.map((one) => (
                              <option key={one.supplier} value={one.supplier}>
                                {one.supplier} {money(one.priceMinor)}
                              </option>
                            ))}
                          </select>
                        ) : null}
                        <button
                          type="button"
                          className="btn btn-ghost btn-sm min-h-10"
                          onClick={() => onLeave(want.key)}
                        >
                          Not now<span className="sr-only"> {forWords(want)}</span>
                        </button>
                      </span>
                    </li>
                  );
                })}
            </ul>
          </li>
        ))}
      </ul>
      <p className="py-1">
        Goods <span className="font-mono">{money(goodsMinor)}</span>, postage{" "}
        <span className="font-mono">{money(postageMinor)}</span>
        {terms?.freeFromMinor && postageMinor > 0 ? (
          <span className="dim"> (theirs from {money(terms.freeFromMinor)} on)</span>
        ) : null}
      </p>
      {shortMinor > 0 ? (
        <p role="status" className="text-warning">
          {money(shortMinor)} below their least order: fill it up, or ask whether they send it.
        </p>
      ) : null}
      <Form form={form} label={`Order from ${supplier}`} className="no-print flex flex-wrap items-end gap-2">
        <TextField label="Expected on" type="date" inputClass="w-44" {...form.field("expected")} />
        <TextField label="Note" className="min-w-40 grow" inputClass="w-full" {...form.field("note")} />
        <FormEnd form={form} save="It is ordered" />
        <button type="button" className="btn btn-outline h-11" onClick={asList}>
          <Download size={16} aria-hidden="true" /> List (CSV)
        </button>
      </Form>
    </section>
  );
}
