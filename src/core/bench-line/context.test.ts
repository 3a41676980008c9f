import { describe, expect, it } from "vitest";
import { lineContext, parseLine } from ".";
import { settle, type Entry } from "../kinds";
import { finalList } from "../power";
import { amend, atOf, entry, idOf, note, replace, SHEET, VISIT, withdraw, work } from "../fixtures";

const context = (entries: Entry[], sheet = SHEET) =>
  lineContext({ sheet, year: 1937, settled: settle(entries).settled, visitId: VISIT, now: atOf(500) });

describe("what a line is read against", () => {
  it("knows the model's designators, and those that work has added", () => {
    expect(context([]).known).toEqual(new Set(["C14", "C1", "R7", "R9", "V4"]));
    const split = work(["C1"], "replaced", {
      now: [
        { designator: "C1A", text: "22µ/450" },
        { designator: "C1B", text: "22µ/450" },
      ],
    });
    expect([...context([entry(1, split)]).known]).toEqual(expect.arrayContaining(["C1A", "C1B"]));
    expect(context([entry(1, replace("C77", "47n"))]).known.has("C77")).toBe(true);
  });

  it("checks nothing against a model without a parts list", () => {
    const bare = { ...SHEET, components: [], tubes: [] };
    expect(context([entry(1, replace("C77", "47n"))], bare).known.size).toBe(0);
    expect(parseLine("C5 leaky -> 0.1/630", context([], bare)).kind).toBe("draft");
  });

  it("takes readings for the baseline until a part was worked on, and for the proof afterwards", () => {
    expect(context([]).phase).toBe("baseline");
    expect(context([entry(1, work(["R9"], "left", { why: "sound" }))]).phase).toBe("baseline");
    expect(context([entry(1, replace("C14", "47n/630"))]).phase).toBe("prove");
    expect(context([entry(1, replace("C14", "47n/630")), amend(2, idOf(1), withdraw())]).phase).toBe("baseline");
  });

  it("numbers the tape in order of events, withdrawn entries included", () => {
    const { tape } = context([
      entry(3, note("c")),
      entry(1, note("a")),
      entry(2, note("b")),
      amend(4, idOf(2), withdraw()),
    ]);
    expect(tape.map(({ n, id }) => [n, id])).toEqual([
      [1, idOf(1)],
      [2, idOf(2)],
      [3, idOf(3)],
    ]);
    expect(tape[1]?.content).toBeNull();
  });

  it("asks to undo a withdrawal rather than to amend it", () => {
    const result = parseLine(
      "amend #1 note x because y",
      context([entry(1, note("a")), amend(2, idOf(1), withdraw())]),
    );
    expect(result).toMatchObject({ kind: "not-understood", message: expect.stringContaining("withdrawn already") });
  });

  it("hands nothing back that was not looked at, and says what is left to look at", () => {
    const looked = (key: string, state: "done" | "trouble" = "done") =>
      entry(keys.indexOf(key) + 1, {
        kind: "check",
        payload: { v: 1, list: "hand-back", key, text: key, state, remark: "T 0.5 A" },
      });
    const keys = finalList(SHEET).map(({ key }) => key);
    const proved = entry(90, {
      kind: "step",
      payload: { v: 1, step: "prove", state: "overridden", reason: "heard by the owner" },
    });
    const read = (entries: Entry[]) => parseLine("hand back: plays", context([...entries, proved]));
    expect(parseLine("hand back: plays", context([]))).toMatchObject({
      message: expect.stringContaining("Prove is not done"),
    });
    expect(read([])).toMatchObject({ message: expect.stringContaining("final lead, final fuse") });
    expect(read(keys.slice(1).map((key) => looked(key)))).toMatchObject({
      message: expect.stringContaining("(final lead)"),
    });
    expect(read(keys.map((key) => looked(key, key === "lead" ? "trouble" : "done"))).kind).toBe("not-understood");
    const through = keys.map((key) => looked(key));
    expect(read(through).kind).toBe("draft");

    // What stands in the way of the form stands in the way of the line: a soak that runs, a sum that nobody agreed to.
    const soak = entry(80, { kind: "soak", payload: { v: 1, state: "start", hours: 2 } });
    expect(read([...through, soak])).toMatchObject({ message: expect.stringContaining("The soak is not ended") });
    const agreed = entry(81, {
      kind: "approval",
      payload: { v: 1, limit: { minor: 3000, currency: "EUR" }, who: "Marguerite Osei", how: "phone" },
    });
    const labour = entry(82, { kind: "labour", payload: { v: 1, step: "fix", minutes: 60 } });
    expect(read([...through, agreed, labour])).toMatchObject({
      message: expect.stringContaining("above what was agreed (30 EUR)"),
    });
  });
});
