/** Instruments: how they are spoken to, what they answer, when a reading stands still, and stand-ins for them. */
export { readAnswer, type Answer, type AnswerTrouble } from "./answer";
export { addressIn, addressText, linkSchema, SCPI_PORT, type Link } from "./link";
export { PROFILES, profileSchema, READ_NAMES, READS, type Profile, type Reads } from "./profile";
export { answering, switchedOn, type Command, type Device, type Done, type Powered } from "./scpi/device";
export { ERRORS, errorText } from "./scpi/errors";
export { LONGEST_MESSAGE, readMessage } from "./scpi/message";
export { blockText, NOT_A_NUMBER, numberIn, numberText, onOff, OVERLOAD } from "./scpi/values";
export { steadyOf, USUAL_STEADY, type Criterion, type Timed } from "./steady";
export { INPUT_OHMS, standInMeter, type MeterState } from "./standin/meter";
export { OPEN_LEADS, setWorld, type Bench, type World } from "./standin/world";
export {
  HANDS_AWAY,
  STAGE_WORDS,
  STAGES,
  walkOf,
  walkOn,
  type Stage,
  type Walk,
  type WalkDone,
  type WalkEvent,
  type WalkPoint,
} from "./walk";
