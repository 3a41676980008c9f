import FFT from "fft.js";

/** The next power of two. */
export const powerOfTwo = (count: number): number => 2 ** Math.ceil(Math.log2(Math.max(2, count)));

/** The transform of real samples, padded with zeros to a power of two: real and imaginary parts, one after the other. */
export function transform(samples: Float64Array, size: number): { fft: FFT; data: number[] } {
  const fft = new FFT(size);
  const padded = new Float64Array(size);
  padded.set(samples.length > size ? samples.subarray(0, size) : samples);
  const data = fft.createComplexArray() as number[];
  fft.realTransform(data, padded as unknown as number[]);
  fft.completeSpectrum(data);
  return { fft, data };
}
