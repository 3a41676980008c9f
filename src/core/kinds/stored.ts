import { stored as aligned } from "./aligned/payload";
import { stored as approval } from "./approval/payload";
import { stored as check } from "./check/payload";
import { stored as collected } from "./collected/payload";
import { stored as componentTest } from "./component-test/payload";
import { stored as confirmed } from "./confirmed/payload";
import { stored as estimate } from "./estimate/payload";
import { stored as faultTest } from "./fault-test/payload";
import { stored as finding } from "./finding/payload";
import { stored as handBack } from "./hand-back/payload";
import { stored as holds } from "./holds/payload";
import { stored as labour } from "./labour/payload";
import { stored as loan } from "./loan/payload";
import { stored as measuredRow } from "./measured-row/payload";
import { stored as modification } from "./modification/payload";
import { stored as note } from "./note/payload";
import { stored as partWork } from "./part-work/payload";
import { stored as placeWork } from "./place-work/payload";
import { stored as planLine } from "./plan-line/payload";
import { stored as powerStep } from "./power-step/payload";
import { stored as promised } from "./promised/payload";
import { stored as reading } from "./reading/payload";
import { stored as sentBack } from "./sent-back/payload";
import { stored as setup } from "./setup/payload";
import { stored as soak } from "./soak/payload";
import { stored as step } from "./step/payload";
import { stored as symptom } from "./symptom/payload";
import { stored as takeIn } from "./take-in/payload";
import { stored as testResult } from "./test-result/payload";
import { stored as tick } from "./tick/payload";
import { stored as told } from "./told/payload";
import { stored as tubeTest } from "./tube-test/payload";
import { stored as unknown } from "./unknown/payload";
import { stored as warranty } from "./warranty/payload";

/** How every kind is stored: its version, its schema, and what lifts older payloads. The names are those of `KINDS`. */
export const STORED = {
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
