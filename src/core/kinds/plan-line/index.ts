import { PLAN_ACTION_WORDS } from "../../components";
import { noRow, nothing, silent, unchanged, unjudged, type KindOf } from "../kind";
import type { PlanDecision } from "./payload";

export const withValue = ({ value }: Pick<PlanDecision, "value">) => (value ? ` with ${value.text}` : "");

/** What the technician decided for a line of the recap plan, against what the rules say. */
export const planLine: KindOf<"plan-line", PlanDecision, undefined> = {
  kind: "plan-line",
  fields: { designator: "part", action: "decision", value: "chosen value", why: "reason" },
  about: ({ designator: part }) => part,
  tied: [],
  judge: unjudged,
  describe: ({ designator: part, action, value, why }) => ({
    subject: `Plan, ${part}`,
    text: `${PLAN_ACTION_WORDS[action]}${withValue({ value })}: ${why}`,
  }),
  designators: ({ designator: part }) => [part],
  works: nothing,
  changes: unchanged,
  handsInside: false,
  afterHandBack: "refused",
  takes: nothing,
  lane: "none",
  inFile: "shown",
  csv: noRow,
  sections: nothing,
  open: nothing,
  evidence: silent,
};
