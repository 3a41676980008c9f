import { describe, expect, it } from "vitest";
import { topologyOf } from "./circuit";
import { consider, whatIf, type Picture, type Question } from "./picture";
import { pairTable } from "./infer";
import { systemOf } from "./system";

function question(topology: string, evidence: Question["evidence"], years = 60, highestVolts = 350): Question {
  const circuit = topologyOf(topology)?.circuit;
  if (!circuit) throw new Error(`no ${topology}`);
  const facts = { circuit, parts: [], years, highestVolts };
  return { facts, evidence, done: evidence.map(({ test }) => test), mended: [], confirmed: [], lacking: [], met: [] };
}

/** A set with these faults answers a test with its likeliest outcome. */
function answer(facts: Question["facts"], testId: string, faults: readonly string[]): string {
  const system = systemOf(facts);
  const test = system.testById.get(testId);
  if (!test) throw new Error(`no test ${testId}`);
  const { effects, outcomes, table } = pairTable(test);
  const [a = 0, b = 0] = faults.map((id) => test.response[system.faultIndex.get(id) ?? -1] ?? 0);
  const start = (a * effects + b) * outcomes;
  const likely = [...table.subarray(start, start + outcomes)];
  return test.outcomes[likely.indexOf(Math.max(...likely))]?.key ?? "";
}

/** Follows the advice until a check shows a part bad, at most so many tests. */
function follow(topology: string, complaint: [string, string][], faults: readonly string[], most = 14) {
  let evidence: Question["evidence"] = complaint.map(([test, outcome], index) => ({ id: `c${index}`, test, outcome }));
  const log: string[] = [];
  let picture: Picture = consider(question(topology, evidence));
  for (let n = 0; n < most; n += 1) {
    const asked = question(topology, evidence);
    picture = consider({ ...asked, met: n > 0 ? ["open"] : [] });
    const next = picture.next[0];
    if (!next) break;
    const outcome = answer(asked.facts, next.id, faults);
    log.push(`${next.id} = ${outcome}`);
    evidence = [...evidence, { id: `t${n}`, test: next.id, outcome }];
    if (outcome === "bad") break;
  }
  return { log, picture: consider(question(topology, evidence)) };
}

describe("four stories that were not used while building", () => {
  it.each([
    [
      "a superhet, silent: the screen resistor of the IF stage is open",
      "superhet",
      [["play", "dead"]],
      "if.screen-open",
    ],
    [
      "a battery portable, weak: its IF stage has lost a screen bypass",
      "portable",
      [
        ["play", "weak"],
        ["steady", "unsteady"],
      ],
      "if.screen-bypass-open",
    ],
    [
      "a transmitter, no output: the driver's choke is open",
      "transmitter",
      [["play-tx", "dead"]],
      "driver.driver-coil",
    ],
    [
      "a communications receiver that hums at line frequency: heater leakage in the first audio tube",
      "dual-conversion",
      [
        ["play", "fine"],
        ["hum", "line"],
      ],
      "af.tube-hk",
    ],
  ] as [string, string, [string, string][], string][])("%s", (_story, topology, complaint, fault) => {
    const { log, picture } = follow(topology, complaint, [fault]);
    expect(
      picture.causes.slice(0, 3).map(({ id }) => id),
      log.join("; "),
    ).toContain(fault);
    // A sensible search makes no test twice, and does not wander.
    expect(new Set(log.map((line) => line.split(" = ")[0])).size).toBe(log.length);
    expect(log.length).toBeLessThanOrEqual(14);
  });

  it("two faults at once: one of them is among the first four; the browser test and the simulator mend it and go on", () => {
    const faults = ["output.coupling-leaky", "reservoir.reservoir-dry"];
    const first = follow(
      "superhet",
      [
        ["play", "distorted"],
        ["hum", "double"],
      ],
      faults,
    );
    const named = first.picture.causes.slice(0, 4).map(({ id }) => id);
    expect(
      named.some((id) => faults.includes(id)),
      first.log.join("; "),
    ).toBe(true);
  });
});

describe("the picture", () => {
  const evidence = [
    { id: "1", test: "play", outcome: "dead" },
    { id: "2", test: "inject:af", outcome: "fine" },
  ];

  it("what is if an outcome came is what is when it came", () => {
    const asked = question("superhet", evidence);
    const imagined = whatIf(asked, "inject:if", "dead");
    const came = consider(question("superhet", [...evidence, { id: "3", test: "inject:if", outcome: "dead" }]));
    expect(imagined.stages).toEqual(came.stages);
    expect(imagined.causes[0]?.name).toBe(came.causes[0]?.name);
  });

  it("clears what was exercised and suspects what lies before it", () => {
    const { stages } = consider(question("superhet", evidence));
    const share = (id: string) => stages.find((stage) => stage.id === id)?.share ?? 0;
    expect(share("output")).toBeLessThan(0.02);
    expect(
      share("mixer") + share("oscillator") + share("if") + share("detector") + share("rf") + share("antenna"),
    ).toBeGreaterThan(0.9);
    expect(stages.reduce((sum, stage) => sum + stage.share, 0)).toBeCloseTo(1, 6);
  });

  it("says how sure it is of a part, in whichever way it fails", () => {
    const { causes } = consider(question("superhet", evidence));
    for (const { check, probability, ofPart } of causes) {
      const shown = causes.filter((one) => one.check === check);
      expect(ofPart).toBeGreaterThanOrEqual(probability);
      // Two ways at once are one bad part: it is never more than the sum of them, nor more than certain.
      expect(ofPart).toBeLessThanOrEqual(1);
      expect(new Set(shown.map((one) => one.ofPart)).size).toBe(1);
    }
    expect(causes.some(({ probability, ofPart }) => ofPart > probability)).toBe(true);
  });

  it("says what speaks for a cause and against it, and what is out", () => {
    const { causes, ruledOut } = consider(question("superhet", evidence));
    expect(causes[0]?.for.map(({ id }) => id)).toContain("1");
    expect(ruledOut.length).toBeGreaterThan(0);
    expect(ruledOut[0]?.against.map(({ id }) => id)).toContain("2");
  });

  it("gives three tests with a reason, how to do them, and outcomes that add up to one", () => {
    const { next } = consider(question("superhet", evidence));
    expect(next).toHaveLength(3);
    for (const { outcomes, reason, how } of next) {
      expect(outcomes.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 6);
      expect(reason).toMatch(/\d+ %/);
      expect(how).not.toBe("");
    }
  });

  it("shows which entries clash, and is whole again when the wrong one is withdrawn", () => {
    // No plate has any volts, and yet B+ was read as it should be: it was read at another node.
    const clash = [
      { id: "1", test: "play", outcome: "dead" },
      { id: "2", test: "volts:if:plate", outcome: "none" },
      { id: "3", test: "rail:reservoir", outcome: "normal" },
      { id: "4", test: "volts:af:plate", outcome: "none" },
      { id: "5", test: "volts:output:plate", outcome: "none" },
    ];
    const { clashes } = consider(question("superhet", clash));
    expect(clashes.map(({ id }) => id)).toContain("3");
    expect(clashes.find(({ id }) => id === "3")?.against).toContain("2");
    const calm = consider(
      question(
        "superhet",
        clash.filter(({ id }) => id !== "3"),
      ),
    );
    expect(calm.clashes).toEqual([]);
  });

  it("no longer looks for what was found, and goes on with the rest", () => {
    const two = [
      { id: "1", test: "play", outcome: "distorted" },
      { id: "2", test: "hum", outcome: "double" },
      { id: "3", test: "check:output:cap-coupling", outcome: "bad" },
    ];
    const open = consider(question("superhet", two));
    const confirmed = consider({ ...question("superhet", two), confirmed: ["output.coupling-leaky"] });
    const share = (picture: Picture, id: string) => picture.stages.find((stage) => stage.id === id)?.share ?? 0;
    expect(share(confirmed, "output")).toBeLessThan(share(open, "output"));
    expect(share(confirmed, "reservoir")).toBeGreaterThan(share(open, "reservoir"));
  });

  it("keeps up with somebody who ignores all advice", () => {
    const odd = ["antenna:sight", "speaker:mechanics", "indicator:tube", "mains:fuse"].map((what, index) => ({
      id: `o${index}`,
      test: `check:${what}`,
      outcome: "good",
    }));
    const { causes, next } = consider(question("superhet", [...evidence, ...odd]));
    expect(causes[0]?.probability).toBeGreaterThan(0.02);
    expect(next).toHaveLength(3);
  });
});

describe("what is advised again, and what is mended without a check", () => {
  const leaky: Question["evidence"] = [
    { id: "1", test: "play", outcome: "distorted" },
    { id: "2", test: "volts:output:grid", outcome: "high" },
    { id: "3", test: "volts:output:cathode", outcome: "high" },
    { id: "4", test: "volts:output:plate", outcome: "low" },
  ];

  it("never the test that was just made, and no check a third time", () => {
    const check = (n: number) => ({ id: `c${n}`, test: "check:output:cap-coupling", outcome: "good" });
    const ids = (evidence: Question["evidence"]) => consider(question("superhet", evidence)).next.map(({ id }) => id);
    expect(ids([...leaky, check(1)])).not.toContain("check:output:cap-coupling");
    expect(ids([...leaky, check(1), { id: "x", test: "hum", outcome: "none" }, check(2)])).not.toContain(
      "check:output:cap-coupling",
    );
  });

  it("what all the rest points at is mended without a check of its own", () => {
    const positive = { id: "5", test: "grid:output", outcome: "positive" };
    const { causes } = consider(question("superhet", [...leaky, positive]));
    expect(causes[0]).toMatchObject({ id: "output.coupling-leaky", shown: "rest" });
  });

  it("when every test is made and the complaint stands, the likeliest part is exchanged on trial", () => {
    const asked = question("superhet", [
      { id: "1", test: "play", outcome: "weak" },
      { id: "2", test: "inject:if", outcome: "weak" },
      { id: "3", test: "inject:detector", outcome: "fine" },
      { id: "4", test: "trace:mixer", outcome: "fine" },
    ]);
    const all = systemOf(asked.facts).tests.map(({ id }) => id);
    const { next, causes } = consider({ ...asked, done: all });
    expect(next).toEqual([]);
    expect(causes.filter(({ shown }) => shown === "trial").length).toBeGreaterThan(0);
  });
});
