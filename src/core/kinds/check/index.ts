import { format } from "../../quantity";
import { noRow, nothing, silent, unchanged, unjudged, type KindOf } from "../kind";
import type { OpenPoint } from "../open";
import { waitingPoints } from "../waiting";
import type { Check } from "./payload";

const STATE_WORDS = { done: "done", na: "does not apply", trouble: "wrong" } as const;

/** A line of the list before hands go in, or of the last look before the set goes out. */
export const check: KindOf<"check", Check, undefined> = {
  kind: "check",
  fields: {
    list: "list",
    key: "line",
    text: "line as it stood",
    state: "state",
    measured: "measured",
    remark: "remark",
    waits: "waits for a confirmation",
  },
  about: ({ list, key }) => `${list} ${key}`,
  tied: ["text"],
  judge: unjudged,
  describe: ({ list, text, state, measured, remark }) => ({
    subject: list === "make-safe" ? "Make safe" : "Before it goes out",
    text:
      text +
      (measured ? `: ${format(measured.value, "voltage")} by the meter` : "") +
      (state === "done" ? "" : `: ${STATE_WORDS[state]}`) +
      (remark ? ` (${remark})` : ""),
    verdict: state === "trouble" ? "bad" : "good",
  }),
  designators: nothing,
  works: nothing,
  changes: unchanged,
  handsInside: true,
  afterHandBack: "refused",
  takes: nothing,
  lane: "none",
  inFile: "left-out",
  csv: noRow,
  sections: nothing,
  // The last word on every line of a visit counts.
  open: (mine, log) => {
    const last = new Map(
      mine.map((item) => {
        const { list, key } = item.content.payload;
        return [`${item.entry.visitId} ${list} ${key}`, item];
      }),
    );
    const latest = [...last.values()];
    return [
      ...latest.flatMap(({ entry, content: { payload: one } }): OpenPoint[] =>
        one.state === "trouble"
          ? [{ id: entry.id, visitId: entry.visitId, kind: "check", text: one.remark ?? one.text, blocks: true }]
          : [],
      ),
      ...waitingPoints(latest, log, ({ content }) => (content.payload as Check).text),
    ];
  },
  evidence: silent,
};
