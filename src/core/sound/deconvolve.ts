import type { Point } from "../response";
import { powerOfTwo, transform } from "./fft";
import { sweepSamples, type Sweep } from "./sweep";
import type { Sound } from "./wav";

/** A response read from the recording of a sweep: dB of full scale, and the noise floor beside it. */
export type Response = {
  points: Point[];
  floor: Point[];
  /** the recording reached full scale: its peaks are cut */
  clipped: boolean;
};
export type ResponseRead = { ok: true; response: Response } | { ok: false; message: string };

/** Points an octave in the result. Trade use for loudspeakers and sets: a third of an octave is heard, a twelfth shows dips. @example from 20 Hz to 16 kHz 116 points */
const AN_OCTAVE = 12;
/** How much of the impulse response is kept: before its peak and behind it, s. A room or a set rings no longer at this level. */
const BEFORE = 0.01;
const BEHIND = 0.25;
/** Below this share of the frequencies' power nothing of the sweep is left to divide by. */
const LEAST = 1e-6;
/** Full scale was reached within this. */
const FULL = 0.999;
/** The peak of the impulse must stand so many times over the rest; else the sweep is not in this recording. Shop rule. */
const FOUND = 8;

/** Power around each frequency, averaged over a part of an octave, dB. */
function smoothed(data: readonly number[], size: number, rate: number, { from, to }: Sweep): Point[] {
  const steps = Math.floor(Math.log2(to / from) * AN_OCTAVE);
  return Array.from({ length: steps + 1 }, (_, n) => {
    const x = from * 2 ** (n / AN_OCTAVE);
    const [low, high] = [2 ** (-0.5 / AN_OCTAVE), 2 ** (0.5 / AN_OCTAVE)].map((edge) => (x * edge * size) / rate);
    let [power, bins] = [0, 0];
    for (let bin = Math.floor(low as number); bin <= Math.ceil(high as number) && bin < size / 2; bin += 1) {
      power += (data[2 * bin] as number) ** 2 + (data[2 * bin + 1] as number) ** 2;
      bins += 1;
    }
    return { x, y: 10 * Math.log10(power / Math.max(1, bins) + 1e-30) };
  });
}

/**
 * The response of what lies between a sweep that was played and its recording: the recording divided by the sweep
 * (in frequencies) is the impulse response; what lies around its peak is the set, what lies long before it is noise. The
 * recording may begin before the sweep and end after it.
 * @param recording of the same sweep, at the same or another rate
 */
export function responseOf(recording: Sound, sweep: Sweep): ResponseRead {
  const { rate, samples } = recording;
  if (samples.length < sweep.seconds * rate * 0.8)
    return {
      ok: false,
      message: `The recording is ${(samples.length / rate).toFixed(1)} s long and the sweep ${sweep.seconds} s: record all of it.`,
    };
  const played = sweepSamples({ ...sweep, rate });
  const size = powerOfTwo(samples.length + played.length);
  const [heard, sent] = [transform(samples, size), transform(played, size)];
  let most = 0;
  for (let n = 0; n < size; n += 1)
    most = Math.max(most, (sent.data[2 * n] as number) ** 2 + (sent.data[2 * n + 1] as number) ** 2);
  const quotient = heard.fft.createComplexArray() as number[];
  for (let n = 0; n < size; n += 1) {
    const [a, b] = [heard.data[2 * n] as number, heard.data[2 * n + 1] as number];
    const [c, d] = [sent.data[2 * n] as number, sent.data[2 * n + 1] as number];
    const power = c * c + d * d;
    const by = power > most * LEAST ? 1 / power : 0;
    quotient[2 * n] = (a * c + b * d) * by;
    quotient[2 * n + 1] = (b * c - a * d) * by;
  }
  const impulse = heard.fft.createComplexArray() as number[];
  heard.fft.inverseTransform(impulse, quotient);
  let [peak, height, sum] = [0, 0, 0];
  for (let n = 0; n < size; n += 1) {
    const value = Math.abs(impulse[2 * n] as number);
    sum += value * value;
    if (value > height) [peak, height] = [n, value];
  }
  if (height < FOUND * Math.sqrt(sum / size))
    return { ok: false, message: "The sweep is not in this recording, or far below its noise." };
  const [before, behind] = [Math.round(BEFORE * rate), Math.round(BEHIND * rate)];
  const window = before + behind;
  const part = (start: number): Point[] => {
    const cut = new Float64Array(window);
    for (let n = 0; n < window; n += 1) {
      const fade = n < before ? n / before : n > window * 0.7 ? (window - n) / (window * 0.3) : 1;
      cut[n] = (impulse[2 * ((start + n + size) % size)] as number) * Math.min(1, fade);
    }
    const length = powerOfTwo(rate);
    return smoothed(transform(cut, length).data, length, rate, sweep);
  };
  return {
    ok: true,
    response: {
      points: part(peak - before),
      // Well before the impulse there is neither the set nor its harmonics (they come earlier by their order): half of the sweep away.
      floor: part(peak - Math.round(sweep.seconds * rate * 0.7)),
      clipped: samples.some((value) => Math.abs(value) >= FULL),
    },
  };
}
