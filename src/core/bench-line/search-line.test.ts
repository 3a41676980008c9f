import { describe, expect, it } from "vitest";
import { modelsSheet } from "./search-line.fixture";
import { CONTEXT } from "../fixtures";
import { TOPOLOGIES } from "../diagnosis";
import type { Sheet } from "../model";
import { parseLine } from ".";
import { knownOf } from "../diagnosis";
import { writeLine } from "../kinds";
import type { LineContext } from "../shorthand";

const context: LineContext = { ...CONTEXT, sheet: modelsSheet, known: new Set(["C14", "V3", "V4"]) };
const payloadOf = (line: string, of = context) => {
  const read = parseLine(line, of);
  if (read.kind !== "draft" || read.draft.type !== "content") throw new Error(`${line}: ${JSON.stringify(read)}`);
  return read.draft.content.payload as Record<string, unknown>;
};
const message = (line: string) => {
  const read = parseLine(line, context);
  return read.kind === "not-understood" ? read.message : JSON.stringify(read);
};

describe("a test as a line", () => {
  it.each([
    ["inject AF vol = loud", "inject:af", "fine"],
    ["inject IF = nothing", "inject:if", "dead"],
    ["trace det = weak", "trace:detector", "weak"],
    ["tap V4 = crackles", "tap:output", "reacts"],
    ["check C14 = leaky", "check:C14", "bad"],
    ["check V3 = good", "check:V3", "good"],
    ["swap V4 = no change", "swap:output", "same"],
    ["hum = double", "hum", "double"],
    ["hum down = 100 Hz", "hum-down", "double"],
    ["bands = one", "bands", "one"],
    ["play = distorted", "play", "distorted"],
    ["works AGC = no", "works:agc", "fails"],
    ["look output = burnt", "look:output", "seen"],
  ])("%s", (line, test, outcome) => {
    const payload = payloadOf(line);
    expect(payload).toMatchObject({ test, outcome });
    // What it is written as reads as the same.
    expect(payloadOf(writeLine({ kind: "fault-test", payload: payload as never }))).toMatchObject({ test, outcome });
  });

  it("keeps a remark, and counts an intermittent little", () => {
    expect(payloadOf("tap V4 = crackles: at the base")).toMatchObject({ remark: "at the base" });
    expect(payloadOf("play = fine: intermittent")).toMatchObject({ doubtful: true });
  });

  it("says which stages there are when the set lacks the one that was named", () => {
    expect(message("inject BFO = loud")).toContain(
      "This set has nothing called “BFO” to inject. Its stages: Mains input",
    );
  });

  it("says which outcomes there are", () => {
    expect(message("inject AF = purple")).toContain("fine (loud and clear)");
    expect(message("inject AF")).toContain("Say what came of it");
    expect(message("inject = loud")).toContain("A test reads like");
  });

  it("leaves points and notes that begin with such a word alone", () => {
    expect(message("hum")).not.toContain("what came of it");
  });
});

describe.each(TOPOLOGIES.map(({ key, circuit }) => [key, circuit] as const))("every test of %s", (_key, circuit) => {
  const sheet: Sheet = { ...modelsSheet, tubes: [], components: [], circuit };
  const { system } = knownOf(sheet);

  it("and every outcome is written, read back and equal", () => {
    const of: LineContext = { ...context, sheet };
    for (const { id, name, outcomes } of system.tests)
      for (const { key, says } of outcomes) {
        const payload = { v: 1 as const, test: id, outcome: key, what: name.slice(0, 200), says };
        const line = writeLine({ kind: "fault-test", payload });
        expect(payloadOf(line, of), line).toMatchObject({ test: id, outcome: key });
      }
  });

  it("and every fault can be found by line", () => {
    const of: LineContext = { ...context, sheet };
    for (const { id } of system.faults) {
      const payload = {
        v: 1,
        fault: id,
        cause: "this is it",
        state: "found",
        evidence: [],
        work: [],
        gone: [],
      } as const;
      const line = writeLine({ kind: "finding", payload: { ...payload, evidence: [], work: [], gone: [] } });
      expect(payloadOf(line, of), line).toMatchObject({ fault: id });
    }
  });
});

describe("a finding as a line", () => {
  it("names the part, and asks where a part can fail in several ways and the words do not tell which", () => {
    expect(parseLine("found C14: no good any more", context).kind).toBe("question");
    expect(payloadOf("found C14: leaks, grid falls with it lifted")).toMatchObject({
      fault: "output.coupling-leaky@C14",
      cause: "leaks, grid falls with it lifted",
    });
    expect(payloadOf("found output.coupling-leaky@C14: leaks; mended: new one")).toMatchObject({
      fault: "output.coupling-leaky@C14",
      cause: "leaks",
      mended: "new one",
      state: "found",
    });
    expect(message("found nothing")).toContain("Name the part");
  });

  it("is completed and reopened by its number on the tape", () => {
    const id = "01890000-0000-7000-8000-00000000aaaa";
    const gone = "01890000-0000-7000-8000-00000000bbbb";
    const payload = {
      v: 1 as const,
      fault: "output.coupling-leaky@C14",
      cause: "leaks",
      state: "found" as const,
      evidence: [],
      work: [],
      gone: [],
    };
    const test = { v: 1 as const, test: "play", outcome: "fine", what: "Listen", says: "loud and clear" };
    const tape = [
      { n: 1, id, content: { kind: "finding" as const, payload } },
      { n: 2, id: gone, content: { kind: "fault-test" as const, payload: test } },
    ];
    const there = { ...context, tape };
    expect(payloadOf("found #1 mended: C14 replaced; gone #2", there)).toMatchObject({
      about: id,
      mended: "C14 replaced",
      gone: [gone],
    });
    expect(payloadOf("reopen #1 still distorted", there)).toMatchObject({
      about: id,
      state: "reopened",
      why: "still distorted",
    });
    const bare = parseLine("reopen #1", there);
    expect(bare.kind === "not-understood" && bare.message).toContain("Say why the search goes on");
    const other = parseLine("reopen #2 why", there);
    expect(other.kind === "not-understood" && other.message).toContain("Say which finding");
    const written = writeLine(
      { kind: "finding", payload: { ...payload, about: id, mended: "C14 replaced", gone: [gone] } },
      (one) => (one === id ? 1 : 2),
    );
    expect(written).toBe("found #1 mended: C14 replaced; gone #2");
  });
});
