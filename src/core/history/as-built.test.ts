import { describe, expect, it } from "vitest";
import { asBuilt, differences, openPoints } from ".";
import { settle, type Entry } from "../kinds";
import { amend, atOf, entry, idOf, note, replace, resistance, SHEET, symptom, withdraw, work } from "../fixtures";

const at = (entries: Entry[], moment: string, designator: string) =>
  asBuilt(settle(entries).settled, SHEET, moment).find((position) => position.designator === designator);

describe("the set as built", () => {
  const entries = [entry(10, replace("C14", "47n/630")), entry(20, replace("C14", "50n/1000"))];

  it("is the model's parts before any work, and the last work afterwards", () => {
    expect(at(entries, atOf(9), "C14")).toMatchObject({ state: "original", drawn: ".05/400", parts: [] });
    expect(at(entries, atOf(10), "C14")).toMatchObject({
      state: "replaced",
      parts: [{ text: "47n/630" }],
      work: [idOf(10)],
    });
    expect(at(entries, atOf(99), "C14")?.parts).toEqual([{ designator: "C14", text: "50n/1000" }]);
  });

  it("forgets work that was withdrawn", () => {
    expect(at([...entries, amend(30, idOf(20), withdraw())], atOf(99), "C14")?.parts).toEqual([
      { designator: "C14", text: "47n/630" },
    ]);
  });

  it("knows one original replaced by several, and then one of those replaced", () => {
    const split = work(["C1"], "replaced", {
      now: [
        { designator: "C1A", text: "22µ/450" },
        { designator: "C1B", text: "22µ/450" },
      ],
    });
    expect(at([entry(1, split)], atOf(5), "C1")?.parts.map((p) => p.designator)).toEqual(["C1A", "C1B"]);
    const later = at([entry(1, split), entry(2, replace("C1B", "33µ/450"))], atOf(5), "C1");
    expect(later?.parts).toEqual([
      { designator: "C1A", text: "22µ/450" },
      { designator: "C1B", text: "33µ/450" },
    ]);
    expect(at([entry(1, split), entry(2, work(["C1B"], "removed"))], atOf(5), "C1")).toMatchObject({
      state: "replaced",
      parts: [{ designator: "C1A" }],
    });
  });

  it("knows several originals replaced by one", () => {
    const merged = work(["R7", "R9"], "replaced", { now: [{ designator: "R7", text: "470k 2W" }] });
    expect(at([entry(1, merged)], atOf(5), "R7")).toMatchObject({ state: "replaced", parts: [{ text: "470k 2W" }] });
    expect(at([entry(1, merged)], atOf(5), "R9")).toMatchObject({ state: "replaced", parts: [], servedBy: "R7" });
  });

  it("keeps left, removed, disconnected and serviced apart", () => {
    expect(at([entry(1, work(["R9"], "left", { why: "within twice the tolerance" }))], atOf(5), "R9")).toMatchObject({
      state: "left",
      why: "within twice the tolerance",
    });
    expect(at([entry(1, work(["R9"], "removed"))], atOf(5), "R9")?.state).toBe("removed");
    expect(at([entry(1, work(["C14"], "disconnected", { why: "kept for looks" }))], atOf(5), "C14")?.state).toBe(
      "disconnected",
    );
    expect(at([entry(1, work(["V4"], "cleaned"))], atOf(5), "V4")).toMatchObject({ state: "serviced", drawn: "6V6" });
    expect(at([entry(1, replace("C14", "47n")), entry(2, work(["C14"], "cleaned"))], atOf(5), "C14")?.state).toBe(
      "replaced",
    );
  });

  it("adds a place that only the log knows", () => {
    expect(
      at(
        [entry(1, work(["C99"], "replaced", { was: "100p", now: [{ designator: "C99", text: "100p mica" }] }))],
        atOf(5),
        "C99",
      ),
    ).toMatchObject({
      drawn: "100p",
      state: "replaced",
    });
  });
});

describe("differences", () => {
  const entries = [entry(10, replace("C14", "47n/630")), entry(20, work(["R9"], "left", { why: "sound" }))];
  const between = (from: number, to: number) =>
    differences(settle(entries).settled, SHEET, atOf(from), atOf(to)).map((d) => d.designator);

  it("lists the places that changed, in whichever order the days are given", () => {
    expect(between(0, 15)).toEqual(["C14"]);
    expect(between(15, 25)).toEqual(["R9"]);
    expect(between(25, 0)).toEqual(["C14", "R9"]);
    expect(between(11, 12)).toEqual([]);
  });
});

describe("open points", () => {
  const open = (entries: Entry[], moment = atOf(99)) =>
    openPoints(settle(entries).settled, moment).map(({ kind, text }) => `${kind}: ${text}`);

  it("are notes until a later note closes them", () => {
    const todo = entry(1, note("renew the mains lead", { open: true }));
    expect(open([todo])).toEqual(["note: renew the mains lead"]);
    expect(open([todo, entry(2, note("done", { closes: [todo.id] }))])).toEqual([]);
    expect(open([todo, entry(2, note("done", { closes: [todo.id] }))], atOf(1))).toHaveLength(1);
  });

  it("are symptoms until they are gone", () => {
    const hum = entry(1, symptom("hum worse when warm"));
    expect(open([hum, entry(2, symptom("hum less", "changed", hum.id))])).toEqual(["symptom: hum less"]);
    expect(open([hum, entry(2, symptom("Hum worse when warm", "gone"))])).toEqual([]);
  });

  it("are readings that are out, until the part was worked on or reads right", () => {
    const drifted = entry(1, resistance("R7", 612e3, 470e3));
    expect(open([drifted])).toEqual(["reading: R7 reads 612 kΩ, high"]);
    expect(open([drifted, entry(2, resistance("R7", 471e3, 470e3))])).toEqual([]);
    expect(open([drifted, entry(2, replace("R7", "470k 1W"))])).toEqual([]);
  });

  it("name parts that were left, without barring the way out", () => {
    const left = entry(1, work(["R9"], "left", { why: "sound" }));
    expect(openPoints(settle([left]).settled, atOf(9))).toMatchObject([
      { kind: "left", blocks: false, text: "R9 left: sound" },
    ]);
    expect(open([left, entry(2, replace("R9", "22k 2W"))])).toEqual([]);
  });
});
