import { describe, expect, it } from "vitest";
import { left, MONDAY, planned, shopOf, wait } from "./fixtures";
import { planOf, standingOf } from "./outlook";
import { minutesWithin } from "./problem";
import { rescues, withMeasure } from "./rescue";
import { nextFor } from "./today";

const promised = (day: string) => ({ promised: { day, at: `${MONDAY}T08:00:00.000Z` } });

describe("how a set stands to its promise", () => {
  it("by hand", () => {
    expect(standingOf(MONDAY, undefined, "2026-12-02")).toBe("unpromised");
    expect(standingOf(MONDAY, "2026-12-02", "2026-12-02")).toBe("kept");
    expect(standingOf(MONDAY, "2026-12-02", "2026-12-03")).toBe("danger");
    expect(standingOf(MONDAY, "2026-11-29", "2026-12-03")).toBe("broken");
    expect(standingOf(MONDAY, "2026-12-02", undefined)).toBe("no-day");
  });
});

describe("the plan in words of the shop", () => {
  it("one small set: proved, soaked and out on the second day, surely", () => {
    // 35 min to prove, four hours of soak, 20 min at the desk: done the same day, as the shop is here until five.
    const { outlook } = planOf(shopOf([planned(1, left(["prove", "hand-back"]))]));
    expect(outlook.placed.map(({ key, person, from }) => [key, person, from.day])).toEqual([
      ["v1:prove", expect.any(String), MONDAY],
      ["v1:soak", undefined, MONDAY],
      ["v1:hand-back", expect.any(String), MONDAY],
    ]);
    expect(outlook.sets[0]).toMatchObject({ standing: "unpromised", planned: MONDAY, half: MONDAY });
  });

  it("the sure day is never before the half day, and a promise of the sure day is kept", () => {
    const sets = [1, 2, 3, 4, 5].map((job) => planned(job, left(["baseline", "find", "fix", "prove", "hand-back"])));
    const { outlook } = planOf(shopOf(sets));
    for (const { half = "", promise = "" } of outlook.sets) expect(promise >= half).toBe(true);
    for (const [index, { promise = "" }] of outlook.sets.entries()) {
      const told = sets.map((set, at) =>
        at === index ? { ...set, left: { ...set.left, ...promised(promise) } } : set,
      );
      const of = planOf(shopOf(told)).outlook.sets[index];
      expect(of?.standing).toBe("kept");
      expect(of?.kept).toBeGreaterThanOrEqual(0.9);
    }
  });

  it("somebody ill for a week: their work goes to others or later, and the days move", () => {
    const sets = [1, 2, 3, 4].map((job) => planned(job, left(["find", "fix", "prove", "hand-back"])));
    const away = [{ person: "wren", from: MONDAY, to: "2026-12-04", why: "ill" }];
    const [well, ill] = [planOf(shopOf(sets)).outlook, planOf(shopOf(sets, { away })).outlook];
    expect(ill.placed.some(({ person, from }) => person === "wren" && from.day <= "2026-12-04")).toBe(false);
    const last = (of: typeof well) =>
      of.sets
        .map(({ planned: day = "" }) => day)
        .sort()
        .at(-1) ?? "";
    expect(last(ill) > last(well)).toBe(true);
  });

  it("days without people: nothing lies on them", () => {
    const away = [{ from: MONDAY, to: "2026-12-02", why: "closed" }];
    const { outlook } = planOf(shopOf([planned(1, left(["fix", "hand-back"]))], { away }));
    expect(outlook.placed.every(({ from }) => from.day >= "2026-12-03")).toBe(true);
  });

  it("sets that wait for each other are named, and the rest is planned", () => {
    const circle = (job: number, other: number) =>
      planned(job, left(["prove"], { waits: [wait(`w${job}`, "parts", `tube from job ${other}`, { job: other })] }));
    const { outlook } = planOf(shopOf([circle(1, 2), circle(2, 1), planned(3, left(["prove"], { soaked: true }))]));
    expect(outlook.sets.map(({ visit, noDay, circle: round }) => [visit, noDay, round])).toEqual([
      ["v1", "circle", ["v2"]],
      ["v2", "circle", ["v1"]],
      ["v3", undefined, undefined],
    ]);
  });

  it("work that nobody here can do, and a shop in which nobody is ever here", () => {
    const high = planned(1, left(["fix"], { highVoltage: true }));
    const people = shopOf([]).people.filter(({ id }) => id === "tomasz");
    expect(planOf(shopOf([high], { people })).outlook.sets[0]).toMatchObject({ noDay: "nobody", standing: "no-day" });
    expect(planOf(shopOf([planned(1, left(["fix"]))], { people: [] })).outlook.sets[0]).toMatchObject({
      noDay: "nobody",
    });
  });
});

describe("what saves a promise", () => {
  it("a late parcel: a faster one", () => {
    const of = left(["fix", "hand-back"], {
      ...promised("2026-12-04"),
      soaked: true,
      waits: [wait("w1", "parts", "by 2026-12-08", { until: "2026-12-08" })],
    });
    const shop = shopOf([planned(1, of)]);
    const base = planOf(shop);
    expect(base.outlook.sets[0]?.standing).toBe("danger");
    const [first] = rescues(shop, base, "v1");
    expect(first).toMatchObject({ saves: true, harms: [], measures: [{ kind: "parcel", day: "2026-12-02" }] });
  });

  it("somebody who is away: another person", () => {
    const of = left(["fix", "hand-back"], { ...promised("2026-12-03"), soaked: true });
    const away = [{ person: "wren", from: MONDAY, to: "2026-12-11", why: "ill" }];
    const shop = shopOf([planned(1, of)], { away, pins: [{ task: "v1:fix", person: "wren" }] });
    const base = planOf(shop);
    expect(base.outlook.sets[0]?.standing).toBe("danger");
    const [first] = rescues(shop, base, "v1");
    expect(first).toMatchObject({ saves: true, measures: [{ kind: "person", person: "tomasz" }] });
  });

  it("a Saturday is one Saturday: a set that needs longer is not saved by all that follow", () => {
    const changed = withMeasure(shopOf([]), "v1", { kind: "saturday", day: "2026-12-05", person: "wren" });
    expect(minutesWithin(changed, "wren", "2026-12-05")).toBe(180);
    expect(minutesWithin(changed, "wren", "2026-12-12")).toBe(0);
    expect(minutesWithin(changed, "wren", "2026-12-07")).toBe(360);
  });

  it("nothing to save where nothing was promised", () => {
    const shop = shopOf([planned(1, left(["fix"]))]);
    expect(rescues(shop, planOf(shop), "v1")).toEqual([]);
  });
});

describe("the next three things", () => {
  const one = [
    {
      id: "wren",
      name: "Wren Okafor",
      week: shopOf([]).people[0]?.week ?? [],
      skills: ["bench", "alignment", "desk"] as const,
    },
  ].map((person) => ({ ...person, skills: [...person.skills] }));

  it("what was promised first, with the reasons", () => {
    const shop = shopOf(
      [
        planned(1, left(["find", "fix"], { soaked: true })),
        planned(2, left(["prove", "hand-back"], promised("2026-11-30"))),
        planned(3, left(["fix"], { soaked: true }), { holder: "wren" }),
      ],
      { people: one },
    );
    const next = nextFor(shop, planOf(shop).outlook, "wren");
    expect(next[0]).toMatchObject({ visit: "v2" });
    expect(next[0]?.reasons.map(({ kind }) => kind)).toContain("soak");
    expect(next[0]?.reasons.some(({ kind }) => kind === "promised" || kind === "danger")).toBe(true);
    expect(next.find(({ visit }) => visit === "v3")?.reasons.map(({ kind }) => kind)).toContain("open");
    expect(next.find(({ visit }) => visit === "v1")?.reasons).toEqual([
      { kind: "here", days: 10 },
      { kind: "same-opening", things: 2 },
    ]);
  });

  it("what another set waits for says so", () => {
    const lender = planned(1, left(["fix"], { soaked: true }));
    const borrower = planned(
      2,
      left(["prove"], { soaked: true, waits: [wait("w1", "parts", "V4 from job 1", { job: 1 })] }),
    );
    const shop = shopOf([lender, borrower], { people: one });
    expect(nextFor(shop, planOf(shop).outlook, "wren")[0]?.reasons).toContainEqual({ kind: "frees", job: 2 });
  });

  it("nothing for somebody who does not work on sets", () => {
    const shop = shopOf([planned(1, left(["fix"]))]);
    expect(nextFor(shop, planOf(shop).outlook, "nobody")).toEqual([]);
  });
});
