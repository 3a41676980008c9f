import { describe, expect, it } from "vitest";
import { CONTEXT, idOf } from "../fixtures";
import { type Content, writeLine } from "../kinds";
import { parseLine } from "./parse";

const MOD = idOf(40);
const outlet: Content = {
  kind: "modification",
  payload: {
    v: 1,
    name: "Audio outlet",
    state: "planned",
    what: "a socket",
    needs: [{ kind: "look", text: "a spare hole" }],
    parts: [{ designator: "J901", text: "phono socket" }],
    taps: [],
    chassis: "existing-hole",
    steps: [{ text: "take the bottom plate off", screws: 6 }],
    verify: ["level"],
    recalibrate: [],
    reversible: true,
    undo: "take it out",
  },
};
const context = { ...CONTEXT, tape: [...CONTEXT.tape, { n: 40, id: MOD, content: outlet }] };
const numberOf = (id: string) => context.tape.find((item) => item.id === id)?.n;

const content = (line: string): Content => {
  const result = parseLine(line, context);
  if (result.kind !== "draft" || result.draft.type !== "content") throw new Error(JSON.stringify(result));
  return result.draft.content;
};
const message = (line: string): string => {
  const result = parseLine(line, context);
  if (result.kind !== "not-understood") throw new Error(JSON.stringify(result));
  return result.message;
};

describe("the last steps on the line", () => {
  it.each([
    "loan spare AF board; at AF socket; from the test box",
    "soak start 4 h at 230 V",
    "soak pause: shop closes",
    "soak end",
    "labour fix 80 min: recapping",
    "labour make safe 5 min",
    "estimate 310 EUR; labour 240 min; parts 18.50 EUR; remark tubes not counted",
    "approved 340 EUR; by Marguerite Osei; how phone",
    "mod found Zener regulator: two zeners in place of the tube; part D901 110V zener; tap rail Regulated 200 V to 215 V draws 20 mA; reversible; undo take the strip out",
    "mod fitted Mute line: a socket across the standby switch; why asked for; by Rafferty; part J902 phono socket; existing hole; reversible; undo unsolder it; use leave the switch in receive; verify silent when open; recalibrate none; minutes 45",
    "mod fitted Converter: drilled for its switch; drilled",
    "final fuse ok: T 0.5 A",
    "final lead wrong: cracked at the plug",
    "test output at 80 m 62 W min 50 on dummy load",
    "B+ 251 soak",
    "hand back: plays; old parts none; no next; warranty 6; use into a line input",
  ])("writes back what it read: %s", (line) => {
    const made = content(line);
    const again = writeLine(made, numberOf);
    expect(content(again)).toEqual(made);
    if (!line.startsWith("B+") && !line.startsWith("mod")) expect(again).toBe(line);
  });

  it("reads a later state of a modification as it was described", () => {
    expect(content("mod put back Audio outlet; about #40; remark the owner sold the recorder")).toMatchObject({
      payload: {
        state: "undone",
        about: MOD,
        what: "a socket",
        chassis: "existing-hole",
        parts: [{ designator: "J901" }],
        remark: "the owner sold the recorder",
      },
    });
    expect(message("mod put back Audio outlet; about #2")).toContain("not a modification on the tape");
    expect(message("mod soldered Audio outlet")).toContain("A modification reads like");
    expect(message("mod found X: y; tap somewhere")).toContain("begins with its kind");
  });

  it("ticks a line of a modification by its number, with what was seen or why", () => {
    expect(content("tick #40 step 1 done; out 6")).toMatchObject({
      kind: "tick",
      payload: { about: MOD, text: "take the bottom plate off", state: "done", out: 6 },
    });
    expect(content("tick #40 prerequisite 1 na: there is one already")).toMatchObject({
      payload: { state: "na", why: "there is one already" },
    });
    const made = content("tick #40 verify 1 done: 0.8 V");
    expect(content(writeLine(made, numberOf))).toEqual(made);
    expect(message("tick #40 prerequisite 1 done")).toContain("Say what was seen");
    expect(message("tick #40 step 1 skipped")).toContain("why it is skipped");
    expect(message("tick #40 step 9 done")).toContain("no line 9");
    expect(message("tick #2 step 1 done")).toContain("names the modification");
  });

  it("takes a loan out again by its number", () => {
    const tape = [...CONTEXT.tape, { n: 50, id: idOf(50), content: content("loan spare board") }];
    const read = parseLine("back #50", { ...CONTEXT, tape });
    expect(read).toMatchObject({
      kind: "draft",
      draft: { content: { kind: "loan", payload: { state: "out", about: idOf(50) } } },
    });
    expect(message("back #2")).toContain("by its number");
  });

  it("does not hand back while something is on loan, or a modification is not through", () => {
    const read = parseLine("hand back: plays", {
      ...context,
      handBack: { bars: ["On loan at V4: spare 6V6"], explain: [], proposal: {} },
    });
    expect(read).toMatchObject({ kind: "not-understood", message: expect.stringContaining("Not yet: On loan at V4") });
  });

  it("says what is missing", () => {
    expect(message("soak start")).toContain("Say how many hours");
    expect(parseLine("soak for a while", context)).toMatchObject({
      message: expect.stringContaining("A soak reads like"),
    });
    expect(message("labour polishing 5 min")).toContain("belongs to a step");
    expect(message("labour fix long")).toContain("Say how long");
    expect(message("estimate much")).toContain("begins with its sum");
    expect(message("estimate 310 EUR; parts $18")).toBe("“parts $18” is not in EUR: an estimate has one currency.");
    expect(message("estimate 310 EUR; up to 360 USD")).toContain("is not in EUR");
    expect(message("approved 200 EUR")).toContain("who approved");
    expect(message("approved 200 EUR; by X; how pigeon")).toContain("how (in person");
    expect(message("final wheels ok")).toContain("Name the line");
  });
});
