import { ROUND_ENDS, turnsText, type GroupState, type Warning } from "@/core/alignment";
import { AIM_WORDS, type AlignmentRow } from "@/core/model";
import { printChange } from "@/core/levels";
import { format } from "@/core/quantity";

/** Why to stop and look, in words, with what to do. */
export function warningText(warning: Warning): string {
  switch (warning.kind) {
    case "moved-far":
      return `${warning.adjust} was moved ${turnsText(warning.eighths)} in all: more than a turn. A core that far off has a cause: look for a part that changed, or for the wrong core.`;
    case "pull":
      return `${warning.adjust[0]} and ${warning.adjust[1]} undo each other round after round. Damp one winding with a resistor while the other is peaked, or use a sweep.`;
    case "regeneration":
      return `${warning.adjust}: the output is largest at ${format(warning.loudest, "frequency", 5)}, off ${format(warning.hertz, "frequency", 5)}. That is feedback: look at screen and AVC bypasses and at lead dress before you peak further.`;
    case "end-of-travel":
      return `${warning.adjust} stands at the end of its travel: a part of that circuit has changed. ${
        warning.end === undefined
          ? "Measure the fixed capacitor across it."
          : "The tab Dial says which one: coil, trimmer or padder."
      }`;
    case "worse":
      return `${warning.adjust}: the output went the wrong way (${printChange(warning.change, "dB")}). Put it back as it was, and look whether it is the right core.`;
  }
}

/** What a group says of its rounds. */
export function stateText({ state, rounds, last }: GroupState): string {
  const round = `round ${rounds.length}`;
  const change = last?.change === undefined ? "" : `, ${printChange(last.change, "dB")} at most`;
  switch (state) {
    case "untouched":
      return "not begun";
    case "running":
      return `${round} is running`;
    case "again":
      return last?.dialMoved
        ? `${round} moved the dial: another round is worth it`
        : `${round}${change}: another round is worth it`;
    case "skipped":
      return "skipped";
    case "done":
      return last?.change !== undefined && last.change < ROUND_ENDS
        ? `done: ${round} changed less than ${ROUND_ENDS} dB`
        : "done: another round would change nothing";
  }
}

/** A step in one sentence: what to turn, and for what. */
export const stepText = ({ adjust, aim, figure }: AlignmentRow): string =>
  aim === "figure" ? `${adjust} to ${figure ?? AIM_WORDS.figure}` : `${adjust} for ${AIM_WORDS[aim]}`;
