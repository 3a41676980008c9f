import { line as aligned } from "./aligned/line";
import { line as approval } from "./approval/line";
import { line as check } from "./check/line";
import { line as collected } from "./collected/line";
import { line as componentTest } from "./component-test/line";
import { line as confirmed } from "./confirmed/line";
import { line as estimate } from "./estimate/line";
import { line as faultTest } from "./fault-test/line";
import { line as finding } from "./finding/line";
import { line as handBack } from "./hand-back/line";
import { line as holds } from "./holds/line";
import { line as labour } from "./labour/line";
import { line as loan } from "./loan/line";
import { line as measuredRow } from "./measured-row/line";
import { line as modification } from "./modification/line";
import { line as note } from "./note/line";
import { line as partWork } from "./part-work/line";
import { line as placeWork } from "./place-work/line";
import { line as planLine } from "./plan-line/line";
import { line as powerStep } from "./power-step/line";
import { line as promised } from "./promised/line";
import { line as reading } from "./reading/line";
import { line as sentBack } from "./sent-back/line";
import { line as setup } from "./setup/line";
import { line as soak } from "./soak/line";
import { line as step } from "./step/line";
import { line as symptom } from "./symptom/line";
import { line as takeIn } from "./take-in/line";
import { line as testResult } from "./test-result/line";
import { line as tick } from "./tick/line";
import { line as told } from "./told/line";
import { line as tubeTest } from "./tube-test/line";
import { line as unknown } from "./unknown/line";
import { line as warranty } from "./warranty/line";

/** The line of every kind, in the order in which their words are tried. The names are those of `KINDS`. */
export const LINES = {
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
