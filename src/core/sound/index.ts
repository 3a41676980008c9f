/** Sound: WAV files, a sweep and what came back of it, spectra, and which hum it is. */
export { readWav, writeWav, type Sound, type WavRead } from "./wav";
export { sweepSamples, SWEEP, type Sweep } from "./sweep";
export { responseOf, type Response, type ResponseRead } from "./deconvolve";
export { SAMPLE_NAMES, sampleHum, type SampleName } from "./samples";
export { spectrum, toneAt, type Spectrum } from "./spectrum";
export { humOf, HUM_KINDS, HUM_WORDS, type Hum, type HumKind } from "./hum";
