import { createHash } from "node:crypto";
import { setImmediate as turn } from "node:timers/promises";
import ical, { ICalEventTransparency } from "ical-generator";
import type { Due } from "@/core/exchange";

/** Events that are written in one go: pages come between, since thousands take a second or more. */
const GO = 100;

/** The last calendar that was written, and what it says: mostly nothing has changed since it was asked for last. */
let last: { of: string; text: string } | undefined;

const calendarOf = (name: string, dates: readonly Due[], origin: string): string => {
  const calendar = ical({
    name: name ? `${name}: due` : "Due",
    prodId: { company: "jumelle", product: "due dates" },
  });
  for (const { key, date, title, text, kind } of dates)
    calendar.createEvent({
      id: `${key}@jumelle`,
      start: date,
      allDay: true,
      summary: title,
      description: text,
      transparency: ICalEventTransparency.TRANSPARENT,
      ...(kind === "service" ? { url: `${origin}/sets/${key.replace("service-", "")}` } : {}),
    });
  return calendar.toString().trimEnd();
};

const EVENTS = /BEGIN:VEVENT[^]*END:VEVENT\r\n/;

/** Due dates as a calendar (RFC 5545). */
export async function calendarText(name: string, dates: readonly Due[], origin: string): Promise<string> {
  const of = createHash("sha256")
    .update(JSON.stringify([name, dates, origin]))
    .digest("hex");
  if (last?.of === of) return last.text;
  const events: string[] = [];
  for (let from = 0; from < dates.length; from += GO) {
    events.push(EVENTS.exec(calendarOf(name, dates.slice(from, from + GO), origin))?.[0] ?? "");
    await turn();
  }
  const text = `${calendarOf(name, [], origin).replace(/END:VCALENDAR$/, () => `${events.join("")}END:VCALENDAR`)}\r\n`;
  last = { of, text };
  return text;
}
