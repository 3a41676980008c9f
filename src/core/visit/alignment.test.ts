import { describe, expect, it } from "vitest";
import {
  alignedSteps,
  alignmentOf,
  bandOfPoints,
  coreHistory,
  dialCheckLacks,
  dialPoints,
  dialRuns,
  groupsAskedFor,
  runSheet,
} from ".";
import { alignedIn, alignmentLacks, lastTurned, stepsOf } from "./alignment";
import { lineContext, parseLine } from "../bench-line";
import { entry, idOf, SHEET, VISIT, atOf } from "../fixtures";
import { settle, type Content, type Entry } from "../kinds";
import type { AlignmentRow, ModelBand, Sheet } from "../model";

const step = (group: string, adjust: string, change: Partial<AlignmentRow> = {}): AlignmentRow => ({
  ...{ group, adjust, aim: "maximum" as const },
  ...change,
});
const MW: ModelBand = { name: "MW", from: 550e3, to: 1600e3, side: "above", mid: 465e3 };
const ALIGNED: Sheet = {
  ...SHEET,
  bands: [MW],
  alignment: [
    step("IF", "T2 bottom", { hertz: 465e3 }),
    step("IF", "T2 top", { hertz: 465e3 }),
    step("MW oscillator", "C21", { hertz: 1500e3, end: "high" }),
    step("MW oscillator", "C22", { hertz: 600e3, end: "low" }),
  ],
};

/** Entries of the lines that a technician types, one an hour. */
function typed(lines: readonly string[], sheet: Sheet = ALIGNED): Entry[] {
  const entries: Entry[] = [];
  for (const text of lines) {
    const read = parseLine(
      text,
      lineContext({ sheet, year: 1937, settled: settle(entries).settled, visitId: VISIT, now: atOf(entries.length) }),
    );
    if (read.kind !== "draft" || read.draft.type !== "content") throw new Error(`“${text}”: ${JSON.stringify(read)}`);
    entries.push(entry(entries.length + 1, read.draft.content as Content));
  }
  return entries;
}
const settled = (lines: readonly string[]) => settle(typed(lines)).settled;
const stateOf = (lines: readonly string[], which: "align" | "prove") =>
  runSheet({ sheet: ALIGNED, year: 1937, settled: settled(lines), visitId: VISIT, now: atOf(900) }).find(
    (one) => one.step === which,
  );

const ROUND = ["align T2 bottom 0.3 V -> 0.6 V, 1/4 in", "align T2 top 0.6 V -> 0.61 V, 1/8 out"];
const LEFT = ["align T2 bottom right", "align T2 top right"];
const DIAL = [
  "row dial: 600 kHz true 601 kHz; set chassis in the cabinet",
  "row dial: 1000 kHz true 1001 kHz",
  "row dial: 1500 kHz true 1502 kHz",
];

describe("an alignment by the bench line", () => {
  it("takes frequency, aim and group from the model's table", () => {
    const [first] = typed(ROUND);
    expect(first).toMatchObject({
      kind: "aligned",
      payload: { group: "IF", adjust: "T2 bottom", hertz: 465e3, aim: "maximum", outcome: "moved", eighths: 2 },
    });
  });
  it("is optional until it was begun, lacking while a round is worth it, and done after", () => {
    expect(stateOf([], "align")?.state).toBe("optional");
    expect(stateOf(ROUND.slice(0, 1), "align")?.lacks).toEqual(["IF: 1 step of round 1 to do"]);
    expect(stateOf(ROUND, "align")?.lacks).toEqual(["IF: another round is worth it"]);
    expect(stateOf([...ROUND, ...LEFT], "align")).toMatchObject({ state: "done", lacks: [] });
  });
  it("is not done by a word while a round is open", () => {
    expect(stateOf([...ROUND.slice(0, 1), "done align: all of it"], "align")?.state).toBe("lacking");
  });
  it("keeps a step that the table does not have, and shows it behind the others", () => {
    const lines = [...ROUND, ...LEFT, "align C77 1 V -> 2 V, 1/8 in; of trap; for minimum"];
    const { groups } = alignmentOf(ALIGNED, settled(lines), VISIT);
    expect(groups.map(({ group }) => group)).toEqual(["IF", "MW oscillator", "trap"]);
  });
  it("asks which step, where an adjuster comes twice", () => {
    const twice: Sheet = {
      ...ALIGNED,
      alignment: [step("A", "C21", { hertz: 1e6 }), step("B", "C21", { hertz: 2e6 })],
    };
    const read = parseLine(
      "align C21 right",
      lineContext({ sheet: twice, year: 1937, settled: [], visitId: VISIT, now: atOf(0) }),
    );
    expect(read.kind).toBe("question");
    expect(read.kind === "question" && read.choices.map(({ label }) => label)).toEqual(["A, 1 MHz", "B, 2 MHz"]);
    expect(typed(["align C21 right; of B"], twice)[0]).toMatchObject({ payload: { group: "B", hertz: 2e6 } });
  });
  it.each([
    "align",
    "align T2",
    "align T2 top",
    "align T2 top skipped",
    "align T2 top right, 1/8 in, 2/8 in",
    "align T2 top 0.3 V -> loud",
  ])("answers “%s” with a sentence", (text) => {
    const read = parseLine(
      text,
      lineContext({ sheet: ALIGNED, year: 1937, settled: [], visitId: VISIT, now: atOf(0) }),
    );
    expect(read.kind).not.toBe("draft");
  });
});

describe("after an alignment", () => {
  it("the dial is checked in the cabinet at three points, before the set is proved", () => {
    expect(dialCheckLacks(ALIGNED, settled(LEFT), VISIT)).toEqual([]);
    expect(dialCheckLacks(ALIGNED, settled(ROUND), VISIT)[0]).toMatch(/in the cabinet.*at three points/);
    expect(dialCheckLacks(ALIGNED, settled([...ROUND, ...DIAL.slice(0, 2)]), VISIT)[0]).toMatch(/at 1 more point/);
    expect(dialCheckLacks(ALIGNED, settled([...ROUND, ...DIAL]), VISIT)).toEqual([]);
    // One place that is read three times is one place.
    expect(
      dialCheckLacks(ALIGNED, settled([...ROUND, ...DIAL.slice(0, 1), ...DIAL.slice(1, 2), DIAL[1] ?? ""]), VISIT)[0],
    ).toMatch(/at 1 more point/);
    // Turned again, it is to be checked again; out of the cabinet it does not count.
    expect(dialCheckLacks(ALIGNED, settled([...DIAL, ...ROUND]), VISIT)).toHaveLength(1);
    const outside = ["row dial: 600 kHz true 601 kHz; set chassis out of the cabinet", ...DIAL.slice(1)];
    expect(dialCheckLacks(ALIGNED, settled([...ROUND, ...outside]), VISIT)).toHaveLength(1);
    expect(stateOf(["pass make safe: before this test", ...ROUND, ...LEFT, "B+ 250 prove"], "prove")?.lacks[0]).toMatch(
      /check the dial in the cabinet/,
    );
  });
  it("the points of a dial run are read for the fit, without those that count for nothing", () => {
    const [run] = dialRuns(settled([...DIAL, "row dial: 1200 kHz true 1300 kHz; void image"]));
    expect(run && dialPoints(run)).toEqual([
      { dial: 600e3, truth: 601e3 },
      { dial: 1000e3, truth: 1001e3 },
      { dial: 1500e3, truth: 1502e3 },
    ]);
    const far: ModelBand = { ...MW, name: "SW", from: 6e6, to: 18e6 };
    expect(bandOfPoints([far, MW], [{ dial: 600e3 }])?.name).toBe("MW");
    expect(bandOfPoints([far], [{ dial: 600e3 }])).toBeUndefined();
  });
  it("the record has every step with its rounds", () => {
    const steps = alignedSteps(ALIGNED, settled([...ROUND, ...LEFT]), VISIT);
    expect(steps.map(({ adjust, rounds }) => [adjust, rounds.length])).toEqual([
      ["T2 bottom", 2],
      ["T2 top", 2],
    ]);
  });
});

it("cores are followed over the visits, with those that were left", () => {
  const later = typed(["align T2 bottom 0.5 V -> 0.6 V, 3/8 out", "align T2 top right"]).map((one, n) => ({
    ...one,
    id: idOf(500 + n),
    at: atOf(500 + n),
    visitId: idOf(900),
  }));
  const cores = coreHistory(settle([...typed(ROUND), ...later]).settled);
  expect(cores.map(({ adjust, net, visits }) => [adjust, net, visits.length])).toEqual([
    ["T2 bottom", -1, 2],
    ["T2 top", -1, 2],
  ]);
  expect(cores[1]?.visits[1]).toMatchObject({ left: 1, eighths: 0 });
});

it("a modification that makes an alignment necessary is found by the name of its group", () => {
  expect(groupsAskedFor(ALIGNED, "align the MW oscillator again, two points")).toEqual(["MW oscillator"]);
  expect(groupsAskedFor(ALIGNED, "look at the fuse")).toEqual([]);
});

describe("what an alignment lacks, and what of it counts", () => {
  it("counts the steps that are open in the round, in singular and plural", () => {
    const three: Sheet = {
      ...ALIGNED,
      alignment: [...(ALIGNED.alignment ?? []), step("IF", "T1 top", { hertz: 465e3 })],
    };
    const first = typed(ROUND.slice(0, 1), three);
    expect(alignmentLacks(three, settle(first).settled, VISIT)).toEqual(["IF: 2 steps of round 1 to do"]);
    expect(alignmentLacks(three, settle(first).settled, idOf(900))).toEqual([]);
  });

  it("takes a step that was done twice outside the table once", () => {
    const twice = typed(["align C77 1 V -> 2 V, 1/8 in; of trap", "align C77 right; of trap"]);
    const done = alignedIn(settle(twice).settled, VISIT);
    expect(stepsOf(ALIGNED, done).map(({ adjust }) => adjust)).toEqual(["T2 bottom", "T2 top", "C21", "C22", "C77"]);
    expect(stepsOf({}, done)).toHaveLength(1);
    const [trap] = alignedSteps(ALIGNED, settle(twice).settled, VISIT);
    expect(trap).toMatchObject({ group: "trap", adjust: "C77" });
    expect(trap).not.toHaveProperty("hertz");
    expect(trap?.rounds.map(({ outcome }) => outcome)).toEqual(["moved", "right"]);
  });

  it("says when a core was turned last, and not when one was left", () => {
    expect(lastTurned(settled(LEFT), VISIT)).toBeUndefined();
    expect(lastTurned(settled([...ROUND, ...LEFT]), VISIT)).toBe(settled(ROUND)[1]?.at);
    expect(lastTurned(settled(ROUND), idOf(900))).toBeUndefined();
  });

  it("asks for the dial of a receiver alone", () => {
    const { bands: _, ...none } = ALIGNED;
    const noDial: Sheet = { ...none, alignment: [step("Output", "C40", { hertz: 7e6 })] };
    const turned = settle(typed(["align C40 10 W -> 12 W, 1/8 in"], noDial)).settled;
    expect(dialCheckLacks(noDial, turned, VISIT)).toEqual([]);
    const oneSided: Sheet = { ...noDial, bands: [{ ...MW, side: "none" }] };
    expect(dialCheckLacks(oneSided, turned, VISIT)).toEqual([]);
    expect(dialCheckLacks({ ...noDial, bands: [MW] }, turned, VISIT)).toHaveLength(1);
    // The steps of its oscillator say that it has a dial.
    const { bands: __, ...unnamed } = ALIGNED;
    const oscillator = settle(typed(["align C21 1 V -> 2 V, 1/8 in"], unnamed)).settled;
    expect(dialCheckLacks(unnamed, oscillator, VISIT)).toHaveLength(1);
  });

  it("counts the points that are still missing", () =>
    expect(dialCheckLacks(ALIGNED, settled([...ROUND, ...DIAL.slice(0, 1)]), VISIT)[0]).toMatch(/at 2 more points$/));

  it("adds up what was done to a core in one visit, with what was skipped", () => {
    const lines = [
      ...ROUND.slice(0, 1),
      "align T2 bottom 0.6 V -> 0.7 V, 3/8 in",
      "align T2 bottom skipped: slug stuck",
    ];
    const [core] = coreHistory(settled(lines));
    expect(core).toMatchObject({ adjust: "T2 bottom", net: 5 });
    expect(core?.visits).toMatchObject([{ visitId: VISIT, eighths: 5, left: 0, skipped: 1 }]);
  });

  it("finds the band of a dial by most of its points, a little beyond its ends too", () => {
    const sw: ModelBand = { ...MW, name: "SW", from: 1.5e6, to: 6e6 };
    const at = (...dial: number[]) =>
      bandOfPoints(
        [sw, MW],
        dial.map((one) => ({ dial: one })),
      )?.name;
    expect(at(1.55e6, 1e6, 600e3)).toBe("MW");
    expect(at(1.55e6, 3e6)).toBe("SW");
    expect(at(540e3)).toBe("MW");
    expect(at(500e3)).toBeUndefined();
    expect(at(6.1e6)).toBe("SW");
    expect(at(6.3e6)).toBeUndefined();
    expect(bandOfPoints([], [{ dial: 1e6 }])).toBeUndefined();
  });
});
