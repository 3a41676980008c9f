/** What a set is built of. What each kind is called, and where its device sits, is in core/diagnosis. */
export const STAGE_KINDS = [
  "mains",
  "battery",
  "rectifier",
  "reservoir",
  "high-voltage",
  "heaters",
  "bias",
  "regulator",
  "rails",
  "antenna",
  "rf",
  "mixer",
  "oscillator",
  "if",
  "detector",
  "agc",
  "af",
  "phase",
  "output",
  "speaker",
  "indicator",
  "bfo",
  "limiter",
  "s-meter",
  "vfo",
  "buffer",
  "driver",
  "pa",
  "tank",
  "changeover",
  "keying",
  "speech",
  "modulator",
  "balanced",
  "filter",
  "alc",
  "input",
  "amplifier",
  "metering",
  "fan",
  "vibrator",
  "dynamotor",
  "inverter",
  "fm-front",
  "fm-limiter",
  "fm-detector",
  "stereo",
  "selector",
] as const;
export type StageKind = (typeof STAGE_KINDS)[number];

/** What does the work in a stage. */
export const DEVICES = ["tube", "solid", "none"] as const;
export type Device = (typeof DEVICES)[number];

/** Most stages that a circuit has: more is not readable as a strip, and no set here comes near. */
export const MOST_STAGES = 60;

/** The ways that a signal goes: AM or whatever is received, FM where it has a way of its own, the carrier, what is laid on it. */
export const PATHS = ["receive", "fm", "transmit", "modulation"] as const;
export type PathKey = (typeof PATHS)[number];

export const FEEDS = ["supply", "control"] as const;
