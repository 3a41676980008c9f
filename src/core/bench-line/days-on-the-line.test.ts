import { describe, expect, it } from "vitest";
import { CONTEXT, idOf } from "../fixtures";
import { writeLine, type Content } from "../kinds";
import { parseCorrection, parseLine } from "./parse";

/** A Sunday. */
const context = { ...CONTEXT, today: "2026-11-29" };

const reads = (line: string): string => {
  const result = parseLine(line, context);
  if (result.kind === "draft" && result.draft.type === "content") return writeLine(result.draft.content);
  if (result.kind === "question") return result.choices.map(({ text }) => text).join(" / ");
  return result.kind === "not-understood" ? result.message : result.kind;
};

describe("a promise", () => {
  it.each([
    ["promised 2026-12-04; to Marguerite Osei; how phone"],
    ["promised Friday; to Marguerite Osei"],
    ["promised for 4 Dec to Marguerite Osei by phone"],
    ["Promised to Marguerite Osei for friday."],
    ["promise 4.12. to Marguerite Osei on the phone"],
  ])("“%s” is for a day, to somebody", (line) =>
    expect(reads(line)).toBe("promised 2026-12-04; to Marguerite Osei; how phone"),
  );

  it("says how it was given, and keeps its remark", () =>
    expect(reads("promised in two weeks to Rafferty in person; remark if the tube comes")).toBe(
      "promised 2026-12-13; to Rafferty; how in person; remark if the tube comes",
    ));

  it("asks which day where it may be two, and whom where nobody is named", () => {
    expect(reads("promised 4/12/2027 to Rafferty")).toBe(
      "promised 2027-04-12 to Rafferty / promised 2027-12-04 to Rafferty",
    );
    expect(reads("promised Friday")).toContain("Say to whom");
    expect(reads("promised 31.2. to Rafferty")).toBe("“31.2.” is not a day of the calendar.");
    expect(reads("promised soon; to Rafferty")).toContain("begins with its day");
  });
});

describe("what is waited for", () => {
  it.each([
    ["wait parts 47n on order, by Friday", "wait parts 47n on order, by 2026-12-04"],
    ["waiting for parts: 47n, expected in 3 working days", "wait parts 47n, expected 2026-12-02"],
    ["wait owner new cloth or old? until 4.12.", "wait owner new cloth or old? until 2026-12-04"],
    ["wait for the answer of the owner, by tomorrow", "wait owner answer of the owner, by 2026-11-30"],
    ["wait process glue until tomorrow", "wait process glue until 2026-11-30"],
    ["wait parts 470k, 1/2 W", "wait parts 470k, 1/2 W"],
    ["wait parts V4 from job 1043", "wait parts V4 from job 1043"],
  ])("“%s” has its day as a date", (line, written) => expect(reads(line)).toBe(written));

  it("asks which day where it may be two, and says where the calendar has none such", () => {
    expect(reads("wait parts 47n by 4/12/2027")).toBe("wait parts 47n by 2027-04-12 / wait parts 47n by 2027-12-04");
    expect(reads("wait parts 47n by 2026-13-03")).toBe("“2026-13-03” is not a day of the calendar.");
  });

  it("keeps the Friday of another day when its wording is corrected", () => {
    const before: Content = {
      kind: "note",
      payload: { v: 1, text: "47n on order, by Friday", open: true, waits: "parts", closes: [] },
    };
    const read = parseCorrection("wait parts 47n film on order, by Friday", before, {
      ...context,
      tape: [...CONTEXT.tape, { n: 50, id: idOf(50), content: before }],
    });
    expect(read).toMatchObject({ draft: { content: { payload: { text: "47n film on order, by Friday" } } } });
  });
});

it("the next service is a day, or so long from now", () => {
  const next = (said: string) => /next ([\d-]+)/.exec(reads(`hand back: plays; no warranty; next ${said}`))?.[1];
  expect(next("2027-05-01")).toBe("2027-05-01");
  expect(next("in a year")).toBe("2027-11-29");
  expect(next("18 months")).toBe("2028-05-29");
  expect(next("1 May 2028;")).toBe("2028-05-01");
  expect(reads("hand back: plays; next soon")).toContain("like 2027-05-01");
});
