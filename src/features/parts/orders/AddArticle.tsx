"use client";

import { useEffect, useId, useState } from "react";
import { v7 } from "uuid";
import type { Awaited } from "@/core/orders";
import { formatMoney } from "@/core/quantity";
import { describeItem, type Offer } from "@/core/stock";
import type { WantRow } from "@/server/orders/to-order";
import { ErrorText, TextField } from "@/ui/form";

type AddProps = {
  /** a set that waits for it; without one it is for the drawer */
  awaited?: Awaited;
  onAdd: (want: WantRow) => void;
  onCancel: () => void;
};

/** So long after the last letter the lists are searched, ms. */
const PAUSE = 250;

/** Articles of the price lists with these words in them; undefined while they are looked for. */
function useOffers(text: string): { offers?: Offer[]; error?: string } {
  const [answer, setAnswer] = useState<{ text: string; offers?: Offer[]; error?: string }>({ text: "" });
  useEffect(() => {
    if (!text.trim()) return;
    let current = true;
    const timer = setTimeout(() => {
      void fetch(`/api/offers?q=${encodeURIComponent(text)}`)
        .then(async (got) => (got.ok ? ((await got.json()) as { offers: Offer[] }) : Promise.reject(new Error())))
        .then(
          ({ offers }) => current && setAnswer({ text, offers }),
          () => current && setAnswer({ text, error: "The price lists could not be read: try again in a moment." }),
        );
    }, PAUSE);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [text]);
  return answer.text === text ? answer : {};
}

/** What a set waits for begins with it as a rule: `UF41 with its own test, on order`. */
const firstWords = (text: string): string => text.split(/[,;]|\bwith\b|\bfor\b/)[0]?.trim() ?? "";

/** Something else for an order: an article out of the price lists, for a set that waits or for the drawer. */
export function AddArticle({ awaited, onAdd, onCancel }: AddProps) {
  const [text, setText] = useState(awaited ? firstWords(awaited.text) : "");
  const [pieces, setPieces] = useState("1");
  const [place, setPlace] = useState(awaited ? firstWords(awaited.text) : "");
  const title = useId();
  const { offers, error } = useOffers(text);
  const count = /^[1-9]\d{0,4}$/.test(pieces.trim()) ? Number(pieces) : undefined;
  const add = (offer: Offer) => {
    if (count === undefined) return;
    const of: WantRow["for"] = awaited
      ? {
          to: "set",
          ...{ visit: awaited.visit, job: awaited.job, set: awaited.set, wait: awaited.wait },
          place: place.trim() || "a part",
        }
      : { to: "shop" };
    onAdd({
      key: `hand:${v7()}`,
      for: of,
      pieces: count,
      ask: { kind: offer.kind, marking: offer.marking },
      offers: [offer],
    });
  };
  return (
    <section aria-labelledby={title} className="flex flex-col gap-2 rounded-box border border-primary p-3">
      <h3 id={title} className="font-bold">
        {awaited ? `For ${awaited.job} ${awaited.set}: ${awaited.text}` : "An article for the drawer"}
      </h3>
      <div className="flex flex-wrap items-start gap-2">
        <TextField
          label="Find in the price lists"
          type="search"
          placeholder="47 nF 630 V, UF41"
          className="grow"
          value={text}
          onChange={setText}
          autoFocus
        />
        <TextField
          label="Pieces"
          numeric
          inputClass="w-20 font-mono"
          value={pieces}
          error={count === undefined ? "A whole number from 1." : undefined}
          onChange={setPieces}
        />
        {awaited ? <TextField label="What it is for" inputClass="w-40" value={place} onChange={setPlace} /> : null}
      </div>
      {error ? <ErrorText>{error}</ErrorText> : null}
      {offers?.length === 0 ? <p role="status">No price list has that.</p> : null}
      <ul>
        {offers?.map((offer) => (
          <li
            key={`${offer.supplier} ${offer.orderNumber}`}
            className="flex flex-wrap items-center gap-x-3 border-b border-base-300 py-0.5"
          >
            <span className="font-mono">{describeItem(offer)}</span>
            <span>
              {offer.supplier} {offer.orderNumber}
            </span>
            <span className="ml-auto font-mono">
              {formatMoney({ minor: offer.priceMinor, currency: offer.currency })}
            </span>
            <button type="button" className="btn btn-sm min-h-10" onClick={() => add(offer)}>
              Add
              <span className="sr-only">
                {" "}
                {describeItem(offer)} from {offer.supplier}
              </span>
            </button>
          </li>
        ))}
      </ul>
      <button type="button" className="btn btn-ghost h-11 self-start" onClick={onCancel}>
        Cancel
      </button>
    </section>
  );
}
