import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { edgesAt, levelled } from "../response";
import { humOf, readWav, sampleHum, responseOf, spectrum, SWEEP, sweepSamples, toneAt, writeWav, type Sound } from ".";

const RATE = 8000;
const tones = (parts: readonly [hertz: number, amplitude: number][], seconds = 3, rate = RATE): Sound => ({
  rate,
  samples: Float64Array.from({ length: seconds * rate }, (_, n) =>
    parts.reduce((sum, [hertz, amplitude]) => sum + amplitude * Math.sin((2 * Math.PI * hertz * n) / rate + hertz), 0),
  ),
});
/** A noise that is the same in every run. */
function noise(amplitude: number, count: number): Float64Array {
  let state = 12_345;
  return Float64Array.from({ length: count }, () => {
    state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
    return amplitude * ((2 * state) / 2_147_483_648 - 1);
  });
}

/** A WAV file as other programs write it, with a piece of text before the samples. */
function wav(channels: number, bits: number, frames: number[][], { code = 1, extra = true } = {}): ArrayBuffer {
  const width = bits / 8;
  const size = frames.length * channels * width;
  const bytes = new ArrayBuffer(44 + (extra ? 12 : 0) + size);
  const view = new DataView(bytes);
  let at = 0;
  const text = (word: string) => [...word].forEach((one) => view.setUint8(at++, one.charCodeAt(0)));
  const u32 = (value: number) => (view.setUint32(at, value, true), (at += 4));
  const u16 = (value: number) => (view.setUint16(at, value, true), (at += 2));
  text("RIFF");
  u32(bytes.byteLength - 8);
  text("WAVEfmt ");
  u32(16);
  u16(code);
  u16(channels);
  u32(RATE);
  u32(RATE * channels * width);
  u16(channels * width);
  u16(bits);
  if (extra) {
    text("LIST");
    u32(3);
    text("abc");
    at += 1; // pieces begin at even places
  }
  text("data");
  u32(size);
  for (const frame of frames)
    for (const value of frame) {
      if (bits === 8) view.setUint8(at, Math.round(value * 127 + 128));
      if (bits === 16) view.setInt16(at, Math.round(value * 32_767), true);
      if (bits === 24) {
        const whole = Math.round(value * 8_388_607);
        view.setUint8(at, whole & 255);
        view.setUint8(at + 1, (whole >> 8) & 255);
        view.setInt8(at + 2, whole >> 16);
      }
      if (bits === 32 && code === 3) view.setFloat32(at, value, true);
      if (bits === 32 && code === 1) view.setInt32(at, Math.round(value * 2_147_483_647), true);
      at += width;
    }
  return bytes;
}
const said = (read: ReturnType<typeof readWav>) => (read.ok ? "" : read.message);

describe("a WAV file", () => {
  const line = Array.from({ length: 100 }, (_, n) => [0.5 * Math.sin(n / 5)]);
  it.each([
    [8, 1, 0.01],
    [16, 1, 1e-4],
    [24, 1, 1e-6],
    [32, 1, 1e-8],
    [32, 3, 1e-7],
  ])("of %d bits (code %d) is read", (bits, code, within) => {
    const read = readWav(wav(1, bits, line, { code }));
    expect(read).toMatchObject({ ok: true, channels: 1, bits });
    if (read.ok)
      read.sound.samples.forEach((value, n) => expect(Math.abs(value - (line[n]?.[0] ?? 9))).toBeLessThan(within));
  });
  it("of two channels gives the louder one", () => {
    const read = readWav(
      wav(
        2,
        16,
        line.map(([value = 0]) => [value / 50, value]),
      ),
    );
    expect(read.ok && Math.max(...read.sound.samples)).toBeCloseTo(0.5, 2);
  });
  it("is written and read back", () => {
    const sound = tones([[440, 0.8]], 1);
    const read = readWav(writeWav(sound));
    expect(read.ok && read.sound.rate).toBe(RATE);
    if (read.ok) read.sound.samples.forEach((value, n) => expect(value).toBeCloseTo(sound.samples[n] ?? 9, 4));
  });
  it("that is none, is compressed, silent, empty or cut is refused with a sentence", () => {
    expect(said(readWav(new TextEncoder().encode("RIFF".padEnd(60, " ")).buffer as ArrayBuffer))).toContain(
      "no WAV file",
    );
    expect(said(readWav(new ArrayBuffer(0)))).toContain("no WAV file");
    expect(said(readWav(wav(1, 16, line, { code: 85 })))).toContain("compressed");
    expect(said(readWav(wav(1, 16, [])))).toContain("no samples");
    expect(
      said(
        readWav(
          wav(
            1,
            16,
            line.map(() => [0]),
          ),
        ),
      ),
    ).toContain("silent");
    expect(said(readWav(wav(1, 16, line).slice(0, 50)))).not.toBe("");
  });
  it("of any bytes never throws", () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 80 }), fc.nat(200), (junk, at) => {
        const bytes = wav(
          2,
          16,
          line.map(([value = 0]) => [value, value]),
        );
        new Uint8Array(bytes).set(junk, Math.min(at, bytes.byteLength - junk.length));
        expect(typeof readWav(bytes).ok).toBe("boolean");
      }),
    );
  });
});

describe("a spectrum", () => {
  it("shows a sine with its amplitude at its frequency", () => {
    const found = toneAt(spectrum(tones([[100, 0.25]])), 100, 2);
    expect(found.hertz).toBeCloseTo(100, 0);
    expect(found.amplitude).toBeCloseTo(0.25, 3);
  });
  it("has the power of a noise spread over its lines", () => {
    const rms = 0.1 / Math.sqrt(3);
    const found = spectrum({ rate: RATE, samples: noise(0.1, RATE * 10) });
    // Parseval: the squares of the lines, over two and the window's 1.5 bins, are the mean square.
    const sum = found.amplitude.reduce((total, one) => total + (one * one) / 2, 0);
    expect(Math.sqrt(sum / found.spread)).toBeCloseTo(rms, 2);
  });
});

describe("which hum it is", () => {
  it.each([50, 60])("at a line of %d Hz: line, twice, buzz, none", (line) => {
    const hiss = noise(0.002, 3 * RATE);
    const on = (parts: [number, number][]) => {
      const { rate, samples } = tones(parts.map(([n, amplitude]) => [n * line, amplitude]));
      return humOf({ rate, samples: samples.map((value, n) => value + (hiss[n] ?? 0)) }, line);
    };
    expect(
      on([
        [1, 0.1],
        [2, 0.03],
      ]).kind,
    ).toBe("line");
    const ripple = on([
      [1, 0.01],
      [2, 0.1],
      [4, 0.02],
    ]);
    expect(ripple.kind).toBe("twice");
    expect(ripple.reasons[0]).toContain("reservoir");
    expect(ripple.multiples.map(({ db }) => Math.round(db)).slice(0, 2)).toEqual([-20, 0]);
    expect(
      on([
        [2, 0.05],
        [3, 0.02],
        [4, 0.04],
        [5, 0.02],
        [6, 0.03],
      ]).kind,
    ).toBe("buzz");
    expect(on([]).kind).toBe("none");
  });
  it.each([
    ["heater leak", "line"],
    ["dry reservoir", "twice"],
    ["rectifier buzz", "buzz"],
  ] as const)("the sample of a %s is told", (name, kind) => {
    for (const line of [50, 60]) expect(humOf(sampleHum(name, line), line).kind).toBe(kind);
  });
  it("keeps music apart from hum", () => {
    expect(
      humOf(
        tones([
          [262, 0.2],
          [330, 0.2],
          [392, 0.2],
        ]),
        50,
      ).kind,
    ).toBe("none");
  });
  it("finds a line that is a little off, and asks about the other one", () => {
    expect(humOf(tones([[99.6, 0.1]]), 50)).toMatchObject({ kind: "twice" });
    expect(
      humOf(
        tones([
          [120, 0.1],
          [60, 0.02],
        ]),
        50,
      ).asks,
    ).toContain("60 Hz");
    expect(humOf(tones([[100, 0.1]]), 50).asks).toBeUndefined();
  });
});

describe("a sweep that is played and recorded", () => {
  const sweep = { ...SWEEP, seconds: 4, rate: 16_000, to: 6000 };
  /** What a set does to it: a low-pass of one capacitor at 1 kHz, and a high-pass at 100 Hz, sample by sample. */
  function set(samples: Float64Array, rate: number): Float64Array {
    const [low, high] = [1 - Math.exp((-2 * Math.PI * 1000) / rate), 1 - Math.exp((-2 * Math.PI * 100) / rate)];
    let [a, b] = [0, 0];
    return samples.map((value) => {
      a += low * (value - a);
      b += high * (a - b);
      return a - b;
    });
  }
  const recording = (hiss: number): Sound => {
    const quiet = new Float64Array(5 * sweep.rate);
    quiet.set(set(sweepSamples(sweep), sweep.rate), Math.round(0.4 * sweep.rate));
    const rest = noise(hiss, quiet.length);
    return { rate: sweep.rate, samples: quiet.map((value, n) => value + (rest[n] ?? 0)) };
  };
  it("gives the response of the set, its edges where its capacitors are", () => {
    const read = responseOf(recording(0.001), sweep);
    if (!read.ok) throw new Error(read.message);
    const curve = levelled(
      read.response.points.map(({ x, y }) => ({ x, y: 10 ** (y / 20) })),
      316,
    );
    // Both first-order corners a decade apart: −3.0 dB against the middle (−0.83 dB) is at 0.9 and 1.1 of them.
    const { low = 0, high = 0 } = edgesAt(curve, -3, 316);
    expect(low).toBeGreaterThan(75);
    expect(low).toBeLessThan(105);
    expect(high).toBeGreaterThan(950);
    expect(high).toBeLessThan(1250);
    // An octave above a corner that is far from the other one the level falls by nearly 6 dB.
    const at = (hertz: number) =>
      curve.reduce((best, point) => (Math.abs(point.x - hertz) < Math.abs(best.x - hertz) ? point : best)).y;
    expect(at(4000) - at(2000)).toBeLessThan(-4.5);
    expect(at(4000) - at(2000)).toBeGreaterThan(-7.5);
    expect(read.response.clipped).toBe(false);
  });
  it("shows the noise floor below it, higher where there is more hiss", () => {
    const floorAt = (hiss: number) => {
      const read = responseOf(recording(hiss), sweep);
      return read.ok ? (read.response.floor.find(({ x }) => x > 1000)?.y ?? 0) : 0;
    };
    expect(floorAt(0.02) - floorAt(0.002)).toBeCloseTo(20, -1);
  });
  it("is refused where it is too short, or holds no sweep", () => {
    expect(responseOf({ rate: 16_000, samples: noise(0.1, 16_000) }, sweep)).toMatchObject({ ok: false });
    expect(responseOf({ rate: 16_000, samples: noise(0.1, 80_000) }, sweep)).toMatchObject({
      message: "The sweep is not in this recording, or far below its noise.",
    });
  });
});
