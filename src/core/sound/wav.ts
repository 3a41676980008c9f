/** Sound as samples between −1 and 1, one channel. */
export type Sound = { rate: number; samples: Float64Array };

export type WavRead = { ok: true; sound: Sound; channels: number; bits: number } | { ok: false; message: string };

const refuse = (message: string): WavRead => ({ ok: false, message });
const word = (view: DataView, at: number) =>
  String.fromCharCode(...[0, 1, 2, 3].map((n) => (at + n < view.byteLength ? view.getUint8(at + n) : 0)));

const PCM = 1;
const FLOAT = 3;
const EXTENSIBLE = 0xfffe;
/** Longest recording that is read, seconds. @example ten minutes at 48 kHz are 58 MB */
export const LONGEST_SECONDS = 600;

/** One sample as −1 … 1. 8 bits are unsigned, all others signed (RIFF, little-endian). */
const SAMPLE: Record<string, (view: DataView, at: number) => number> = {
  "1 8": (view, at) => (view.getUint8(at) - 128) / 128,
  "1 16": (view, at) => view.getInt16(at, true) / 32_768,
  "1 24": (view, at) =>
    ((view.getUint8(at) | (view.getUint8(at + 1) << 8) | (view.getInt8(at + 2) << 16)) << 0) / 8_388_608,
  "1 32": (view, at) => view.getInt32(at, true) / 2_147_483_648,
  "3 32": (view, at) => view.getFloat32(at, true),
  "3 64": (view, at) => view.getFloat64(at, true),
};

/**
 * Reads a WAV file (RIFF, uncompressed): 8, 16, 24 and 32 bits, or floating point; of several channels the louder one,
 * because a cable with one side open is usual.
 * @returns a sentence for whatever is none, is compressed, is empty, or is too long
 */
export function readWav(bytes: ArrayBuffer): WavRead {
  const view = new DataView(bytes);
  if (view.byteLength < 44 || word(view, 0) !== "RIFF" || word(view, 8) !== "WAVE")
    return refuse("This is no WAV file. Save the recording as WAV, uncompressed (PCM).");
  let format: { code: number; channels: number; rate: number; bits: number; block: number } | undefined;
  for (let at = 12; at + 8 <= view.byteLength;) {
    const [name, size] = [word(view, at), view.getUint32(at + 4, true)];
    const body = at + 8;
    if (name === "fmt " && size >= 16 && body + 16 <= view.byteLength) {
      const code = view.getUint16(body, true);
      format = {
        // An extensible header has the real code at the head of its identifier.
        code:
          code === EXTENSIBLE && size >= 26 && body + 26 <= view.byteLength ? view.getUint16(body + 24, true) : code,
        channels: view.getUint16(body + 2, true),
        rate: view.getUint32(body + 4, true),
        block: view.getUint16(body + 12, true),
        bits: view.getUint16(body + 14, true),
      };
    }
    if (name === "data") {
      if (!format) return refuse("This WAV file does not say how its samples are written.");
      return samplesOf(view, body, Math.min(size, view.byteLength - body), format);
    }
    at = body + size + (size % 2);
  }
  return refuse("There is no sound in this WAV file.");
}

type Format = { code: number; channels: number; rate: number; bits: number; block: number };

function samplesOf(view: DataView, from: number, size: number, { code, channels, rate, bits, block }: Format): WavRead {
  if (code !== PCM && code !== FLOAT)
    return refuse("This WAV file is compressed. Save the recording as WAV, uncompressed (PCM).");
  const read = SAMPLE[`${code} ${bits}`];
  if (!read) return refuse(`Samples of ${bits} bits cannot be read here: 8, 16, 24 or 32 can.`);
  const width = bits / 8;
  if (channels < 1 || channels > 32 || block !== width * channels || rate < 1000 || rate > 400_000)
    return refuse("The head of this WAV file contradicts itself: it was damaged, or cut.");
  const count = Math.floor(size / block);
  if (count < 1) return refuse("There is no sound in this WAV file: it has a head and no samples.");
  if (count > LONGEST_SECONDS * rate)
    return refuse(`This recording is longer than ${LONGEST_SECONDS / 60} minutes: cut out the part that matters.`);
  let best: Float64Array | undefined;
  let loudest = -1;
  for (let channel = 0; channel < channels; channel += 1) {
    const samples = new Float64Array(count);
    let power = 0;
    for (let n = 0; n < count; n += 1) {
      const value = read(view, from + n * block + channel * width);
      samples[n] = Number.isFinite(value) ? value : 0;
      power += (samples[n] as number) ** 2;
    }
    if (power > loudest) [best, loudest] = [samples, power];
  }
  if (!best || loudest === 0)
    return refuse("This recording is silent: every sample is zero. Is the right input chosen?");
  return { ok: true, sound: { rate, samples: best }, channels, bits };
}

/** Writes sound as a WAV file, one channel of 16 bits. @param sound samples beyond −1 … 1 are cut off */
export function writeWav({ rate, samples }: Sound): ArrayBuffer {
  const bytes = new ArrayBuffer(44 + samples.length * 2);
  const view = new DataView(bytes);
  const write = (at: number, text: string) => [...text].forEach((one, n) => view.setUint8(at + n, one.charCodeAt(0)));
  write(0, "RIFF");
  view.setUint32(4, bytes.byteLength - 8, true);
  write(8, "WAVEfmt ");
  view.setUint32(16, 16, true);
  view.setUint16(20, PCM, true);
  view.setUint16(22, 1, true);
  view.setUint32(24, rate, true);
  view.setUint32(28, rate * 2, true);
  view.setUint16(32, 2, true);
  view.setUint16(34, 16, true);
  write(36, "data");
  view.setUint32(40, samples.length * 2, true);
  samples.forEach((value, n) => view.setInt16(44 + n * 2, Math.round(Math.max(-1, Math.min(1, value)) * 32_767), true));
  return bytes;
}
