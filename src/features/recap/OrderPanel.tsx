"use client";

import { Printer } from "lucide-react";
import { useEffect, useState } from "react";
import { needText, orderList, type PlanNeed } from "@/core/components";
import { formatMoney } from "@/core/quantity";
import { describeItem, type Offer } from "@/core/stock";
import { ErrorText } from "@/ui/form";
import { useLogbook } from "@/ui/logbook";

/** What the stock cannot fill, as orders by supplier, from their price lists. */
export function OrderPanel({ needs, year }: { needs: readonly PlanNeed[]; year: number }) {
  const { append, shop } = useLogbook();
  const [offers, setOffers] = useState<Offer[]>();
  const [error, setError] = useState<string>();
  const [noted, setNoted] = useState(false);
  useEffect(() => {
    let current = true;
    void fetch("/api/offers")
      .then(async (answer) =>
        answer.ok ? ((await answer.json()) as { offers: Offer[] }).offers : Promise.reject(new Error()),
      )
      .then(
        (list) => current && setOffers(list),
        () => current && setError("The price lists could not be read: try again when the server can be reached."),
      );
    return () => {
      current = false;
    };
  }, []);
  if (error) return <ErrorText>{error}</ErrorText>;
  if (!offers) return <p className="dim">Reading the price lists…</p>;
  const { orders, nowhere } = orderList(needs, offers, year);
  const note = async () => {
    const places = needs.map(({ designator }) => designator).join(", ");
    const from = orders.map(({ supplier }) => supplier).join(", ");
    const outcome = await append({
      kind: "note",
      payload: {
        v: 1,
        text: `for ${places}${from ? `, ordered from ${from}` : ""}`,
        open: true,
        waits: "parts",
        closes: [],
      },
    });
    if (outcome.ok) setNoted(true);
    else setError(outcome.problems[0]?.message);
  };
  return (
    <section aria-label="Order list" className="flex flex-col gap-2 rounded-box border border-base-300 p-3">
      {needs.length === 0 ? <p>Nothing is short: the stock has it all.</p> : null}
      {orders.map(({ supplier, lines, minor, currency }) => (
        <div key={supplier}>
          <h2 className="flex items-baseline gap-3 font-bold">
            {supplier}
            <span className="ml-auto font-mono">{formatMoney({ minor, currency })}</span>
          </h2>
          <ul>
            {lines.map(({ offer, count, for: places }) => (
              <li
                key={offer.orderNumber}
                className="grid grid-cols-[2.5rem_7rem_1fr_auto_5rem] gap-2 border-b border-base-300 py-1"
              >
                <span className="font-mono">{count} ×</span>
                <span className="font-mono">{offer.orderNumber}</span>
                <span className="font-mono">{describeItem(offer)}</span>
                <span className="dim">{places.join(", ")}</span>
                <span className="text-right font-mono">
                  {formatMoney({ minor: offer.priceMinor * count, currency: offer.currency })}
                </span>
              </li>
            ))}
          </ul>
        </div>
      ))}
      {nowhere.length > 0 ? (
        <div>
          <h2 className="font-bold">In no price list</h2>
          <ul>
            {nowhere.map((need) => (
              <li key={need.designator} className="border-b border-base-300 py-1">
                <span className="font-mono font-bold">{need.designator}</span> {needText(need)}
              </li>
            ))}
          </ul>
        </div>
      ) : null}
      {needs.length > 0 ? (
        <div className="no-print flex flex-wrap items-center gap-2">
          <button type="button" className="btn btn-primary h-11" disabled={noted} onClick={() => void note()}>
            {noted ? "Noted: waits for parts" : "Ordered: the set waits for parts"}
          </button>
          <button type="button" className="btn btn-outline h-11" onClick={() => window.print()}>
            <Printer size={18} aria-hidden="true" /> Print
          </button>
          <span className="dim">Prices in {shop.currency}, from the suppliers’ last lists.</span>
        </div>
      ) : null}
    </section>
  );
}
