import { describe, expect, it } from "vitest";
import { amend, correct, entry, idOf, note, VISIT } from "../fixtures";
import { settle, type Content } from "../kinds";
import { left, planned, shopOf } from "./fixtures";
import { planOf } from "./outlook";
import { onCabinet, pointsLeft } from "./points";
import { problemOf } from "./problem";

describe("open points that are work", () => {
  it.each([
    ["new grille cloth", true],
    ["glue the veneer on the left side", true],
    ["polish the escutcheon", true],
    ["paint the case where it was bare", true],
    ["renew the mains lead", false],
    ["C14 in that corner again, look at it warm", false],
  ])("%s: on the cabinet? %s", (text, cabinet) => {
    expect(onCabinet(text)).toBe(cabinet);
  });

  it("are those of the visit that nobody has settled, and that nothing is waited for", () => {
    const wait: Content = {
      kind: "note",
      payload: { v: 1, text: "47 nF on order", open: true, waits: "parts", closes: [] },
    };
    const { settled } = settle([
      entry(1, note("renew the mains lead", { open: true })),
      entry(2, note("new grille cloth", { open: true })),
      entry(3, note("only a remark")),
      entry(4, wait),
      entry(5, note("done", { closes: [idOf(1)] })),
    ]);
    expect(pointsLeft(settled, VISIT, "2026-12-01T00:00:00.000Z").map(({ text, cabinet }) => [text, cabinet])).toEqual([
      ["new grille cloth", true],
    ]);
    const corrected = settle([
      entry(1, note("renew the mains lead", { open: true })),
      amend(2, idOf(1), correct(note("renew the mains lead"))),
    ]);
    expect(pointsLeft(corrected.settled, VISIT, "2026-12-01T00:00:00.000Z")).toEqual([]);
  });
});

describe("open points in the plan", () => {
  const points = [
    { id: "p1", text: "renew the mains lead", cabinet: false },
    { id: "p2", text: "new grille cloth", cabinet: true },
  ];
  const input = shopOf([planned(1, left(["fix", "prove", "hand-back"], { points, soaked: true }))]);

  it("lie before the proof; the cabinet goes on beside it, by whoever can do it, and the set waits for both", () => {
    const { tasks } = problemOf(input);
    const of = (key: string) => tasks.find((one) => one.key === `v1:${key}`);
    expect(of("points")).toMatchObject({ text: "1 open point", after: ["v1:fix"], bench: true, skills: ["bench"] });
    expect(of("cabinet")).toMatchObject({
      text: "1 open point on the cabinet",
      after: [],
      bench: false,
      skills: ["cabinet"],
    });
    expect(of("prove")?.after).toEqual(["v1:points"]);
    expect(of("hand-back")?.after).toEqual(["v1:prove", "v1:cabinet"]);
  });

  it("make the set later, and with nobody for the cabinet there is no day", () => {
    const end = (more: Parameters<typeof left>[1]) => {
      const shop = shopOf([planned(1, left(["fix", "prove", "hand-back"], { soaked: true, ...more }))]);
      return planOf(shop).outlook.placed.reduce((last, one) => {
        const at = `${one.to.day} ${String(one.to.minute).padStart(5, "0")}`;
        return at > last ? at : last;
      }, "");
    };
    const many = Array.from({ length: 9 }, (_, index) => ({ id: `p${index}`, text: "look at it", cabinet: false }));
    expect(end({ points: many }) > end({})).toBe(true);
    const bench = input.people.map((one) => ({ ...one, skills: ["bench" as const, "desk" as const] }));
    expect(planOf({ ...input, people: bench }).outlook.sets[0]?.noDay).toBe("nobody");
  });
});
