import { closedAt } from "../history";
import { describeWork, ofKind } from "../kinds";
import type { FileOf } from "./file";

/** A visit of a set, as far as questions over all sets ask about it. */
export type Stay = {
  visitId: string;
  job: number;
  openedAt: string;
  /** when it was handed back; none while it is here */
  closedAt?: string;
  complaint?: string;
  /** parts that were worked on, piece of work by piece of work */
  work: { designators: readonly string[]; text: string }[];
};

/** The visits of a set in the order in which they began. */
export function staysOf({ visits, settled }: Pick<FileOf, "visits" | "settled">): Stay[] {
  const work = ofKind(settled, "part-work");
  const taken = ofKind(settled, "take-in");
  return [...visits]
    .sort((a, b) => Date.parse(a.openedAt) - Date.parse(b.openedAt))
    .map(({ id, job, openedAt }): Stay => {
      const left = closedAt(settled, id);
      const complaint = taken.findLast(({ entry }) => entry.visitId === id)?.content.payload.complaint;
      return {
        visitId: id,
        job,
        openedAt,
        ...(left ? { closedAt: left } : {}),
        ...(complaint ? { complaint } : {}),
        work: work
          .filter(({ entry }) => entry.visitId === id)
          .map(({ content: { payload } }) => ({ designators: payload.designators, text: describeWork(payload) })),
      };
    });
}
