import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { blockText } from "./scpi/values";
import { measureTrace, waveformCsv, waveformFromCsv, waveformOf, type Waveform } from "./waveform";

const sine = (hertz: number, peak: number, mean = 0, step = 1e-5, count = 4000): Waveform => ({
  step,
  volts: Array.from({ length: count }, (_, at) => mean + peak * Math.sin(2 * Math.PI * hertz * at * step)),
});

describe("a trace", () => {
  it("measures a sine: rms is peak over √2, whatever the stretch", () => {
    const figures = measureTrace(sine(400, 10));
    expect(figures.rms).toBeCloseTo(10 / Math.SQRT2, 1);
    expect(figures.peakToPeak).toBeCloseTo(20, 2);
    expect(figures.hertz).toBeCloseTo(400, 0);
    expect(figures.mean).toBeCloseTo(0, 1);
    expect(figures).not.toHaveProperty("ripple");
    expect(figures).not.toHaveProperty("modulation");
  });

  it("measures ripple on a supply: 4 V on 250 V are 1.6 %", () => {
    const { ripple, mean, hertz } = measureTrace(sine(100, 2, 250));
    expect(ripple).toBeCloseTo(4 / 250, 4);
    expect(mean).toBeCloseTo(250, 1);
    expect(hertz).toBeCloseTo(100, 0);
  });

  it("measures the depth of an envelope: 10 kHz with 30 % at 400 Hz", () => {
    const step = 1e-6;
    const volts = Array.from({ length: 8000 }, (_, at) => {
      const t = at * step;
      return (1 + 0.3 * Math.sin(2 * Math.PI * 400 * t)) * Math.sin(2 * Math.PI * 10_000 * t);
    });
    expect(measureTrace({ step, volts }).modulation).toBeCloseTo(0.3, 1);
  });

  it("measures a rise: a ramp of 1 ms rises from 10 % to 90 % in 0.8 ms", () => {
    const step = 1e-5;
    const volts = Array.from({ length: 400 }, (_, at) => Math.min(1, Math.max(0, (at - 100) / 100)));
    expect(measureTrace({ step, volts }).rise).toBeCloseTo(0.8e-3, 6);
  });

  it("finds rms and frequency of any sine that it holds some periods of", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 60, max: 5000, noNaN: true }),
        fc.double({ min: 0.01, max: 300, noNaN: true }),
        (hertz, peak) => {
          const figures = measureTrace(sine(hertz, peak, 0, 1 / hertz / 97, 97 * 6));
          expect(figures.rms / (peak / Math.SQRT2)).toBeCloseTo(1, 1);
          expect((figures.hertz ?? 0) / hertz).toBeCloseTo(1, 2);
        },
      ),
    );
  });

  it("comes out as a list and reads again, with semicolons and decimal commas too", () => {
    const trace = sine(400, 3, 1, 1e-5, 100);
    const again = waveformFromCsv(waveformCsv(trace));
    expect(again.ok && again.waveform.volts[17]).toBeCloseTo(trace.volts[17] ?? 0, 4);
    const other = waveformCsv(trace).replaceAll(",", ";").replaceAll(".", ",");
    const german = waveformFromCsv(`Kanal;1\r\n${other}`);
    expect(german.ok && german.waveform.step).toBeCloseTo(1e-5, 8);
  });

  it.each([
    ["", "No two columns"],
    ["1,2\n3,4", "No two columns"],
    [Array.from({ length: 20 }, () => "1,2").join("\n"), "seconds that grow"],
    [Array.from({ length: 20 }, (_, at) => `${at * at},2`).join("\n"), "evenly"],
  ])("says what is wrong with a list (%#)", (text, said) => {
    const read = waveformFromCsv(text);
    expect(!read.ok && read.message).toContain(said);
  });

  it("reads a block of 16 bits with the sign, and never a part of one", () => {
    const bytes = Uint8Array.from([...Array(8).keys()].flatMap((at) => (at === 0 ? [0xff, 0xfe] : [0, at])));
    const read = waveformOf(blockText(bytes), 1e-3, 0.5);
    expect(read.ok && read.waveform.volts.slice(0, 3)).toEqual([-1, 0.5, 1]);
    expect(waveformOf(blockText(bytes).slice(0, -1), 1e-3, 0.5)).toMatchObject({ ok: false });
    expect(waveformOf("9.9E37", 1e-3, 0.5)).toMatchObject({ ok: false });
    expect(waveformOf(blockText(bytes), 0, 0.5)).toMatchObject({ ok: false });
    expect(waveformOf(blockText(new Uint8Array(4)), 1, 1)).toMatchObject({ ok: false });
  });
});
