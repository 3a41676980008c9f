import { ofKind, partsTaken, type Settled, type Standing } from "../kinds";
import type { Step } from "../model";
import { share, type Money } from "../quantity";
import { soldFor, type Terms } from "./terms";

/** A part that went in: what it is sold for, and what the shop paid. */
export type PriceLine = { designator: string; text: string; price?: Money; cost?: Money };

export type Price = {
  currency: string;
  /** minutes by step, in the order in which they first came up */
  labour: { step: Step; minutes: number }[];
  labourMinutes: number;
  /** all in minor units */
  labourMinor: number;
  partsMinor: number;
  netMinor: number;
  taxMinor: number;
  totalMinor: number;
  parts: PriceLine[];
  /** parts that went in with no price on their line, or one in another currency: they are not in the sum */
  unpriced: PriceLine[];
  /** what the owner was told last, with the upper end of its range where one was said */
  estimate?: { total: Money; upTo?: Money; at: string };
  /** the most that the owner has agreed to: the last approval, else the limit of the take-in */
  limit?: { sum: Money; at: string; who?: string; how?: string };
  /** what was agreed is a sum in another currency: nobody can say whether the price keeps to it */
  limitElsewhere?: true;
  /** how far it lies above what was agreed, minor units */
  overMinor?: number;
};

/** Parts that went into the set in a visit, whatever kind of entry put them in. What the owner brought is not sold. */
function partsOf(settled: readonly Settled[], visitId: string) {
  return settled
    .filter(({ entry }) => entry.visitId === visitId)
    .flatMap(({ content }) => (content ? partsTaken(content) : []))
    .filter(({ source }) => source !== "owner");
}

const told = ({ at, content: { payload } }: Standing<"estimate">): NonNullable<Price["estimate"]> => ({
  total: payload.total,
  at,
  ...(payload.upTo ? { upTo: payload.upTo } : {}),
});

/**
 * What a visit comes to: labour by the hour, parts as their lines were priced when they were taken with the shop’s
 * mark-up on them, tax on the sum.
 * Tax is rounded once, half up, on the net sum.
 */
export function priceOf(settled: readonly Settled[], visitId: string, terms: Terms, currency: string): Price {
  const labour = new Map<Step, number>();
  for (const { entry, content } of ofKind(settled, "labour"))
    if (entry.visitId === visitId)
      labour.set(content.payload.step, (labour.get(content.payload.step) ?? 0) + content.payload.minutes);
  const labourMinutes = [...labour.values()].reduce((sum, minutes) => sum + minutes, 0);
  const lines = partsOf(settled, visitId).map(({ designator = "", text, stock }): PriceLine => ({
    designator,
    text,
    ...(stock?.price ? { cost: stock.price, price: { ...stock.price, minor: soldFor(stock.price.minor, terms) } } : {}),
  }));
  const parts = lines.filter(({ price }) => price?.currency === currency);
  const labourMinor = share(terms.hourMinor, labourMinutes, 60);
  const partsMinor = parts.reduce((sum, { price }) => sum + (price?.minor ?? 0), 0);
  const netMinor = labourMinor + partsMinor;
  const taxMinor = share(netMinor, terms.tax);
  const totalMinor = netMinor + taxMinor;
  const said = ofKind(settled, "estimate").findLast(({ entry }) => entry.visitId === visitId);
  const agreed = ofKind(settled, "approval").findLast(({ entry }) => entry.visitId === visitId);
  const taken = ofKind(settled, "take-in").findLast(({ entry }) => entry.visitId === visitId);
  const limit = agreed
    ? {
        sum: agreed.content.payload.limit,
        at: agreed.at,
        who: agreed.content.payload.who,
        how: agreed.content.payload.how,
      }
    : taken?.content.payload.costLimit
      ? { sum: taken.content.payload.costLimit, at: taken.at }
      : undefined;
  const over = limit && limit.sum.currency === currency ? totalMinor - limit.sum.minor : 0;
  return {
    currency,
    labour: [...labour].map(([step, minutes]) => ({ step, minutes })),
    labourMinutes,
    labourMinor,
    partsMinor,
    netMinor,
    taxMinor,
    totalMinor,
    parts,
    unpriced: lines.filter((line) => !parts.includes(line)),
    ...(said ? { estimate: told(said) } : {}),
    ...(limit ? { limit } : {}),
    ...(limit && limit.sum.currency !== currency ? { limitElsewhere: true } : {}),
    ...(over > 0 ? { overMinor: over } : {}),
  };
}
