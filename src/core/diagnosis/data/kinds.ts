import type { StageKind } from "../../model";

export type KindFacts = {
  name: string;
  /** where it stands on the strip when it is not in a signal path */
  lane: "signal" | "supply" | "control";
  /** words by which a drawing, a parts list or a technician names it */
  words: RegExp;
  /** what it does for its owner, where that is not passing the signal: its own test asks whether it still does it */
  does?: string;
};

/** What each kind of stage is called and does. Terms of the trade. */
export const KINDS: Record<StageKind, KindFacts> = {
  mains: { name: "Mains input", lane: "supply", words: /mains|line input|primary/ },
  battery: { name: "Batteries", lane: "supply", words: /batter|cells?\b/ },
  rectifier: { name: "Rectifier", lane: "supply", words: /rectif/ },
  reservoir: { name: "Reservoir and smoothing", lane: "supply", words: /reservoir|smooth|^b\+|power|supply|choke/ },
  "high-voltage": { name: "High voltage", lane: "supply", words: /high.?volt|^hv\b|^eht/ },
  heaters: { name: "Heaters", lane: "supply", words: /heater|filament|string/ },
  bias: { name: "Bias supply", lane: "supply", words: /bias/ },
  regulator: { name: "Regulator", lane: "supply", words: /regul|stabili/ },
  rails: { name: "Low-voltage rails", lane: "supply", words: /rails?\b|12 ?v\b|low.?volt/ },
  antenna: { name: "Antenna coils", lane: "signal", words: /antenna|aerial|input coil/ },
  rf: { name: "RF stage", lane: "signal", words: /\br\.?f\b|preselect/ },
  mixer: { name: "Mixer", lane: "signal", words: /mixer|convert|frequency chang/ },
  "fm-front": {
    name: "FM front end",
    lane: "signal",
    words: /\bfm\b.*(front|r\.?f|mixer|osc|tuner|convert)|(front end|tuner).*\bfm\b/,
  },
  "fm-limiter": { name: "FM limiter", lane: "signal", words: /\bfm\b.*limiter|\bif\b.*limiter|limiter.*\bfm\b/ },
  "fm-detector": { name: "FM detector", lane: "signal", words: /ratio|discriminat|\bfm\b.*detect|detect.*\bfm\b/ },
  stereo: {
    name: "Stereo decoder",
    lane: "control",
    words: /stereo|decoder|multiplex/,
    does: "lights its lamp on a stereo station and keeps left and right apart",
  },
  selector: { name: "Input selector", lane: "signal", words: /selector|input switch/ },
  vibrator: { name: "Vibrator supply", lane: "supply", words: /vibrat/ },
  dynamotor: { name: "Dynamotor", lane: "supply", words: /dynamotor|genemotor|rotary/ },
  inverter: { name: "DC-DC converter", lane: "supply", words: /dc.?dc|inverter|chopper|switching (transistor|supply)/ },
  oscillator: { name: "Oscillator", lane: "control", words: /oscillat|\bosc\b|\blo\b|crystal osc/ },
  if: { name: "IF stage", lane: "signal", words: /\bi\.?f\.?\b|intermediate/ },
  detector: { name: "Detector", lane: "signal", words: /detect|\bdet\b|demod/ },
  agc: { name: "AGC", lane: "control", words: /\ba[gv]c\b/, does: "holds the level when the signal grows" },
  af: { name: "First audio", lane: "signal", words: /\ba\.?f\b|audio|volume|preamp/ },
  phase: { name: "Phase splitter", lane: "signal", words: /phase|splitter|invert/ },
  output: { name: "Output stage", lane: "signal", words: /output|power stage|\bout\b/ },
  speaker: { name: "Loudspeaker", lane: "signal", words: /speaker|headphone|phones|\bls\b/ },
  indicator: {
    name: "Tuning indicator",
    lane: "control",
    words: /indicat|eye|magic|tuning.?meter/,
    does: "closes on a strong station",
  },
  bfo: { name: "BFO", lane: "control", words: /\bbfo\b|beat/, does: "gives a note on a carrier" },
  limiter: {
    name: "Noise limiter",
    lane: "control",
    words: /limiter|\bnl\b|\banl\b|blank/,
    does: "takes the top off pulses",
  },
  "s-meter": {
    name: "S-meter",
    lane: "control",
    words: /s.?meter|(signal|tuning).?(strength )?meter/,
    does: "follows the signal and returns to zero",
  },
  vfo: { name: "VFO", lane: "signal", words: /\bvfo\b|master/ },
  buffer: { name: "Buffer", lane: "signal", words: /buffer|doubler|multipl/ },
  driver: { name: "Driver", lane: "signal", words: /driv/ },
  pa: { name: "Power amplifier", lane: "signal", words: /\bp\.?a\.?\b|final|power amp/ },
  tank: { name: "Output network", lane: "signal", words: /tank|pi.?network|output network|load(ing)? coil/ },
  changeover: { name: "Antenna changeover", lane: "signal", words: /changeover|relay|t\/?r\b/ },
  keying: { name: "Keying", lane: "control", words: /key/, does: "switches the carrier cleanly" },
  speech: { name: "Speech amplifier", lane: "control", words: /speech|mic/ },
  modulator: { name: "Modulator", lane: "control", words: /modulat/ },
  balanced: { name: "Balanced modulator", lane: "signal", words: /balanced|carrier/ },
  filter: { name: "Sideband filter", lane: "signal", words: /filter|sideband|ssb/ },
  alc: { name: "ALC", lane: "control", words: /\balc\b/, does: "holds the drive back at full output" },
  input: { name: "Input network", lane: "signal", words: /input/ },
  amplifier: { name: "Tubes and suppressors", lane: "signal", words: /tubes?\b|suppress|amplif|bank/ },
  metering: { name: "Metering", lane: "control", words: /meter(ing)?\b/, does: "reads plate and grid current" },
  fan: { name: "Fan", lane: "control", words: /\bfan\b|blower|cool/, does: "turns and moves air" },
};
