import { describe, expect, it } from "vitest";
import { asBuilt, openPoints } from "../history";
import { atOf, CONTEXT, entry, idOf, SHEET, stockItem } from "../fixtures";
import { partsTaken, settle, type Content } from "../kinds";
import { parseLine } from ".";

const context = {
  ...CONTEXT,
  stock: [stockItem({ id: idOf(900), code: "JP0000001", kind: "hardware", marking: "damping grease" })],
};
const content = (line: string): Content => {
  const result = parseLine(line, context);
  if (result.kind !== "draft" || result.draft.type !== "content") throw new Error(`${line}: ${JSON.stringify(result)}`);
  return result.draft.content;
};
const message = (line: string) => {
  const result = parseLine(line, context);
  return result.kind === "not-understood" ? result.message : result.kind;
};

describe("a place without a designator", () => {
  it("is worked on, graded before and after, with material from stock", () => {
    const made = content(
      "tuning drive gummed, cleaned and lubricated; before poor; after as new; with damping grease from jp0000001",
    );
    expect(made).toMatchObject({
      kind: "place-work",
      payload: {
        place: "tuning drive",
        actions: ["cleaned", "lubricated"],
        found: "gummed",
        before: "poor",
        after: "as-new",
        materials: [{ text: "damping grease", stock: { code: "JP0000001" } }],
      },
    });
    expect(partsTaken(made)).toHaveLength(1);
    expect(message("tuning drive cleaned; after lovely")).toContain("A grade is as-new, good");
    expect(message("tuning drive cleaned; with grease from JP0000009")).toContain("not a label of the stock");
  });

  it("is any words before what was done, and what sits at a part is not the part", () => {
    expect(content("pulley bracket repaired")).toMatchObject({ payload: { place: "pulley bracket" } });
    expect(content("V3 socket cleaned")).toMatchObject({ kind: "place-work", payload: { place: "V3 socket" } });
    expect(content("V3 socket worn -> ceramic noval")).toMatchObject({
      payload: { place: "V3 socket", found: "worn", actions: ["replaced"], materials: [{ text: "ceramic noval" }] },
    });
    expect(message("V3 socket worn")).toContain("What was done to “V3 socket” is missing");
    expect(content("V4 cleaned")).toMatchObject({ kind: "part-work" });
    expect(content("note the cabinet was cleaned")).toMatchObject({ kind: "note" });
    const { settled } = settle([entry(1, content("V4 socket worn -> ceramic noval"))]);
    expect(asBuilt(settled, SHEET, atOf(9)).find(({ designator }) => designator === "V4")?.state).toBe("original");
  });

  it("that is left says why, and stays open until it is worked on", () => {
    expect(message("cabinet left")).toContain("Say why it is left");
    const left = entry(1, content("cabinet left: the owner likes the patina"));
    expect(openPoints(settle([left]).settled, atOf(9))).toMatchObject([{ kind: "left", blocks: false }]);
    expect(openPoints(settle([left, entry(2, content("cabinet painted"))]).settled, atOf(9))).toEqual([]);
  });
});

describe("where a part came from and goes to", () => {
  it("is said: brought by the owner, found fitted, sent back", () => {
    expect(content("C14 -> 0.047/630 from owner old to owner")).toMatchObject({
      payload: { now: [{ text: "0.047/630", source: "owner" }], oldPart: "bag" },
    });
    expect(content("C14 found fitted -> 0.05/600")).toMatchObject({ payload: { action: "found fitted" } });
    const { settled } = settle([entry(1, content("C14 found fitted -> 0.05/600"))]);
    expect(asBuilt(settled, SHEET, atOf(9)).find(({ designator }) => designator === "C14")).toMatchObject({
      state: "replaced",
      parts: [{ text: "0.05/600" }],
    });
    const back = content("sent back damping grease from JP0000001 to supplier: there is some already");
    expect(back).toMatchObject({ kind: "sent-back", payload: { to: "supplier", why: "there is some already" } });
    expect(partsTaken(back)).toHaveLength(1);
    expect(parseLine("sent back the board", context)).toMatchObject({
      message: expect.stringContaining("It reads like"),
    });
  });

  it("of a note is the record, in one key", () => {
    expect(content("note! odd crystal of 3.515 MHz in socket 4")).toMatchObject({ payload: { record: true } });
    expect(content("note plain")).not.toHaveProperty("payload.record");
  });
});

describe("a modification by its number", () => {
  it("changes its state and keeps its name and description", () => {
    const fitted = content("mod fitted Audio outlet: a socket; part J901 phono socket; reversible; undo take it out");
    const tape = [{ n: 35, id: "01890000-0000-7000-8000-000000009035", content: fitted }];
    const read = parseLine("mod put back #35: the owner changed his mind", { ...context, tape });
    expect(read).toMatchObject({
      kind: "draft",
      draft: {
        content: {
          payload: {
            name: "Audio outlet",
            state: "undone",
            about: tape[0]?.id,
            parts: [{ designator: "J901" }],
            undo: "take it out",
          },
        },
      },
    });
  });
});
