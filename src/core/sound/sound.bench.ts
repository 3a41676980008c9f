import { bench, describe } from "vitest";
import { humOf, responseOf, sampleHum, SWEEP, sweepSamples } from ".";

const played = sweepSamples(SWEEP);
const recording = new Float64Array(11 * SWEEP.rate);
recording.set(played, 0.5 * SWEEP.rate);
const hum = sampleHum("dry reservoir", 50);

describe("sound", () => {
  bench(
    "a sweep of 10 s at 48 kHz to its curve (aim: under 1 s)",
    () => void responseOf({ rate: SWEEP.rate, samples: recording }, SWEEP),
    {
      iterations: 3,
    },
  );
  bench("which hum, 3 s", () => void humOf(hum, 50));
});
