import { describe, expect, it } from "vitest";
import { parseLine } from "@/core/bench-line";
import { CONTEXT, SET, stockItem } from "@/core/fixtures";
import { bodySchema, writeLine } from "@/core/kinds";
import { EMPTY_MOD, readModFields } from "./describe-fields";

const context = { ...CONTEXT, stock: [stockItem({ id: SET, code: "JP00001A7" })] };
const read = (part: Partial<typeof EMPTY_MOD>) => readModFields({ ...EMPTY_MOD, ...part }, context);

const FITTED = {
  state: "fitted",
  name: "Speaker switch",
  by: "the owner",
  what: "a switch at the back",
  parts: 'S901 toggle switch\nC901 0.047/630 "film" from jp00001a7',
  taps: "rail B+ 200 V to 300 V draws 5 mA",
  verify: "no hum at full volume\n\n",
  undo: "take it out",
  use: "down: loudspeaker off",
  minutes: "1 h 10 min",
};

describe("a modification that is described by hand", () => {
  it("is one of our own, with its parts out of stock and its minutes, and its line makes the same", () => {
    const made = read(FITTED);
    if (!made.ok) throw new Error(made.message);
    expect(made.minutes).toBe(70);
    expect(made.content.payload).toMatchObject({
      state: "fitted",
      askedBy: "the owner",
      reversible: true,
      parts: [
        { designator: "S901", text: "toggle switch" },
        { designator: "C901", text: "0.047/630", note: "film", stock: { code: "JP00001A7" } },
      ],
      taps: [{ kind: "rail", at: "B+", low: 200, high: 300, draws: 0.005 }],
      verify: ["no hum at full volume"],
      instructions: "down: loudspeaker off",
    });
    expect(bodySchema.safeParse(made.content).success).toBe(true);
    expect(parseLine(writeLine(made.content), context)).toMatchObject({
      kind: "draft",
      draft: { content: { payload: made.content.payload } },
    });
  });

  it("was found: what nobody here decided is not said of it, and there is no time to charge", () => {
    const made = read({ ...FITTED, state: "found" });
    expect(made).not.toHaveProperty("minutes");
    expect(made).toMatchObject({ content: { payload: { state: "found", verify: [], steps: [] } } });
    expect(made).not.toHaveProperty("content.payload.askedBy");
  });

  it("is planned with its steps; the time is what it should take", () => {
    const made = read({ ...FITTED, state: "planned", steps: "drill nothing\nfit the switch" });
    expect(made).not.toHaveProperty("minutes");
    expect(made).toMatchObject({
      content: { payload: { minutes: 70, steps: [{ text: "drill nothing" }, { text: "fit the switch" }] } },
    });
  });

  it("stays where nobody knows how to put it back, and where a hole was drilled", () => {
    expect(read({ ...FITTED, undo: " " })).toMatchObject({ content: { payload: { reversible: false } } });
    expect(read({ ...FITTED, chassis: "drilled" })).toMatchObject({ content: { payload: { reversible: false } } });
    expect(read({ ...FITTED, chassis: "existing-hole" })).toMatchObject({ content: { payload: { reversible: true } } });
  });

  it.each([
    [{ name: " " }, "name", "Give it a name"],
    [{ name: "x", parts: "R901 10k\nnothing" }, "parts", "Line 2"],
    [{ name: "x", parts: "R901 10k from JPNOSUCH9" }, "parts", "not a label"],
    [{ name: "x", taps: "somewhere" }, "taps", "Line 1"],
    [{ ...FITTED, minutes: "soon" }, "minutes", "whole minutes"],
    [{ ...FITTED, minutes: "0" }, "minutes", "whole minutes"],
  ])("says what is wrong, and at which field: %o", (part, field, says) => {
    expect(read(part)).toMatchObject({ ok: false, field, message: expect.stringContaining(says) });
  });
});
