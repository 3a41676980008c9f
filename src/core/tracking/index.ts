/** Tracking: oscillator and signal circuit over a band, designed, and read from the dial's errors. */
export {
  designTracking,
  oscillatorFor,
  signalCircuit,
  signalFor,
  trackingPoints,
  type Band,
  type Design,
  type DesignTrouble,
} from "./design";
export {
  adviseMoves,
  circuitNow,
  DIAL_GOAL,
  DIAL_READING,
  dialWithCoil,
  FAR_OFF,
  fitDial,
  surelyOff,
  TRACKING_PART_WORDS,
  TRACKING_PARTS,
  trimmedFor,
  type Advice,
  type DialFit,
  type DialPoint,
  type Explanation,
  type Move,
  type PartChange,
  type TrackingPart,
} from "./fit";
export { drawnCircuit, USUAL_GANG, type Drawn } from "./from-band";
export {
  capacityAcross,
  gangAt,
  resonance,
  TRIMMER_PLACE_WORDS,
  TRIMMER_PLACES,
  tunes,
  type TrimmerPlace,
  type Tuned,
} from "./oscillator";
