import type { Price } from "../handback";
import { STEP_NAMES } from "../model";
import type { Money } from "../quantity";
import { lineOf, type InvoiceLine, type TaxCategory } from "./invoice";

/**
 * The lines of an invoice, from what a visit came to: labour by step in minutes at the price of an hour, each part. One
 * without a price stands there and costs nothing.
 * What a part cost the shop is kept with its line.
 * @param warranty nothing is charged; what it cost is kept with the line
 */
export function linesFrom(
  { labour, parts, unpriced }: Pick<Price, "labour" | "parts" | "unpriced">,
  {
    hourMinor,
    category,
    rate,
    warranty,
  }: { hourMinor: number; category: TaxCategory; rate: number; warranty: boolean },
): InvoiceLine[] {
  const tax = { category, rate };
  const charged = (
    line: Omit<InvoiceLine, "netMinor" | "category" | "rate" | "costMinor">,
    cost?: Money,
  ): InvoiceLine => {
    const full = lineOf({ ...line, ...tax });
    const costMinor = cost?.minor ?? full.netMinor;
    if (warranty) return { ...lineOf({ ...line, ...tax, priceMinor: 0 }), costMinor };
    return cost ? { ...full, costMinor } : full;
  };
  return [
    ...labour.map(({ step, minutes }) =>
      charged({ name: `Labour, ${STEP_NAMES[step]}`, quantity: minutes, unit: "MIN", priceMinor: hourMinor, per: 60 }),
    ),
    ...[...parts, ...unpriced.map((part) => ({ ...part, price: undefined, cost: undefined }))].map(
      ({ designator, text, price, cost }) =>
        charged(
          {
            name: [designator, text].filter(Boolean).join(" "),
            quantity: 1,
            unit: "C62",
            priceMinor: price?.minor ?? 0,
            per: 1,
          },
          cost,
        ),
    ),
  ];
}
