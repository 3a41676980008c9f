import { dayOfNumbers, daysLater, endOfMonth, monthsLater, weekday, workdaysLater } from "./calendar";

/** A day that somebody wrote: one, two that it may be, or one that the calendar does not have. */
export type DaySaid = { kind: "day"; day: string } | { kind: "either"; days: string[] } | { kind: "none" };

const MONTHS = ["jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec"];
const WEEKDAYS = ["mon", "tue", "wed", "thu", "fri", "sat", "sun"];
const MONTH = String.raw`(jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)\.?`;
const WEEKDAY = String.raw`(mon(?:day)?|tue(?:s(?:day)?)?|wed(?:nesday)?|thu(?:r(?:s(?:day)?)?)?|fri(?:day)?|sat(?:urday)?|sun(?:day)?)`;
const NUMBERS = ["a", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve"];
const NUMBER = String.raw`(\d{1,3}|an?|one|${NUMBERS.slice(1).join("|")})`;

const monthOf = (word: string) => MONTHS.indexOf(word.slice(0, 3).toLowerCase()) + 1;
const numberOf = (word: string) =>
  /^\d/.test(word) ? Number(word) : Math.max(1, NUMBERS.indexOf(word.toLowerCase()) + 1);
const weekdayOf = (word: string) => WEEKDAYS.indexOf(word.slice(0, 3).toLowerCase());
const yearOf = (text: string) => (text.length === 2 ? 2000 + Number(text) : Number(text));

const one = (day: string | undefined): DaySaid => (day === undefined ? { kind: "none" } : { kind: "day", day });
const either = (days: readonly (string | undefined)[], today: string): DaySaid => {
  const there = [...new Set(days.flatMap((day) => day ?? []))].sort();
  // What is promised or waited for lies ahead, where one of the two does.
  const ahead = there.filter((day) => day >= today);
  const may = ahead.length > 0 ? ahead : there;
  return may.length > 1 ? { kind: "either", days: may } : one(may[0]);
};

/** A day and a month without a year: the next such day. */
function withoutYear(month: number, day: number, today: string): string | undefined {
  const year = Number(today.slice(0, 4));
  const days = [0, 1, 2, 3, 4].map((later) => dayOfNumbers(year + later, month, day));
  return days.find((at) => at !== undefined && at >= today);
}
const dated = (year: string | undefined, month: number, day: number, today: string) =>
  year ? dayOfNumbers(yearOf(year), month, day) : withoutYear(month, day, today);

/** The Friday of a week, so many weeks on. */
const fridayOf = (today: string, weeks: number) => daysLater(today, 4 - weekday(today) + 7 * weeks);

type Way = [pattern: RegExp, read: (today: string, ...found: string[]) => DaySaid];
const whole = (pattern: string) => new RegExp(`^${pattern}$`, "i");

/** Days as they are written, each with what it is on a day. Day before month, where a stroke does not say which is which. */
const WAYS: Way[] = [
  [
    whole(String.raw`(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})`),
    (_, y, m, d) => one(dayOfNumbers(Number(y), Number(m), Number(d))),
  ],
  [
    whole(String.raw`(\d{1,2})\.\s?(\d{1,2})\.\s?(\d{4}|\d{2})?`),
    (today, d, m, y) => one(dated(y, Number(m), Number(d), today)),
  ],
  [
    whole(String.raw`(\d{1,2})[/-](\d{1,2})(?:[/-](\d{4}|\d{2}))?`),
    (today, a, b, y) => either([dated(y, Number(b), Number(a), today), dated(y, Number(a), Number(b), today)], today),
  ],
  [
    whole(String.raw`(\d{1,2})(?:st|nd|rd|th)?\.?\s*(?:of\s+)?${MONTH},?\s*(\d{4})?`),
    (today, d, m, y) => one(dated(y, monthOf(m ?? ""), Number(d), today)),
  ],
  [
    whole(String.raw`${MONTH}\s*(\d{1,2})(?:st|nd|rd|th)?(?:,?\s+(\d{4}))?`),
    (today, m, d, y) => one(dated(y, monthOf(m ?? ""), Number(d), today)),
  ],
  [whole("today|tonight"), (today) => one(today)],
  [whole("tomorrow"), (today) => one(daysLater(today, 1))],
  [whole("(?:the )?day after tomorrow"), (today) => one(daysLater(today, 2))],
  [
    whole(`(this |coming |next )?${WEEKDAY}(?:'s)?`),
    (today, which = "", name = "") => {
      const ahead = (weekdayOf(name) - weekday(today) + 7) % 7;
      const [near, far] = [daysLater(today, ahead), daysLater(today, ahead + 7)];
      if (ahead === 0)
        return /this/i.test(which) ? one(near) : /next|coming/i.test(which) ? one(far) : either([near, far], today);
      // “Next Friday” on a Tuesday is the coming one for some, and the one after it for others.
      const thisWeek = ahead + weekday(today) < 7;
      return /next/i.test(which) && thisWeek ? either([near, far], today) : one(near);
    },
  ],
  [
    whole(`${WEEKDAY} (?:next week|week)|next week(?: on)? ${WEEKDAY}`),
    (today, a, b) => {
      return one(daysLater(today, weekdayOf(a ?? b ?? "") - weekday(today) + 7));
    },
  ],
  [
    whole("(?:the )?(?:end of )?(?:this |the )week|(?:this )?weekend"),
    (today) => one(fridayOf(today, weekday(today) > 4 ? 1 : 0)),
  ],
  [whole("(?:the )?(?:end of )?next week"), (today) => one(fridayOf(today, 1))],
  [
    whole("(?:the )?end of (?:this |the )month"),
    (today) => one(endOfMonth(Number(today.slice(0, 4)), Number(today.slice(5, 7)))),
  ],
  [
    whole(`(?:the )?end of ${MONTH}`),
    (today, name = "") => {
      const year = Number(today.slice(0, 4));
      const end = endOfMonth(year, monthOf(name));
      return one(end >= today ? end : endOfMonth(year + 1, monthOf(name)));
    },
  ],
  [whole(`(?:the )?(?:mid(?:dle of)?)[ -]${MONTH}`), (today, name = "") => one(withoutYear(monthOf(name), 15, today))],
  [
    whole(
      String.raw`(?:in|within) (?:about )?${NUMBER} (?:(working|business) )?(day|week|fortnight|month|year)s?(?:'? time)?`,
    ),
    (today, n = "", working, unit = "") => ahead(today, numberOf(n), unit, working !== undefined),
  ],
  [
    whole(String.raw`${NUMBER} (?:(working|business) )?(day|week|fortnight|month|year)s? from (?:now|today)`),
    (today, n = "", working, unit = "") => ahead(today, numberOf(n), unit, working !== undefined),
  ],
];

function ahead(today: string, count: number, unit: string, working: boolean): DaySaid {
  const is = unit.toLowerCase();
  if (is === "day") return one(working ? workdaysLater(today, count) : daysLater(today, count));
  if (is === "week") return one(daysLater(today, 7 * count));
  if (is === "fortnight") return one(daysLater(today, 14 * count));
  return one(monthsLater(today, is === "year" ? 12 * count : count));
}

/** `Friday, 4 December`: a weekday before a date, which it must be the weekday of. */
const NAMED = new RegExp(String.raw`^${WEEKDAY}[.,]?(?: the)? (?=\d|${MONTH} \d)`, "i");

/**
 * Reads a day as somebody writes it: `2026-12-04`, `4.12.`, `4 Dec`, `Friday`, `in two weeks`, `the end of next week`.
 * Without a year it is the next such day; a week is through on its Friday.
 * @param text the whole of which is the day @param today the reader's day, as 2026-11-29
 * @returns undefined for what is no day
 * @example on 2026-11-29, a Sunday: `Friday` is 2026-12-04; `12/03/2027` is 12 March or 3 December
 */
export function readDay(text: string, today: string): DaySaid | undefined {
  const said = text.trim().replace(/\s+/g, " ").replace(/^on /i, "");
  const [lead = "", name] = NAMED.exec(said) ?? [];
  // The stop of a sentence says nothing; that of `4.12.` is a part of it.
  const plain = said.slice(lead.length).replace(/^the (?=\d)/i, "");
  const stopped = /^\d{1,2}\.\s?\d{1,2}\.$/.test(plain) ? plain : plain.replace(/[.;,!]+$/, "");
  for (const [pattern, read] of WAYS) {
    const found = pattern.exec(stopped);
    if (!found) continue;
    const day = read(today, ...(found.slice(1) as string[]));
    return name && day.kind === "day" && weekday(day.day) !== weekdayOf(name) ? { kind: "none" } : day;
  }
  return undefined;
}

/** Words behind which a sentence names its day. The first ones are followed by hardly anything else. */
const BEFORE_DAY =
  /(?:^|[\s,;(])(?:(by|until|till|before|due|expected(?: by)?|at the latest)|promised|here|comes?|arrives?|there|on|for)(?:\s+on)?\s+/gi;

/** What a text says of its day: the days that it may be, each with the text that has it; none of the calendar, no text. */
export type DayIn = { said: string; may: { day: string; text: string }[] };

/**
 * Writes the days of a text as dates: behind `by`, `until`, `expected` and the like, or as the last thing between commas.
 * @returns the text with its days, or those that it may be; none where the calendar has no such day; undefined where the
 * text names no day
 * @example on 2026-11-29: `47n on order, by Friday` is `47n on order, by 2026-12-04`
 */
export function withDay(text: string, today: string): DayIn | undefined {
  const behind = [...text.matchAll(BEFORE_DAY)].map((found) => ({
    start: found.index + found[0].length,
    sure: found[1] !== undefined,
  }));
  const commas = [...text.matchAll(/,\s*/g)].map((found) => ({ start: found.index + found[0].length, sure: false }));
  const found = [...behind, ...commas].flatMap(({ start, sure }) => {
    const end = text.slice(start).search(/,\s|;|\)|$/);
    const said = text.slice(start, start + end).trimEnd();
    // `470k, 1/2` is no second of January.
    const read = sure || /[a-z]{3}|\d{4}/i.test(said) ? readDay(said, today) : undefined;
    return read
      ? [{ start, said, days: read.kind === "day" ? [read.day] : read.kind === "either" ? read.days : [] }]
      : [];
  });
  const put = (into: string, { start, said }: { start: number; said: string }, day: string) =>
    into.slice(0, start) + day + into.slice(start + said.length);
  const asked = found.find(({ days }) => days.length !== 1);
  if (asked) return { said: asked.said, may: asked.days.map((day) => ({ day, text: put(text, asked, day) })) };
  const [first] = found;
  if (!first) return undefined;
  const last = [...found].sort((one, other) => other.start - one.start);
  const whole = last.reduce((into, one) => put(into, one, one.days[0] ?? ""), text);
  return { said: first.said, may: [{ day: first.days[0] ?? "", text: whole }] };
}
