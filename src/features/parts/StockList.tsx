"use client";

import { Download, PackageOpen, Printer, Search, Tags, Upload } from "lucide-react";
import { Link } from "@/ui/Link";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { v7 } from "uuid";
import { formatMoney } from "@/core/quantity";
import {
  freeOf,
  isLow,
  lastShare,
  printMarking,
  sortValue,
  STOCK_KINDS,
  STOCK_TABLE,
  type StockItem,
} from "@/core/stock";
import { Empty } from "@/ui/Empty";
import { IfMay } from "@/ui/role";
import { importList } from "./actions";
import { CsvPanel } from "./CsvPanel";
import { ScanField } from "./ScanField";
import { StockForm } from "./StockForm";
import { EMPTY_STOCK, matches } from "./typed";

/** Lines that are drawn at once; typing narrows them. */
const STEP = 60;

/** The stock: what there is, where it lies, what is promised and what runs low. */
export function StockList({ items, currency }: { items: StockItem[]; currency: string }) {
  const router = useRouter();
  const [query, setQuery] = useState("");
  const [kind, setKind] = useState("");
  const [low, setLow] = useState(false);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [panel, setPanel] = useState<"new" | "import">();
  const [fresh, setFresh] = useState(() => v7());
  const [said, setSaid] = useState<string>();
  const [count, setCount] = useState(STEP);
  const shown = useMemo(
    () =>
      items
        .filter((item) => (!kind || item.kind === kind) && (!low || isLow(item)) && matches(item, query))
        .sort(
          (a, b) =>
            STOCK_KINDS.indexOf(a.kind) - STOCK_KINDS.indexOf(b.kind) ||
            sortValue(a) - sortValue(b) ||
            a.marking.localeCompare(b.marking),
        ),
    [items, kind, low, query],
  );
  const lowCount = items.filter(isLow).length;
  const worth = items.reduce((sum, item) => sum + (item.priceMinor ?? 0) * item.onHand, 0);
  const close = (text?: string) => {
    setPanel(undefined);
    setFresh(v7());
    setSaid(text);
    router.refresh();
  };
  const toggle = (code: string) =>
    setChosen(new Set(chosen.has(code) ? [...chosen].filter((one) => one !== code) : [...chosen, code]));
  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap items-center gap-2">
        <h1 className="text-2xl font-bold">Parts</h1>
        <div className="ml-auto flex flex-wrap gap-2">
          <IfMay action="change stock">
            <button type="button" className="btn btn-primary h-11" onClick={() => setPanel("new")}>
              New part
            </button>
            <button type="button" className="btn btn-outline h-11" onClick={() => setPanel("import")}>
              <Upload size={16} aria-hidden="true" /> List in
            </button>
          </IfMay>
          <a href="/api/stock/csv" download className="btn btn-outline h-11">
            <Download size={16} aria-hidden="true" /> List out
          </a>
          <Link href="/parts/orders" className="btn btn-outline h-11">
            <PackageOpen size={16} aria-hidden="true" /> Orders
          </Link>
          <Link href="/parts/prices" className="btn btn-outline h-11">
            <Tags size={16} aria-hidden="true" /> Suppliers
          </Link>
          {chosen.size > 0 ? (
            <Link href={`/parts/labels?codes=${[...chosen].join(",")}`} className="btn btn-outline btn-primary h-11">
              <Printer size={16} aria-hidden="true" /> {chosen.size} {chosen.size === 1 ? "label" : "labels"}
            </Link>
          ) : null}
        </div>
      </div>
      <div className="flex flex-wrap items-start gap-2">
        <ScanField items={items} />
        <label className="input h-11 w-60">
          <Search size={18} aria-hidden="true" />
          <span className="sr-only">Narrow the list</span>
          <input value={query} placeholder="47 nF, B-14, 6V6" onChange={(event) => setQuery(event.target.value)} />
        </label>
        <select
          className="select h-11 w-40"
          aria-label="Kind"
          value={kind}
          onChange={(event) => setKind(event.target.value)}
        >
          <option value="">every kind</option>
          {STOCK_KINDS.map((one) => (
            <option key={one}>{one}</option>
          ))}
        </select>
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={low}
            onChange={(event) => setLow(event.target.checked)}
          />
          runs low ({lowCount})
        </label>
      </div>
      {said ? <p role="status">{said}</p> : null}
      {panel === "new" ? (
        <StockForm id={fresh} version={0} initial={EMPTY_STOCK} currency={currency} onDone={() => close()} />
      ) : null}
      {panel === "import" ? (
        <CsvPanel table={STOCK_TABLE} currency={currency} title="Stock list" onSave={importList} onDone={close}>
          <p className="dim">
            A line with the same kind, marking, maker, number, batch and bin is changed; any other is made. A count in
            the list is taken over as a count of the drawer.
          </p>
        </CsvPanel>
      ) : null}
      {items.length === 0 ? (
        <Empty title="No stock yet.">Write the first line with New part, or bring a list in as a CSV.</Empty>
      ) : (
        <p className="dim" role="status">
          {shown.length} of {items.length} lines · worth {formatMoney({ minor: worth, currency: currency })} on hand
        </p>
      )}
      {shown.length > 0 ? (
        <div className="overflow-x-auto rounded-box border border-base-300">
          <table className="table">
            <thead>
              <tr className="text-base text-base-content">
                <th scope="col">
                  <span className="sr-only">Label</span>
                </th>
                <th scope="col">What</th>
                <th scope="col">Kind</th>
                <th scope="col">Bin</th>
                <th scope="col" className="text-right">
                  On hand
                </th>
                <th scope="col" className="text-right">
                  Free
                </th>
                <th scope="col" className="text-right">
                  Price
                </th>
                <th scope="col">Supplier, origin</th>
              </tr>
            </thead>
            <tbody>
              {shown.slice(0, count).map((item) => {
                const share = lastShare(item);
                return (
                  <tr key={item.id} className="text-base">
                    <td className="py-1">
                      <input
                        type="checkbox"
                        className="checkbox"
                        aria-label={`Label for ${printMarking(item)} ${item.code}`}
                        checked={chosen.has(item.code)}
                        onChange={() => toggle(item.code)}
                      />
                    </td>
                    <th scope="row" className="py-1">
                      <Link href={`/parts/${item.code}`} className="link font-mono">
                        {printMarking(item)}
                      </Link>
                      {share === undefined ? null : (
                        <span className="font-normal"> {Math.round(share * 100)} % of new</span>
                      )}
                    </th>
                    <td className="py-1">{item.kind}</td>
                    <td className="py-1 font-mono">{item.bin || "–"}</td>
                    <td className="py-1 text-right font-mono">{item.onHand}</td>
                    <td className={`py-1 text-right font-mono ${isLow(item) ? "font-bold text-warning" : ""}`}>
                      {freeOf(item)}
                      {isLow(item) ? <span className="font-sans"> low</span> : null}
                    </td>
                    <td className="py-1 text-right font-mono whitespace-nowrap">
                      {item.priceMinor === null
                        ? "–"
                        : formatMoney({ minor: item.priceMinor, currency: item.currency })}
                    </td>
                    <td className="dim py-1">{[item.supplier, item.provenance].filter(Boolean).join(", ") || "–"}</td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </div>
      ) : items.length > 0 ? (
        <p className="dim">Nothing in stock answers to that.</p>
      ) : null}
      {shown.length > count ? (
        <button type="button" className="btn btn-ghost h-11 self-start" onClick={() => setCount(count + 4 * STEP)}>
          Show {Math.min(shown.length - count, 4 * STEP)} more
        </button>
      ) : null}
    </div>
  );
}
