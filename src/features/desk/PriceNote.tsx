import type { Basis, RoughPrice } from "@/core/plan";
import { formatMoney } from "@/core/quantity";
import { workTime } from "@/ui/plan/words";

const BASIS_WORDS: Record<Basis, string> = {
  "model-complaint": "sets of this model with such a complaint",
  model: "sets of this model",
  "class-complaint": "sets of this kind with such a complaint",
  class: "sets of this kind",
};

/** Sums that are said on the telephone are rounded to five, so that nobody takes them for an estimate. */
const spoken = (minor: number, currency: string): string =>
  formatMoney({ minor: Math.max(500, Math.round(minor / 500) * 500), currency });

/** A rough price in a sentence, with the cases that it comes from. */
export function PriceNote({ price, currency }: { price: RoughPrice | null | undefined; currency: string }) {
  if (!price) return <span className="dim">Too few such sets were here to say a price.</span>;
  const { totalMinor, minutes, partsMinor, cases, basis } = price;
  return (
    <span>
      Mostly <strong>{spoken(totalMinor.low, currency)}</strong> to <strong>{spoken(totalMinor.high, currency)}</strong>
      , half below {spoken(totalMinor.median, currency)}, tax included: {workTime(minutes.low)} to{" "}
      {workTime(minutes.high)} of work, parts about{" "}
      {formatMoney({ minor: Math.round(partsMinor.median / 100) * 100, currency })}. From {cases} {BASIS_WORDS[basis]}.
    </span>
  );
}
