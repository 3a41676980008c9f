"use client";

import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { split } from "@/core/orders";
import { formatMoney } from "@/core/quantity";
import type { ToOrder as Lacks, WantRow } from "@/server/orders/to-order";
import { PrintButton } from "@/ui/PrintButton";
import { AddArticle } from "./AddArticle";
import { BasketCard } from "./BasketCard";
import { askWords, forWords } from "./words";

type ToOrderProps = Lacks & {
  today: string;
  /** what this job lacks alone */
  job: number | undefined;
};

const ofJob = (want: WantRow, job: number | undefined): boolean =>
  job === undefined || (want.for.to === "set" && want.for.job === job);

function Left({ want, onTake }: { want: WantRow; onTake: () => void }) {
  return (
    <li className="flex flex-wrap items-center gap-x-3 border-b border-base-300 py-1">
      <span className="font-mono font-bold">{forWords(want)}</span>
      <span>{askWords(want)}</span>
      {want.held ? <span className="dim">{want.held}</span> : null}
      <button type="button" className="btn btn-ghost btn-sm ml-auto min-h-10" onClick={onTake}>
        Order it<span className="sr-only"> {forWords(want)}</span>
      </button>
    </li>
  );
}

/** What the shop lacks, divided among suppliers so that it costs least; everything in it can be left or moved. */
export function ToOrder({ wants: lacking, awaited, terms, currency, today, job }: ToOrderProps) {
  const router = useRouter();
  const [taken, setTaken] = useState<ReadonlyMap<string, boolean>>(new Map());
  const [chosen, setChosen] = useState<ReadonlyMap<string, string>>(new Map());
  const [said, setSaid] = useState<string>();
  const [added, setAdded] = useState<readonly WantRow[]>([]);
  const [adding, setAdding] = useState<string>();
  const wants = useMemo(() => [...lacking, ...added], [lacking, added]);
  const byKey = useMemo(() => new Map(wants.map((want) => [want.key, want])), [wants]);
  const isTaken = (want: WantRow) => taken.get(want.key) ?? (added.includes(want) || (ofJob(want, job) && !want.held));
  const take = (key: string, yes: boolean) => setTaken(new Map(taken).set(key, yes));
  const mine = wants.filter((want) => want.offers.length > 0 && isTaken(want));
  const { baskets, totalMinor } = split(mine, terms, chosen);
  const add = (want: WantRow) => {
    setAdded([...added, want]);
    setAdding(undefined);
  };
  const left = wants.filter((want) => want.offers.length > 0 && !isTaken(want));
  const nowhere = wants.filter((want) => want.offers.length === 0);
  return (
    <section aria-label="To order" className="flex flex-col gap-3">
      <h2 className="flex flex-wrap items-baseline gap-3 text-xl font-bold">
        To order
        {baskets.length > 0 ? (
          <span className="text-base font-normal">
            {mine.length} {mine.length === 1 ? "part" : "parts"} for{" "}
            <span className="font-mono">{formatMoney({ minor: totalMinor, currency })}</span>, with packs, postage and
            least orders
          </span>
        ) : null}
        {baskets.length > 0 ? (
          <span className="ml-auto">
            <PrintButton className="btn-outline" />
          </span>
        ) : null}
      </h2>
      {said ? <p role="status">{said}</p> : null}
      {wants.length === 0 ? (
        <p className="dim">Nothing is lacking: the stock has what the sets need, and no drawer runs low.</p>
      ) : null}
      {baskets.map((basket) => (
        <BasketCard
          key={basket.supplier}
          basket={basket}
          terms={terms.find(({ supplier }) => supplier === basket.supplier)}
          wants={byKey}
          currency={currency}
          today={today}
          onLeave={(key) => take(key, false)}
          onChoose={(key, supplier) => setChosen(new Map(chosen).set(key, supplier))}
          onDone={(text) => {
            setSaid(text);
            const gone = new Set(basket.lines.flatMap((line) => line.wants));
            setAdded(added.filter(({ key }) => !gone.has(key)));
            router.refresh();
          }}
        />
      ))}
      {awaited.length > 0 ? (
        <section aria-label="Waited for, in no order">
          <h3 className="font-bold">Waited for, in no order</h3>
          <ul>
            {awaited
              .filter(({ wait }) => !added.some(({ for: of }) => of.to === "set" && of.wait === wait))
              .map((one) => (
                <li key={one.wait} className="border-b border-base-300 py-1">
                  {adding === one.wait ? (
                    <AddArticle awaited={one} onAdd={add} onCancel={() => setAdding(undefined)} />
                  ) : (
                    <p className="flex flex-wrap items-center gap-x-3">
                      <span className="font-mono font-bold">{one.job}</span>
                      <span>
                        {one.set}: {one.text}
                      </span>
                      <button
                        type="button"
                        className="btn btn-ghost btn-sm ml-auto min-h-10"
                        onClick={() => setAdding(one.wait)}
                      >
                        Find it<span className="sr-only"> {one.text}</span>
                      </button>
                    </p>
                  )}
                </li>
              ))}
          </ul>
        </section>
      ) : null}
      {adding === "drawer" ? (
        <AddArticle onAdd={add} onCancel={() => setAdding(undefined)} />
      ) : (
        <button type="button" className="btn no-print btn-outline h-11 self-start" onClick={() => setAdding("drawer")}>
          Add an article
        </button>
      )}
      {left.length > 0 ? (
        <section aria-label="Not now">
          <h3 className="font-bold">Not now</h3>
          <ul>
            {left.map((want) => (
              <Left key={want.key} want={want} onTake={() => take(want.key, true)} />
            ))}
          </ul>
        </section>
      ) : null}
      {nowhere.length > 0 ? (
        <section aria-label="In no price list">
          <h3 className="font-bold">In no price list</h3>
          <ul>
            {nowhere.map((want) => (
              <li key={want.key} className="flex flex-wrap gap-x-3 border-b border-base-300 py-1">
                <span className="font-mono font-bold">{forWords(want)}</span>
                <span>
                  {want.pieces > 1 ? `${want.pieces} pc ` : ""}
                  {askWords(want)}
                </span>
                {want.held ? <span className="dim">{want.held}</span> : null}
              </li>
            ))}
          </ul>
        </section>
      ) : null}
    </section>
  );
}
