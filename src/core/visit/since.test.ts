import { describe, expect, it } from "vitest";
import { entry, idOf, atOf, replace, VISIT, voltage, work } from "../fixtures";
import { settle, type Content, type Entry } from "../kinds";
import { lastWorkAt, markOf } from "./since";

const OTHER = "01890000-0000-7000-8000-0000000000aa";
const settled = (...entries: Entry[]) => settle(entries).settled;
const holds = (about: string): Content => ({
  kind: "holds",
  payload: { v: 1, about, why: "measured at another place" },
});

describe("what was changed since a result", () => {
  const reading = entry(2, voltage("B+", 250, 250));
  const result = { id: idOf(2), at: atOf(2) };

  it("is nothing where no work came later", () => {
    expect(markOf(settled(entry(1, replace("C14", "47n/630")), reading), VISIT)(result)).toBeUndefined();
    expect(markOf(settled(reading), VISIT)(result)).toBeUndefined();
  });

  it("is the last change, with how many there were", () => {
    const one = settled(reading, entry(3, replace("C14", "47n/630")));
    expect(markOf(one, VISIT)(result)).toBe("before C14 was replaced");
    const two = settled(reading, entry(3, replace("C14", "47n/630")), entry(4, work(["VR1"], "cleaned")));
    expect(markOf(two, VISIT)(result)).toBe("before VR1 was cleaned (2 changes since)");
  });

  it("is not what changed nothing, nor what was done in another visit, nor what was done at the same moment", () => {
    const left = entry(3, work(["R9"], "left", { why: "sound" }));
    const elsewhere = { ...entry(4, replace("C1", "22u/450")), visitId: OTHER };
    const atOnce = { ...entry(5, replace("C2", "22u/450")), at: atOf(2) };
    expect(markOf(settled(reading, left, elsewhere, atOnce), VISIT)(result)).toBeUndefined();
  });

  it("is counted from when somebody said that the result still holds", () => {
    const changed = entry(3, replace("C14", "47n/630"));
    const said = entry(4, holds(idOf(2)));
    expect(markOf(settled(reading, changed, said), VISIT)(result)).toBeUndefined();
    expect(markOf(settled(reading, changed, entry(4, holds(idOf(9)))), VISIT)(result)).toBe("before C14 was replaced");
    const again = entry(5, work(["VR1"], "cleaned"));
    expect(markOf(settled(reading, changed, said, again), VISIT)(result)).toBe("before VR1 was cleaned");
    // Said before the work, it says nothing of it.
    expect(markOf(settled(reading, { ...said, at: atOf(1) }, changed), VISIT)(result)).toBe("before C14 was replaced");
  });
});

describe("when the set was changed last", () => {
  it("is the last change of the visit itself", () => {
    const all = settled(
      entry(1, replace("C14", "47n/630")),
      entry(2, work(["VR1"], "cleaned")),
      entry(3, work(["R9"], "left", { why: "sound" })),
      { ...entry(4, replace("C1", "22u/450")), visitId: OTHER },
    );
    expect(lastWorkAt(all, VISIT)).toBe(atOf(2));
    expect(lastWorkAt(all, OTHER)).toBe(atOf(4));
    expect(lastWorkAt(settled(entry(1, voltage("B+", 250))), VISIT)).toBeUndefined();
  });
});
