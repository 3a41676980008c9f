import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { daysLater, readDay, weekday, withDay } from ".";

/** A Sunday. */
const TODAY = "2026-11-29";
const says = (text: string, today = TODAY) => {
  const read = readDay(text, today);
  return read?.kind === "day" ? read.day : read?.kind === "either" ? read.days : read?.kind;
};

describe("a day as somebody writes it", () => {
  it.each([
    ["2026-12-04", "2026-12-04"],
    ["2026/12/4", "2026-12-04"],
    ["4.12.2026", "2026-12-04"],
    ["04.12.26", "2026-12-04"],
    ["4.12.", "2026-12-04"],
    ["4 Dec", "2026-12-04"],
    ["4 December 2026.", "2026-12-04"],
    ["4th of December", "2026-12-04"],
    ["Dec. 4th, 2026", "2026-12-04"],
    ["Friday, 4 December", "2026-12-04"],
    ["Fri 4.12.", "2026-12-04"],
    ["31/12/2026", "2026-12-31"],
    // Without a year it is the next such day.
    ["28 Nov", "2027-11-28"],
    ["29 Nov", "2026-11-29"],
    ["29 Feb", "2028-02-29"],
    ["today", "2026-11-29"],
    ["tomorrow", "2026-11-30"],
    ["the day after tomorrow", "2026-12-01"],
    ["friday", "2026-12-04"],
    ["on Thurs", "2026-12-03"],
    ["friday next week", "2026-12-04"],
    ["in 3 days", "2026-12-02"],
    ["in 3 working days", "2026-12-02"],
    ["in two weeks", "2026-12-13"],
    ["within a fortnight", "2026-12-13"],
    ["2 weeks from now", "2026-12-13"],
    ["in 3 months", "2027-02-28"],
    ["in a year", "2027-11-29"],
    ["next week", "2026-12-04"],
    ["the end of the month", "2026-11-30"],
    ["end of December", "2026-12-31"],
    ["mid January", "2027-01-15"],
  ])("“%s” is %s", (text, day) => expect(says(text)).toBe(day));

  it("may be two days, and is asked about then; one that is over is not meant", () => {
    expect(says("4/12/2027")).toEqual(["2027-04-12", "2027-12-04"]);
    expect(says("12/3/2026")).toBe("2026-12-03");
    expect(says("4/4/2027")).toBe("2027-04-04");
    // On a Tuesday “next Friday” is three days ahead for some and ten for others.
    expect(says("next friday", "2026-12-01")).toEqual(["2026-12-04", "2026-12-11"]);
    expect(says("friday", "2026-12-04")).toEqual(["2026-12-04", "2026-12-11"]);
    expect(says("this friday", "2026-12-04")).toBe("2026-12-04");
    expect(says("next friday", "2026-12-04")).toBe("2026-12-11");
    expect(says("end of the week", "2026-12-02")).toBe("2026-12-04");
    expect(says("end of next week", "2026-12-02")).toBe("2026-12-11");
  });

  it.each(["2026-13-03", "2026-02-29", "31.4.", "0.12.2026", "Friday, 5 December 2026", "31/31/2027"])(
    "“%s” is none of the calendar",
    (text) => expect(says(text)).toBe("none"),
  );

  it.each(["", "47n", "47", "248 V", "the Fjord", "parcel", "may", "soon", "1.5", "two weeks ago", "12 V 4"])(
    "“%s” is no day at all",
    (text) => expect(says(text)).toBeUndefined(),
  );

  it("is read back however it is written", () => {
    const MONTHS = [
      "January",
      "February",
      "March",
      "April",
      "May",
      "June",
      "July",
      "August",
      "September",
      "October",
      "November",
      "December",
    ];
    const DAYS = ["Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday"];
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2000 }), (ahead) => {
        const day = daysLater(TODAY, ahead);
        const [y, m, d] = day.split("-").map(Number) as [number, number, number];
        const name = MONTHS[m - 1] ?? "";
        for (const text of [
          day,
          `${d}.${m}.${y}`,
          `${d} ${name} ${y}`,
          `${name} ${d}, ${y}`,
          `${DAYS[weekday(day)]} ${d} ${name.slice(0, 3)} ${y}`,
        ])
          expect(says(text), text).toBe(day);
        if (ahead < 364) expect(says(`${d} ${name}`)).toBe(day);
        expect(says(`in ${ahead % 1000} days`)).toBe(daysLater(TODAY, ahead % 1000));
      }),
    );
  });
});

describe("a text with its day", () => {
  const text = (typed: string) => withDay(typed, TODAY)?.may.map(({ text: one }) => one);
  it.each([
    ["47n on order, by friday", "47n on order, by 2026-12-04"],
    ["0.047/630 by 3.12.2026", "0.047/630 by 2026-12-03"],
    ["tube on order, 4 Dec", "tube on order, 2026-12-04"],
    ["glue until tomorrow", "glue until 2026-11-30"],
    ["cloth, comes on Friday, two pieces", "cloth, comes on 2026-12-04, two pieces"],
    ["47n by friday, at the latest in two weeks", "47n by 2026-12-04, at the latest 2026-12-13"],
    ["47n, by 2026-12-03", "47n, by 2026-12-03"],
  ])("“%s” is “%s”", (typed, dated) => expect(text(typed)).toEqual([dated]));

  it("is asked about where it may be two, and said where the calendar has none such", () => {
    expect(text("47n by 4/12/2027, express")).toEqual(["47n by 2027-04-12, express", "47n by 2027-12-04, express"]);
    expect(withDay("47n by 2026-13-03", TODAY)).toEqual({ said: "2026-13-03", may: [] });
  });

  it.each([
    "47n on order",
    "470k, 1/2",
    "V4 from job 1043",
    "0.1/630, by parcel",
    "speaker for the Fjord",
    "lacquer for two days",
  ])("“%s” names none", (typed) => expect(text(typed)).toBeUndefined());
});
