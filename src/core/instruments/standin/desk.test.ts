import { describe, expect, it } from "vitest";
import { MADE_UP_SETS } from "../../practice";
import { circuitSheet } from "../../visit";
import { readAnswer } from "../answer";
import { answering, switchedOn, type Device } from "../scpi/device";
import { measureTrace, waveformOf } from "../waveform";
import { atAntenna, atAudio, audioOf, passes, SILENT, supplied, TABLE_SUPERHET, wattsFor, type Desk } from "./desk";
import {
  standInCounter,
  standInGenerator,
  standInOscilloscope,
  standInPowerMeter,
  standInSupply,
} from "./desk-devices";

const deskOf = (fields: Partial<Desk> = {}): Desk => ({
  drive: SILENT,
  changed: 0,
  supply: { volts: 0, amps: 0.1, on: false },
  loadOhms: 47,
  joined: atAntenna(TABLE_SUPERHET),
  now: () => 0,
  random: () => 0.5,
  ...fields,
});

function speaker<S>(device: Device<S>) {
  const speak = answering(device);
  let now = switchedOn(device);
  return (line: string): string => {
    const done = speak(now, line);
    now = done.now;
    return done.answer ?? "";
  };
}
const figure = (text: string, unit: string) => {
  const read = readAnswer(text, unit);
  return read.ok ? read.value : Number.NaN;
};

describe("the stand-ins of a bench", () => {
  it("warn of AM and FM together: the second is refused with a settings conflict", () => {
    const desk = deskOf();
    const say = speaker(standInGenerator(desk));
    say("FREQ 1 MHZ;VOLT 100 UV;AM:DEPT 30;STAT ON;:OUTP ON");
    expect(say("SYST:ERR?")).toBe('0,"No error"');
    expect(desk.drive).toMatchObject({ hertz: 1e6, amOn: true, on: true });
    expect(desk.drive.volts).toBeCloseTo(1e-4, 9);
    say("FM:STAT ON");
    expect(say("SYST:ERR?")).toMatch(/^-221/);
    expect(desk.drive.fmOn).toBe(false);
    say("AM:STAT OFF;:FM:STAT ON");
    expect(say("FM:STAT?")).toBe("1");
    say("FREQ 900 GHZ");
    expect(say("SYST:ERR?")).toMatch(/^-222/);
    expect(figure(say("*RST;FREQ?"), "Hz")).toBe(SILENT.hertz);
  });

  it("hear what the generator does to a receiver: AVC, and half at half the bandwidth", () => {
    const out = (volts: number, hertz = 1e6) =>
      atAntenna(TABLE_SUPERHET).out({ ...SILENT, hertz, volts, on: true, amOn: true });
    // 80 dB of signal above the AVC's beginning leave 80 · 0.12 = 9.6 dB.
    expect(20 * Math.log10(out(0.3) / out(30e-6))).toBeCloseTo(9.6, 6);
    expect(out(3e-6) / out(30e-6)).toBeCloseTo(0.1, 6);
    expect(passes(TABLE_SUPERHET, 4000)).toBeCloseTo(0.5, 9);
    expect(passes(TABLE_SUPERHET, 0)).toBe(1);
    expect(atAntenna(TABLE_SUPERHET).out({ ...SILENT, on: true, amOn: false })).toBe(0);
  });

  it("measure the audio of the Lantern by its circuit: the low end falls by its coupling capacitors", () => {
    const sheet = circuitSheet(MADE_UP_SETS.lantern!.sheet);
    const ratio = audioOf(sheet, "V3.grid", "V4.plate")!;
    expect(ratio(400)).toBeGreaterThan(20);
    expect(ratio(20)).toBeLessThan(ratio(400));
    expect(audioOf(sheet, "V3.grid", "V99.plate")).toBeUndefined();
    const joined = atAudio(ratio, 40);
    expect(joined.out({ ...SILENT, volts: 1e-3, hertz: 400, on: true })).toBeCloseTo((1e-3 * ratio(400)) / 40, 2);
    expect(joined.out({ ...SILENT, on: false })).toBe(0);
  });

  it("give power that saturates, a ratio only with power, and a count only with a signal", () => {
    expect(wattsFor({ ...SILENT, volts: 0.5, on: true })).toBeCloseTo(30, 9);
    const desk = deskOf();
    const meter = speaker(standInPowerMeter(desk));
    expect(readAnswer(meter("MEAS:SWR?"), "")).toMatchObject({ ok: false });
    desk.drive = { ...SILENT, volts: 2, on: true };
    expect(figure(meter("MEAS:POW?"), "W")).toBeGreaterThan(58);
    expect(figure(meter("MEAS:SWR?"), "")).toBeCloseTo(1.15, 6);
    const counter = speaker(standInCounter(deskOf({ joined: atAudio(() => 1, 1), drive: { ...SILENT, on: true } })));
    expect(figure(counter("MEAS:FREQ?"), "Hz")).toBeCloseTo(1000.002, 4);
  });

  it("limit the current of the supply, and say so in the questionable status", () => {
    const desk = deskOf();
    const say = speaker(standInSupply(desk));
    say("VOLT 12;CURR 0.1;OUTP ON");
    // By hand: 12 V into 47 Ω are 255 mA; at 100 mA there are 4.7 V.
    expect(figure(say("MEAS:VOLT?"), "V")).toBeCloseTo(4.7, 6);
    expect(say("STAT:QUES:COND?")).toBe("2");
    say("CURR 1");
    expect(figure(say("MEAS:CURR?"), "A")).toBeCloseTo(12 / 47, 6);
    expect(say("STAT:QUES:COND?")).toBe("0");
    expect(supplied(deskOf())).toEqual({ volts: 0, amps: 0, limits: false });
  });

  it("show on the oscilloscope what the meter reads", () => {
    const desk = deskOf({ joined: atAudio(() => 100, 10), drive: { ...SILENT, volts: 0.1, hertz: 400, on: true } });
    const say = speaker(standInOscilloscope(desk));
    const read = waveformOf(say("TRAC?"), figure(say("TRAC:XINC?"), "s"), figure(say("TRAC:YINC?"), "V"));
    const figures = read.ok ? measureTrace(read.waveform) : undefined;
    expect(figures?.rms).toBeCloseTo(desk.joined.out(desk.drive), 1);
    expect(figures?.hertz).toBeCloseTo(400, 0);
  });
});
