import { describe, expect, it } from "vitest";
import { parseLine } from ".";
import { writeLine, type Content } from "../kinds";
import { STEP_NAMES, STEPS } from "../model";
import { idOf, CONTEXT } from "../fixtures";

const content = (line: string): Content => {
  const result = parseLine(line, CONTEXT);
  if (result.kind !== "draft" || result.draft.type !== "content") throw new Error(JSON.stringify(result));
  return result.draft.content;
};
const message = (line: string): string => {
  const result = parseLine(line, CONTEXT);
  if (result.kind !== "not-understood") throw new Error(JSON.stringify(result));
  return result.message;
};

describe("steps on the line", () => {
  it("are named as the run sheet names them, every one of them", () => {
    for (const step of STEPS) {
      const done = content(`done ${STEP_NAMES[step].toLowerCase()}: seen`);
      expect(done).toEqual({ kind: "step", payload: { v: 1, step, state: "passed", reason: "seen" } });
      expect(content(writeLine(done))).toEqual(done);
    }
  });

  it("are passed over with a reason only, and named or asked for", () => {
    expect(content("pass align: never touched")).toMatchObject({ payload: { step: "align", state: "overridden" } });
    expect(message("pass align")).toContain("needs a reason");
    expect(message("done polishing")).toContain("Name the step");
    expect(message("done")).toContain("Name the step");
  });
});

describe("what is waited for", () => {
  it.each(["parts", "owner", "process"] as const)("is %s, and a word about it", (waits) => {
    const made = content(`wait ${waits} a word about it`);
    expect(made).toMatchObject({ kind: "note", payload: { open: true, waits, text: "a word about it" } });
    expect(content(`waits for ${waits}: a word about it`)).toEqual(made);
    expect(content(writeLine(made))).toEqual(made);
  });

  it("is asked for when it is not said", () => {
    expect(message("wait")).toContain("Say what it waits for");
    expect(parseLine("wait for better weather", CONTEXT)).toMatchObject({
      kind: "question",
      choices: [{ text: "wait parts better weather" }, { text: "wait owner better weather" }, {}],
    });
    expect(message("wait parts")).toContain("Say which: wait parts");
  });
});

describe("symptoms and what settles them", () => {
  it("are told apart by their first word", () => {
    expect(content("? hum")).toMatchObject({ payload: { state: "present", what: "hum" } });
    expect(content("changed hum only when cold")).toMatchObject({ payload: { state: "changed" } });
    expect(content("gone hum")).toMatchObject({ payload: { state: "gone", what: "hum" } });
  });

  it("take their words from the tape when only the number is given", () => {
    expect(content("gone #1")).toMatchObject({ payload: { about: idOf(1), what: "hum worse when warm" } });
    expect(content("changed #1 hum less")).toMatchObject({ payload: { about: idOf(1), what: "hum less" } });
    expect(message("gone #7")).toContain("not a symptom on the tape");
    expect(message("?")).toContain("The symptom is empty");
  });

  it("are written back with the number that they are about", () => {
    const gone = content("gone #1");
    expect(writeLine(gone, (id) => (id === idOf(1) ? 1 : undefined))).toBe("gone #1 hum worse when warm");
    const settled = content("settled #3 new lead fitted");
    expect(writeLine(settled, (id) => (id === idOf(3) ? 3 : undefined))).toBe("settled #3 new lead fitted");
  });
});

describe("a set coming in and going out", () => {
  it("is original parts first unless the line says otherwise", () => {
    expect(content("take in: dead")).toMatchObject({ payload: { policy: "original", received: [], missing: [] } });
    expect(content("take-in: dead; policy reliability first")).toMatchObject({ payload: { policy: "reliability" } });
  });

  it("names a clause that is not known, and those that are", () => {
    expect(message("take in: dead; colour brown")).toMatch(/“colour” is not known here: policy, with/);
    expect(message("hand back: plays; price 90")).toMatch(/“price” is not known here: left, watch/);
    expect(message("hand back: plays; next spring")).toContain("The next service is a date, like");
    expect(message("hand back:")).toContain("What was done is empty");
  });
});

describe("words that only look like the line's", () => {
  it("stay what they are", () => {
    expect(parseLine("notebook found inside", CONTEXT)).toMatchObject({
      kind: "question",
      question: expect.stringContaining("What is this?"),
      choices: [{ text: "? notebook found inside" }, {}, { text: "note notebook found inside" }],
    });
    expect(content("note: todo lists belong on paper")).toMatchObject({ payload: { open: false } });
    expect(content("NOTE in capitals")).toMatchObject({ payload: { text: "in capitals" } });
    expect(content("testpoint 12 V")).toMatchObject({ kind: "reading", payload: { point: "testpoint" } });
  });
});
