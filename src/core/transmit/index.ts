/** Transmitters and amplifiers: power, modulation, tanks and networks, high-voltage supplies, another tube. */
export {
  dissipation,
  efficiency,
  envelopeDepth,
  envelopePower,
  standingWave,
  trapezoidDepth,
  type PlatePower,
} from "./power";
export {
  CLASS_EFFICIENCY,
  CLASSES,
  CLASS_WORDS,
  coilTurns,
  HIGH_Q,
  loadOhms,
  piNetwork,
  spacing,
  type Coil,
  type PiNetwork,
  type StageClass,
} from "./tank";
export { parseLoads, writeLoads } from "./loads";
export { keyDown, type DummyLoad, type KeyDown } from "./key-down";
export { bleeder, equalising, noLoadVolts, type HvRectifier } from "./high-voltage";
export { otherTube, type ConversionLine, type Conversion } from "./other-tube";
