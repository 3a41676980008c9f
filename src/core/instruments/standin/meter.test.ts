import { describe, expect, it } from "vitest";
import { MADE_UP_SETS } from "../../practice";
import { circuitSheet } from "../../visit";
import { readAnswer } from "../answer";
import { answering, switchedOn, type Powered } from "../scpi/device";
import { INPUT_OHMS, standInMeter, type MeterState } from "./meter";
import { OPEN_LEADS, setWorld, type Bench, type World } from "./world";

/** 248 V behind 1 MΩ at B+, 470 kΩ to chassis. */
const WORLD: World = {
  volts: (point, ohms) => (point === "B+" ? (248 * ohms) / (ohms + 1e6) : 0),
  ohms: (point) => (point === "B+" ? 470_000 : undefined),
  points: ["B+"],
};

/** A meter with a clock that the test moves. */
function bench(world: World = WORLD) {
  let time = 0;
  const held: Bench = { world, since: 0, power: true, now: () => time, random: () => 0.5 };
  const device = standInMeter(held);
  const speak = answering(device);
  let now: Powered<MeterState> = switchedOn(device);
  return {
    wait: (ms: number) => void (time += ms),
    say: (line: string) => {
      const done = speak(now, line);
      now = done.now;
      return done.answer ?? "";
    },
  };
}
const volts = (text: string) => {
  const read = readAnswer(text, "V");
  return read.ok ? read.value : read.why;
};

describe("the stand-in meter", () => {
  it("loads what it reads, and settles on it", () => {
    const { say, wait } = bench();
    say('STAN:PROB "B+"');
    expect(volts(say("MEAS:VOLT:DC?"))).toBeCloseTo(0, 6);
    wait(120);
    const half = volts(say("MEAS:VOLT?")) as number;
    wait(2000);
    // By hand: 248 V through 1 MΩ into 10 MΩ are 225.45 V.
    expect(volts(say("READ?"))).toBeCloseTo((248 * INPUT_OHMS) / (INPUT_OHMS + 1e6), 3);
    expect(half).toBeLessThan(200);
    expect(half).toBeGreaterThan(100);
  });

  it("is overloaded on a range that is too low, and finds its own where it may", () => {
    const { say, wait } = bench();
    say('STAN:PROB "B+"');
    wait(5000);
    expect(volts(say("MEAS:VOLT:DC? 10"))).toBe("overload");
    expect(say("VOLT:DC:RANG:AUTO?")).toBe("0");
    expect(volts(say("CONF:VOLT:DC AUTO;:READ?"))).toBeCloseTo(225.4545, 3);
    expect(say("CONF?")).toBe('"VOLT +1.000000E+03"');
  });

  it("reads ohms with the power off alone, and keeps the probe over *RST", () => {
    const { say, wait } = bench();
    say('STAN:PROB "B+"');
    wait(5000);
    expect(readAnswer(say("MEAS:RES?"), "Ω")).toMatchObject({ ok: false, why: "overload" });
    say("STAN:POW OFF");
    wait(5000);
    expect(readAnswer(say("MEAS:RES?"), "Ω")).toMatchObject({ ok: true, value: 470_000 });
    expect(volts(say("*RST;MEAS:VOLT?"))).toBeCloseTo(0, 6);
    expect(say("STAN:PROB?")).toBe('"B+"');
  });

  it("has no old reading to give before the first, and leads in the air read nothing", () => {
    const { say, wait } = bench(OPEN_LEADS);
    expect(say("FETC?")).toBe("");
    expect(say("SYST:ERR?")).toMatch(/^-230/);
    wait(1000);
    expect(volts(say("INIT;FETC?"))).toBeCloseTo(0, 6);
    expect(say("STAN:PROB 5;SYST:ERR?")).toBe("");
    expect(say("SYST:ERR?")).toMatch(/^-104/);
  });

  it("shows a set of the demo by its circuit, near what its chart has", () => {
    const { sheet } = MADE_UP_SETS.lantern!;
    const world = setWorld(circuitSheet(sheet));
    const { say, wait } = bench(world);
    const expected = sheet.points.find(({ point }) => point === "B+")?.expected ?? 0;
    say('STAN:PROB "B+"');
    wait(5000);
    expect(Math.abs((volts(say("MEAS:VOLT:DC?")) as number) / expected - 1)).toBeLessThan(0.2);
    expect(say("STAN:POIN?")).toContain("B+");
    expect(setWorld({ ...circuitSheet(sheet), net: [] })).toBeUndefined();
  });
});
