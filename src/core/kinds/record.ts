import { aligned } from "./aligned";
import { approval } from "./approval";
import { check } from "./check";
import { collected } from "./collected";
import { componentTest } from "./component-test";
import { confirmed } from "./confirmed";
import { estimate } from "./estimate";
import { faultTest } from "./fault-test";
import { finding } from "./finding";
import { handBack } from "./hand-back";
import { holds } from "./holds";
import { labour } from "./labour";
import { loan } from "./loan";
import { measuredRow } from "./measured-row";
import { modification } from "./modification";
import { note } from "./note";
import { partWork } from "./part-work";
import { placeWork } from "./place-work";
import { planLine } from "./plan-line";
import { powerStep } from "./power-step";
import { promised } from "./promised";
import { reading } from "./reading";
import { sentBack } from "./sent-back";
import { setup } from "./setup";
import { soak } from "./soak";
import { step } from "./step";
import { symptom } from "./symptom";
import { takeIn } from "./take-in";
import { testResult } from "./test-result";
import { tick } from "./tick";
import { told } from "./told";
import { tubeTest } from "./tube-test";
import { unknown } from "./unknown";
import { warranty } from "./warranty";

/**
 * Every kind of entry, by its name. Open points come in this order.
 * To add a kind: one folder beside these, and a line here, in `STORED` and in `LINES`.
 */
export const KINDS = {
  "take-in": takeIn,
  note,
  check,
  "power-step": powerStep,
  symptom,
  reading,
  "test-result": testResult,
  "measured-row": measuredRow,
  aligned,
  "component-test": componentTest,
  "tube-test": tubeTest,
  "fault-test": faultTest,
  finding,
  loan,
  modification,
  tick,
  soak,
  "plan-line": planLine,
  "part-work": partWork,
  "place-work": placeWork,
  "sent-back": sentBack,
  step,
  holds,
  confirmed,
  setup,
  labour,
  estimate,
  approval,
  promised,
  warranty,
  "hand-back": handBack,
  told,
  collected,
  unknown,
} as const;
