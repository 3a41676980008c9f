import { powerOfTwo, transform } from "./fft";
import type { Sound } from "./wav";

/** A spectrum: amplitude of a sine at each line, full scale 1; how far apart the lines are, Hz. */
export type Spectrum = {
  step: number;
  amplitude: Float64Array;
  window: "Hann";
  /** over how many lines the window spreads the power of one sine */
  spread: number;
  seconds: number;
};

/** Noise bandwidth of a Hann window, bins. Published (F. J. Harris, 1978). */
const HANN_BINS = 1.5;

/** Stretches that are averaged have this length, s: lines 0.5 Hz apart. */
const STRETCH = 2;

/**
 * The spectrum of a recording: stretches of two seconds under a Hann window, half over one another, averaged by power
 * (P. D. Welch, 1967). A shorter recording is one stretch.
 */
export function spectrum({ rate, samples }: Sound): Spectrum {
  const length = Math.min(samples.length, Math.round(STRETCH * rate));
  const size = powerOfTwo(length);
  const hann = Float64Array.from({ length }, (_, n) => 0.5 - 0.5 * Math.cos((2 * Math.PI * n) / length));
  const gain = hann.reduce((sum, one) => sum + one, 0);
  const power = new Float64Array(size / 2);
  let stretches = 0;
  for (let from = 0; from + length <= samples.length; from += Math.max(1, Math.floor(length / 2))) {
    const part = Float64Array.from(hann, (weight, n) => weight * (samples[from + n] as number));
    const { data } = transform(part, size);
    for (let n = 0; n < size / 2; n += 1)
      power[n] = (power[n] as number) + (data[2 * n] as number) ** 2 + (data[2 * n + 1] as number) ** 2;
    stretches += 1;
  }
  return {
    step: rate / size,
    amplitude: power.map((one) => (2 * Math.sqrt(one / Math.max(1, stretches))) / gain),
    window: "Hann",
    spread: (HANN_BINS * size) / length,
    seconds: samples.length / rate,
  };
}

/**
 * The sine near a frequency: its power is summed over the lines that the window spreads it over.
 * @param within Hz @returns amplitude, full scale 1, and where it is, Hz; 0 where no line stands over its neighbours there
 */
export function toneAt(of: Spectrum, hertz: number, within: number): { hertz: number; amplitude: number } {
  const { step, amplitude, spread } = of;
  const at = (n: number) => amplitude[n] ?? 0;
  const [from, to] = [Math.max(1, Math.floor((hertz - within) / step)), Math.ceil((hertz + within) / step)];
  let peak = from;
  for (let n = from; n <= to; n += 1) if (at(n) > at(peak)) peak = n;
  // The slope of a strong tone beside it is none of its own.
  if (at(peak) < at(peak - 1) || at(peak) < at(peak + 1)) return { hertz, amplitude: 0 };
  const reach = Math.ceil(spread * 1.4);
  let power = 0;
  for (let n = peak - reach; n <= peak + reach; n += 1) power += at(n) ** 2;
  return { hertz: peak * step, amplitude: Math.sqrt(power / spread) };
}
