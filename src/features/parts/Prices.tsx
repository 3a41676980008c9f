"use client";

import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { formatMoney } from "@/core/quantity";
import { isLow, priceListTable, printMarking, type Offer, type StockItem } from "@/core/stock";
import { Empty } from "@/ui/Empty";
import { Field } from "@/ui/form";
import { importPrices } from "./actions";
import { CsvPanel } from "./CsvPanel";

type PricesProps = { offers: Offer[]; low: StockItem[]; currency: string };

/** The suppliers with their price lists, and what runs low as a list to order from. */
export function Prices({ offers, low, currency }: PricesProps) {
  const router = useRouter();
  const [supplier, setSupplier] = useState("");
  const [adding, setAdding] = useState(false);
  const [said, setSaid] = useState<string>();
  const table = useMemo(() => priceListTable(supplier.trim() || "this supplier", currency), [supplier, currency]);
  const suppliers = [...new Set(offers.map((offer) => offer.supplier))];
  const running = low.filter(isLow);
  const bySupplier = new Map<string, StockItem[]>();
  for (const item of running) {
    const name = item.supplier || "no supplier written down";
    bySupplier.set(name, [...(bySupplier.get(name) ?? []), item]);
  }
  return (
    <div className="flex flex-col gap-4">
      {said ? <p role="status">{said}</p> : null}
      {adding ? (
        <CsvPanel
          table={table}
          title="A supplier’s price list"
          onSave={(cells) => importPrices(supplier, cells)}
          onDone={(text) => {
            setAdding(false);
            setSaid(text);
            router.refresh();
          }}
        >
          <Field label="Whose list it is" className="w-80">
            {(props) => (
              <input
                {...props}
                className="input h-11 w-full"
                list="suppliers"
                value={supplier}
                placeholder="Tern Components"
                onChange={(event) => setSupplier(event.target.value)}
              />
            )}
          </Field>
          <datalist id="suppliers">
            {suppliers.map((name) => (
              <option key={name} value={name} />
            ))}
          </datalist>
        </CsvPanel>
      ) : (
        <button type="button" className="btn btn-primary h-11 self-start" onClick={() => setAdding(true)}>
          Bring a price list in
        </button>
      )}
      <section aria-label="Runs low">
        <h2 className="text-xl font-bold">Runs low</h2>
        {running.length === 0 ? <p className="dim">Nothing has reached its reorder point.</p> : null}
        {[...bySupplier].map(([name, items]) => (
          <div key={name} className="mb-3">
            <h3 className="font-bold">{name}</h3>
            <ul>
              {items.map((item) => (
                <li key={item.id} className="grid grid-cols-[20rem_8rem_6rem_1fr] gap-2 border-b border-base-300 py-1">
                  <span className="font-mono">{printMarking(item)}</span>
                  <span>{item.kind}</span>
                  <span className="font-mono">{item.bin}</span>
                  <span>
                    {item.onHand - item.reserved} pc free, ordered again at {item.reorderAt} pc
                  </span>
                </li>
              ))}
            </ul>
          </div>
        ))}
      </section>
      {suppliers.length === 0 ? (
        <Empty title="No price list yet.">With a supplier’s list in, a plan’s shortages become an order.</Empty>
      ) : null}
      {suppliers.map((name) => {
        const list = offers.filter((offer) => offer.supplier === name);
        return (
          <details key={name} className="rounded-box border border-base-300 p-3">
            <summary className="min-h-10 cursor-pointer text-lg font-bold">
              {name} <span className="dim font-normal">{list.length} articles</span>
            </summary>
            <ul className="grid gap-x-6 md:grid-cols-2">
              {list.map((offer) => (
                <li
                  key={offer.orderNumber}
                  className="grid grid-cols-[6rem_1fr_6rem_5.5rem] gap-2 border-b border-base-300 py-1"
                >
                  <span className="font-mono">{offer.orderNumber}</span>
                  <span className="font-mono">{printMarking(offer)}</span>
                  <span>{offer.kind}</span>
                  <span className="text-right font-mono">
                    {formatMoney({ minor: offer.priceMinor, currency: offer.currency })}
                  </span>
                </li>
              ))}
            </ul>
          </details>
        );
      })}
    </div>
  );
}
