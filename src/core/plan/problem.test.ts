import { describe, expect, it } from "vitest";
import { left, MONDAY, planned, shopOf, wait } from "./fixtures";
import { minutesWithin, problemOf, stepKey, stretchesOf, waitKey } from "./problem";

const DAY = 1440;
const taskOf = (input: Parameters<typeof problemOf>[0], key: string) => {
  const found = problemOf(input).tasks.find((one) => one.key === key);
  if (!found) throw new Error(`no task ${key}`);
  return found;
};

describe("what a plan is made from", () => {
  it("has the steps of a set one behind the other, a soak before it goes out", () => {
    const { tasks } = problemOf(shopOf([planned(1, left(["fix", "prove", "hand-back"]))]));
    expect(tasks.map(({ key, after }) => [key, after])).toEqual([
      ["v1:fix", []],
      ["v1:prove", ["v1:fix"]],
      ["v1:soak", ["v1:prove"]],
      ["v1:hand-back", ["v1:soak"]],
    ]);
    expect(tasks.map(({ by, bench }) => [by, bench])).toEqual([
      ["person", true],
      ["person", true],
      ["shop", true],
      ["person", false],
    ]);
  });

  it("asks for no second soak, and counts one that is running", () => {
    const soaked = problemOf(shopOf([planned(1, left(["hand-back"], { soaked: true }))]));
    expect(soaked.tasks.map(({ key }) => key)).toEqual(["v1:hand-back"]);
    // Three hours were left an hour ago, and it ran on.
    const soaking = { hours: 3, at: `${MONDAY}T08:00:00.000Z`, running: true };
    expect(taskOf(shopOf([planned(1, left(["hand-back"], { soaking }))]), stepKey("v1", "soak")).takes.median).toBe(
      120,
    );
    const paused = { ...soaking, running: false };
    expect(
      taskOf(shopOf([planned(1, left(["hand-back"], { soaking: paused }))]), stepKey("v1", "soak")).takes.median,
    ).toBe(180);
  });

  it("goes by the part for Fix: ten parts spread less than ten times one", () => {
    const fix = taskOf(shopOf([planned(1, left(["fix"]))]), "v1:fix");
    expect(fix.takes.median).toBeCloseTo(120, 9);
    expect(fix.takes.p90).toBeCloseTo(120 + 8 * Math.sqrt(10), 9);
  });

  it("lets the search go on while a parcel is waited for, and nothing behind it", () => {
    const of = left(["find", "fix"], { waits: [wait("w1", "parts", "0.047/630 on order")] });
    const { tasks } = problemOf(shopOf([planned(1, of)]));
    expect(tasks.find(({ key }) => key === "v1:find")?.after).toEqual([]);
    expect(tasks.find(({ key }) => key === "v1:fix")?.after).toEqual(["v1:find", "wait:w1"]);
    // Half of the parcels are here after four days.
    expect(tasks.find(({ key }) => key === "wait:w1")?.takes).toEqual({ median: 4 * DAY, p90: 9 * DAY });
  });

  it("expects a parcel on the day that is named, and now and then later", () => {
    const of = left(["fix"], { waits: [wait("w1", "parts", "by 2026-12-03", { until: "2026-12-03" })] });
    // Thursday at nine, three days from now; late by two days in one of ten cases.
    expect(taskOf(shopOf([planned(1, of)]), "wait:w1").takes).toEqual({ median: 3 * DAY, p90: 5 * DAY });
    const pins = [{ task: waitKey({ id: "w1" }), day: "2026-12-07" }];
    expect(taskOf(shopOf([planned(1, of)], { pins }), "wait:w1").takes.median).toBe(7 * DAY);
  });

  it("counts what was waited already, and always leaves a day", () => {
    const old = wait("w1", "owner", "asked for more", { at: "2026-11-10T09:00:00.000Z" });
    expect(taskOf(shopOf([planned(1, left(["fix"], { waits: [old] }))]), "wait:w1").takes).toEqual({
      median: DAY,
      p90: DAY,
    });
  });

  it("waits for another set's end", () => {
    const of = left(["prove"], { waits: [wait("w1", "parts", "V4 from job 2", { job: 2 })] });
    expect(taskOf(shopOf([planned(1, of), planned(2, left(["fix", "hand-back"]))]), "wait:w1").after).toEqual([
      "v2:hand-back",
    ]);
  });

  it("asks for whoever knows high voltage and alignment", () => {
    const { tasks } = problemOf(shopOf([planned(1, left(["fix", "align", "hand-back"], { highVoltage: true }))]));
    expect(tasks.map(({ key, skills }) => [key, skills])).toEqual([
      ["v1:fix", ["bench", "transmitters"]],
      ["v1:align", ["bench", "transmitters", "alignment"]],
      ["v1:soak", []],
      ["v1:hand-back", ["desk"]],
    ]);
  });

  it("takes a promise until the end of its day", () => {
    const promised = { day: "2026-12-02", at: `${MONDAY}T08:00:00.000Z` };
    expect(problemOf(shopOf([planned(1, left(["fix"], { promised }))])).jobs[0]?.due).toBe(3 * DAY);
  });

  it("knows how much of a day is work, and how much of that a piece takes", () => {
    const shop = shopOf([]);
    // Nine to five, three quarters of it.
    expect(minutesWithin(shop, "wren", MONDAY)).toBe(360);
    expect(minutesWithin(shop, "wren", "2026-12-05")).toBe(0);
    const span = { from: { day: MONDAY, minute: 840 }, to: { day: "2026-12-01", minute: 600 } };
    expect([minutesWithin(shop, "wren", MONDAY, span), minutesWithin(shop, "wren", "2026-12-01", span)]).toEqual([
      60, 60,
    ]);
    const ill = shopOf([], { away: [{ person: "wren", from: MONDAY, to: MONDAY, why: "ill" }] });
    expect([minutesWithin(ill, "wren", MONDAY), minutesWithin(ill, "tomasz", MONDAY)]).toEqual([0, 360]);
  });
});

describe("the stretches of a piece of work", () => {
  const shop = shopOf([]);
  const span = { from: { day: "2026-12-04", minute: 840 }, to: { day: "2026-12-07", minute: 600 } };

  it("leave out nights and the weekend", () => {
    // Friday from two to three, Monday from nine to ten.
    expect(stretchesOf(shop, { by: "person", person: "wren", ...span })).toEqual([
      { from: { day: "2026-12-04", minute: 840 }, to: { day: "2026-12-04", minute: 900 } },
      { from: { day: "2026-12-07", minute: 540 }, to: { day: "2026-12-07", minute: 600 } },
    ]);
  });

  it("of a soak are the hours in which somebody is here, of a parcel all of it", () => {
    expect(stretchesOf(shop, { by: "shop", ...span }).map(({ to }) => to.minute)).toEqual([1020, 600]);
    expect(stretchesOf(shop, { by: "calendar", ...span })).toEqual([span]);
  });
});
