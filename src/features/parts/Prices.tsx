"use client";

import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { formatMoney } from "@/core/quantity";
import { priceListTable, printMarking, type Offer } from "@/core/stock";
import type { Supplier } from "@/db/orders";
import { Empty } from "@/ui/Empty";
import { Field } from "@/ui/form";
import { IfMay } from "@/ui/role";
import { importPrices } from "./actions";
import { CsvPanel } from "./CsvPanel";
import { SupplierForm } from "./orders/SupplierForm";

type PricesProps = { offers: Offer[]; known: Supplier[]; currency: string };

/** The suppliers: what they ask, and their price lists. */
export function Prices({ offers, known, currency }: PricesProps) {
  const router = useRouter();
  const [supplier, setSupplier] = useState("");
  const [adding, setAdding] = useState(false);
  const [said, setSaid] = useState<string>();
  const table = useMemo(() => priceListTable(supplier.trim() || "this supplier", currency), [supplier, currency]);
  const suppliers = [...new Set([...offers.map((offer) => offer.supplier), ...known.map(({ name }) => name)])].sort();
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
        <IfMay action="import prices">
          <button type="button" className="btn btn-primary h-11 self-start" onClick={() => setAdding(true)}>
            Bring a price list in
          </button>
        </IfMay>
      )}
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
            <SupplierForm name={name} known={known.find((one) => one.name === name)} currency={currency} />
            <ul className="grid gap-x-6 md:grid-cols-2">
              {list.map((offer) => (
                <li
                  key={offer.orderNumber}
                  className="grid grid-cols-[6rem_1fr_6rem_7rem] gap-2 border-b border-base-300 py-1"
                >
                  <span className="font-mono">{offer.orderNumber}</span>
                  <span className="font-mono">{printMarking(offer)}</span>
                  <span>{offer.kind}</span>
                  <span className="text-right font-mono">
                    {formatMoney({ minor: offer.priceMinor, currency: offer.currency })}
                    {offer.pack > 1 ? <span className="dim block">packs of {offer.pack} pc</span> : null}
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
