/** Instruments: how they are spoken to, what they answer, when a reading stands still, and stand-ins for them. */
export { readAnswer, type Answer, type AnswerTrouble } from "./answer";
export {
  addressIn,
  addressText,
  BAUDS,
  isSerial,
  linkSchema,
  SCPI_PORT,
  serialIn,
  serialSchema,
  socketOf,
  socketSchema,
  type Link,
  type SerialLink,
  type SocketLink,
} from "./link";
export {
  INSTRUMENT_KINDS,
  INSTRUMENT_WORDS,
  KIND_PROFILES,
  PROFILES,
  profileSchema,
  READ_NAMES,
  READS,
  SET_NAMES,
  SETS,
  setLine,
  type InstrumentKind,
  type Profile,
  type Reads,
  type Sets,
} from "./profile";
export { answering, switchedOn, type Command, type Device, type Done, type Powered } from "./scpi/device";
export { ERRORS, errorText } from "./scpi/errors";
export { LONGEST_MESSAGE, readMessage } from "./scpi/message";
export { blockText, NOT_A_NUMBER, numberIn, numberText, onOff, OVERLOAD } from "./scpi/values";
export { steadyOf, USUAL_STEADY, type Criterion, type Timed } from "./steady";
export {
  atAntenna,
  atAudio,
  audioOf,
  SILENT,
  TABLE_SUPERHET,
  type Desk,
  type Drive,
  type JoinedTo,
  type Receiver,
} from "./standin/desk";
export {
  standInCounter,
  standInGenerator,
  standInOscilloscope,
  standInPowerMeter,
  standInSupply,
} from "./standin/desk-devices";
export { measureTrace, waveformCsv, waveformFromCsv, waveformOf, type TraceFigures, type Waveform } from "./waveform";
export { INPUT_OHMS, standInMeter, type MeterState } from "./standin/meter";
export { OPEN_LEADS, setWorld, type Bench, type World } from "./standin/world";
export {
  COLD_STAGES,
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
