import { printMinutes } from "../kinds";
import type { LineQuestion } from "../shorthand";

const CLOCK = "(\\d{1,2})(?:[:.h]([0-5]\\d))?(?:\\s*h)?";
const FROM_TO = new RegExp(
  `^(?:(?:i\\s+)?worked\\s+)?(?:from\\s+)?${CLOCK}\\s*(?:to|till|until|-|–)\\s*${CLOCK}(?=$|[\\s,:;])[\\s,:;]*(.*)$`,
  "i",
);
const SAYS_SO = /\bworked\b|^from\s|:\d\d/i;

const DAY = 24 * 60;
const HALF_DAY = DAY / 2;
const minutesAt = (hours = "", minutes = "0") => Number(hours) * 60 + Number(minutes);

/** `worked from 9:15 to 11:30 on the dial`: how long that is. Past noon is meant where the second time is the smaller one. */
export function workedFrom(line: string): LineQuestion | undefined {
  const text = line.trim();
  const [whole = "", h1, m1, h2, m2, what = ""] = FROM_TO.exec(text) ?? [];
  if (whole === "" || !SAYS_SO.test(text) || /^[\d.,]*\s?(?:[kmµu]?(?:v|a|w|hz|Ω)|m|ohms?)(?![a-z])/i.test(what))
    return undefined;
  const [from, to] = [minutesAt(h1, m1), minutesAt(h2, m2)];
  if (from >= DAY || to > DAY) return undefined;
  const later = to > from ? to : to + HALF_DAY > from ? to + HALF_DAY : to + DAY;
  const long = later - from;
  if (long <= 0 || long >= DAY) return undefined;
  const behind = what.replace(/^(?:on|at|for|with)\s+(?:the\s+)?/i, "");
  return {
    kind: "question",
    question: `That is ${printMinutes(long)}.`,
    choices: [
      { label: `Labour, ${printMinutes(long)}`, text: `labour ${long} min${behind ? ` ${behind}` : ""}` },
      { label: "A note", text: `note ${text}` },
    ],
  };
}
