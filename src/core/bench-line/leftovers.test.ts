import { describe, expect, it } from "vitest";
import { CONTEXT } from "../fixtures";
import { parseLine } from ".";

const context = { ...CONTEXT, known: new Set<string>() };
const read = (line: string, extra = {}) => parseLine(line, { ...context, ...extra });
const payload = (line: string, extra = {}) => {
  const result = read(line, extra);
  if (result.kind !== "draft" || result.draft.type !== "content") throw new Error(`${line}: ${JSON.stringify(result)}`);
  return { kind: result.draft.content.kind, ...result.draft.content.payload } as Record<string, unknown>;
};
const asked = (line: string, extra = {}) => {
  const result = read(line, extra);
  if (result.kind !== "question") throw new Error(`${line}: ${JSON.stringify(result)}`);
  return result.choices.map(({ text }) => text);
};

describe("what is left over behind a value", () => {
  it("is no remark where it is more of the value: a fraction, a rating, a second part", () => {
    expect(payload("R5 1/2 meg = 560k")).toMatchObject({ expected: { text: "1/2 meg", value: 500e3 } });
    expect(payload("R5 1 1/2 meg = 1.6M")).toMatchObject({ expected: { value: 1.5e6 } });
    expect(payload("C9 .1 600 -> 0.1 630")).toMatchObject({ was: ".1 600", now: [{ text: "0.1 630" }] });
    expect(payload("C1 8 450 dry -> 10µ 450")).toMatchObject({ was: "8 450", found: "dry" });
  });

  it("is a question where it looks like more and cannot be read as such", () => {
    expect(asked("R5 -> 22k/10W + 3k3/5W")).toEqual(["R5 -> R5A 22k/10W + R5B 3k3/5W"]);
    expect(payload("R5 -> R5A 22k/10W + R5B 3k3/5W")).toMatchObject({
      now: [
        { designator: "R5A", text: "22k/10W" },
        { designator: "R5B", text: "3k3/5W" },
      ],
    });
    expect(asked("R5 470k 10 -> 470k 1W")[0]).toBe("R5 470k 10 V -> 470k 1W");
    expect(asked("R7 = 612k at 85 V")).toEqual(['R7 = 612k "at 85 V"']);
    expect(asked("C14 -> 47n/630 + 100k")).toHaveLength(1);
  });

  it("is a remark where it is words, or stands in quotation marks", () => {
    expect(payload('R7 = 612k "at 85 V"')).toMatchObject({ remark: "at 85 V" });
    expect(payload("R7 = 612k noisy when warm")).toMatchObject({ remark: "noisy when warm" });
    expect(payload("C14 .05/400 leaky -> 0.047/630 yellow film")).toMatchObject({
      now: [{ note: "yellow film" }],
    });
  });

  it("takes a limit in another unit of the same level", () => {
    const said = payload("test sensitivity at 7 MHz -107 dBm max 2 µV") as { unit: string; nominal: { value: number } };
    expect(said.unit).toBe("dBm");
    // 2 µV in 50 Ω are 8e-14 W: −101.0 dBm.
    expect(said.nominal.value).toBeCloseTo(-100.97, 2);
    expect((payload("test input 60 dBuV min 0.5 mV") as { nominal: { value: number } }).nominal.value).toBeCloseTo(
      53.98,
      2,
    );
  });
  it("of a test is told apart: the figure, its limit, its condition", () => {
    expect(payload("test AM 1.4 microvolt max 2")).toMatchObject({
      test: "AM",
      measured: { value: 1.4 },
      unit: "µV",
      nominal: { value: 2 },
      sense: "at-most",
    });
    expect(payload("test sensitivity at 7 MHz, 10 dB (S+N)/N 1.6 µV max 2 on generator")).toMatchObject({
      condition: "7 MHz, 10 dB (S+N)/N",
      setup: "generator",
    });
    expect(asked("test output 2.1 W 3")).toEqual([
      "test output 2.1 W min 3",
      "test output 2.1 W max 3",
      "note output 2.1 W 3",
    ]);
    // A limit in another unit is brought to the unit of the figure; one of another quantity is refused.
    expect(payload("test hum 400 mV max 1 V")).toMatchObject({ nominal: { text: "1000", value: 1000 } });
    expect(read("test hum 4 mV max 1 W")).toMatchObject({ message: expect.stringContaining("write both in one unit") });
  });
});

describe("words of work in free text", () => {
  it("count only where an action can stand", () => {
    expect(payload("C14 left leg leaky -> 0.047/630")).toMatchObject({ action: "replaced", found: "left leg leaky" });
    expect(payload("C14 was repaired before -> 0.047/630")).toMatchObject({
      action: "replaced",
      found: "was repaired before",
    });
    expect(payload("C14 removed from board -> 0.047/630")).toMatchObject({
      action: "replaced",
      found: "removed from board",
    });
    expect(payload("V4 weak restuffed lead -> 6V6GT")).toMatchObject({ action: "replaced" });
    expect(payload("C14 leaky restuffed -> 47n/630")).toMatchObject({ action: "restuffed", found: "leaky" });
    expect(payload("C14 removed from board")).toMatchObject({ action: "removed", found: "from board" });
    expect(payload("R9 22k = 24k left: still good")).toMatchObject({ action: "left", why: "still good" });
    expect(payload("R9 left within tolerance")).toMatchObject({ action: "left", why: "within tolerance" });
    expect(payload("K1 dirty cleaned")).toMatchObject({ action: "cleaned", found: "dirty" });
  });
  it("ask where “left” may be a side", () => {
    expect(asked("C14 left leg leaky")).toEqual(["C14 left: leg leaky", "note C14 left leg leaky"]);
  });
});

describe("a name and a number", () => {
  it("are no reading without a unit, where nobody knows the point", () => {
    for (const line of ["backlash 3", "knobs 4", "temp 45"]) expect(asked(line)).toContain(`note ${line}`);
    expect(payload("backlash 3 V")).toMatchObject({ kind: "reading", quantity: "voltage" });
    expect(read("backlash 3 degrees")).toMatchObject({
      question: expect.stringContaining("not a figure with a unit"),
      choices: [{}, {}, { text: "note backlash 3 degrees" }],
    });
  });
  it("take a remark behind a colon, and an open part", () => {
    expect(payload("B+ 248: after ten minutes")).toMatchObject({ remark: "after ten minutes" });
    expect(payload("R20 = open")).toMatchObject({ measured: { text: "open", value: 1e12 }, phase: "cold" });
    expect(payload("12V rail 11.8")).toMatchObject({ point: "12V rail", measured: { value: 11.8 } });
  });
});

describe("make safe", () => {
  const unsafe = { unsafe: "Make safe is not done." };
  it("asks before a reading under power is taken, and keeps the answer", () => {
    expect(asked("B+ 2200 @ 230", unsafe)).toEqual(["B+ 2200 @ 230 powered", "note B+ 2200 @ 230"]);
    expect(payload("B+ 2200 @ 230 powered", unsafe)).toMatchObject({ remark: "powered before make safe was done" });
    expect(payload("R7 = 612k", unsafe)).toMatchObject({ kind: "reading" });
  });
});

describe("what a clause cannot take", () => {
  const message = (line: string, extra = {}) => {
    const result = read(line, extra);
    return result.kind === "not-understood" ? result.message : result.kind;
  };
  it("is said in a sentence of the line's own", () => {
    expect(message("hand back: plays; warranty 2.5")).toContain(
      "“2.5” is not a whole number. Write it like: warranty 6",
    );
    expect(message("measure C14 52n; tan 0.02.1")).toContain("“0.02.1” is not a number. Write it like: tan 0.02");
    expect(message("mod found Outlet: a socket; minutes abc; permanent")).toContain("“abc” is not a time");
    const mod = { kind: "modification", payload: { v: 1, name: "Outlet" } };
    const tape = [{ n: 35, id: "x", content: mod }];
    expect(message("tick #35 verify 1 done; line level; out six", { tape })).toContain("“six” is not a number");
    expect(message("mod put back #36", { tape })).toContain("#36 is not a modification");
    expect(message("labour fix 0 min")).toContain("Enter more than 0 minutes.");
  });
});
