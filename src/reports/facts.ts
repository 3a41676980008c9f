import { modificationsOf, ofKind, settle, type Modification, type Settled } from "@/core/kinds";
import { timeline, type VisitOfTimeline } from "@/core/history";
import type { VisitInput } from "@/core/visit";
import type { ReportInput } from "./input";

/** A report's input, folded once. */
export type Folded = {
  input: ReportInput;
  settled: Settled[];
  mine: Settled[];
  visit: VisitOfTimeline;
  visits: VisitOfTimeline[];
  view: VisitInput;
  /** modifications that changed in this visit */
  changed: Modification[];
  moment: string;
  nameOf: (id: string) => string;
  day: (iso: string) => string;
};

const MONTHS = "Jan Feb Mar Apr May Jun Jul Aug Sep Oct Nov Dec".split(" ");

/** A day with its month in letters, so that no country misreads it; UTC, as the log keeps it. */
export function printDay(iso: string): string {
  const [year = "", month = "", day = ""] = iso.slice(0, 10).split("-");
  return `${Number(day)} ${MONTHS[Number(month) - 1] ?? month} ${year}`;
}

export function fold(input: ReportInput): Folded {
  const { settled } = settle(input.entries);
  const visits = timeline(settled, input.visits);
  const visit = visits.find(({ id }) => id === input.visitId) ?? visits.at(-1);
  if (!visit) throw new Error("This set was never here: there is no visit to report.");
  const names = new Map(input.people.map(({ id, name }) => [id, name]));
  const moment = visit.closedAt ?? input.now;
  return {
    input,
    settled,
    mine: visit.items,
    visit,
    visits,
    view: { sheet: input.model.sheet, year: input.model.year, settled, visitId: visit.id, now: moment },
    changed: modificationsOf(settled).filter(({ changes }) => changes.some(({ visitId }) => visitId === visit.id)),
    moment,
    nameOf: (id) => names.get(id) ?? "unknown",
    day: printDay,
  };
}

/** What was taken in, and what was said at the hand-back, of this visit. */
export const takeInOf = ({ mine }: Folded) => ofKind(mine, "take-in").at(-1)?.content.payload;
export const handBackOf = ({ mine }: Folded) => ofKind(mine, "hand-back").at(-1)?.content.payload;
