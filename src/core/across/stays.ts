import { complaintKeys } from "../diagnosis";
import { closedAt } from "../history";
import { describeWork, ofKind, partsTaken } from "../kinds";
import type { Step } from "../model";
import type { Money } from "../quantity";
import type { AgedPart } from "./aged";
import type { FileOf } from "./file";

/** A visit of a set, as far as questions over all sets ask about it. */
export type Stay = {
  visitId: string;
  job: number;
  openedAt: string;
  /** when it was handed back; none while it is here */
  closedAt?: string;
  complaint?: string;
  /** what it was read as, to be compared with other complaints */
  read: string[];
  /** parts that were worked on, piece of work by piece of work */
  work: { designators: readonly string[]; text: string }[];
  /** minutes of labour by step */
  labour: Partial<Record<Step, number>>;
  /** what the parts that went in were priced at, by currency */
  parts: Money[];
  /** when the owner was told last that it is ready, and when it was collected */
  toldAt?: string;
  collectedAt?: string;
  /** how long the work is warranted, months from its hand-back */
  warrantyMonths?: number;
  /** parts that were judged in it; a summary has them */
  aged?: AgedPart[];
  /** share of places with their original part when it went out */
  original?: number;
  /** what was estimated last: minutes by step, or all of them, and parts before tax */
  estimated?: Estimated;
};

/** The last estimate of a visit, as far as it is compared with what it came to. */
export type Estimated = { minutes: number; steps: Partial<Record<Step, number>>; parts: Money };

const maybe = <K extends string, V>(name: K, value: V | undefined): { [key in K]?: V } =>
  (value === undefined ? {} : { [name]: value }) as { [key in K]?: V };

/** When an entry of a kind was last written for a visit, under a name. */
function lastOf<K extends string>(
  settled: FileOf["settled"],
  kind: "told" | "collected",
  visitId: string,
  name: K,
): { [key in K]?: string } {
  const at = ofKind(settled, kind).findLast(({ entry }) => entry.visitId === visitId)?.at;
  return maybe(name, at);
}

/** What was estimated last for a visit. */
function estimatedOf(settled: FileOf["settled"], visitId: string): Estimated | undefined {
  const told = ofKind(settled, "estimate").findLast(({ entry }) => entry.visitId === visitId)?.content.payload;
  if (!told) return undefined;
  const steps = Object.fromEntries((told.steps ?? []).map(({ step, minutes }) => [step, minutes]));
  return { minutes: told.labourMinutes, steps, parts: told.parts };
}

/** Minutes of labour of a visit, by step. */
function labourOf(settled: FileOf["settled"], visitId: string): Stay["labour"] {
  const minutes: Stay["labour"] = {};
  for (const { entry, content } of ofKind(settled, "labour")) {
    const { step } = content.payload;
    if (entry.visitId === visitId) minutes[step] = (minutes[step] ?? 0) + content.payload.minutes;
  }
  return minutes;
}

/** What the parts of a visit were priced at; what the owner brought costs nothing. */
function partsOf(settled: FileOf["settled"], visitId: string): Money[] {
  const sums = new Map<string, number>();
  for (const { entry, content } of settled)
    for (const { stock, source } of entry.visitId === visitId && content ? partsTaken(content) : [])
      if (stock?.price && source !== "owner")
        sums.set(stock.price.currency, (sums.get(stock.price.currency) ?? 0) + stock.price.minor);
  return [...sums].map(([currency, minor]) => ({ minor, currency }));
}

/** The visits of a set in the order in which they began. */
export function staysOf({ visits, settled }: Pick<FileOf, "visits" | "settled">): Stay[] {
  const work = ofKind(settled, "part-work");
  const taken = ofKind(settled, "take-in");
  return [...visits]
    .sort((a, b) => Date.parse(a.openedAt) - Date.parse(b.openedAt))
    .map(({ id, job, openedAt }): Stay => {
      const left = closedAt(settled, id);
      const given = ofKind(settled, "hand-back").findLast(({ entry }) => entry.visitId === id)?.content.payload;
      const complaint = taken.findLast(({ entry }) => entry.visitId === id)?.content.payload.complaint;
      return {
        visitId: id,
        job,
        openedAt,
        ...(left ? { closedAt: left } : {}),
        ...(complaint ? { complaint } : {}),
        read: complaintKeys(complaint ?? ""),
        work: work
          .filter(({ entry }) => entry.visitId === id)
          .map(({ content: { payload } }) => ({ designators: payload.designators, text: describeWork(payload) })),
        labour: labourOf(settled, id),
        parts: partsOf(settled, id),
        ...lastOf(settled, "told", id, "toldAt"),
        ...lastOf(settled, "collected", id, "collectedAt"),
        ...maybe("estimated", estimatedOf(settled, id)),
        ...(left && given?.warrantyMonths ? { warrantyMonths: given.warrantyMonths } : {}),
      };
    });
}
