import { expect, it } from "vitest";
import type { Due } from "@/core/exchange";
import { calendarText } from "./calendar";

const due = (n: number): Due => ({
  key: `service-${n}`,
  date: "2029-11-01",
  title: `Service due: Halvane 537, No. ${n}`,
  text: "Marguerite Osei. Last here as job 7: plays; costs $& and $1 less than told, with a word that is long enough to be folded",
  kind: "service",
});

it("writes thousands of dates in pieces, as one calendar", async () => {
  const text = await calendarText(
    "Saltmarsh Wireless Repair",
    Array.from({ length: 250 }, (_, n) => due(n)),
    "http://127.0.0.1",
  );
  const lines = text.split("\r\n");
  expect([lines[0], lines.at(-2), lines.at(-1)]).toEqual(["BEGIN:VCALENDAR", "END:VCALENDAR", ""]);
  expect(lines.filter((line) => line === "BEGIN:VEVENT")).toHaveLength(250);
  expect(lines.filter((line) => line === "BEGIN:VCALENDAR")).toHaveLength(1);
  expect(lines.every((line) => Buffer.byteLength(line) <= 75)).toBe(true);
  expect(text.replaceAll("\r\n ", "")).toContain("costs $& and $1 less");
});

it("is written anew when a date, the shop's name or the address has changed", async () => {
  const of = (name: string, dates: Due[], origin = "http://a") => calendarText(name, dates, origin);
  const first = await of("A", [due(1)]);
  expect(await of("A", [due(1)])).toBe(first);
  expect(await of("A", [due(2)])).not.toBe(first);
  expect(await of("B", [due(1)])).not.toBe(first);
  expect(await of("A", [], "http://a")).not.toContain("VEVENT");
});
