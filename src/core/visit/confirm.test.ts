import { describe, expect, it } from "vitest";
import { SHEET } from "../fixtures";
import { idOf, SET, VISIT } from "../fixtures";
import { openPoints } from "../history";
import { marked, settle, type Entry } from "../kinds";
import { makeSafeList } from "../power";
import { runSheet } from "./run-sheet";

const at = (minute: number) => `2026-03-02T10:${String(minute).padStart(2, "0")}:00.000Z`;
let serial = 0;
const entry = (minute: number, kind: string, payload: object, amends: string | null = null): Entry =>
  ({
    id: idOf(5000 + (serial += 1)),
    setId: SET,
    visitId: VISIT,
    at: at(minute),
    recordedAt: at(minute),
    by: idOf(1),
    amends,
    kind,
    payload,
  }) as Entry;

/** Every line of the make-safe list, ticked or measured; by an apprentice or not. */
const safe = (apprentice: boolean): Entry[] =>
  makeSafeList(SHEET, 1937).map(({ key, text }, line) =>
    entry(
      line,
      "check",
      marked(
        {
          kind: "check",
          payload: {
            v: 1,
            list: "make-safe",
            key,
            text,
            state: "done",
            ...(key === "residual" ? { measured: { text: "0.3 V", value: 0.3 } } : {}),
          },
        },
        apprentice,
      ).payload,
    ),
  );

const makeSafe = (entries: Entry[]) =>
  runSheet({ sheet: SHEET, year: 1937, settled: settle(entries).settled, visitId: VISIT, now: at(59) }).find(
    ({ step }) => step === "make-safe",
  );

describe("what an apprentice does for safety", () => {
  it("does not make the set safe until a lead has confirmed it", () => {
    expect(makeSafe(safe(false))?.state).toBe("done");
    const ticked = safe(true);
    expect(makeSafe(ticked)).toMatchObject({
      state: "lacking",
      lacks: [`${ticked.length} entries of an apprentice to confirm`],
    });
    const some = entry(40, "confirmed", { v: 1, entries: ticked.slice(1).map(({ id }) => id) });
    expect(makeSafe([...ticked, some])?.lacks).toEqual(["1 entry of an apprentice to confirm"]);
    const rest = entry(41, "confirmed", { v: 1, entries: ticked.slice(0, 1).map(({ id }) => id) });
    expect(makeSafe([...ticked, some, rest])?.state).toBe("done");
  });

  it("blocks the hand-back as an open point", () => {
    const ticked = safe(true).slice(0, 1);
    expect(openPoints(settle(ticked).settled, at(59))).toMatchObject([{ kind: "confirm", blocks: true }]);
  });

  it("waits anew when it is corrected by an apprentice, and no more when the confirmation is withdrawn", () => {
    const [first] = safe(true) as [Entry];
    const confirmed = entry(40, "confirmed", { v: 1, entries: [first.id] });
    const waiting = (entries: Entry[]) =>
      openPoints(settle(entries).settled, at(59)).filter(({ kind }) => kind === "confirm").length;
    expect(waiting([first, confirmed])).toBe(0);
    const content = { kind: "check", payload: { ...first.payload, remark: "looked again" } };
    const correct = { v: 1, action: "correct", reason: "more exact", content };
    const amended = (apprentice: boolean) =>
      entry(45, "amendment", marked({ kind: "amendment", payload: correct }, apprentice).payload, first.id);
    expect(waiting([first, confirmed, amended(true)])).toBe(1);
    expect(waiting([first, confirmed, amended(false)])).toBe(0);
    const withdrawn = entry(50, "amendment", { v: 1, action: "withdraw", reason: "not looked at" }, confirmed.id);
    expect(waiting([first, confirmed, withdrawn])).toBe(1);
  });

  it("is not settled by a note", () => {
    const [first] = safe(true) as [Entry];
    const note = entry(42, "note", { v: 1, text: "looked at", open: false, closes: [first.id] });
    expect(openPoints(settle([first, note]).settled, at(59))).toMatchObject([{ kind: "confirm" }]);
  });

  it("a word that passes a gate before power waits too; one on another step does not", () => {
    const word = (step: string) =>
      marked({ kind: "step", payload: { v: 1, step, state: "overridden", reason: "done before" } }, true).payload;
    expect(word("make-safe")).toMatchObject({ waits: true });
    expect(word("find")).not.toHaveProperty("waits");
    expect(makeSafe([entry(1, "step", word("make-safe"))])?.state).toBe("lacking");
  });
});

it("nobody marks or unmarks an entry by hand", () => {
  const said = { kind: "check", payload: { v: 1, waits: true, key: "lead" } };
  expect(marked(said, false).payload).not.toHaveProperty("waits");
  expect(marked({ kind: "note", payload: { v: 1, text: "x" } }, true).payload).not.toHaveProperty("waits");
});
