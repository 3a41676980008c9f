import { closedAt, type Visit } from "../history";
import { ofKind, type Settled } from "../kinds";

/** A date that the shop's calendar should have: all day, in the shop's own zone. */
export type Due = {
  key: string;
  date: string;
  title: string;
  text: string;
  kind: "service" | "warranty" | "calibration";
};

/** What a set's dates follow from. */
export type DueSet = {
  id: string;
  /** model and serial number */
  name: string;
  owner: string;
  /** the last hand-back, where the set is with its owner; in the shop again, it has its service now */
  handedBack?: HandedBack;
};

export type HandedBack = {
  id: string;
  at: string;
  job?: number;
  summary: string;
  nextService?: string;
  warrantyMonths?: number;
};

/** The last hand-back of a set that is away. */
export function handedBackOf(settled: readonly Settled[], visits: readonly Visit[]): HandedBack | undefined {
  const last = ofKind(settled, "hand-back").at(-1);
  if (!last || !visits.every((visit) => closedAt(settled, visit.id) !== undefined)) return undefined;
  const { nextService, warrantyMonths, summary } = last.content.payload;
  const job = visits.find(({ id }) => id === last.entry.visitId)?.job;
  return {
    id: last.entry.id,
    at: last.at,
    summary,
    ...(job === undefined ? {} : { job }),
    ...(nextService ? { nextService } : {}),
    ...(warrantyMonths ? { warrantyMonths } : {}),
  };
}
type Meter = { id: string; name: string; calibratedOn: string | null; everyMonths: number; retired: boolean };

/** A date so many months later; the last day of the month where that month is shorter. */
export function monthsLater(date: string, months: number): string {
  const [year = 0, month = 1, day = 1] = date.slice(0, 10).split("-").map(Number);
  const first = new Date(Date.UTC(year, month - 1 + months, 1));
  const last = new Date(Date.UTC(first.getUTCFullYear(), first.getUTCMonth() + 1, 0)).getUTCDate();
  return new Date(Date.UTC(first.getUTCFullYear(), first.getUTCMonth(), Math.min(day, last)))
    .toISOString()
    .slice(0, 10);
}

/** Years that calendars take and somebody can mean. */
const IN_A_CALENDAR = /^(19|20|21)\d\d-\d\d-\d\d$/;

/** From a day to a day, both included: YYYY-MM-DD. */
export type Span = { from: string; to: string };

/** What a shop's calendar is to have. A date of years ago is no appointment, and there are more of them every year. */
export const calendarSpan = (today: string): Span => ({ from: monthsLater(today, -3), to: monthsLater(today, 18) });

/**
 * Next services, ends of warranties and calibrations within a span: of each set the last that was said, soonest first.
 */
export function dueDates(sets: readonly DueSet[], meters: readonly Meter[], { from, to }: Span): Due[] {
  const ofSets = sets.flatMap(({ id, name, owner, handedBack: last }): Due[] => {
    if (!last) return [];
    const { nextService, warrantyMonths, job } = last;
    const text = `${owner}. Last here as job ${job ?? "?"}, handed back ${last.at.slice(0, 10)}: ${last.summary}`;
    return [
      ...(nextService
        ? [
            {
              key: `service-${id}`,
              date: nextService,
              title: `Service due: ${name}`,
              text,
              kind: "service" as const,
            },
          ]
        : []),
      ...(warrantyMonths
        ? [
            {
              key: `warranty-${last.id}`,
              date: monthsLater(last.at, warrantyMonths),
              title: `Warranty ends: ${name}`,
              text,
              kind: "warranty" as const,
            },
          ]
        : []),
    ];
  });
  const ofMeters = meters.flatMap(({ id, name, calibratedOn, everyMonths, retired }): Due[] =>
    calibratedOn && !retired
      ? [
          {
            key: `calibration-${id}`,
            date: monthsLater(calibratedOn, everyMonths),
            title: `Calibration due: ${name}`,
            text: `Calibrated last on ${calibratedOn}, every ${everyMonths} months.`,
            kind: "calibration",
          },
        ]
      : [],
  );
  return [...ofSets, ...ofMeters]
    .filter(({ date }) => IN_A_CALENDAR.test(date) && date >= from && date <= to)
    .sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0));
}
