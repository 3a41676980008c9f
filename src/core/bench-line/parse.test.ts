import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { parseLine, type LineResult } from ".";
import { writeAmendment, writeLine, type Content } from "../kinds";
import { idOf, CONTEXT } from "../fixtures";

const parse = (line: string, extra = {}): LineResult => parseLine(line, { ...CONTEXT, ...extra });
const draft = (line: string, extra = {}) => {
  const result = parse(line, extra);
  if (result.kind !== "draft") throw new Error(JSON.stringify(result));
  return result;
};
const content = (line: string, extra = {}): Content => {
  const { draft: made } = draft(line, extra);
  if (made.type !== "content") throw new Error("an amendment");
  return made.content;
};
const payload = (line: string, extra = {}) => content(line, extra).payload;
const refused = (line: string) => {
  const result = parse(line);
  if (result.kind !== "not-understood") throw new Error(JSON.stringify(result));
  return result;
};

describe("work on a part", () => {
  it("reads what was there, what was found and what went in", () => {
    expect(payload("C14 .05/400 leaky -> 0.047/630")).toEqual({
      v: 1,
      designators: ["C14"],
      action: "replaced",
      was: ".05/400",
      found: "leaky",
      now: [{ designator: "C14", text: "0.047/630" }],
    });
    expect(draft("C14 .05/400 leaky -> 0.047/630").line.text).toBe("replaced: 50 nF 400 V → 47 nF 630 V (leaky)");
  });

  it("reads one can replaced by several, restuffing, a reason and where the old part went", () => {
    expect(payload("c1 2x16µ 450V dry -> C1A 22µ/450 + C1B 22µ/450 old in bag")).toMatchObject({
      designators: ["C1"],
      now: [
        { designator: "C1A", text: "22µ/450" },
        { designator: "C1B", text: "22µ/450" },
      ],
      oldPart: "bag",
    });
    expect(payload("C14 restuffed -> 47n/630 film old in shell")).toMatchObject({
      action: "restuffed",
      now: [{ text: "47n/630 film" }],
      oldPart: "in-shell",
    });
    expect(payload("R7+R9 -> R7 470k 2W: the strip was one part")).toMatchObject({
      designators: ["R7", "R9"],
      why: "the strip was one part",
    });
    expect(payload("R7 470k = 612k drifted -> 470k 1W")).toMatchObject({
      measured: { value: 612e3 },
      found: "drifted",
      was: "470k",
    });
  });

  it("reads work in place, with its reason", () => {
    expect(payload("R9 left: within twice the tolerance")).toMatchObject({
      action: "left",
      why: "within twice the tolerance",
    });
    expect(payload("R9 left within twice the tolerance")).toMatchObject({ why: "within twice the tolerance" });
    expect(payload("R9 left:within tolerance")).toMatchObject({ why: "within tolerance" });
    expect(payload("R9 22k = 24k left: still good")).toMatchObject({
      was: "22k",
      measured: { value: 24e3 },
      action: "left",
    });
    expect(payload("V4 cleaned")).toMatchObject({ action: "cleaned", now: [] });
    expect(payload("V4 weak -> 6V6GT")).toMatchObject({ found: "weak", now: [{ text: "6V6GT" }] });
  });

  it("remarks on a rating below the old one", () => {
    expect(draft("C14 .05/400 -> 0.047/250").hints).toEqual([expect.stringContaining("Rated 250 V")]);
    expect(draft("C14 -> 0.047/250").hints).toEqual([expect.stringContaining("Rated 250 V")]);
    expect(draft("C14 0.1/400 -> 0.1/630").hints).toEqual(["The drawing has 50 nF at C14."]);
  });

  it("asks about a designator that is not on the model, and takes a yes", () => {
    const result = parse("C15 -> 0.1/630");
    expect(result).toMatchObject({ kind: "question", question: expect.stringContaining("C15 is not on this model") });
    if (result.kind !== "question") return;
    expect(result.choices.map((choice) => choice.text)).toEqual(["C15! -> 0.1/630", "C14 -> 0.1/630", "C1 -> 0.1/630"]);
    expect(payload("C15! -> 0.1/630")).toMatchObject({ designators: ["C15"] });
    expect(payload("C15 -> 0.1/630", { known: new Set() })).toMatchObject({ designators: ["C15"] });
  });

  it("names wrong units and missing halves, with the place", () => {
    expect(refused("C14 470k").message).toBe("“470k” is a resistance (470 kΩ); a capacitance belongs here.");
    expect(refused("C14 470k").at).toBe(4);
    expect(refused("C14 .05/400 -> 470k").at).toBe(15);
    expect(refused("C14 ->").message).toContain("Say what goes in");
    expect(refused("R9 left").message).toBe("A part that is left needs the reason why.");
  });

  it("turns an ambiguous value into a question that rewrites the line", () => {
    const open = { ...CONTEXT, sheet: { ...CONTEXT.sheet, dialect: undefined } };
    const result = parseLine("R7 50M = 52k", open as typeof CONTEXT);
    expect(result).toMatchObject({
      kind: "question",
      choices: [{ text: "R7 50 kΩ = 52k" }, { text: "R7 50 MΩ = 52k" }],
    });
    expect(payload("R7 1M = 1.1M")).toMatchObject({ expected: { value: 1e6 } });
  });
});

describe("readings", () => {
  it("judges a part against its marking or the drawing; in circuit unless said", () => {
    expect(payload("R7 470k = 612k")).toMatchObject({
      designator: "R7",
      quantity: "resistance",
      measured: { value: 612e3 },
      expected: { value: 470e3, tolerance: 0.2 },
      inCircuit: true,
    });
    expect(payload("R7 = 612k lifted")).not.toHaveProperty("inCircuit");
    expect(draft("R7 = 612k").line.verdict).toBe("bad");
    expect(draft("R7 = 200k").line.verdict).toBe("watch");
    expect(draft("C14 = 52n").line.verdict).toBe("good");
  });

  it("reads points of the chart, tube electrodes and points of any name", () => {
    expect(payload("B+ 248 @ 225")).toMatchObject({
      point: "B+",
      quantity: "voltage",
      lineVolts: 225,
      expected: { value: 250, tolerance: 0.2, lineVolts: 230 },
      phase: "baseline",
    });
    expect(payload("v4 grid -2.1 with 20 kΩ/V meter")).toMatchObject({
      point: "V4 grid",
      measured: { value: -2.1 },
      meter: "20 kΩ/V meter",
    });
    expect(payload("V4 plate 240")).toMatchObject({ point: "V4 plate", measured: { value: 240 } });
    expect(payload("line current 0.28 A for 0.3 A ±20%")).toMatchObject({
      point: "line current",
      quantity: "current",
      expected: { value: 0.3, tolerance: 0.2 },
    });
    expect(payload("B+ 251 prove")).toMatchObject({ phase: "prove" });
    expect(draft("B+ 248").hints.join()).toContain("add @ and the line voltage");
  });

  it("refuses a value of the wrong kind where the chart knows better", () => {
    expect(refused("B+ 470k").message).toContain("is a resistance");
    expect(refused("B+ 248 @ soon").message).toContain("“soon”");
  });

  it("tests tubes against nominal and the set against limits", () => {
    expect(payload("V4 gm 1450/1600 on bridge tester")).toMatchObject({
      designator: "V4",
      test: "gm",
      measured: { value: 1450 },
      nominal: { value: 1600 },
      sense: "share",
      setup: "bridge tester",
    });
    expect(draft("V4 gm 900/1600").line.verdict).toBe("bad");
    expect(payload("test output 2.1 W min 3 on dummy load")).toMatchObject({
      test: "output",
      unit: "W",
      nominal: { value: 3 },
      sense: "at-least",
      setup: "dummy load",
    });
    expect(payload("test hum 4 mV")).not.toHaveProperty("nominal");
    expect(refused("test something").message).toContain("reads like");
  });
});

describe("words", () => {
  it("keeps symptoms, and says when they are gone", () => {
    expect(payload("? hum worse when warm")).toMatchObject({ what: "hum worse when warm", state: "present" });
    expect(payload("gone #1")).toMatchObject({ what: "hum worse when warm", state: "gone", about: idOf(1) });
    expect(refused("gone #2").message).toContain("not a symptom");
  });

  it("keeps notes, open points, waits and their settling", () => {
    expect(payload("note old varnish on the dial")).toMatchObject({ open: false });
    expect(payload("todo renew the mains lead")).toMatchObject({ open: true });
    expect(payload("wait parts 0.047/630 on order")).toMatchObject({
      open: true,
      waits: "parts",
      text: "0.047/630 on order",
    });
    expect(payload("settled #3 new lead fitted")).toMatchObject({ closes: [idOf(3)], text: "new lead fitted" });
    expect(refused("settled #99 done").message).toContain("by its number");
  });

  it("takes in, passes steps and hands back", () => {
    expect(
      payload(
        "take in: fades after ten minutes; policy museum; with lead, two knobs; missing back cover; wants to play again",
      ),
    ).toMatchObject({
      complaint: "fades after ten minutes",
      policy: "museum",
      received: ["lead", "two knobs"],
      missing: ["back cover"],
    });
    expect(payload("take in: hums;; then quiet; policy museum")).toMatchObject({
      complaint: "hums; then quiet",
      policy: "museum",
    });
    expect(refused("take in: dead; policy cheap").message).toContain("A policy is");
    expect(payload("done make safe")).toMatchObject({ step: "make-safe", state: "passed" });
    expect(payload("pass baseline: does not power up")).toMatchObject({
      state: "overridden",
      reason: "does not power up",
    });
    expect(refused("pass baseline").message).toContain("needs a reason");
    expect(payload("hand back: plays well; old parts returned; next 2027-11-01")).toMatchObject({
      oldParts: "returned",
      nextService: "2027-11-01",
    });
  });
});

describe("amending", () => {
  it("corrects an entry by its number, keeping the expectation it was judged against", () => {
    const { draft: made } = draft("amend #2 R7 = 471k because read on the wrong range");
    expect(made).toMatchObject({
      type: "amendment",
      amends: idOf(2),
      amendment: { action: "correct", reason: "read on the wrong range" },
    });
    if (made.type === "amendment" && made.amendment.action === "correct")
      expect(made.amendment.content.payload).toMatchObject({
        phase: "check",
        measured: { value: 471e3 },
        expected: { text: "470000", value: 470e3 },
      });
  });

  it.each(["amend #2 R7 470k = 471k because read on the wrong range", "withdraw #1 because noted twice"])(
    "is written as it is read: %s",
    (typed) => {
      const { draft: made } = draft(typed);
      if (made.type !== "amendment") throw new Error("no amendment");
      expect(draft(writeAmendment(made.amendment, made.amends === idOf(2) ? 2 : 1)).draft).toEqual(made);
    },
  );

  it("withdraws, and asks for number and reason", () => {
    expect(draft("withdraw #1 because noted twice").draft).toMatchObject({
      amendment: { action: "withdraw", reason: "noted twice" },
    });
    expect(refused("withdraw #1").message).toContain("because");
    expect(refused("amend R7 = 471k because x").message).toContain("number");
    expect(refused("amend #2 R7 = 471z because x").at).toBeGreaterThan(9);
  });
});

describe("any text", () => {
  const pieces = fc.constantFrom(
    "C14",
    "R7",
    "V3",
    "B+",
    "->",
    "=",
    "@",
    "?",
    "note ",
    "amend #1",
    " because ",
    "470k",
    ".05/400",
    "2x16µ",
    ":",
    ";",
    "#",
    "!",
    "\n",
    "<b>",
    "take in",
    " ",
    "test",
    "é",
    "1,000",
    "old in bag",
  );
  const any = fc.oneof(
    fc.string({ unit: "grapheme", maxLength: 60 }),
    fc.array(pieces, { maxLength: 12 }).map((list) => list.join(" ")),
  );

  it("gives a draft, a question or a place, never an exception", () => {
    fc.assert(
      fc.property(any, (line) => {
        const result = parse(line);
        if (result.kind === "not-understood") {
          expect(result.message).not.toBe("");
          expect(result.at).toBeGreaterThanOrEqual(0);
          expect(result.at).toBeLessThanOrEqual(line.length);
        }
        if (result.kind === "question") expect(result.choices.length).toBeGreaterThan(0);
        if (result.kind === "empty") expect(line.trim()).toBe("");
      }),
      { numRuns: 2000 },
    );
  });

  it("refuses an endless line with its limit", () => {
    expect(refused("note " + "x".repeat(10_000)).message).toContain("2000 characters");
  });
});

describe("writing", () => {
  it.each([
    "C14 .05/400 leaky -> 0.047/630",
    "C1 2x16µ 450V dry -> C1A 22µ/450 + C1B 22µ/450 old in bag",
    "R7+R9 -> 470k 2W: the strip was one part",
    "R7 470k = 612k drifted -> 470k 1W",
    "R9 22k = 24k left: still good",
    "V4 cleaned",
    "R7 470k = 612k",
    "R7 470k = 612k lifted",
    "R7 470k = 612k lifted noisy when warm",
    "B+ 248 @ 225 V with 20 kΩ/V meter baseline",
    "B+ 248 @ 225.35 V prove: after ten minutes",
    "V4 gm 1450/1600 on bridge tester",
    "test output 2.1 W min 3 on dummy load",
    "? hum worse when warm",
    "note old varnish on the dial",
    "todo renew the mains lead",
    "wait parts 0.047/630 on order",
    "take in: fades; policy museum; since May; wants to play again; with lead, knobs; missing back",
    "take in: hums;; then goes quiet; policy original; looks scuffed;; one foot missing",
    "done make safe: discharged, 0.2 V left",
    "pass baseline: does not power up",
    "hand back: plays well; left R9; watch the dial lamp; old parts returned; next 2027-11-01; warranty 6",
  ])("writes back what it read: %s", (line) => {
    expect(writeLine(content(line))).toBe(line);
  });

  it("reads every piece of part work that it writes", () => {
    const word = fc.constantFrom("leaky", "burnt", "open", "noisy when warm");
    const made = fc.record({
      n: fc.constantFrom("C14", "C1"),
      value: fc.integer({ min: 1, max: 999 }),
      volts: fc.constantFrom(250, 400, 630),
      found: fc.option(word, { nil: undefined }),
      why: fc.option(word, { nil: undefined }),
      old: fc.option(fc.constantFrom("bag", "kept", "discarded", "in-shell"), { nil: undefined }),
    });
    fc.assert(
      fc.property(made, ({ n, value, volts, found, why, old }) => {
        const entry = {
          kind: "part-work",
          payload: {
            v: 1,
            designators: [n],
            action: "replaced",
            was: ".05/400",
            ...(found ? { found } : {}),
            now: [{ designator: n, text: `${value}n/${volts}` }],
            ...(why ? { why } : {}),
            ...(old ? { oldPart: old } : {}),
          },
        } as Content;
        expect(content(writeLine(entry))).toEqual(entry);
      }),
    );
  });
});
