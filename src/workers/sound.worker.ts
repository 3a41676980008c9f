import { expose } from "comlink";
import {
  humOf,
  readWav,
  responseOf,
  spectrum,
  SWEEP,
  sampleHum,
  sweepSamples,
  type SampleName,
  writeWav,
  type Hum,
  type ResponseRead,
} from "@/core/sound";
import { thin, type Point } from "@/core/response";

export type HumRead =
  { ok: true; hum: Hum; seconds: number; rate: number; spectrum: readonly Point[] } | { ok: false; message: string };

/** Highest frequency of a hum's picture, and the least that it shows. */
const SHOWN_HERTZ = 1000;
const SHOWN_DB = -110;

/** Sound is weighed away from the page: a transform of some seconds takes a moment. */
const api = {
  hum(bytes: ArrayBuffer, line: number): HumRead {
    const read = readWav(bytes);
    if (!read.ok) return read;
    const { sound } = read;
    if (sound.samples.length < sound.rate / 2)
      return { ok: false, message: "Less than half a second of sound: record two seconds or more." };
    const { amplitude, step } = spectrum(sound);
    const points = [...amplitude.subarray(1, Math.ceil(SHOWN_HERTZ / step))].map((value, n) => ({
      x: (n + 1) * step,
      y: Math.max(SHOWN_DB, 20 * Math.log10(value + 1e-9)),
    }));
    return {
      ok: true,
      hum: humOf(sound, line),
      seconds: sound.samples.length / sound.rate,
      rate: sound.rate,
      spectrum: thin(points, 800),
    };
  },
  /** The samples of the microphone, as a file would have them. */
  pack: (samples: Float64Array, rate: number): ArrayBuffer => writeWav({ samples, rate }),
  sample: (name: SampleName, line: number): ArrayBuffer => writeWav(sampleHum(name, line)),
  sweep: (): ArrayBuffer => writeWav({ samples: sweepSamples(SWEEP), rate: SWEEP.rate }),
  response(bytes: ArrayBuffer): ResponseRead {
    const read = readWav(bytes);
    return read.ok ? responseOf(read.sound, SWEEP) : read;
  },
};
export type SoundWorker = typeof api;
expose(api);
