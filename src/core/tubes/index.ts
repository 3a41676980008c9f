/** Tubes: the table of types, heaters, bias, tests, and what may stand in for what. */
export { BASES, pinoutOf, pinouts, type Base, type Pin, type Pinout } from "./bases";
export {
  heaterOf,
  commonHeaterVolts,
  heatersOf,
  heaterTolerance,
  isThoriated,
  rectifierOf,
  rectifierTubes,
  type Heaters,
} from "./heaters";
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
export { cathodeBias, cathodeCurrent, LOW_HZ, screenResistor, type Bias } from "./bias";
export { electrodeWord, rewiring, type Rewiring } from "./rewire";
export {
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
export { wrongHeater, type WrongHeater } from "./wrong-heater";
export {
  ANSWER_WORDS,
  ANSWERS,
  type CompareLine,
  type Feed,
  type Place,
  type Substitute,
  type SubstituteVerdict,
} from "./compared";
export { dropAt, hasVapour, silicon } from "./rectifiers";
export { judgeSubstitute, substitutes } from "./substitute";
export {
  GAS,
  judgeStored,
  type StoredTest,
  judgeTube,
  match,
  MATCH_WITHIN,
  nextTest,
  SHORTS,
  type Individual,
  type Match,
  type TubeTest,
} from "./test";
