import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { alignmentSchema, type AlignmentRow, type Component, type ModelBand } from "../model";
import {
  changeDb,
  millionths,
  MOST_EIGHTHS,
  nextStep,
  proposeAlignment,
  readOutput,
  readTurns,
  roundsOf,
  stepKey,
  strangers,
  turnsText,
  warningsOf,
  wayOf,
  WAYS,
  type Done,
} from ".";

describe("turns of a core", () => {
  it.each([
    ["3/8 in", 3],
    ["1/4 out", -2],
    ["1 1/8", 9],
    ["half out", -4],
    ["a quarter in", 2],
    ["0.5 in", 4],
    ["1/2 turn out", -4],
    ["-3/8", -3],
    ["⅜ in", 3],
    ["3 eighths out", -3],
    ["1/8 ccw", -1],
    ["0", 0],
    ["2 in", 16],
  ])("“%s” are %i eighths", (text, eighths) => expect(readTurns(text)).toBe(eighths));
  it.each(["", "a bit", "1/3 in", "0.3 in", "99", "in"])("“%s” are none", (text) =>
    expect(readTurns(text)).toBeUndefined(),
  );
  it("are read as they are written", () => {
    fc.assert(
      fc.property(fc.integer({ min: -MOST_EIGHTHS, max: MOST_EIGHTHS }), (eighths) => {
        if (eighths !== 0) expect(readTurns(turnsText(eighths))).toBe(eighths);
      }),
    );
  });
});

describe("an output", () => {
  it.each([
    ["0.8 V", 0.8, "V"],
    ["120 mV", 0.12, "V"],
    ["50 mW", 0.05, "W"],
    ["S7", 7, "S"],
    ["-3 dB", -3, "dB"],
    ["-73 dBm", -73, "dB"],
    ["85 mA", 0.085, "A"],
    ["120 Hz", 120, "Hz"],
  ])("“%s” is read", (text, value, scale) => {
    expect(readOutput(text)).toMatchObject({ scale });
    expect(readOutput(text)?.value).toBeCloseTo(value, 9);
  });
  it("without a unit is in what was read before", () => {
    expect(readOutput("12", "V")?.scale).toBe("V");
    expect(readOutput("12")?.scale).toBe("number");
  });
  // 20·log 2 = 6.02 for volts, 10·log 2 = 3.01 for watts, two S units are 12 dB.
  it("changes in dB", () => {
    const change = (a: string, b: string) => changeDb(readOutput(a), readOutput(b));
    expect(change("0.5 V", "1 V")).toBeCloseTo(6.02, 2);
    expect(change("50 mW", "100 mW")).toBeCloseTo(3.01, 2);
    expect(change("S5", "S7")).toBe(12);
    expect(change("-80 dBm", "-74 dBm")).toBe(6);
    expect(change("0.5 V", "1 W")).toBeUndefined();
    expect(change("0 V", "1 V")).toBeUndefined();
    expect(change("100 Hz", "0 Hz")).toBeUndefined();
  });
});

it("a beat against the reference is so many millionths", () => {
  expect(millionths(readOutput("3 Hz"), 10e6)).toBeCloseTo(0.3, 9);
  expect(millionths(readOutput("3 V"), 10e6)).toBeUndefined();
  expect(millionths(readOutput("3 Hz"), undefined)).toBeUndefined();
});

const row = (adjust: string, change: Partial<AlignmentRow> = {}): AlignmentRow => ({
  group: "IF",
  adjust,
  aim: "maximum",
  hertz: 465e3,
  ...change,
});
const IF = [row("T2 bottom"), row("T2 top")];
const OSC = [
  row("C21", { group: "MW oscillator", hertz: 1500e3, end: "high" }),
  row("C22", { group: "MW oscillator", hertz: 600e3, end: "low" }),
];
let count = 0;
const done = (change: Partial<Done> = {}): Done => {
  count += 1;
  return { id: String(count), at: new Date(count * 1000).toISOString(), outcome: "moved", ...change };
};
const at = (...steps: [AlignmentRow, Done[]][]) => new Map(steps.map(([one, all]) => [stepKey(one), all]));

describe("rounds", () => {
  it("begin with the first step and go on in order", () => {
    expect(nextStep(roundsOf(IF, new Map()))?.row.adjust).toBe("T2 bottom");
    const half = roundsOf(IF, at([IF[0]!, [done({ change: 3, eighths: 2 })]]));
    expect(half[0]?.state).toBe("running");
    expect(nextStep(half)).toMatchObject({ round: 1, row: { adjust: "T2 top" } });
  });
  it("are worth another while they bring half a decibel, and no more then", () => {
    const first = roundsOf(
      IF,
      at([IF[0]!, [done({ change: 3, eighths: 2 })]], [IF[1]!, [done({ change: 1, eighths: 1 })]]),
    );
    expect(first[0]?.state).toBe("again");
    expect(nextStep(first)).toMatchObject({ round: 2, row: { adjust: "T2 bottom" } });
    const second = roundsOf(
      IF,
      at(
        [IF[0]!, [done({ change: 3, eighths: 2 }), done({ change: 0.4, eighths: 1 })]],
        [IF[1]!, [done({ change: 1, eighths: 1 }), done({ outcome: "right" })]],
      ),
    );
    expect(second[0]?.state).toBe("done");
    expect(nextStep(second)).toBeUndefined();
  });
  it("go on while the dial moved, however little the output changed", () => {
    const moved = roundsOf(
      OSC,
      at([OSC[0]!, [done({ change: 0.1, eighths: 1 })]], [OSC[1]!, [done({ change: 0.1, eighths: 1 })]]),
    );
    expect(moved[0]).toMatchObject({ state: "again", last: { dialMoved: true } });
    const left = roundsOf(OSC, at([OSC[0]!, [done({ outcome: "right" })]], [OSC[1]!, [done({ outcome: "right" })]]));
    expect(left[0]?.state).toBe("done");
  });
  it("that are running go on before another group is begun", () => {
    const half = roundsOf([...IF, ...OSC], at([OSC[0]!, [done({ eighths: 1 })]]));
    expect(nextStep(half)?.row.adjust).toBe("T2 bottom");
    expect(nextStep(half, "MW oscillator")?.row.adjust).toBe("C22");
    expect(nextStep(half, "IF")?.row.adjust).toBe("T2 bottom");
  });
  it("end where every step was skipped, and go on to the next group", () => {
    const groups = roundsOf(
      [...IF, ...OSC],
      at([IF[0]!, [done({ outcome: "skipped" })]], [IF[1]!, [done({ outcome: "skipped" })]]),
    );
    expect(groups[0]?.state).toBe("skipped");
    expect(nextStep(groups)?.row.adjust).toBe("C21");
  });
  it("are one for a figure that is set", () => {
    const power = row("R91", { group: "Power", aim: "figure", figure: "100 W" });
    expect(roundsOf([power], at([power, [done({ eighths: 3 })]]))[0]?.state).toBe("done");
  });
});

describe("warnings", () => {
  const warned = (rows: AlignmentRow[], map: Map<string, Done[]>) => warningsOf(roundsOf(rows, map), map);
  it("speak of a core that was moved more than a turn, in all", () => {
    const map = at([IF[0]!, [done({ eighths: 6 }), done({ eighths: 4 })]]);
    expect(warned(IF, map)).toEqual([{ kind: "moved-far", adjust: "T2 bottom", eighths: 10 }]);
    expect(warned(IF, at([IF[0]!, [done({ eighths: 6 }), done({ eighths: -4 })]]))).toEqual([]);
  });
  it("speak of two adjusters that undo each other", () => {
    const map = at(
      [OSC[0]!, [done({ eighths: 2 }), done({ eighths: -2 }), done({ eighths: 2 })]],
      [OSC[1]!, [done({ eighths: -2 }), done({ eighths: 3 }), done({ eighths: -3 })]],
    );
    expect(warned(OSC, map)).toContainEqual({ kind: "pull", group: "MW oscillator", adjust: ["C21", "C22"] });
    const calm = at(
      [OSC[0]!, [done({ eighths: 4 }), done({ eighths: -2 }), done({ eighths: 1 })]],
      [OSC[1]!, [done({ eighths: -4 }), done({ eighths: 2 }), done({ eighths: -1 })]],
    );
    expect(warned(OSC, calm)).toEqual([]);
  });
  it("speak of an output that rises off the frequency, of a travel's end, and of the wrong way", () => {
    const kinds = warned(IF, at([IF[0]!, [done({ loudest: 471e3 })]], [IF[1]!, [done({ change: -2, end: true })]])).map(
      ({ kind }) => kind,
    );
    expect(kinds).toEqual(["regeneration", "end-of-travel", "worse"]);
    expect(warned(IF, at([IF[0]!, [done({ loudest: 465.5e3 })]]))).toEqual([]);
  });
});

const part = (designator: string, stage: string, note = ""): Component => ({
  designator,
  role: "tuned",
  drawn: "",
  stage,
  note,
});
const MW: ModelBand = {
  name: "MW",
  from: 550e3,
  to: 1600e3,
  side: "above",
  mid: 465e3,
  trimmer: "C21",
  padder: "C22",
  coil: "L5",
};
const SHEET = {
  kind: "AC table superhet",
  supply: "transformer" as const,
  tubes: [],
  components: [
    part("T1", "IF", "first IF transformer"),
    part("T2", "IF", "second IF transformer"),
    part("C21", "oscillator"),
    part("C22", "oscillator"),
  ],
  bands: [MW],
};

describe("a proposed alignment", () => {
  const stages = ["mixer", "if", "detector", "output"] as const;
  it("of a superhet goes from the detector backwards, then oscillator before antenna", () => {
    const steps = proposeAlignment(SHEET, stages).map(({ row: { group, adjust, end } }) =>
      [group, adjust, end ?? ""].join(" ").trim(),
    );
    expect(steps.slice(0, 4)).toEqual(["IF T2 bottom", "IF T2 top", "IF T1 bottom", "IF T1 top"]);
    expect(steps.slice(4, 6)).toEqual(["MW oscillator C21 high", "MW oscillator C22 low"]);
    expect(steps.slice(6).every((step) => step.startsWith("MW antenna"))).toBe(true);
  });
  it("says of every step why, and of what the sheet does not name that it is a guess", () => {
    for (const way of WAYS)
      for (const { row: one, why } of proposeAlignment({ ...SHEET, components: [] }, stages, way)) {
        expect(alignmentSchema.safeParse(one).success, JSON.stringify(one)).toBe(true);
        expect(why.length).toBeGreaterThan(10);
      }
    expect(proposeAlignment({ ...SHEET, components: [] }, stages)[0]?.guess).toBeDefined();
    expect(proposeAlignment(SHEET, stages)[0]?.guess).toBeUndefined();
  });
  it("has its own steps for every way", () => {
    const aims = (way: (typeof WAYS)[number]) => proposeAlignment(SHEET, stages, way).map(({ row: one }) => one);
    expect(aims("fm").some(({ aim, group }) => aim === "zero" && group === "Discriminator")).toBe(true);
    expect(aims("transmitter")[0]).toMatchObject({ group: "Neutralising", aim: "minimum" });
    expect(aims("calibration").filter(({ aim }) => aim === "figure")).toHaveLength(2);
    expect(aims("calibration")[0]).toMatchObject({ aim: "zero-beat" });
    expect(aims("trf").every(({ group }) => group === "MW gang")).toBe(true);
    expect(aims("module").every(({ group }) => group === "Detector module")).toBe(true);
    expect(aims("dual").some(({ group }) => group === "second IF")).toBe(true);
  });
  it("keeps its keys apart, so that no step hides another", () => {
    for (const way of WAYS) {
      const keys = proposeAlignment(SHEET, stages, way).map(({ row: one }) => stepKey(one));
      expect(new Set(keys).size, way).toBe(keys.length);
    }
  });
  it("takes its way from the set", () => {
    expect(wayOf(SHEET, stages)).toBe("am");
    expect(wayOf({ ...SHEET, bands: [{ ...MW, mid2: 110e3 }] }, stages)).toBe("dual");
    expect(wayOf({ ...SHEET, kind: "TRF, three gangs" }, stages)).toBe("trf");
    expect(wayOf({ ...SHEET, bands: [{ ...MW, from: 88e6, to: 108e6, mid: 10.7e6 }] }, stages)).toBe("fm");
    expect(wayOf({ ...SHEET, kind: "AM/CW transmitter" }, stages)).toBe("transmitter");
  });
  it("names adjusters that the parts list does not have", () => {
    expect(strangers([row("T2 top"), row("T9 top")], SHEET.components)).toEqual(["T9"]);
  });
});
