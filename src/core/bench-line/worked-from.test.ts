import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { workedFrom } from "./worked-from";

const labour = (line: string) => workedFrom(line)?.choices[0]?.text;

describe("time by the clock", () => {
  it.each([
    ["worked from 9 to 11", "labour 120 min"],
    ["worked from 9:15 to 11:30 on the dial", "labour 135 min dial"],
    ["9:15-11:30 recapping", "labour 135 min recapping"],
    ["I worked 14:00 till 14:45", "labour 45 min"],
    ["from 11 to 1 alignment", "labour 120 min alignment"],
    ["from 23:30 to 0:15", "labour 45 min"],
  ])("%s is %s", (line, text) => expect(labour(line)).toBe(text));

  it("can be a note", () =>
    expect(workedFrom("worked from 9 to 11")?.choices.at(-1)?.text).toBe("note worked from 9 to 11"));

  it.each([
    "9 to 11 V",
    "80 to 100 V",
    "from 80 m to 10 m",
    "from 5 to 7 m",
    "1:10",
    "10 to 15 minutes",
    "worked from 25 to 26",
  ])("%s is none", (line) => expect(workedFrom(line)).toBeUndefined());

  it("is the difference of the two times on any morning", () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 600 }), fc.integer({ min: 1, max: 119 }), (from, long) => {
        const clock = (minutes: number) => `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, "0")}`;
        return labour(`worked from ${clock(from)} to ${clock(from + long)}`) === `labour ${long} min`;
      }),
    ));
});
