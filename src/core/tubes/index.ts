/** Tubes: the table of types, heaters, bias, tests, and what may stand in for what. */
export { BASES, pinoutOf, pinouts, type Base, type Pin, type Pinout } from "./bases";
export { heaterOf, commonHeaterVolts, heatersOf, rectifierOf, rectifierTubes, type Heaters } from "./heaters";
export {
  nearestTypes,
  nominalGm,
  pointNear,
  rectifies,
  TUBE_KINDS,
  tubeType,
  tubeTypes,
  type Heater,
  type OperatingPoint,
  type TubeKind,
  type TubeType,
} from "./table";
export { BYPASS_RATING, cathodeBias, cathodeCurrent, LOW_HZ, screenResistor, WATT_MARGIN, type Bias } from "./bias";
export { electrodeWord, rewiring, type Rewiring } from "./rewire";
export {
  DROPPER_MARGIN,
  dropper,
  openHeater,
  parseHeater,
  settleString,
  STRING_TOLERANCE,
  strangers,
  tappedDropper,
  type Lamp,
  type Settling,
  type StringHeater,
} from "./string";
export {
  ANSWER_WORDS,
  ANSWERS,
  dropAt,
  judgeSubstitute,
  silicon,
  substitutes,
  type SubstituteVerdict,
  type CompareLine,
  type Feed,
  type Place,
  type Substitute,
} from "./substitute";
export {
  GAS,
  judgeTube,
  match,
  MATCH_WITHIN,
  nextTest,
  SHORTS,
  type Individual,
  type Match,
  type TubeTest,
} from "./test";
