import { STEP_NAMES } from "../model";
import {
  changeOf,
  describe,
  MOD_STATE_WORDS,
  modificationsOf,
  ofKind,
  standsIn,
  type Content,
  type Settled,
  type Wait,
} from "../kinds";
import { openPoints } from "../history";
import { runSheet, currentStep, type SheetStep, type VisitInput } from "./run-sheet";

const mine = (settled: readonly Settled[], visitId: string) => settled.filter((item) => item.entry.visitId === visitId);

const sentence = (content: Content): string => {
  const { subject, text } = describe(content);
  return `${subject} ${text.replace(/\.$/, "")}.`;
};

/** The work of a visit in sentences, for the hand-back and the printed record; a technician edits it before it counts. */
export function workSummary(settled: readonly Settled[], visitId: string): { done: string; left: string } {
  const work = mine(settled, visitId).flatMap(({ content }) =>
    content && standsIn("parts", content) ? [content] : [],
  );
  const changed = modificationsOf(settled).filter(
    (one) => one.visitId === visitId && ["fitted", "kept", "undone"].includes(one.state),
  );
  return {
    done: [
      ...work.filter(changeOf).map(sentence),
      ...changed.map(({ payload, state }) => `${payload.name} ${MOD_STATE_WORDS[state]}.`),
    ].join(" "),
    left: work
      .filter((content) => !changeOf(content))
      .map(sentence)
      .join(" "),
  };
}

export type BoardState = {
  step: string;
  sheet: SheetStep[];
  waits: { for: Wait; text: string }[];
  complaint?: string;
  open: number;
};

/** Where a set in the shop stands: its step, what it waits for, and what is open. */
export function boardState(input: VisitInput): BoardState {
  const sheet = runSheet(input);
  const open = openPoints(input.settled, input.now);
  const complaint = ofKind(mine(input.settled, input.visitId), "take-in").at(-1)?.content.payload.complaint;
  return {
    step: STEP_NAMES[currentStep(sheet)],
    sheet,
    waits: open.flatMap((point) => (point.waits ? [{ for: point.waits, text: point.text }] : [])),
    ...(complaint ? { complaint } : {}),
    open: open.filter((point) => point.blocks && !point.waits).length,
  };
}
