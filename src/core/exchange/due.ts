import { closedAt, type Visit } from "../history";
import { ofKind, settle, type Entry } from "../kinds";
import { modelName, type Model } from "../model";

/** A date that the shop's calendar should have: all day, in the shop's own zone. */
export type Due = {
  key: string;
  date: string;
  title: string;
  text: string;
  kind: "service" | "warranty" | "calibration";
};

type File = {
  id: string;
  serial: string;
  model: Model;
  owner: { name: string };
  visits: readonly Visit[];
  entries: readonly Entry[];
};
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

/** Next services, ends of warranties and calibrations: of each set the last that was said, soonest first. */
export function dueDates(files: readonly File[], meters: readonly Meter[]): Due[] {
  const ofSets = files.flatMap((file): Due[] => {
    const { settled } = settle(file.entries);
    const last = ofKind(settled, "hand-back").at(-1);
    // A set that is in the shop again has its service now.
    const away = file.visits.every((visit) => closedAt(settled, visit.id) !== undefined);
    if (!last || !away) return [];
    const { nextService, warrantyMonths } = last.content.payload;
    const name = `${modelName(file.model)}, No. ${file.serial || "unknown"}`;
    const job = file.visits.find(({ id }) => id === last.entry.visitId)?.job;
    const text = `${file.owner.name}. Last here as job ${job ?? "?"}, handed back ${last.at.slice(0, 10)}: ${last.content.payload.summary}`;
    return [
      ...(nextService
        ? [
            {
              key: `service-${file.id}`,
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
              key: `warranty-${last.entry.id}`,
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
    .filter(({ date }) => IN_A_CALENDAR.test(date))
    .sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0));
}
