import { describe, expect, it } from "vitest";
import { bareModification, entry, note, replace, SHEET, VISIT, work } from "../fixtures";
import { settle, type Content, type Entry } from "../kinds";
import { boardState, workSummary } from "./summary";
import type { VisitInput } from "./run-sheet";

const OTHER = "01890000-0000-7000-8000-0000000000aa";
const settled = (...entries: Entry[]) => settle(entries).settled;
const of = (...contents: Content[]) => settled(...contents.map((one, at) => entry(at + 1, one)));

describe("the work of a visit in sentences", () => {
  it("ends each sentence with one stop, and puts what was left apart", () => {
    const all = of(
      replace("C14", "47n/630"),
      work(["R9"], "left", { why: "within tolerance." }),
      work(["VR1"], "cleaned"),
      work(["C1"], "left", { why: "sound" }),
    );
    expect(workSummary(all, VISIT)).toEqual({
      done: "C14 replaced: 47 nF 630 V. VR1 cleaned.",
      left: "R9 left: within tolerance. C1 left: sound.",
    });
  });

  it("names work on a place too, and no note", () => {
    const place: Content = {
      kind: "place-work",
      payload: { v: 1, place: "tuning drive", actions: ["cleaned", "lubricated"], materials: [] },
    };
    expect(workSummary(of(place, note("look at the lead")), VISIT).done).toMatch(
      /^Tuning drive .*cleaned and lubricated.*\.$/,
    );
  });

  it.each(["fitted", "kept", "undone"] as const)("names a modification that was %s", (state) =>
    expect(workSummary(of(bareModification("Audio outlet", { state })), VISIT).done).toMatch(/^Audio outlet .+\.$/),
  );

  it.each(["planned", "found", "dropped"] as const)("says nothing of one that is %s", (state) =>
    expect(workSummary(of(bareModification("Audio outlet", { state })), VISIT).done).toBe(""),
  );

  it("says nothing of what another visit fitted", () => {
    const other = { ...entry(1, bareModification("Audio outlet")), visitId: OTHER };
    expect(workSummary(settled(other), VISIT).done).toBe("");
    expect(workSummary(settled(other), OTHER).done).toContain("Audio outlet");
  });
});

describe("where a set stands on the board", () => {
  const input = (...entries: Entry[]): VisitInput => ({
    sheet: SHEET,
    year: 1937,
    settled: settled(...entries),
    visitId: VISIT,
    now: "2026-01-02T00:00:00.000Z",
  });
  const takeIn = (complaint: string): Content => ({
    kind: "take-in",
    payload: { v: 1, complaint, policy: "original", received: [], missing: [] },
  });

  it("is nothing but its first step before it is taken in", () =>
    expect(boardState(input())).toMatchObject({ step: "Take in", waits: [], open: 0 }));

  it("has no complaint of another visit", () => {
    expect(boardState(input({ ...entry(1, takeIn("hums")), visitId: OTHER }))).not.toHaveProperty("complaint");
    expect(boardState(input(entry(1, takeIn("hums")), entry(2, takeIn("hums and fades")))).complaint).toBe(
      "hums and fades",
    );
  });

  it("counts what blocks apart from what waits", () => {
    const wait: Content = {
      kind: "note",
      payload: { v: 1, text: "6U5 on order", open: true, waits: "parts", closes: [] },
    };
    const state = boardState(
      input(
        entry(1, takeIn("hums")),
        entry(2, wait),
        entry(3, note("mend the lead", { open: true })),
        entry(4, note("dusty")),
      ),
    );
    expect(state.waits).toEqual([{ for: "parts", text: "6U5 on order" }]);
    expect(state.open).toBe(1);
  });
});
